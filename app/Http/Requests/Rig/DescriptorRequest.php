<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use App\Http\Requests\HasUpload;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Rig\Wiring\DeviceReader;

/** A device that its owner brings as a file with its report descriptor. */
final class DescriptorRequest extends RevisionRequest
{
    use HasUpload;

    protected function fields(): array
    {
        return [
            'file' => ['required', 'file', 'max:1000'],
            'name' => ['nullable', 'string', 'max:60'],
            'kind' => ['required', 'in:'.implode(',', DeviceReader::KINDS)],
        ];
    }

    public function messages(): array
    {
        return [
            'file.max' => 'The file is larger than 1 MB, which no device is.',
            'file.required' => 'Choose a file first: a device of Nailrod, or a report descriptor.',
        ] + parent::messages();
    }

    public function content(): string
    {
        return (string) $this->upload()->get();
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }

    public function kind(): string
    {
        return $this->string('kind')->toString();
    }
}
