<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Axis\Opening;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Output\DeviceByItself;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\OpensStop;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\PlaysMacro;
use Nailrod\Core\Mapping\Output\StoredOnDevice;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Cell;
use Nailrod\Core\Set\Chord;
use Nailrod\Core\Set\Words;

/** What a device can do of a set with nothing else at the other end of its cable, and why not of the rest. */
final readonly class DeviceAlone implements DeviceByItself
{
    public OwnParts $parts;

    /**
     * @param ?array<string, mixed> $kept   macros that it holds, by id; null if that is not settled yet
     * @param Unkept                $unkept what its own parts change that it does not keep
     */
    public function __construct(
        private BindingSet $set,
        private Device $device,
        private ?array $kept = null,
        private Unkept $unkept = new Unkept,
    ) {
        $this->parts = new OwnParts($set, $device);
    }

    /** @param array<string, mixed> $macros those that it holds, by id */
    public function holding(array $macros): self
    {
        return new self($this->set, $this->device, $macros, $this->unkept);
    }

    public function isOwn(string $ref): bool
    {
        return $this->parts->isOwn($ref);
    }

    public function hasStop(string $id): bool
    {
        return $this->whyNotStop($id) === null && $this->parts->hasAxisOf($id);
    }

    /** Why it does not keep a stop of one of its axes; null if it does. */
    public function whyNotStop(string $id): ?string
    {
        $stop = $this->set->stops[$id] ?? null;
        $isShared = array_filter($stop->axes ?? [], fn (string $axis) => ! $this->isOwn($axis)) !== [];

        $own = $this->parts->hasAxisOf($id)
            ? $this->parts->whyNotStop($id)
            ?? $this->whyNotReadOf($stop->axes ?? [])
            : null;

        return $own ?? match (true) {
            $isShared && $stop?->opening === Opening::UntilDrawnBack => 'it shuts with an axis of another device',
            $this->unkept->changes(NamesPart::STOP, $id) => 'it is also opened by what the device does not keep: '
                .$this->unkept->parts[NamesPart::STOP.' '.$id],
            default => null,
        };
    }

    /** @param list<string> $axes */
    private function whyNotReadOf(array $axes): ?string
    {
        return array_values(
            array_filter(array_map($this->parts->whyNotRead(...), array_filter($axes, $this->isOwn(...)))),
        )[0] ?? null;
    }

    /** Does a contact of the device raise the flag, by itself or by a macro, or does nobody? */
    public function raises(string $flag): bool
    {
        if ($this->unkept->changes(NamesPart::FLAG, $flag)) {
            return false;
        }
        $by = [];
        $isIt = fn (Output $output): bool => $output instanceof NamesPart && in_array(
            [NamesPart::FLAG, $flag],
            $output->names(),
            true,
        );
        foreach ($this->set->cells as $cells) {
            foreach ($cells as $ref => $cell) {
                $by[] = array_filter($cell->drives($this->set->macros), $isIt) === [] ? null : (string) $ref;
            }
        }
        foreach ($this->set->chords as $chords) {
            foreach ($chords as $chord) {
                $by[] = array_filter($chord->outputs, $isIt) === [] ? null : $chord->of[0];
            }
        }
        $by = array_values(array_filter($by, fn (?string $ref) => $ref !== null));

        return $by === [] || array_filter($by, fn (string $ref) => ! $this->isOwn($ref)) === [];
    }

    /** Why a condition cannot be judged by the device alone; null if it can. */
    public function whyNotWhen(?Condition $when): ?string
    {
        return $when?->whyNotOn($this);
    }

    /**
     * Why the device cannot do what a contact or an axis of it does in a layer, whatever that is; null if nothing
     * speaks against it.
     */
    public function whyNotCell(string $ref, Cell $cell): ?string
    {
        $contact = $this->set->rig->contacts[$ref] ?? null;

        return match (true) {
            $contact?->rotary !== null => 'the device has no '.(
                $contact->isTick() ? 'ticks of a dial' : 'places of an encoder'
            ),
            $cell->as !== null => 'it does as '.$this->set->rig->nameOf($cell->as).' does, which the device cannot',
            $cell->otherwise !== null => 'the device has nothing that it does otherwise',
            default => $this->parts->whyNotBehaviour($cell->behaviour)
                ?? $this->whyNotRef($ref)
                ?? $this->whyNotWhen($cell->when),
        };
    }

    /** Why alone it would do something else with a contact or an axis than the whole set does; null if it would not. */
    private function whyNotRef(string $ref): ?string
    {
        $isContact = isset($this->set->rig->contacts[$ref]);
        $isInLayers = array_filter(
            array_diff_key($this->set->cells, [Layer::BASE => 0]),
            fn (array $cells) => isset($cells[$ref]),
        ) !== [];
        foreach (array_diff_key($this->set->chords, [Layer::BASE => 0]) as $chords) {
            $isInLayers = $isInLayers || array_filter(
                $chords,
                fn (Chord $chord) => in_array($ref, $chord->of, true),
            ) !== [];
        }
        $stops = array_filter(
            Keys::of($this->set->stops),
            fn (string $id) => in_array($ref, $this->set->stops[$id]->axes, true) && $this->whyNotStop($id) !== null,
        );

        return $this->parts->whyNotRead($ref) ?? match (true) {
            $stops !== [] => 'its stop '.$this->set->stops[array_values($stops)[0]]->name.' is not kept',
            isset($this->unkept->refs[$ref]) => $this->unkept->refs[$ref],
            $isContact && $this->unkept->all !== null => $this->unkept->all
                .' lets go of everything, which the device does not keep',
            $isInLayers && $this->unkept->layers !== null =>
                'which layer is live is decided by what the device does not keep: '
                .$this->unkept->layers,
            default => null,
        };
    }

    /** The same of a chord that has a contact of the device. */
    public function whyNotChord(Chord $chord): ?string
    {
        $away = array_values(array_filter($chord->of, fn (string $ref) => ! $this->isOwn($ref)));

        return match (true) {
            $away !== [] => $this->set->rig->fullNameOf($away[0]).' is on another device',
            $chord->held > 0 => 'the device does not wait for a while before a chord comes on',
            default => array_values(
                array_filter(array_map($this->whyNotRef(...), $chord->of)),
            )[0] ?? $this->whyNotWhen($chord->when),
        };
    }

    /** Can it play a macro by itself, with all its steps? */
    public function canPlay(string $macro): bool
    {
        return $this->kept === null ? (
            $this->whyNotMacro($macro) ?? $this->whoElsePlays($macro)
        ) === null : isset($this->kept[$macro]);
    }

    /** Why it cannot play a macro by itself; null if it can. */
    public function whyNotMacro(string $macro): ?string
    {
        return match (true) {
            ! isset($this->set->macros[$macro]) => 'it is not there',
            ($depends = $this->whyNotWhen($this->set->macros[$macro]->when)) !== null => $depends,
            ! $this->canDoSteps($macro) => 'it does what only Nailrod itself can do',
            default => null,
        };
    }

    /** What else than the device keeps plays, stops or records a macro, in a sentence; null if nothing does. */
    public function whoElsePlays(string $macro): ?string
    {
        return $this->unkept->changes(NamesPart::MACRO, $macro)
            ? 'it is also played by what the device does not keep: '
            .$this->unkept->parts[NamesPart::MACRO.' '.$macro]
            : null;
    }

    private function canDoSteps(string $macro): bool
    {
        // A text is the keys that type it.
        $played = isset($this->set->macros[$macro]) ? $this->set->macros[$macro]->played($this->set->layouts) : null;
        foreach ($played->steps ?? [] as $step) {
            $way = $this->set->leaving($step->output);
            if (
                $step->output !== null && ($way === null || $way instanceof PlaysMacro || $this->whyNot($way) !== null)
            ) {
                return false;
            }
        }

        return true;
    }

    /** Why the device cannot drive an output by itself; null if it can. */
    public function whyNot(?Output $way): ?string
    {
        return match (true) {
            $way === null => 'its action has no way yet',
            $way instanceof OpensStop && $this->parts->hasAxisOf($way->stop())
                && $this->whyNotStop($way->stop()) !== null => 'its stop is not kept',
            $way instanceof StoredOnDevice => $this->parts->whyNotOutput($way) ?? $way->whyNotOn($this),
            default => (new Words($this->set))->output($way).' can only be done by Nailrod itself',
        };
    }

    public function decidesLayers(): bool
    {
        return $this->unkept->layers === null;
    }

    public function hasLamp(string $lamp): bool
    {
        return $this->isOwn($lamp);
    }
}
