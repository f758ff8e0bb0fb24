<?php

declare(strict_types=1);

namespace App\Http\Requests\Keep;

use App\Http\Requests\HasUpload;
use Illuminate\Foundation\Http\FormRequest;

/** A ready thing that was given as a file. */
final class ShelfFileRequest extends FormRequest
{
    use HasUpload;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:2000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.max' => 'The file is larger than 2 MB, which no ready thing is.',
            'file.required' => 'Choose a file first: a ready thing that was saved from a shelf.',
            'file.uploaded' => 'The file did not arrive whole. Choose it again.',
        ];
    }

    public function content(): string
    {
        return (string) $this->upload()->get();
    }
}
