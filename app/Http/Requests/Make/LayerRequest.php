<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Mapping\Layer;

final class LayerRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'name' => ['required', 'string', 'max:30'],
            'holder' => ['nullable', 'string'],
            'layer' => ['nullable', 'string'],
        ];
    }

    public function layer(): string
    {
        return $this->string('layer')->toString();
    }

    /** @return array<string, mixed> fields of the layer in the open format; the base layer is never left for good */
    public function said(): array
    {
        return array_diff_key(
            (new Answers($this->all()))->all(Layer::fields()),
            $this->layer() === Layer::BASE ? ['lets_go' => 0] : [],
        );
    }
}
