<?php

declare(strict_types=1);

namespace App\View\Make;

use Nailrod\Core\Mapping\Output\ControllerAxis;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\OutputNumbers;
use Nailrod\Core\Set\OutputUse;

/** The controller outputs beside a picked cell: which are used and which are free, and the chart of them. */
final readonly class AssignNumbers
{
    /** @param bool $isAxis axes, else buttons */
    public function __construct(private OutputUse $use, private bool $isAxis) {}

    public function numbers(): OutputNumbers
    {
        return $this->isAxis ? $this->use->axes() : $this->use->buttons();
    }

    /** @return array<int, array{at: list<string>, hears: list<string>}> see OutputUse::chart() */
    public function chart(): array
    {
        return $this->use->chart($this->isAxis ? ControllerAxis::class : ControllerButton::class);
    }
}
