<?php

declare(strict_types=1);

namespace App\Http\Requests\Keep;

use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Set\Section\Sizes;

/** How far two controls of a device are from each other, as its owner has measured it. */
final class SizeRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'device' => ['required', 'string', 'max:60'],
            'control' => ['nullable', 'string', 'max:60'],
            'other' => ['nullable', 'string', 'max:60'],
            'mm' => ['nullable', 'required_with:control', 'numeric', 'between:'.Sizes::LEAST.','.Sizes::MOST],
        ];
    }

    public function device(): string
    {
        return $this->string('device')->toString();
    }

    public function control(): string
    {
        return $this->string('control')->toString();
    }

    public function other(): string
    {
        return $this->string('other')->toString();
    }

    /** @return ?float in mm; null for as it is drawn */
    public function apart(): ?float
    {
        return $this->filled('mm') ? $this->float('mm') : null;
    }

    public function messages(): array
    {
        return [
            'required_with' => ':attribute: found nothing, expected how far they are apart in mm.',
        ] + parent::messages();
    }

    public function attributes(): array
    {
        return ['mm' => 'Apart', 'control' => 'From', 'other' => 'To', 'device' => 'Device'] + parent::attributes();
    }
}
