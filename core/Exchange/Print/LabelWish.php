<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

/** What is wanted of the labels of a device. */
final readonly class LabelWish
{
    /** Layers that have room on one label. */
    public const MOST_LAYERS = 3;

    /** The smallest letters that are printed, in points: usual, and in large print. */
    private const LEAST = 5.0;
    private const LEAST_LARGE = 8.0;

    private const LARGEST = 10.0;
    private const LARGEST_LARGE = 16.0;

    /**
     * @param list<string> $layers     ids, at most MOST_LAYERS, in the order in which they stand on a label
     * @param bool         $byPosition one for each position of a control, rather than one for a control
     * @param int          $height     of a label, in mm: one of Paper::TAPES
     */
    public function __construct(
        public LabelText $text,
        public array $layers,
        public bool $byPosition,
        public int $height,
        public bool $isLarge,
    ) {}

    /** @return float in points */
    public function least(): float
    {
        return $this->isLarge ? self::LEAST_LARGE : self::LEAST;
    }

    /** @return float in points */
    public function largest(): float
    {
        return $this->isLarge ? self::LARGEST_LARGE : self::LARGEST;
    }
}
