<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Kind;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Device;

/**
 * Something that is made from axes: contacts (thresholds, zones, directions) or further axes. A part of a set,
 * `made/ID`; what it makes is referred to as `made/ID` or `made/ID.PART`. What else it can do it says by an ability:
 * MadeContacts, BuildsAxes, MarksAxis, SharesTravel. A new kind is one class and one line in MadeKinds.
 */
interface Made extends Kind
{
    /** What stands before the slash in the reference of everything that is made. */
    public const DEVICE = Device::MADE;

    /**
     * @return array<string, string> kinds that it can be turned into as it stands, itself too, in words; empty if there
     *    is no other
     */
    public static function alternatives(): array;

    /** What a form calls them: "Closes". */
    public static function alternativesLabel(): string;

    /** How many axes it is made from. */
    public static function takes(): int;

    /** Can it be made from axes that are centred, from those that are not, or from both? Null for both. */
    public static function wantsCentred(): ?bool;

    /**
     * What a new one begins with.
     *
     * @param float        $travel where the hand is, 0..1
     * @param float        $rest   where the first of its axes rests, 0..1
     * @param list<string> $names  of its axes
     *
     * @return array<string, mixed> in the open format, with a name, without its axes
     */
    public static function begin(float $travel, float $rest, array $names): array;

    /**
     * What the form of another kind did not have is added.
     *
     * @param array<string, mixed> $said in the open format; null for a field that is missing
     *
     * @return array<string, mixed>
     */
    public static function completed(array $said): array;

    public function id(): string;

    public function name(): string;

    /** @return non-empty-list<string> references of the axes that it is made from */
    public function sources(): array;

    /** @return list<AxisInput> the axes that it makes */
    public function axes(): array;

    /** @return list<ContactInput> the contacts that it makes */
    public function contacts(): array;

    /**
     * Why it cannot be made from these axes; null if it can.
     *
     * @param non-empty-list<Shaping> $sources
     */
    public function refuses(array $sources): ?string;

    /**
     * @param list<string> $sources what the axes are called
     * @param bool         $centred do the percentages of the first one count from its centre?
     */
    public function inWords(array $sources, bool $centred): string;
}
