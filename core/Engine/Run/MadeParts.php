<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Engine\State\MadeState;
use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Made\BuildsAxes;
use Nailrod\Core\Mapping\Made\MadeContacts;

/**
 * What is made from axes, at work: built axes follow their sources, contacts close and open with the places of axes.
 */
final class MadeParts
{
    /** @var array<int, list<int>> what is built from an axis, by axis */
    private array $builds = [];

    /** @var array<int, list<int>> contacts that are made from an axis, by axis */
    private array $closes = [];

    private readonly MadeState $own;

    public function __construct(private readonly Run $run)
    {
        $this->own = $run->state->made;
        foreach ($run->program->tables->made as $i => $row) {
            foreach ($row->sources as $axis) {
                if ($row->contacts === []) {
                    $this->builds[$axis][] = $i;
                } else {
                    $this->closes[$axis][] = $i;
                }
            }
        }
    }

    /** Is anything made from this axis? */
    public function isFedBy(int $axis): bool
    {
        return isset($this->builds[$axis]) || isset($this->closes[$axis]);
    }

    /**
     * Is all that is made from this axis made from it alone, and contacts? Then nothing changes between two equal
     * stands.
     */
    public function isFedAlone(int $axis): bool
    {
        foreach ($this->closes[$axis] ?? [] as $i) {
            if (count($this->run->program->tables->made[$i]->sources) > 1) {
                return false;
            }
        }

        return ! isset($this->builds[$axis]);
    }

    /** A device's axis has moved and sent what it sends: built axes follow it, then contacts change. */
    public function moved(int $axis, Input $input, bool $isFirst): void
    {
        $moved = [$axis];
        foreach ($this->builds[$axis] ?? [] as $i) {
            foreach ($this->travels($i) as $built => $travel) {
                $this->run->axes->build($built, $travel, $input);
                $moved[] = $built;
            }
        }
        $reported = [];
        foreach ($this->closing($moved) as $i) {
            $reported += $this->stand($i);
        }
        if ($reported !== []) {
            $this->run->contacts->report($reported, new Cause($input), $isFirst);
        }
    }

    /** Would all contacts that are made from this axis alone stand as they do now, if it read this? */
    private function isCalmAt(int $axis, int $reading): bool
    {
        $shaping = $this->run->program->shaping($axis);
        $travel = $shaping->travel($reading);
        foreach ($this->closes[$axis] ?? [] as $i) {
            $maker = $this->run->program->made($i);
            assert($maker instanceof MadeContacts);
            $stands = $this->own->stands[$i];
            if (
                $maker->next(
                    $stands,
                    [$maker->looksAt() === MadeContacts::TRAVEL ? $travel : $shaping->shape($travel)],
                ) !== $stands
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * The last reading on the way from one to another at which what is made stands as it does now; travel never turns
     * back.
     */
    public function lastCalm(int $axis, int $calm, int $end): int
    {
        if ($this->isCalmAt($axis, $end)) {
            return $end;
        }
        while (abs($end - $calm) > 1) {
            $middle = intdiv($calm + $end, 2);
            if ($this->isCalmAt($axis, $middle)) {
                $calm = $middle;
            } else {
                $end = $middle;
            }
        }

        return $calm;
    }

    /** The program under the hands has changed: built axes and contacts are where their sources say. */
    public function place(): void
    {
        foreach ($this->run->program->tables->made as $i => $row) {
            if ($row->contacts === [] && $this->isKnown($i)) {
                foreach ($this->travels($i) as $built => $travel) {
                    $this->run->axes->placeBuilt($built, $travel);
                }
            }
        }
        foreach ($this->run->program->tables->made as $i => $row) {
            if ($row->contacts === [] || ! $this->isKnown($i)) {
                continue;
            }
            $this->stand($i);
            foreach ($this->contacts($i, $this->own->stands[$i]) as $contact => $closed) {
                $this->run->state->contacts->closed[$contact] = $closed;
                foreach ($this->run->program->tables->opposites[$contact] ?? [] as $opposite) {
                    $this->run->state->contacts->closed[$opposite] = ! $closed;
                }
            }
        }
    }

    /**
     * Travels of the axes that are built, by axis.
     *
     * @return array<int, float> 0..1
     */
    public function travels(int $made): array
    {
        $row = $this->run->program->tables->made[$made];
        $built = $this->run->program->made($made);
        assert($built instanceof BuildsAxes);

        return array_combine($row->axes, $built->travels(array_map($this->run->axes->travelOf(...), $row->sources)));
    }

    /** Has at least one of its sources reported? */
    private function isKnown(int $made): bool
    {
        return array_filter(
            $this->run->program->tables->made[$made]->sources,
            $this->run->axes->hasReported(...),
        ) !== [];
    }

    /**
     * @param list<int> $axes
     *
     * @return list<int> what closes and opens with any of them, in file order
     */
    private function closing(array $axes): array
    {
        $closing = [];
        foreach ($axes as $axis) {
            foreach ($this->closes[$axis] ?? [] as $i) {
                $closing[$i] = $i;
            }
        }
        sort($closing);

        return $closing;
    }

    /** @return array<int, bool> contacts that may have changed, if it stands differently now */
    private function stand(int $made): array
    {
        $maker = $this->run->program->made($made);
        assert($maker instanceof MadeContacts);
        $isTravel = $maker->looksAt() === MadeContacts::TRAVEL;
        $values = [];
        foreach ($this->run->program->tables->made[$made]->sources as $axis) {
            $travel = $this->run->axes->travelOf($axis);
            $values[] = $isTravel ? $travel : $this->run->program->shaping($axis)->shape($travel);
        }
        $was = $this->own->stands[$made] ?? null;
        $now = $maker->next($was, $values);
        $this->own->stands[$made] = $now;

        return $now === $was ? [] : $this->contacts($made, $now);
    }

    /** @return array<int, bool> closed or open, by contact */
    private function contacts(int $made, int $stands): array
    {
        $maker = $this->run->program->made($made);
        assert($maker instanceof MadeContacts);

        return array_combine($this->run->program->tables->made[$made]->contacts, $maker->closed($stands));
    }
}
