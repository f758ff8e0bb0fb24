<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

/** One thing on the picture that is dragged, or moved by arrow keys; each way it moves writes into a field. */
final readonly class Handle
{
    public const ACROSS = 'across';
    public const UP = 'up';
    public const BOTH = 'both';

    /**
     * @param string                                      $id     names it on the picture
     * @param string                                      $kind   zone, stop, notch, threshold, point, bend, range
     * @param string                                      $label  what it is, for who does not see it
     * @param string                                      $moves  one of the constants
     * @param float                                       $x      travel at which it is, 0..1
     * @param float                                       $y      value at which it is, 0..1
     * @param ?array{field: string, from: float, to: float} $across its field,
     *                                         and what that says at travel 0 and at travel 1
     * @param ?array{field: string, from: float, to: float} $up     the same for the value
     * @param string                                      $flag   a few words beside its line, empty for none
     * @param string                                      $remove id of the form
     *                                         that takes it away, empty if it cannot be
     * @param string                                      $stop   id of the stop that it is, empty if it is none
     * @param int                                         $row    lines its flag
     *                                         is put further, so that flags do not cover each other
     * @param bool                                        $isAside is what it is set aside?
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $label,
        public string $moves,
        public float $x,
        public float $y,
        public ?array $across = null,
        public ?array $up = null,
        public string $flag = '',
        public string $remove = '',
        public string $stop = '',
        public int $row = 0,
        public bool $isAside = false,
    ) {}

    /** What its field says now, as a figure. */
    public function now(): string
    {
        $way = $this->across ?? $this->up ?? ['from' => 0.0, 'to' => 0.0];
        $part = $this->across === null ? $this->y : $this->x;

        return (string) (round(10 * ($way['from'] + ($way['to'] - $way['from']) * $part)) / 10);
    }
}
