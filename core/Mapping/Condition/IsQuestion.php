<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

/** What all questions have alike; each has a name and an is. */
trait IsQuestion
{
    private readonly string $name;

    private readonly string $is;

    public function name(): string
    {
        return $this->name;
    }

    public function is(): string
    {
        return $this->is;
    }

    public function questions(): array
    {
        return [$this];
    }

    public function left(callable $isGone): Condition|bool
    {
        return $isGone(Conditions::asksFor(self::class), $this->name) ? $this->holdsWithout() : $this;
    }
}
