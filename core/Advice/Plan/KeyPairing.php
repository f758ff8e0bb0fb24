<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Follow;
use Nailrod\Core\Mapping\Behaviour\Pulse;
use Nailrod\Core\Mapping\Behaviour\Ticks;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\ActionOutput;
use Nailrod\Core\Mapping\Output\KeyNames;
use Nailrod\Core\Mapping\Output\LeadsToLayer;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\Heard;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;

/** A key and a control that hands have pressed soon after each other, in either order, are assigned to each other. */
final readonly class KeyPairing
{
    /** What is further apart than this is no pair, in ms. */
    public const WITHIN_MS = 2000;

    public function __construct(private BindingSet $set) {}

    /**
     * Where the key is that by which the game is told an action, the action is assigned; else the key itself.
     *
     * @param string $keys  W3C codes with a plus between: "ControlLeft+KeyR"
     * @param int    $apart between the two, in ms
     *
     * @throws FormatError if they are no pair
     */
    public function pair(string $keys, string $layer, string $ref, int $apart): SetDocument
    {
        $key = KeyNames::read($keys) ?? throw FormatError::told(
            'Key',
            $keys === '' ? 'none' : $keys,
            'a key that has a name',
        );
        $contact = $this->set->rig->contacts[$ref] ?? throw FormatError::told(
            'Control',
            $this->set->rig->has($ref) ? $this->set->rig->nameOf($ref).', which is an axis' : 'none',
            'one that is pressed or flipped',
        );
        if (! isset($this->set->layers[$layer])) {
            throw FormatError::told('Layer', 'none of that name', 'one of the set');
        }
        if ($apart > self::WITHIN_MS) {
            throw FormatError::told(
                'Pair',
                sprintf('%s and the key %.1f s apart', $this->set->rig->nameOf($ref), $apart / 1000),
                'both within '.(self::WITHIN_MS / 1000).' s',
            );
        }
        if ($this->holdsLayer($layer, $ref)) {
            throw FormatError::told(
                'Control',
                $this->set->rig->nameOf($ref).', which leads to another layer',
                'one that does not; clear it first if it is to do something else',
            );
        }
        $action = (new Heard($this->set))->action($key);

        return (new Edits($this->set))->assign(
            $layer,
            $ref,
            $this->behaviour($contact, $action),
            [$action === null ? $key : new ActionOutput($action->id)],
        );
    }

    /**
     * What is to be known of a key before it is paired: another input has it, the game or the desktop keeps it. That is
     * what is said where a key is chosen.
     *
     * @return string a sentence; empty if there is nothing to know
     */
    public function warning(string $keys): string
    {
        $key = KeyNames::read($keys);
        $uses = $key === null ? [] : Already::of($this->set)->ofKey($key);
        // By the game's own key for it, the action is what is meant.
        $action = $key === null ? null : (new Heard($this->set))->action($key);
        $uses = array_filter(
            $uses,
            fn (string $use): bool => $action === null || $use !== Already::TAKEN_FOR.$action->name,
        );

        return $key === null || $uses === [] ? '' : sprintf(
            'Paired, but %s has a use already: %s.',
            (new Words($this->set))->output($key),
            implode('; ', $uses),
        );
    }

    /** @return list<string> references of the contacts of a device that do something in a layer */
    public function done(string $device, string $layer): array
    {
        return array_values(array_filter($this->contacts($device), fn (string $ref) => $this->does($layer, $ref)));
    }

    /** @return list<string> references of those that do nothing there yet, in the order of the device */
    public function left(string $device, string $layer): array
    {
        return array_values(array_filter(
            $this->contacts($device),
            fn (string $ref) => ! $this->does($layer, $ref) && $this->set->chordsWith($layer, $ref) === [],
        ));
    }

    /** The one to ask for: the named one if it does nothing yet, else the next after it; null if none is left. */
    public function next(string $device, string $layer, string $from = ''): ?string
    {
        $left = $this->left($device, $layer);
        $order = array_flip($this->contacts($device));
        $after = array_values(array_filter($left, fn (string $ref) => $order[$ref] >= ($order[$from] ?? 0)));

        return $after[0] ?? $left[0] ?? null;
    }

    /** The one after that, for who leaves it out. */
    public function after(string $device, string $layer, string $ref): ?string
    {
        $left = $this->left($device, $layer);
        $at = array_search($ref, $left, true);

        return count($left) < 2 || $at === false ? null : $left[($at + 1) % count($left)];
    }

    /** @return list<string> */
    private function contacts(string $device): array
    {
        $found = $this->set->rig->deviceOf($device.'/');

        return $found === null ? [] : array_map(
            fn (ContactInput $contact) => $contact->ref,
            $this->set->wired($found)->contacts(),
        );
    }

    private function does(string $layer, string $ref): bool
    {
        return $this->set->cell($layer, $ref) !== null || $this->holdsLayer($layer, $ref);
    }

    /** Does it lead to another layer, here or where this layer says nothing of it? */
    private function holdsLayer(string $layer, string $ref): bool
    {
        $cell = $this->set->cell($layer, $ref) ?? $this->set->cell(Layer::BASE, $ref);

        return array_filter($cell?->outputsOfEither() ?? [], fn ($output) => $output instanceof LeadsToLayer) !== [];
    }

    /** What stays where it is put would hold the key for ever: it presses it once. */
    private function behaviour(ContactInput $contact, ?Action $action): Behaviour
    {
        $stays = $this->set->rig->latches($contact->ref);

        return match (true) {
            $contact->isTick() => Ticks::usual(),
            $action !== null && ! $stays => $action->usualBehaviour(),
            default => $stays ? Pulse::on('press') : Follow::always(),
        };
    }
}
