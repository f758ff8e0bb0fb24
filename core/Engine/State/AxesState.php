<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\State;

use Nailrod\Core\Format\Cause\Input;

/** Where axes are. Indices are those of the program. */
final class AxesState implements PartState
{
    /** @var array<int, int> reading by axis, of those of devices */
    public array $readings = [];

    /** @var array<int, float> value before the stops, 0..1 */
    public array $values = [];

    /** @var array<int, int> integer after the stops */
    public array $integers = [];

    /** @var array<int, int> the notch that the value is in, of those with stepped notches */
    public array $notches = [];

    /** @var array<int, array{int, int, int}> last three readings, of those that are steadied */
    public array $windows = [];

    /** @var array<int, int> the reading that stands for an axis that is steadied */
    public array $standing = [];

    /** @var array<int, Input> the last reading as it came, of those whose single spikes are left out */
    public array $latest = [];

    /** Axes are where the hands left them; steadying that is as it was holds on, notches keep their side. */
    public function carried(Renumbering $to): static
    {
        $next = new self;
        foreach (array_intersect_key($to->new->tables->axisPorts, $to->hands) as $ref => $axis) {
            $next->readings[$axis] = $to->hands[$ref];
        }
        foreach ($this->readings as $before => $reading) {
            if ($to->axis($before) >= 0) {
                $next->readings[$to->axis($before)] = $reading;
            }
        }
        foreach ($to->old->tables->axes as $before => $was) {
            $axis = $to->axis($before);
            if ($axis < 0) {
                continue;
            }
            if (
                isset($this->notches[$before])
                    && count($to->new->shaping($axis)->notches->at) === count($to->old->shaping($before)->notches->at)
            ) {
                $next->notches[$axis] = $this->notches[$before];
            }
            if (
                isset($this->windows[$before]) && (
                    $to->new->tables->axes[$axis]->shape['steady'] ?? null
                ) == ($was->shape['steady'] ?? null)
            ) {
                [$next->windows[$axis], $next->standing[$axis]] = [$this->windows[$before], $this->standing[$before]];
                if (isset($this->latest[$before])) {
                    $next->latest[$axis] = $this->latest[$before];
                }
            }
        }

        return $next;
    }
}
