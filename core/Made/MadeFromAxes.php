<?php

declare(strict_types=1);

namespace Nailrod\Core\Made;

/** What all kinds of made things say of themselves in the same way. */
trait MadeFromAxes
{
    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function sources(): array
    {
        return $this->of;
    }
}
