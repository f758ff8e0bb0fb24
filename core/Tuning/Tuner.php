<?php

declare(strict_types=1);

namespace Nailrod\Core\Tuning;

use Nailrod\Core\Axis\Expo;
use Nailrod\Core\Axis\Measured;
use Nailrod\Core\Axis\Percent;
use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Axis\Side;
use Nailrod\Core\Axis\Steady;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Made\Made;
use Nailrod\Core\Made\MadeContacts;
use Nailrod\Core\Made\MarksAxis;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;

/**
 * What a tuner wants to know of an axis: how strongly it answers, how fine it is, what it reaches, what steadying costs,
 * and whether its places are farther apart than it trembles. Travel and value are parts of the whole, 0..1.
 */
final readonly class Tuner
{
    /** Step for slopes, as a part of the travel. */
    private const STEP = 1e-6;

    /** Places at which the steepest slope is looked for. */
    private const SAMPLES = 400;

    public Shaping $shaping;

    /** Null if the axis was never measured. */
    public ?Measured $measured;

    public function __construct(private BindingSet $set, private string $ref)
    {
        $this->shaping = $set->shapings[$ref];
        $measured = $set->merged->value(PartPath::axis($ref, Measured::part()));
        $this->measured = $measured === null ? null : Measured::of(Node::of($measured));
    }

    /**
     * How much the value changes for a small movement: 1 is one for one. Just outside the dead zones; notches count.
     *
     * @return array{rest: float, low: float, high: float}
     */
    public function gains(): array
    {
        $zones = $this->shaping->zones;
        $low = $this->slope($zones->low, 1);
        $rest = $this->shaping->axis->centred ? $this->slope(0.5 + $zones->rest, 1) : $low;

        return ['rest' => $rest, 'low' => $low, 'high' => $this->slope(1.0 - $zones->high, -1)];
    }

    /** The travel from rest, on the way that takes longer, until what is sent changes; null if it never does. */
    public function fromRest(): ?float
    {
        $rest = $this->shaping->restTravel();
        $sent = Shaping::integer($this->shaping->settled($rest));
        $longest = null;
        foreach ($this->shaping->axis->centred ? [-1, 1] : [1] as $direction) {
            $end = $direction > 0 ? 1.0 - $rest : $rest;
            if ($this->sentAt($rest + $direction * $end) === $sent) {
                continue;
            }
            [$same, $other] = [0.0, $end];
            for ($i = 0; $i < 40; $i++) {
                $middle = ($same + $other) / 2;
                $this->sentAt($rest + $direction * $middle) === $sent ? $same = $middle : $other = $middle;
            }
            $longest = max($longest ?? 0.0, $other);
        }

        return $longest === null ? null : max($longest, $this->shaping->steady->hold);
    }

    /** The smallest travel that changes what is sent at the place where the axis answers most strongly. */
    public function finest(): float
    {
        $steepest = 0.0;
        for ($i = 0; $i < self::SAMPLES; $i++) {
            $steepest = max($steepest, $this->chain(($i + 1) / self::SAMPLES) - $this->chain($i / self::SAMPLES));
        }
        $steepest *= self::SAMPLES;
        if ($steepest <= 0.0) {
            return 1.0;
        }
        $steps = $this->shaping->notches->areStepped() ? 2 * $this->shaping->notches->hysteresis : 1 / Shaping::STEPS;

        return max($this->step(), $steps / $steepest, $this->shaping->steady->hold);
    }

    /** How many different integers it can send while its stops are open. */
    public function distinct(): int
    {
        return count($this->integers());
    }

    /**
     * Are 0, the centre and 100 % reached with all stops open, and if not, what loses them?
     *
     * @return array<string, ?string> null if it is reached, else where it is lost; by "0 %", "centre" and "100 %"
     */
    public function reached(): array
    {
        $centred = $this->shaping->axis->centred;
        $integers = $this->integers();
        $reached = [Percent::at(0.0, $centred) => isset($integers[0]) ? null : $this->lost(0.0)];
        if ($centred) {
            $reached['centre'] = isset($integers[Shaping::integer(0.5)]) ? null : $this->lost(0.5);
        }

        return $reached + [Percent::at(1.0, $centred) => isset($integers[Shaping::STEPS]) ? null : $this->lost(1.0)];
    }

    /** @return list<string> names of the stops that, while they are shut, keep an end from being sent */
    public function heldBack(): array
    {
        $names = [];
        foreach ($this->set->stopsOf($this->ref) as $stop) {
            $names[] = sprintf('%s %s %s', $stop->name, $stop->side === Side::Above ? 'above' : 'below', Percent::at($stop->at, $this->shaping->axis->centred));
        }

        return $names;
    }

    /** How much later than the hand a new value is sent, in ms: one reading where single spikes are left out. Null if the time between readings is not known. */
    public function delay(): ?float
    {
        if (! $this->shaping->steady->spikes) {
            return 0.0;
        }

        return $this->measured === null || $this->measured->interval === 0 ? null : min($this->measured->interval, Steady::SPIKE_WAIT) / 1000;
    }

    /** How far the travel trembles from end to end after the hold band; null if it was never measured. */
    public function trembling(): ?float
    {
        if ($this->measured === null) {
            return null;
        }
        $trembling = 2 * $this->measured->peak * $this->perReading();

        return $this->shaping->steady->hold >= $trembling ? 0.0 : $trembling;
    }

    /**
     * Is everything that acts at a place farther apart than the trembling?
     *
     * @return list<array{good: bool, words: string}> nothing if the axis was never measured
     */
    public function places(): array
    {
        $trembling = $this->trembling();
        if ($trembling === null) {
            return [];
        }
        $said = [];
        foreach ($this->set->made as $made) {
            $apart = in_array($this->ref, $made->sources(), true) ? $this->apart($made) : null;
            if ($apart !== null) {
                [$name, $width, $gain] = $apart;
                $said[] = $this->judged($name, 'between closing and opening', $width, $trembling * $gain, 'it does not chatter', 'it can chatter');
            }
        }
        $notches = $this->shaping->notches;
        $gain = $this->steepness();
        if ($notches->areStepped()) {
            $said[] = $this->judged('Notches', 'between going on and coming back', 2 * $notches->hysteresis, $trembling * $gain, 'they do not flicker', 'they can flicker');
        } elseif ($notches->at !== []) {
            $said[] = $this->judged('Notches', 'wide', 2 * $notches->width, $trembling * $gain, 'a lever in one stays in it', 'a lever in one can fall out');
        }
        $ends = 2 * min($this->shaping->zones->low, $this->shaping->zones->high);
        if ($trembling > $ends) {
            $said[] = $this->judged('Ends', 'wide at least', $ends, $trembling, '', 'an end can be left while the hand holds it');
        }
        if ($this->shaping->axis->centred) {
            $said[] = $this->judged('Rest', 'wide', 2 * $this->shaping->zones->rest, $trembling, 'it rests', 'it does not come to rest');
        }

        return $said;
    }

    /** @return list<string> what is odd about the axis, one sentence each */
    public function notices(): array
    {
        $notices = [];
        $centred = $this->shaping->axis->centred;
        if ($centred && $this->sentAt(0.5) !== Shaping::integer(0.5)) {
            $notices[] = sprintf('At rest it sends %s, not the centre.', Percent::at($this->shaping->settled(0.5), true));
        }
        if ($this->measured !== null && $centred) {
            $rest = $this->shaping->travel(max($this->shaping->axis->min, min($this->shaping->axis->max, $this->measured->rest)));
            if ($this->shaping->zones->apply($rest) !== 0.5) {
                $notices[] = sprintf('Let go, it comes to rest at %s, outside the dead zone at rest: it sends %s then.', Percent::at($rest, true), Percent::at($this->shaping->settled($rest), true));
            }
        }
        foreach ($this->actions() as $action) {
            if ($action->ownCurve && ! ($this->shaping->curve instanceof Expo && $this->shaping->curve->k === 0.0)) {
                $notices[] = sprintf('%s bends %s itself: with the curve here it is bent twice. Make one of them straight.', $this->set->catalogue->name ?? 'The simulator', $action->name);
            }
        }

        return $notices;
    }

    /** @return list<\Nailrod\Core\Action\Action> that the axis is assigned to in any layer */
    private function actions(): array
    {
        $actions = [];
        foreach ($this->set->cells as $cells) {
            $output = ($cells[$this->ref] ?? null)?->outputs[0] ?? null;
            $action = $this->set->actionOf($output);
            if ($action !== null) {
                $actions[$action->id] = $action;
            }
        }

        return array_values($actions);
    }

    /** @return ?array{string, float, float} name, width of what is between the two places, and gain to where it looks */
    private function apart(Made $made): ?array
    {
        return $made instanceof MarksAxis ? [$made->name(), $made->band(), $made->looksAt() === MadeContacts::TRAVEL ? 1.0 : $this->steepness()] : null;
    }

    /** @return array{good: bool, words: string} */
    private function judged(string $name, string $what, float $width, float $trembling, string $well, string $badly): array
    {
        $centred = $this->shaping->axis->centred;
        $isGood = $width > $trembling || $trembling <= 0.0;
        $trembles = $trembling <= 0.0 ? 'it stands still' : 'it trembles over '.Percent::by($trembling, $centred);

        return ['good' => $isGood, 'words' => sprintf('%s: %s %s, %s: %s.', $name, Percent::by($width, $centred), $what, $trembles, $isGood ? $well : $badly)];
    }

    /** The steepest slope before the notches. */
    private function steepness(): float
    {
        $steepest = 0.0;
        for ($i = 0; $i < self::SAMPLES; $i++) {
            $steepest = max($steepest, $this->shaping->shape(($i + 1) / self::SAMPLES) - $this->shaping->shape($i / self::SAMPLES));
        }

        return $steepest * self::SAMPLES;
    }

    /** The first stage at which a value that should be sent is lost, in words. */
    private function lost(float $wanted): string
    {
        $centred = $this->shaping->axis->centred;
        $travels = array_map($this->shaping->travel(...), $this->readings());
        $reached = $wanted === 0.0 ? min($travels) : ($wanted === 1.0 ? max($travels) : 0.5);
        if ($wanted !== 0.5 && $this->shaping->zones->apply($reached) !== $wanted) {
            return 'the calibration: the hand comes to '.Percent::at($reached, $centred);
        }
        $curved = $this->shaping->curve->apply($wanted);
        if ($curved !== $wanted) {
            return 'the curve: it gives '.Percent::at($curved, $centred).' there';
        }
        $ranged = $this->shaping->range->apply($wanted);
        if (abs($ranged - $wanted) > 1e-9) {
            return 'the range: it gives '.Percent::at($ranged, $centred).' there';
        }

        return 'the notches: they give '.Percent::at($this->shaping->settled($wanted), $centred).' there';
    }

    /** @return array<int, true> every integer that can be sent with open stops */
    private function integers(): array
    {
        $notches = $this->shaping->notches;
        $integers = [];
        foreach ($this->readings() as $reading) {
            $value = $this->shaping->value($reading);
            $integers[Shaping::integer($notches->areStepped() ? $notches->at[$notches->step(null, $value)] : $value)] = true;
        }

        return $integers;
    }

    /** @return non-empty-list<int> readings that the hand can reach: what was measured, else all that the device can report */
    private function readings(): array
    {
        $axis = $this->shaping->axis;
        $low = max($axis->min, $this->measured->low ?? $axis->min);
        $high = min($axis->max, $this->measured->high ?? $axis->max);
        $step = max(1, $this->measured->step ?? 1);

        return [...range(min($low, $high), max($low, $high), $step), max($low, $high)];
    }

    /** The travel of the smallest difference between two readings. */
    private function step(): float
    {
        return ($this->measured->step ?? 1) * $this->perReading();
    }

    /** How much travel one reading is at most. */
    private function perReading(): float
    {
        $calibration = $this->shaping->calibration;
        $per = $calibration->rest === null
            ? 1 / ($calibration->high - $calibration->low)
            : 0.5 / min($calibration->rest - $calibration->low, $calibration->high - $calibration->rest);
        $rotation = $this->shaping->rotation;

        return $rotation->used === null || $rotation->degrees === null ? $per : $per * $rotation->degrees / $rotation->used;
    }

    private function slope(float $travel, int $direction): float
    {
        return abs($this->chain($travel + $direction * self::STEP) - $this->chain($travel)) / self::STEP;
    }

    /** Through everything that has no memory. */
    private function chain(float $travel): float
    {
        return $this->shaping->notches->apply($this->shaping->shape($travel));
    }

    private function sentAt(float $travel): int
    {
        return Shaping::integer($this->shaping->settled($travel));
    }
}
