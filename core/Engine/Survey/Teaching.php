<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Rig\Device\Device;

/**
 * A switch of one device is flipped through its positions, from the top down; what the device reports meanwhile tells
 * which numbers are which position, and which position reports nothing.
 */
final class Teaching
{
    /** A state that lasts shorter is a flick through, in µs. */
    public const DWELL = 60_000;

    private const MOST_CHANGES = 2000;

    /** @var list<array{int, string, bool}> time, contact, closed */
    private array $changes = [];

    /**
     * @param string             $control reference of the control that is taught; empty for whichever is flipped
     * @param array<string, int> $found   how the contacts of the device were when it began, by port
     */
    public function __construct(
        public readonly string $device,
        public readonly string $control,
        private readonly array $found,
    ) {}

    /** @param ?int $before the value of the port until now */
    public function take(Input $input, ?int $before): void
    {
        if (
            str_starts_with($input->port, $this->device.'/')
                && $before !== $input->value
                && count($this->changes) < self::MOST_CHANGES
        ) {
            $this->changes[] = [$input->t, $input->port, $input->value === 1];
        }
    }

    /** What has been learnt so far, at this time in µs. */
    public function taught(Device $device, int $now): Taught
    {
        $contacts = [];
        foreach ($device->contacts() as $contact) {
            if ($contact->number !== null && $contact->hat === null) {
                $contacts[$contact->ref] = $contact;
            }
        }
        $states = $this->states(array_flip(array_keys($contacts)), $now);

        return Taught::of($device, $this->control, $contacts, self::positions($states));
    }

    /**
     * The states of those contacts that changed at all, one after the other, without what was only a flick through.
     *
     * @param array<string, int> $contacts by reference
     *
     * @return list<list<string>> contacts that were closed
     */
    private function states(array $contacts, int $now): array
    {
        $changes = array_values(array_filter($this->changes, fn (array $change) => isset($contacts[$change[1]])));
        $closed = [];
        foreach ($changes as [, $ref]) {
            $closed[$ref] = ($this->found[$ref] ?? 0) === 1;
        }
        ksort($closed);
        $states = [];
        foreach ($changes as $i => [$t, $ref, $isClosed]) {
            if ($i === 0) {
                $states[] = array_keys(array_filter($closed));
            }
            $closed[$ref] = $isClosed;
            if (($changes[$i + 1][0] ?? $now + self::DWELL) - $t >= self::DWELL) {
                $states[] = array_keys(array_filter($closed));
            }
        }

        return $states;
    }

    /**
     * Each state once, in the order in which it was seen last: the last flip from the top down counts.
     *
     * @param list<list<string>> $states
     *
     * @return list<list<string>>
     */
    private static function positions(array $states): array
    {
        $last = [];
        foreach ($states as $state) {
            $key = implode(' ', $state);
            unset($last[$key]);
            $last[$key] = $state;
        }

        return array_values($last);
    }
}
