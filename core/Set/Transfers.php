<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Layer;

/** Copies, moves, swaps and clears what a set says: one cell, the row of a contact or an axis, a whole layer. */
final readonly class Transfers
{
    use SaysParts;

    public const COPY = 'copy';
    public const MOVE = 'move';
    public const SWAP = 'swap';
    public const WAYS = [self::COPY, self::MOVE, self::SWAP];

    public function __construct(private BindingSet $set) {}

    /** @param string $how one of WAYS */
    public function cell(string $how, string $fromLayer, string $fromRef, string $toLayer, string $toRef): SetDocument
    {
        $this->layer($fromLayer);
        $this->layer($toLayer);
        $this->alike($fromRef, $toRef);

        return $this->apart(
            $this->change(
                $this->own(),
                $how,
                [[PartPath::cell($fromLayer, $fromRef), PartPath::cell($toLayer, $toRef)]],
            ),
            [$fromRef, $toRef],
        );
    }

    /** What a contact or an axis does in every layer. */
    public function row(string $how, string $fromRef, string $toRef): SetDocument
    {
        $this->alike($fromRef, $toRef);
        $pairs = [];
        foreach (Keys::of($this->set->layers) as $layer) {
            $pairs[] = [PartPath::cell($layer, $fromRef), PartPath::cell($layer, $toRef)];
        }

        return $this->apart(
            $this->following($this->change($this->own(), $how, $pairs), $how, [$fromRef => $toRef]),
            [$fromRef, $toRef],
        );
    }

    /**
     * What several contacts and axes do in every layer, all as one edit.
     *
     * @param array<string, string> $refs new reference by old one
     */
    public function rows(string $how, array $refs): SetDocument
    {
        $pairs = [];
        foreach ($refs as $from => $to) {
            $this->alike($from, $to);
            foreach (Keys::of($this->set->layers) as $layer) {
                if ($this->set->cell($layer, $from) !== null || $how === self::SWAP) {
                    $pairs[] = [PartPath::cell($layer, $from), PartPath::cell($layer, $to)];
                }
            }
        }

        return $this->apart(
            $this->following($this->change($this->own(), $how, $pairs), $how, $refs),
            [...Keys::of($refs), ...array_values($refs)],
        );
    }

    /**
     * What does as another control does cannot take the place of that very one.
     *
     * @param list<string> $refs where something was changed
     */
    private function apart(SetDocument $own, array $refs): SetDocument
    {
        foreach (Keys::of($this->set->layers) as $layer) {
            foreach ($refs as $ref) {
                if ($own->value(PartPath::cell($layer, $ref)) === ['as' => $ref]) {
                    throw FormatError::told('to', $this->set->rig->nameOf($ref).', as which it does', 'another one');
                }
            }
        }

        return $own;
    }

    /**
     * What does as a control that has moved does as it does where it is now.
     *
     * @param array<string, string> $refs where they are now, by where they were
     */
    private function following(SetDocument $own, string $how, array $refs): SetDocument
    {
        $refs = $how === self::COPY ? [] : $refs + ($how === self::SWAP ? array_flip($refs) : []);
        foreach (Keys::each($this->set->cells) as $layer => $cells) {
            foreach (Keys::each($cells) as $ref => $cell) {
                $now = $refs[$cell->as ?? ''] ?? null;
                $path = PartPath::cell($layer, $refs[$ref] ?? $ref);
                if ($now !== null && $own->value($path) === ['as' => $cell->as]) {
                    $own = $own->with($path, ['as' => $now]);
                }
            }
        }

        return $own;
    }

    /** All that a layer says: its cells and its chords. */
    public function layerAs(string $how, string $from, string $to): SetDocument
    {
        $this->layer($from);
        $this->layer($to);
        $pairs = [];
        foreach (Keys::of(($this->set->cells[$from] ?? []) + ($this->set->cells[$to] ?? [])) as $ref) {
            $pairs[] = [PartPath::cell($from, $ref), PartPath::cell($to, $ref)];
        }
        foreach (Keys::of(($this->set->chords[$from] ?? []) + ($this->set->chords[$to] ?? [])) as $chord) {
            $pairs[] = [PartPath::chord($from, $chord), PartPath::chord($to, $chord)];
        }

        return $this->change($this->own(), $how, $pairs);
    }

    /**
     * What one layer does with a contact or an axis, all do: the base layer says it, and no other says anything else.
     *
     * @throws FormatError if the layer says nothing of it
     */
    public function everywhere(string $layer, string $ref): SetDocument
    {
        $this->layer($layer);
        $value = $this->value(PartPath::cell($layer, $ref)) ?? throw FormatError::told(
            'layer',
            'nothing there',
            'a layer that says what the control does',
        );
        $own = $this->put($this->own(), PartPath::cell(Layer::BASE, $ref), $value);

        return $this->withoutElsewhere($own, Layer::BASE, $ref);
    }

    /** No other layer says anything of it. */
    public function onlyIn(string $layer, string $ref): SetDocument
    {
        $this->layer($layer);

        return $this->withoutElsewhere($this->own(), $layer, $ref);
    }

    public function isElsewhere(string $layer, string $ref): bool
    {
        return array_filter(
            Keys::of($this->set->layers),
            fn (string $other) => $other !== $layer && $this->set->cell($other, $ref) !== null,
        ) !== [];
    }

    private function withoutElsewhere(SetDocument $own, string $layer, string $ref): SetDocument
    {
        foreach (Keys::of($this->set->layers) as $other) {
            $own = $other === $layer ? $own : $this->put($own, PartPath::cell($other, $ref), null);
        }

        return $own;
    }

    public function clearRow(string $ref): SetDocument
    {
        $own = $this->own();
        foreach (Keys::of($this->set->layers) as $layer) {
            $own = $this->set->cell($layer, $ref) === null ? $own : $this->takeAway($own, PartPath::cell($layer, $ref));
        }

        return $own;
    }

    /** The layer stays, and says nothing any more. */
    public function clearLayer(string $layer): SetDocument
    {
        $this->layer($layer);
        $own = $this->own();
        foreach (Keys::of($this->set->cells[$layer] ?? []) as $ref) {
            $own = $this->takeAway($own, PartPath::cell($layer, $ref));
        }
        foreach (Keys::of($this->set->chords[$layer] ?? []) as $chord) {
            $own = $this->takeAway($own, PartPath::chord($layer, $chord));
        }

        return $own;
    }

    /** @param list<array{PartPath, PartPath}> $pairs from and to */
    private function change(SetDocument $own, string $how, array $pairs): SetDocument
    {
        if (! in_array($how, self::WAYS, true)) {
            throw FormatError::at('how', $how, 'one of '.implode(', ', self::WAYS));
        }
        foreach ($pairs as [$from, $to]) {
            if ((string) $from === (string) $to) {
                throw FormatError::told('to', 'the same place', 'another one');
            }
            [$there, $here] = [$this->value($from), $this->value($to)];
            $own = $this->put($own, $to, $there);
            if ($how !== self::COPY) {
                $own = $this->put($own, $from, $how === self::SWAP ? $here : null);
            }
        }

        return $own;
    }

    /** @return ?array<string, mixed> */
    private function value(PartPath $path): ?array
    {
        $value = $this->set->merged->value($path);

        return $value === null ? null : Node::of($value)->plain();
    }

    /** @param ?array<string, mixed> $value */
    private function put(SetDocument $own, PartPath $path, ?array $value): SetDocument
    {
        return match (true) {
            $value !== null => $own->with($path, $value),
            $this->value($path) !== null => $this->takeAway($own, $path),
            default => $own,
        };
    }

    private function layer(string $id): void
    {
        $this->known(
            $id,
            $this->set->layers,
            'layer',
            'a layer of the set: '.implode(', ', array_map(fn (Layer $layer) => $layer->name, $this->set->layers)),
        );
    }

    /** An axis takes the place of an axis, a contact that of a contact. */
    private function alike(string $from, string $to): void
    {
        $rig = $this->set->rig;
        foreach ([$from, $to] as $ref) {
            $this->known($ref, $rig->axes + $rig->contacts, 'ref', 'a contact or an axis of the rig');
        }
        if (isset($rig->axes[$from]) !== isset($rig->axes[$to])) {
            throw FormatError::told(
                'to',
                $rig->nameOf($to).', '.(isset($rig->axes[$to]) ? 'an axis' : 'a contact'),
                isset($rig->axes[$from])
                    ? 'an axis, since '
                    .$rig->nameOf($from)
                    .' is one'
                    : 'a contact, since '
                    .$rig->nameOf($from)
                    .' is one',
            );
        }
    }
}
