<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Set\BindingSet;

/** What arrives at the engine of what hands do: how the rig is found, what its devices report, what cannot be. */
final readonly class Arrivals
{
    private StandIns $standIns;

    public function __construct(private BindingSet $set, private LiveState $state)
    {
        $this->standIns = new StandIns($set->rig, $state);
    }

    /** @return array<string, string> the last report of each stand-in that moved, as hex digits, by device */
    public function sent(): array
    {
        return $this->standIns->sent;
    }

    /**
     * Every control where it was left, else axes at rest, dials at their first position, all else open.
     *
     * @param int $at in µs
     *
     * @return list<Input>
     */
    public function asFound(int $at): array
    {
        $inputs = [];
        foreach ($this->set->rig->devices as $device) {
            foreach ($device->controls as $control) {
                foreach ($control->axes as $axis) {
                    $inputs[$axis->ref] = new Input(
                        $at,
                        $axis->ref,
                        $this->state->hands[$axis->ref] ?? $axis->standInRest(),
                    );
                }
                foreach ($control->contacts as $i => $contact) {
                    $port = $contact->hat ?? $contact->ref;
                    if ($contact->isReported()) {
                        $inputs[$port] = new Input(
                            $at,
                            $port,
                            $this->state->hands[$port] ?? (
                                $contact->hat === null ? (int) ($i === 0 && $control->kind->isAlwaysAtOne()) : -1
                            ),
                        );
                    }
                }
            }
        }

        return array_values($inputs);
    }

    /**
     * What the devices report of what the hands do; what cannot be is left out and told.
     *
     * @param list<Input>  $inputs
     * @param list<string> $problems
     * @param bool         $drawn    do they go through the report of a stand-in?
     *
     * @return \Generator<Input>
     */
    public function of(array $inputs, array &$problems, bool $drawn): \Generator
    {
        foreach ($inputs as $input) {
            $problem = $this->problemOf($input);
            if ($problem === null && ! $drawn) {
                yield $input;
            } elseif ($problem === null) {
                yield from $this->standIns->through($input, $this->state->hands);
            } else {
                $problems[] = $problem;
            }
        }
    }

    /** Why an input cannot come from the rig or the game; null if it can. */
    private function problemOf(Input $input): ?string
    {
        [$device, $control] = [...explode('/', $input->port, 2), ''];

        return match (true) {
            isset($this->state->unplugged[$device]) => $this->set->rig->devices[$device]->name
                .' is unplugged, so nothing comes from it.',
            $device === 'sim' && isset($this->set->catalogue->variables[$control]) => null,
            $this->set->rig->reports($input->port) => $this->outOfRange($input),
            $device === 'sim' => 'the game has nothing called '.self::quoted($control).'.',
            isset($this->set->rig->devices[$device]) => $this->set->rig->devices[$device]->name
                .' has nothing called '
                .self::quoted($control)
                .' that it could send.',
            default => 'this rig has no device '.self::quoted($device).'.',
        };
    }

    /** The device's own limits, also for controls that the set does not use. */
    private function outOfRange(Input $input): ?string
    {
        [$low, $high] = $this->set->rig->limits($input->port);

        return is_int($input->value) && $input->value >= $low && $input->value <= $high ? null
            : sprintf(
                '%s came with %s, and sends whole numbers from %d to %d.',
                $this->set->rig->fullNameOf($input->port),
                json_encode($input->value),
                $low,
                $high,
            );
    }

    /** As whoever sent it calls it. */
    private static function quoted(string $word): string
    {
        return '“'.mb_strimwidth(mb_scrub($word, 'UTF-8'), 0, 40, '…').'”';
    }
}
