<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

/** How a rule lights one of its lamps, and what must be so for that: enough to see whether two rules contradict each other. */
final readonly class Shows
{
    /**
     * @param string $sort one of Seen::SORTS
     * @param string $name id of it, or reference of the contact; empty for always
     * @param bool   $is   open, up; false: shut, down
     * @param float  $from of a variable: the least at which it is lit, and $to the most
     */
    public function __construct(public Look $look, public string $sort, public string $name = '', public bool $is = true, public float $from = 0.0, public float $to = 0.0) {}

    /** Is this so whenever the other is? */
    public function covers(self $other): bool
    {
        return $this->sort === Seen::ALWAYS || ($this->isOf($other) && $this->is === $other->is && ($this->sort !== 'variable' || ($this->from <= $other->from && $this->to >= $other->to)));
    }

    /** Are both so at some values of one variable, though neither whenever the other is? */
    public function overlaps(self $other): bool
    {
        return $this->sort === 'variable' && $this->isOf($other) && max($this->from, $other->from) <= min($this->to, $other->to) && ! $this->covers($other) && ! $other->covers($this);
    }

    private function isOf(self $other): bool
    {
        return $this->sort === $other->sort && $this->name === $other->name;
    }
}
