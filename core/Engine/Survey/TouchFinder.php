<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Rig;

/**
 * Tells which control a hand has just pressed or moved. What moves or chatters by itself, or has been closed all the
 * time, is left out by what was measured of it.
 */
final class TouchFinder
{
    /** A contact that changes this often within CHATTER µs is not worked by a hand. */
    private const CHANGES = 12;
    private const CHATTER = 1_000_000;

    /** Reference of the axis, contact or encoder that was found last. */
    public ?string $found = null;

    /** Counts what was found, so that the same one found twice is told from one found once. */
    public int $count = 0;

    /** @var array<string, Tremble> by axis */
    private array $trembles = [];

    /** @var array<string, list<int>> times of the last changes, by contact */
    private array $changes = [];

    /** @var array<string, true> contacts that were closed from the start on */
    private array $stuck = [];

    /** @param array<string, int> $hands how the rig is found, by port */
    public function begin(array $hands, Rig $rig): void
    {
        foreach ($hands as $port => $value) {
            $contact = $rig->contacts[$port] ?? null;
            if ($contact !== null && $value === 1 && count($rig->controlOf($port)->contacts ?? []) === 1) {
                $this->stuck[$port] = true;
            }
        }
    }

    /** @param ?int $before the value of the port until now */
    public function take(Input $input, ?int $before, Rig $rig): void
    {
        $port = $input->port;
        $axis = $rig->axes[$port] ?? null;
        if ($axis !== null) {
            $this->trembles[$port] ??= new Tremble($axis->width(), $before ?? (int) $input->value);
            if ($this->trembles[$port]->take((int) $input->value, $input->t)) {
                $this->find($port);
            }

            return;
        }
        $contact = $rig->contacts[$port] ?? null;
        if ($contact === null) {
            $control = $rig->controlOf($port);
            if ($control?->hat !== null) {
                $this->hat($control->contacts, (int) $input->value, $before ?? -1);
            } elseif ($control !== null) {
                $this->find($port);
            }
        } elseif ($before !== $input->value) {
            $this->contact($contact, $input, $rig);
        }
    }

    /** Is the last movement of this axis nothing but its own trembling? */
    public function isNoise(string $axis, int $reading): bool
    {
        return isset($this->trembles[$axis]) && $this->trembles[$axis]->isNoise($reading);
    }

    /** What was learnt of how an axis, or a contact, moves by itself is forgotten. */
    public function forget(string $ref): void
    {
        unset($this->trembles[$ref], $this->changes[$ref], $this->stuck[$ref]);
    }

    /**
     * @param int $now in µs
     *
     * @return array<string, string> what is left out, and why, one sentence each, by reference
     */
    public function leftOut(Rig $rig, int $now): array
    {
        $words = [];
        foreach ($this->trembles as $ref => $tremble) {
            $axis = $rig->axes[$ref] ?? null;
            if ($axis !== null && $tremble->trembles($now)) {
                $words[$ref] = sprintf(
                    '%s trembles by itself (%.1f %% of its range); only a movement past %.1f %% counts.',
                    $rig->nameOf($ref),
                    100 * $tremble->jitter(),
                    100 * $tremble->threshold() / $axis->width(),
                );
            }
        }
        foreach (array_keys($this->stuck) as $ref) {
            $words[$ref] = sprintf(
                '%s (%s) has been closed from the start and never opened.',
                $rig->nameOf($ref),
                $rig->numberOf($ref),
            );
        }
        foreach (array_keys($this->changes) as $ref) {
            if ($this->chatters($ref, $now)) {
                $words[$ref] = sprintf(
                    '%s (%s) opens and closes by itself, %d times in the last second.',
                    $rig->nameOf($ref),
                    $rig->numberOf($ref),
                    count($this->changes[$ref]),
                );
            }
        }

        return $words;
    }

    private function contact(ContactInput $contact, Input $input, Rig $rig): void
    {
        $ref = $contact->ref;
        unset($this->stuck[$ref]);
        $times = $this->changes[$ref] ?? [];
        $times[] = $input->t;
        $this->changes[$ref] = array_values(array_filter($times, fn (int $t) => $t > $input->t - self::CHATTER));
        if ($this->chatters($ref, $input->t)) {
            return;
        }
        if ($input->value === 1) {
            $this->find($ref);

            return;
        }
        foreach ($rig->controlOf($ref)->contacts ?? [] as $other) {
            if ($other->opposite === $ref) {
                $this->find($other->ref);
            }
        }
    }

    private function chatters(string $ref, int $now): bool
    {
        return count(
            array_filter($this->changes[$ref] ?? [], fn (int $t) => $t > $now - self::CHATTER),
        ) >= self::CHANGES;
    }

    /** @param list<ContactInput> $directions */
    private function hat(array $directions, int $value, int $before): void
    {
        foreach ($directions as $contact) {
            if (
                ContactInput::points($contact->direction, $value)
                    && ! ContactInput::points($contact->direction, $before)
            ) {
                $this->find($contact->ref);
            }
        }
    }

    private function find(string $ref): void
    {
        $this->found = $ref;
        $this->count++;
    }
}
