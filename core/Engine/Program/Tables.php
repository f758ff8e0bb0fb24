<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Program;

/** All that a program says, numbered in file order: plain values, so that they can be kept as a PHP file. */
final readonly class Tables
{
    /**
     * @param array<string, float>                $starts       of variables
     * @param array<string, int>                  $axisPorts    axes by the port that reports them
     * @param array<string, int>                  $contactPorts contacts by the port that reports them
     * @param array<string, list<?int>>           $hatPorts     contacts of a hat: north, east, south, west
     * @param array<string, array{?int, ?int}>    $tickPorts    contacts of an encoder: one way and the other
     * @param array<string, RotaryRow>            $rotaries     dials that tick
     *                                         and encoders that have places, by their reference
     * @param list<LayerRow>                      $layers
     * @param list<AxisRow>                       $axes
     * @param list<ContactRow>                    $contacts
     * @param array<int, list<int>>               $opposites    contacts that are closed while the key is open
     * @param array<int, list<int>>               $noneOf       contacts that the key keeps open
     * @param list<MadeRow>                       $made
     * @param list<StopRow>                       $stops
     * @param list<AssignmentRow>                 $assignments
     * @param list<MacroRow>                      $macros
     * @param array<string, array<string, mixed>> $lamps        rules in the open format, by id
     * @param array<string, list<string>>         $lampColours  that each lamp
     *                                         of a rule has, its own first, by its reference
     * @param list<ChordRow>                      $chords
     * @param array<int, array<int, list<int>>>   $chordsOf     by layer and member
     * @param array<int, array<int, int>>         $cells        assignments by
     *                                         layer and contact; Program::NOTHING where it does nothing
     * @param array<int, array<int, int>>         $axisCells    the same by axis
     */
    public function __construct(
        public array $starts,
        public array $axisPorts,
        public array $contactPorts,
        public array $hatPorts,
        public array $tickPorts,
        public array $rotaries,
        public array $layers,
        public array $axes,
        public array $contacts,
        public array $opposites,
        public array $noneOf,
        public array $made,
        public array $stops,
        public array $assignments,
        public array $macros,
        public array $lamps,
        public array $lampColours,
        public array $chords,
        public array $chordsOf,
        public array $cells,
        public array $axisCells,
    ) {}
}
