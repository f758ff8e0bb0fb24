<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\AxisInput;

/**
 * One part of what is said of an axis, `axes/AXIS/PART`: how its readings become travel, or its travel a value. One
 * that is a Stage acts by itself, in the order of AxisParts. A new part is one class and one line there.
 */
interface AxisPart
{
    /** The word in the file. */
    public static function part(): string;

    /** What it is called: "dead zones". */
    public static function title(): string;

    /** What it does, in a sentence for who reads a file or the docs. */
    public static function about(): string;

    /** Does it say how a reading becomes travel, so that an axis that is built from others has none? */
    public static function isOfReadings(): bool;

    /** Does a form offer it for this axis? */
    public static function isOffered(AxisInput $axis): bool;

    /** @param ?AxisInput $axis null if it is not known: all fields that there can be, with their widest limits */
    public static function fields(?AxisInput $axis): Fields;

    /** @return array<string, mixed> the part in JSON Schema */
    public static function schema(): array;

    /**
     * @param ?Node  $node  null if nothing is said
     * @param ?Range $range of the axis; null if it is not known
     *
     * @throws FormatError if it does not fit the axis
     */
    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self;

    /**
     * Looks at what can be wrong whatever the axis is.
     *
     * @throws FormatError
     */
    public static function check(Node $node): void;

    /**
     * What a form said, made whole.
     *
     * @param array<string, mixed> $said in the open format
     *
     * @return array<string, mixed>
     */
    public static function completed(array $said): array;

    /** @return array<string, mixed> its fields as they hold, in the open format; what is usual too */
    public function values(): array;

    /** What a form says while it leaves everything as it comes. */
    public function asItComes(AxisInput $axis): string;

    /**
     * What it does, in a few words with the numbers in it; empty if it leaves every value as it is.
     *
     * @param bool $centred do the percentages count from the centre, -100 to +100?
     */
    public function inWords(bool $centred): string;
}
