<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Forms\Figure;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Curve;
use Nailrod\Core\Mapping\Axis\Curves;
use Nailrod\Core\Mapping\Axis\Expo;
use Nailrod\Core\Mapping\Axis\Notches;
use Nailrod\Core\Mapping\Axis\PointCurve;

/** One part of the shaping of an axis, as its form gives it: percentages, and readings for the calibration. */
final class ShapeRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'axis' => ['required', 'string'],
            'kind' => ['sometimes', 'string'],
            'x' => ['sometimes', 'array', 'max:16'],
            'y' => ['sometimes', 'array', 'max:16'],
            'x.*' => ['required', 'numeric'],
            'y.*' => ['required', 'numeric'],
        ];
    }

    public function axis(): string
    {
        return $this->string('axis')->toString();
    }

    /** Is a curve to be turned into points that are not there yet? */
    public function asksForPoints(): bool
    {
        return $this->partName() === Curve::part() && $this->string('kind')
            ->toString() === PointCurve::kind() && ! $this->has('x');
    }

    /** @return ?array<string, mixed> the part in the open format; null if there is to be none */
    public function value(): ?array
    {
        $class = AxisParts::all()[$this->partName()] ?? null;
        if ($class === null) {
            throw FormatError::at('axes', $this->partName(), 'one of '.implode(', ', AxisParts::shaping()));
        }

        return match (true) {
            $class === Curve::class => $this->curve(),
            $class === Notches::class && $this->string('kind')->toString() === 'none' => null,
            default => $class::completed($this->answers()->all($class::fields(null))),
        };
    }

    private function partName(): string
    {
        $part = $this->route('part');

        return is_string($part) ? $part : '';
    }

    private function answers(): Answers
    {
        return new Answers($this->all(), new Figure($this->boolean('centred')));
    }

    /** @return array<string, mixed> */
    private function curve(): array
    {
        $kind = $this->string('kind', Expo::kind())->toString();

        return $kind === PointCurve::kind()
            ? ['kind' => $kind, 'points' => array_map(null, $this->places('x'), $this->places('y'))]
            : $this->answers()->alone(Curves::all()[$kind] ?? null, $kind);
    }
}
