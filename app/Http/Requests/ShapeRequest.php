<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** One part of the shaping of an axis, as its form gives it: percentages, and readings for the calibration. */
final class ShapeRequest extends RevisionRequest
{
    protected function fields(): array
    {
        $width = ['sometimes', 'required', 'numeric', 'between:0,100'];
        $place = ['sometimes', 'required', 'numeric', $this->placeRule()];

        return ['axis' => ['required', 'string'], 'reverse' => ['sometimes', 'boolean']] + match ($this->route('part')) {
            'calibrate' => ['low' => ['required', 'integer'], 'high' => ['required', 'integer'], 'rest' => ['nullable', 'integer']],
            'rotation' => ['degrees' => ['required', 'integer', 'between:30,3600'], 'used' => ['required', 'integer', 'between:30,3600']],
            'steady' => ['hold' => ['required', 'numeric', 'between:0,50'], 'spikes' => ['sometimes', 'boolean']],
            'curve' => ['kind' => ['sometimes', 'in:straight,expo,points'], 'k' => ['sometimes', 'required', 'numeric', 'between:-100,100'], 'x' => ['sometimes', 'array', 'max:16'], 'y' => ['sometimes', 'array', 'max:16'], 'x.*' => ['required', 'numeric'], 'y.*' => ['required', 'numeric']],
            'range' => ['low' => $place, 'high' => $place],
            'notches' => ['kind' => ['required', 'in:none,flat,stepped'], 'at' => ['sometimes', 'array', 'max:32'], 'at.*' => ['required', ...array_slice($place, 2)], 'width' => $width, 'hysteresis' => $width],
            default => ['low' => $width, 'high' => $width, 'rest' => $width],
        };
    }

    public function axis(): string
    {
        return $this->string('axis')->toString();
    }

    /** Is a curve to be turned into points that are not there yet? */
    public function asksForPoints(): bool
    {
        return $this->route('part') === 'curve' && $this->string('kind')->toString() === 'points' && ! $this->has('x');
    }

    /** @return ?array<string, mixed> the part in the open format; null if there is to be none */
    public function value(): ?array
    {
        return match ($this->route('part')) {
            'calibrate' => array_filter([
                'low' => $this->integer('low'),
                'high' => $this->integer('high'),
                'rest' => $this->filled('rest') ? $this->integer('rest') : null,
                'reverse' => $this->boolean('reverse') ?: null,
            ], fn (mixed $value) => $value !== null),
            'rotation' => ['degrees' => $this->integer('degrees'), 'used' => min($this->integer('used'), $this->integer('degrees'))],
            'steady' => ['hold' => $this->width('hold'), 'spikes' => $this->boolean('spikes')],
            'curve' => $this->curve(),
            'range' => ['low' => $this->place('low'), 'high' => $this->place('high')],
            'notches' => $this->notches(),
            default => array_map($this->width(...), array_combine($fields = array_values(array_filter(['low', 'high', 'rest'], $this->has(...))), $fields)),
        };
    }

    /** @return array<string, mixed> */
    private function curve(): array
    {
        return match ($this->string('kind', 'expo')->toString()) {
            'straight' => ['kind' => 'straight'],
            'expo' => ['kind' => 'expo', 'k' => $this->part('k')],
            default => ['kind' => 'points', 'points' => array_map(null, $this->places('x'), $this->places('y'))],
        };
    }

    /** @return ?array<string, mixed> */
    private function notches(): ?array
    {
        $kind = $this->string('kind')->toString();
        if ($kind === 'none') {
            return null;
        }
        $at = $this->places('at');

        return ['kind' => $kind, 'at' => $at === [] ? [0.5] : $at] + ($this->has('width') ? ['width' => $this->width('width')] : []) + ($this->has('hysteresis') ? ['hysteresis' => $this->width('hysteresis')] : []);
    }
}
