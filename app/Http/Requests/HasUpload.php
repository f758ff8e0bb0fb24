<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;
use Nailrod\Core\Format\Signs;

/** A request that brings one file, in the field `file`. */
trait HasUpload
{
    /** The name of the file as its owner knows it. */
    public function fileName(): string
    {
        $name = Signs::asName($this->upload()->getClientOriginalName(), 60);

        return $name === '' ? 'The file' : $name;
    }

    private function upload(): UploadedFile
    {
        $file = $this->file('file');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
