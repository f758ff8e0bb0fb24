<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device\Kind;

use Nailrod\Core\Format\Article;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\Control;

/**
 * What a hand does with a control: what it can report, how it is drawn on the screen and on paper, and what it is
 * proposed for. A new kind is one class and one line in ControlKinds, and a view in `components/controls` if it is
 * drawn anew.
 */
abstract readonly class ControlKind
{
    /** The word of it in files. */
    abstract public static function kind(): string;

    /** Can a control that reports this be of this kind? */
    abstract public function fits(Reports $reports): bool;

    /** @return array<string, mixed> what a control of it reports, in the open format, under the next free numbers */
    abstract public function numbered(Numbering $numbers): array;

    /** @return string path in SVG, in units of the faceplate from its middle, as it is printed */
    abstract public function mark(): string;

    /**
     * @return array{int, int, int} room for it with its label across and down, and how far down its middle lies; in
     *    grid units
     */
    abstract public function room(): array;

    /** "two-way switch". */
    public function inWords(): string
    {
        return static::kind();
    }

    /** "two-way switches". */
    public function several(): string
    {
        return $this->inWords().(str_ends_with($this->inWords(), 'switch') ? 'es' : 's');
    }

    /** What stands on a device beside one that has no name yet, before its number. */
    public function short(): string
    {
        return ucfirst(static::kind());
    }

    /** The view in `components/controls` that draws it. */
    public function drawing(Control $control): string
    {
        return str_replace(' ', '-', static::kind());
    }

    /** Does it stay where it is put, on one thing or the other? */
    public function isOnOff(): bool
    {
        return false;
    }

    /** Does it stay where it is put, so that its contact stays closed? */
    public function latches(): bool
    {
        return false;
    }

    /** Is it always at one of its positions, the first of them when it is new? */
    public function isAlwaysAtOne(): bool
    {
        return false;
    }

    /** Are its positions up, down and perhaps a middle? */
    public function isUpAndDown(): bool
    {
        return false;
    }

    /** Is it one thing to press, that stands beside others like it? */
    public function isPushed(): bool
    {
        return false;
    }

    /** Is it turned, so that its travel is told in degrees? */
    public function isTurned(): bool
    {
        return false;
    }

    /** Does it go back by itself when nobody holds it? */
    public function springsBack(): bool
    {
        return false;
    }

    /** Does this axis of it go back to its rest when nobody holds it? */
    public function returns(AxisInput $axis): bool
    {
        return $this->springsBack();
    }

    /** How soon it is proposed for a wish, the lowest first; null: it does not fulfil it. */
    public function rankFor(Wish $wish): ?int
    {
        return null;
    }

    /**
     * How soon it is proposed for an axis of a game, the lowest first; null: it moves no axis by degrees.
     *
     * @param string $role of the axis: "steer", "left brake"
     */
    public function rankForAxis(string $role): ?int
    {
        return null;
    }

    /** Why it is proposed. */
    public function why(Wish $wish): string
    {
        return $wish->isPair() ? Article::before($this->inWords()).' goes both ways' : 'a free '.$this->inWords();
    }

    /**
     * Groups of so many of its contacts that go together.
     *
     * @param list<string> $contacts references, in their order
     *
     * @return list<list<string>>
     */
    public function groups(array $contacts, int $count): array
    {
        return match (true) {
            $count === 1 => array_chunk($contacts, 1),
            count($contacts) >= $count => [array_slice($contacts, 0, $count)],
            default => [],
        };
    }

    /**
     * The contacts of it that are the other half of one: down of up.
     *
     * @param list<string> $contacts references, in their order
     *
     * @return list<string>
     */
    public function beside(array $contacts, string $one): array
    {
        return array_values(array_diff($contacts, [$one]));
    }
}
