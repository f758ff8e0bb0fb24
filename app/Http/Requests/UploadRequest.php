<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

final class UploadRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return ['file' => ['required', 'file', 'max:2000']];
    }

    public function messages(): array
    {
        return ['file.max' => 'The file is larger than 2 MB, which no set is. Choose a set file (ID.set.json).', 'file.required' => 'Choose a set file first (ID.set.json).'] + parent::messages();
    }

    public function fileName(): string
    {
        return mb_strimwidth($this->upload()->getClientOriginalName(), 0, 60, '...');
    }

    public function content(): string
    {
        return (string) $this->upload()->get();
    }

    private function upload(): UploadedFile
    {
        $file = $this->file('file');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
