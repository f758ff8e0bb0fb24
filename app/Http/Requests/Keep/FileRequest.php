<?php

declare(strict_types=1);

namespace App\Http\Requests\Keep;

use App\Http\Requests\HasUpload;
use Illuminate\Foundation\Http\FormRequest;

/** A file that is brought, to be looked at. */
final class FileRequest extends FormRequest
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
            'file.max' => 'The file is larger than 2 MB, which no set, no catalogue and no panel is.',
            'file.required' => 'Choose a file first: a set, a catalogue, a table of actions, or pages of a panel.',
            'file.uploaded' => 'The file did not arrive whole. Choose it again.',
        ];
    }

    public function content(): string
    {
        return (string) $this->upload()->get();
    }
}
