<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use App\Http\Requests\RevisionRequest;
use App\View\Rig\DrawView;
use Nailrod\Core\Rig\Wiring\CountedDevice;

/** A device that is drawn by counting its controls. */
final class DrawRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'kind' => ['required', 'in:'.implode(',', array_keys(CountedDevice::USUAL))],
            'counted' => ['nullable', 'string'],
            'counts' => ['required', 'array'],
            'counts.*' => ['nullable', 'integer', 'between:0,'.CountedDevice::MOST],
            'open' => ['nullable', 'string'],
        ];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }

    public function kind(): string
    {
        return $this->string('kind')->toString();
    }

    /** @return array<string, int> */
    public function counts(): array
    {
        return DrawView::counted($this->kind(), $this->string('counted')->toString(), $this->array('counts'));
    }

    public function attributes(): array
    {
        return ['counts' => 'How many', 'counts.*' => 'How many', 'kind' => 'Kind'] + parent::attributes();
    }
}
