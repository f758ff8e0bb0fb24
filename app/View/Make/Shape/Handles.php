<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

use App\View\Make\ShapeView;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Axis\Expo;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\PointCurve;
use Nailrod\Core\Mapping\Made\MadeContacts;
use Nailrod\Core\Mapping\Made\MarksAxis;
use Nailrod\Core\Set\PartPath;

/** Everything on the picture of an axis that can be moved, in the order of the chain. */
final readonly class Handles
{
    private bool $centred;

    private function __construct(private ShapeView $view)
    {
        $this->centred = $view->isCentred();
    }

    /** @return list<Handle> */
    public static function of(ShapeView $view): array
    {
        $handles = new self($view);

        return [
            ...$handles->zones(),
            ...$handles->curve(),
            ...$handles->range(),
            ...$handles->notches(),
            ...$handles->stops(),
            ...$handles->made(),
        ];
    }

    /** @return list<Handle> */
    private function zones(): array
    {
        $zones = $this->view->shaping()->zones;
        $whole = $this->centred ? 200.0 : 100.0;
        $handles = [
            new Handle(
                'zone-low',
                'zone',
                'Dead zone, low end',
                Handle::ACROSS,
                $zones->low,
                0.0,
                ['field' => '#dead_zones-low', 'from' => 0.0, 'to' => $whole],
            ),
            new Handle(
                'zone-high',
                'zone',
                'Dead zone, high end',
                Handle::ACROSS,
                1.0 - $zones->high,
                0.0,
                ['field' => '#dead_zones-high', 'from' => $whole, 'to' => 0.0],
            ),
        ];
        if ($this->centred) {
            $handles[] = new Handle(
                'zone-rest',
                'zone',
                'Dead zone at rest',
                Handle::ACROSS,
                0.5 + $zones->rest,
                0.0,
                ['field' => '#dead_zones-rest', 'from' => -100.0, 'to' => 100.0],
            );
        }

        return $handles;
    }

    /** @return list<Handle> */
    private function curve(): array
    {
        $shaping = $this->view->shaping();
        $range = $shaping->range;
        $curve = $shaping->curve;
        if ($curve instanceof Expo) {
            $travel = $shaping->zones->undo($this->centred ? 0.75 : 0.5);
            $y = $shaping->shape($travel);
            $k = 100.0 * $curve->k;

            return [
                new Handle(
                    'bend',
                    'bend',
                    'Bend of the curve',
                    Handle::UP,
                    $travel,
                    $y,
                    null,
                    ['field' => '#curve-k', 'from' => $k + 250.0 * $y, 'to' => $k - 250.0 * (1.0 - $y)],
                ),
            ];
        }
        $handles = [];
        foreach ($curve instanceof PointCurve ? $curve->points : [] as $i => [$x, $y]) {
            // Dead zones stretch what is left of each half: the field runs straight along the half that the point is
            // in.
            [$a, $b] = $this->centred ? ($x < 0.5 ? [0.0, 0.4999] : [0.5001, 1.0]) : [0.0, 1.0];
            $slope = ($b - $a) / max(1e-6, $shaping->zones->undo($b) - $shaping->zones->undo($a));
            [$anchor, $there] = $this->centred && $x === 0.5 ? [0.5, 0.5] : [$a, $shaping->zones->undo($a)];
            $at = fn (float $travel): float => $this->figure($anchor + $slope * ($travel - $there));
            $height = $range->high - $range->low;
            $handles[] = new Handle(
                'point-'.$i,
                'point',
                'Point '.($i + 1).' of the curve',
                Handle::BOTH,
                $shaping->zones->undo($x),
                $range->apply($y),
                ['field' => '#curve-x-'.$i, 'from' => $at(0.0), 'to' => $at(1.0)],
                [
                    'field' => '#curve-y-'.$i,
                    'from' => $this->figure(-$range->low / $height),
                    'to' => $this->figure((1.0 - $range->low) / $height),
                ],
                remove: 'remove-point-'.$i,
            );
        }

        return $handles;
    }

    /** @return list<Handle> */
    private function range(): array
    {
        $range = $this->view->shaping()->range;

        return [
            new Handle(
                'range-low',
                'range',
                'Range, from',
                Handle::UP,
                0.0,
                $range->low,
                null,
                $this->up('#range-low'),
            ),
            new Handle(
                'range-high',
                'range',
                'Range, to',
                Handle::UP,
                0.0,
                $range->high,
                null,
                $this->up('#range-high'),
            ),
        ];
    }

    /** @return list<Handle> */
    private function notches(): array
    {
        $handles = [];
        foreach ($this->view->shaping()->notches->at as $i => $at) {
            $handles[] = new Handle(
                'notch-'.$i,
                'notch',
                'Notch '.($i + 1),
                Handle::UP,
                1.0,
                $at,
                null,
                $this->up('#notches-at-'.$i),
                remove: 'remove-notch-'.$i,
            );
        }

        return $handles;
    }

    /** @return list<Handle> */
    private function stops(): array
    {
        $handles = [];
        foreach ($this->view->stops->all as $stop) {
            $handles[] = new Handle(
                'stop-'.$stop->id,
                'stop',
                'Stop '.$stop->name,
                Handle::UP,
                0.0,
                $stop->at,
                null,
                $this->up('#stop-'.$stop->id.'-at'),
                $stop->name.' '.Percent::at($stop->at, $this->centred),
                'remove-stop-'.$stop->id,
                $stop->id,
                isAside: $this->view->place->set->isAside(PartPath::stop($stop->id)),
            );
        }

        return $handles;
    }

    /** @return list<Handle> */
    private function made(): array
    {
        $handles = [];
        $row = 0;
        foreach (Keys::each($this->view->made->fromIt()) as $id => $made) {
            if (! $made instanceof MarksAxis) {
                continue;
            }
            $isFlag = $made->markKind() === MarksAxis::FLAG;
            $isAside = $this->view->place->set->isAside(PartPath::made($id));
            $isAcross = $made->looksAt() === MadeContacts::TRAVEL;
            foreach ($made->marks() as $mark => $at) {
                $handle = 'made-'.$id.'-'.$mark;
                $field = $this->up('#'.$handle);
                $words = $mark === array_key_first($made->marks())
                    && $made->markWords() !== ''
                    ? $made->markWords()
                    .' '
                    .Percent::at($at, $this->centred)
                    : '';
                $remove = $isFlag ? 'remove-made-'.$id : 'remove-'.$handle;
                $handles[] = $isAcross
                    ? new Handle(
                        $handle,
                        $made->markKind(),
                        $made->markName($mark),
                        Handle::ACROSS,
                        $at,
                        $isFlag ? 1.0 : 0.0,
                        $field,
                        null,
                        $words,
                        $remove,
                        row: $isFlag ? $row : 0,
                        isAside: $isAside,
                    )
                    : new Handle(
                        $handle,
                        $made->markKind(),
                        $made->markName($mark),
                        Handle::UP,
                        0.0,
                        $at,
                        null,
                        $field,
                        $words,
                        $remove,
                        isAside: $isAside,
                    );
            }
            $row += (int) ($isFlag && $isAcross);
        }

        return $handles;
    }

    /** @return array{field: string, from: float, to: float} a field for places */
    private function up(string $field): array
    {
        return ['field' => $field, 'from' => $this->figure(0.0), 'to' => $this->figure(1.0)];
    }

    private function figure(float $part): float
    {
        return $this->centred ? 200.0 * $part - 100.0 : 100.0 * $part;
    }
}
