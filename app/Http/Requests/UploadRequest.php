<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class UploadRequest extends RevisionRequest
{
    use HasUpload;

    protected function fields(): array
    {
        return ['file' => ['required', 'file', 'max:2000']];
    }

    public function messages(): array
    {
        return [
            'file.max' => 'The file is larger than 2 MB, which no set is. Choose a set file (ID.set.json).',
            'file.required' => 'Choose a set file first (ID.set.json).',
        ] + parent::messages();
    }

    public function content(): string
    {
        return (string) $this->upload()->get();
    }
}
