<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\InputPage;
use Nailrod\Core\Rig\Device\Kind\ControlKind;
use Nailrod\Core\Rig\Device\Kind\Dial;
use Nailrod\Core\Rig\Device\Kind\PushButton;
use Nailrod\Core\Rig\Device\Kind\Sprung;
use Nailrod\Core\Rig\Device\Kind\ThreeWay;
use Nailrod\Core\Rig\Device\Kind\TwoWay;

/** What a switch was found to be: its positions from the top down, each with the number that is closed in it. */
final readonly class Taught
{
    private const MOST_POSITIONS = 16;

    /**
     * @param ?Control                $control   the one that gets the positions; null if nothing was flipped
     * @param list<?ContactInput>     $positions from the top down; null where the device reports nothing
     * @param string                  $sentence  what was found, or why it cannot be
     */
    private function __construct(
        public ?Control $control,
        public array $positions,
        public string $sentence,
        public bool $isDone,
    ) {}

    /**
     * @param array<string, ContactInput> $contacts reported ones by reference
     * @param list<list<string>>          $states   contacts that are closed in each position
     */
    public static function of(Device $device, string $control, array $contacts, array $states): self
    {
        $involved = array_values(array_unique(array_merge(...$states, ...[[]])));
        $taught = self::controlOf($device, $control === '' ? ($involved[0] ?? '') : $control);
        if ($involved === [] || $taught === null) {
            return new self(
                $taught,
                [],
                'Nothing has changed yet. Put the switch fully up, then flip it down through every position, with a '
                    .'moment in each.',
                false,
            );
        }
        if (count($states) > self::MOST_POSITIONS) {
            return new self(
                $taught,
                [],
                sprintf(
                    '%d different positions were seen, more than %d. Begin again and move only this one switch.',
                    count($states),
                    self::MOST_POSITIONS,
                ),
                false,
            );
        }
        if (count($states) < 2) {
            return new self($taught, [], 'Only one position was seen yet. Flip it on.', false);
        }
        $positions = [];
        foreach ($states as $i => $state) {
            $own = array_values(array_diff($state, ...array_values(array_diff_key($states, [$i => 0]))));
            if ($state !== [] && $own === []) {
                return new self(
                    $taught,
                    [],
                    'A position closes no number of its own, so it cannot be told from the others. Begin again and '
                        .'move only this one switch, slowly.',
                    false,
                );
            }
            $positions[] = $own === [] ? null : $contacts[$own[0]];
        }

        return new self($taught, $positions, self::inWords($positions), true);
    }

    /** The same switch, mounted the other way up. */
    public function turnedRound(): self
    {
        $positions = array_reverse($this->positions);

        return $this->isDone ? new self($this->control, $positions, self::inWords($positions), true) : $this;
    }

    /**
     * The owner's note that says so: `kind` and `contacts` in the open format.
     *
     * @return array{kind: string, contacts: list<array<string, mixed>>}
     */
    public function note(): array
    {
        $reported = $made = $sources = [];
        $names = self::names(count($this->positions));
        $used = [];
        foreach ($this->positions as $i => $contact) {
            if ($contact !== null) {
                $entry = $this->entry($contact, $names[$i]);
                $sources[] = $used[] = $entry['keeps'] ?? $entry['id'] ?? '';
                $reported[] = $entry;
            }
        }
        foreach ($this->positions as $i => $contact) {
            if ($contact === null) {
                $made[] = ['id' => $this->idOfMade($names[$i], $used), 'name' => $names[$i]] + (
                    count($sources) === 1 ? ['opposite' => $sources[0]] : ['none_of' => $sources]
                );
            }
        }

        return ['kind' => $this->kind(count($reported), $made !== [])::kind(), 'contacts' => [...$reported, ...$made]];
    }

    /** @return array{name: string, number: ?int, page?: string, id?: string, keeps?: string} */
    private function entry(ContactInput $contact, string $name): array
    {
        $entry = ['name' => $name, 'number' => $contact->number] + (
            $contact->page === InputPage::Button ? [] : ['page' => $contact->page->value]
        );
        $own = $this->control->ref ?? '';

        return match (true) {
            $contact->ref === $own => $entry,
            str_starts_with($contact->ref, $own.'.') => ['id' => substr($contact->ref, strlen($own) + 1)] + $entry,
            default => $entry + ['keeps' => explode('/', $contact->ref, 2)[1]],
        };
    }

    /**
     * The id of the position that reports nothing: the one it has already, so that what is assigned to it stays.
     *
     * @param list<string> $used
     */
    private function idOfMade(string $name, array $used): string
    {
        $own = ($this->control->ref ?? '').'.';
        foreach ($this->control->contacts ?? [] as $contact) {
            if ($contact->madeFrom() !== [] && str_starts_with($contact->ref, $own)) {
                return substr($contact->ref, strlen($own));
            }
        }
        $id = str_replace(' ', '-', $name);

        return in_array($id, $used, true) ? 'none' : $id;
    }

    private function kind(int $reported, bool $hasMade): ControlKind
    {
        $now = $this->control->kind ?? new PushButton;

        return match (true) {
            count($this->positions) === 2 => new TwoWay,
            $reported === 2 && $hasMade => $now instanceof Sprung ? $now : new ThreeWay,
            default => new Dial,
        };
    }

    private static function controlOf(Device $device, string $ref): ?Control
    {
        foreach ($device->controls as $control) {
            if (
                $control->ref === $ref || array_filter(
                    $control->contacts,
                    fn (ContactInput $contact) => $contact->ref === $ref,
                ) !== []
            ) {
                return $control;
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function names(int $positions): array
    {
        return match ($positions) {
            2 => ['up', 'down'],
            3 => ['up', 'middle', 'down'],
            default => array_map(fn (int $n) => 'at '.$n, range(1, $positions)),
        };
    }

    /** @param list<?ContactInput> $positions */
    private static function inWords(array $positions): string
    {
        $words = [];
        foreach (self::names(count($positions)) as $i => $name) {
            $contact = $positions[$i];
            $words[] = $contact === null
                ? $name
                .' reports nothing'
                : $name
                .' is '
                .$contact->page->show((int) $contact->number);
        }
        $last = array_pop($words);

        return ucfirst(implode(', ', $words).' and '.$last.'.');
    }
}
