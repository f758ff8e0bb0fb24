<?php

declare(strict_types=1);

namespace Nailrod\Core\Made;

use Nailrod\Core\Axis\Shaping;
use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Format\Node;

/**
 * Something that is made from axes: contacts (thresholds, zones, directions) or further axes. A part of a set,
 * `made/ID`; what it makes is referred to as `made/ID` or `made/ID.PART`. A new kind is one class and one line in
 * MadeKinds.
 */
interface Made
{
    /** What stands before the slash in the reference of everything that is made. */
    public const DEVICE = 'made';

    /** @return list<string> the words that `kind` can be in the file */
    public static function kinds(): array;

    public static function read(string $id, Node $node): self;

    public function id(): string;

    public function name(): string;

    public function kind(): string;

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
