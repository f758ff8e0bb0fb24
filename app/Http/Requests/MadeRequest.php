<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What is made from axes, as its form gives it. */
final class MadeRequest extends RevisionRequest
{
    protected function fields(): array
    {
        $width = ['sometimes', 'required', 'numeric', 'between:0,100'];
        $place = ['sometimes', 'required', 'numeric', $this->placeRule()];

        return [
            'id' => ['required', 'string', 'regex:/^[a-z0-9][a-z0-9_-]*$/'],
            'name' => ['required', 'string', 'max:60'],
            'kind' => ['required', 'string'],
            'of' => ['required', 'array', 'max:2'],
            'of.*' => ['string'],
            'looks_at' => ['sometimes', 'string'],
            'at' => $place, 'to' => $place, 'hysteresis' => $width, 'dead_radius' => $width, 'share' => $width,
            'bounds' => ['sometimes', 'array', 'max:15'], 'bounds.*' => ['required', ...array_slice($place, 2)],
            'names' => ['sometimes', 'array', 'max:16'], 'names.*' => ['nullable', 'string', 'max:30'],
        ];
    }

    public function attributes(): array
    {
        $isBand = $this->string('kind')->toString() === 'between';

        return ['at' => $isBand ? 'From' : 'Closes at', 'to' => 'To', 'hysteresis' => $this->string('kind')->toString() === 'zones' ? 'Changes this far past' : 'Opens this far back'] + parent::attributes();
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    /** @return array<string, mixed> in the open format; only what its kind has */
    public function value(): array
    {
        $kind = $this->string('kind')->toString();
        $threshold = ['looks_at' => $this->string('looks_at', 'travel')->toString(), 'at' => $this->place('at'), 'hysteresis' => $this->width('hysteresis')];

        return ['kind' => $kind, 'name' => $this->string('name')->toString(), 'of' => array_values($this->array('of'))] + match ($kind) {
            'above', 'below' => $threshold,
            'between' => ['to' => $this->has('to') ? $this->place('to') : min(1.0, $this->place('at') + 0.1)] + $threshold,
            'zones' => ['bounds' => $this->places('bounds'), 'hysteresis' => $this->width('hysteresis')] + $this->names(),
            'four directions', 'eight directions' => ['dead_radius' => $this->part('dead_radius')],
            'shared travel' => ['share' => $this->has('share') ? $this->part('share') : 0.5],
            default => [],
        };
    }

    /** @return array<string, list<string>> */
    private function names(): array
    {
        $names = array_values(array_map(fn (mixed $name) => is_string($name) ? trim($name) : '', $this->array('names')));
        foreach ($names as $i => $name) {
            $names[$i] = $name === '' ? (string) ($i + 1) : $name;
        }

        return $names === [] ? [] : ['names' => $names];
    }
}
