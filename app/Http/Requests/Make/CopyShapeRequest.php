<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\PartPath;

/** Which parts of an axis go to which axes of which set. */
final class CopyShapeRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'axis' => ['required', 'string'],
            'parts' => ['required', 'array'], 'parts.*' => ['string', 'in:'.implode(',', AxisParts::shaping())],
            'to' => ['required', 'array'], 'to.*' => ['string'],
            'target' => ['required', 'string'],
        ];
    }

    public function target(): string
    {
        return $this->string('target')->toString();
    }

    /** @return list<string> */
    public function axes(): array
    {
        return array_values(array_map(fn (mixed $ref) => is_string($ref) ? $ref : '', $this->array('to')));
    }

    /**
     * @return array<string, ?array<string, mixed>> what the set says of the chosen parts, its parents too; null where
     *    nobody says anything
     */
    public function partsIn(MergedDocument $merged): array
    {
        $parts = [];
        foreach ($this->array('parts') as $part) {
            if (is_string($part)) {
                $value = $merged->value(PartPath::axis($this->string('axis')->toString(), $part));
                $parts[$part] = $value === null ? null : Node::of($value)->plain();
            }
        }

        return $parts;
    }
}
