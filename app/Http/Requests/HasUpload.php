<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

/** A request that brings one file, in the field `file`. */
trait HasUpload
{
    /** The name of the file as its owner knows it. */
    public function fileName(): string
    {
        return mb_strimwidth($this->upload()->getClientOriginalName(), 0, 60, '...');
    }

    private function upload(): UploadedFile
    {
        $file = $this->file('file');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
