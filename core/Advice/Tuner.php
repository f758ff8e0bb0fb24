<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Expo;
use Nailrod\Core\Mapping\Axis\Measured;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Side;
use Nailrod\Core\Mapping\Axis\Steady;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Made\MadeContacts;
use Nailrod\Core\Mapping\Made\MarksAxis;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;

/**
 * What a tuner wants to know of an axis: how strongly it answers, how fine it is, what it reaches, what steadying
 * costs, and whether its places are farther apart than it trembles. Travel and value are parts of the whole, 0..1.
 */
final readonly class Tuner
{
    public Shaping $shaping;

    /** Null if the axis was never measured. */
    public ?Measured $measured;

    public Response $response;

    public function __construct(private BindingSet $set, private string $ref)
    {
        $this->shaping = $set->shapings[$ref];
        $measured = $set->merged->value(PartPath::axis($ref, Measured::part()));
        $this->measured = $measured === null ? null : Measured::of(Node::of($measured));
        $this->response = new Response($this->shaping, $this->measured);
    }

    /**
     * Are 0, the centre and 100 % reached with all stops open, and if not, what loses them?
     *
     * @return array<string, ?string> null if it is reached, else where it is lost; by "0 %", "centre" and "100 %"
     */
    public function reached(): array
    {
        $centred = $this->shaping->axis->centred;
        $integers = $this->response->integers();
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
        foreach ($this->set->stopsHolding($this->ref) as $stop) {
            $names[] = sprintf(
                '%s %s %s',
                $stop->name,
                $stop->side === Side::Above ? 'above' : 'below',
                Percent::at($stop->at, $this->shaping->axis->centred),
            );
        }

        return $names;
    }

    /**
     * How much later than the hand a new value is sent, in ms: one reading where single spikes are left out. Null if
     * the time between readings is not known.
     */
    public function delay(): ?float
    {
        if (! $this->shaping->steady->spikes) {
            return 0.0;
        }

        return $this->measured === null || $this->measured->interval === 0 ? null : min(
            $this->measured->interval,
            Steady::SPIKE_WAIT,
        ) / 1000;
    }

    /** How far the travel trembles from end to end after the hold band; null if it was never measured. */
    public function trembling(): ?float
    {
        if ($this->measured === null) {
            return null;
        }
        $trembling = 2 * $this->measured->peak * $this->response->perReading();

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
                $said[] = $this->judged(
                    $name,
                    'between closing and opening',
                    $width,
                    $trembling * $gain,
                    'it does not chatter',
                    'it can chatter',
                );
            }
        }
        $notches = $this->shaping->notches;
        $gain = $this->response->steepness();
        if ($notches->areStepped()) {
            $said[] = $this->judged(
                'Notches',
                'between going on and coming back',
                2 * $notches->hysteresis,
                $trembling * $gain,
                'they do not flicker',
                'they can flicker',
            );
        } elseif ($notches->at !== []) {
            $said[] = $this->judged(
                'Notches',
                'wide',
                2 * $notches->width,
                $trembling * $gain,
                'a lever in one stays in it',
                'a lever in one can fall out',
            );
        }
        $ends = 2 * min($this->shaping->zones->low, $this->shaping->zones->high);
        if ($trembling > $ends) {
            $said[] = $this->judged(
                'Ends',
                'wide at least',
                $ends,
                $trembling,
                '',
                'an end can be left while the hand holds it',
            );
        }
        if ($this->shaping->axis->centred) {
            $said[] = $this->judged(
                'Rest',
                'wide',
                2 * $this->shaping->zones->rest,
                $trembling,
                'it rests',
                'it does not come to rest',
            );
        }

        return $said;
    }

    /** @return list<string> what is odd about the axis, one sentence each */
    public function notices(): array
    {
        $notices = [];
        $centred = $this->shaping->axis->centred;
        if ($centred && $this->response->sentAt(0.5) !== Shaping::integer(0.5)) {
            $notices[] = sprintf(
                'At rest it sends %s, not the centre.',
                Percent::at($this->shaping->settled(0.5), true),
            );
        }
        if ($this->measured !== null && $centred) {
            $rest = $this->shaping->travel(
                max($this->shaping->axis->min, min($this->shaping->axis->max, $this->measured->rest)),
            );
            if ($this->shaping->zones->apply($rest) !== 0.5) {
                $notices[] = sprintf(
                    'Let go, it comes to rest at %s, outside the dead zone at rest: it sends %s then.',
                    Percent::at($rest, true),
                    Percent::at($this->shaping->settled($rest), true),
                );
            }
        }
        foreach ($this->actions() as $action) {
            if ($action->ownCurve && ! ($this->shaping->curve instanceof Expo && $this->shaping->curve->k === 0.0)) {
                $notices[] = sprintf(
                    '%s bends %s itself: with the curve here it is bent twice. Make one of them straight.',
                    $this->set->catalogue->name ?? 'The simulator',
                    $action->name,
                );
            }
        }

        return $notices;
    }

    /** @return list<\Nailrod\Core\Mapping\Action\Action> that the axis is assigned to in any layer */
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

    /**
     * @return ?array{string, float, float} name, width of what is between the two places, and gain to where it looks
     */
    private function apart(Made $made): ?array
    {
        return $made instanceof MarksAxis ? [
            $made->name(),
            $made->band(),
            $made->looksAt() === MadeContacts::TRAVEL ? 1.0 : $this->response->steepness(),
        ] : null;
    }

    /** @return array{good: bool, words: string} */
    private function judged(
        string $name,
        string $what,
        float $width,
        float $trembling,
        string $well,
        string $badly,
    ): array {
        $centred = $this->shaping->axis->centred;
        $isGood = $width > $trembling || $trembling <= 0.0;
        $trembles = $trembling <= 0.0 ? 'it stands still' : 'it trembles over '.Percent::by($trembling, $centred);

        return [
            'good' => $isGood,
            'words' => sprintf(
                '%s: %s %s, %s: %s.',
                $name,
                Percent::by($width, $centred),
                $what,
                $trembles,
                $isGood ? $well : $badly,
            ),
        ];
    }

    /** The first stage at which a value that should be sent is lost, in words. */
    private function lost(float $wanted): string
    {
        $centred = $this->shaping->axis->centred;
        $travels = array_map($this->shaping->travel(...), $this->response->readings());
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
}
