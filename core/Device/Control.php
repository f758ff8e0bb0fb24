<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

/** One thing on a device that a hand moves, with what it reports and where it is drawn. */
final readonly class Control
{
    /**
     * @param list<AxisInput>    $axes
     * @param list<ContactInput> $contacts
     * @param int                $x        place of its middle on the faceplate, in grid units of 1/10 mm
     * @param int                $y        the same, downwards
     * @param ?int               $hat      input number of the hat, if it is one
     * @param ?int               $encoder  input number of the encoder, if it is one
     */
    public function __construct(
        public string $ref,
        public string $name,
        public string $label,
        public ControlKind $kind,
        public array $axes,
        public array $contacts,
        public int $x,
        public int $y,
        public ?int $hat = null,
        public ?int $encoder = null,
    ) {}
}
