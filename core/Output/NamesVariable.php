<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

/** What all outputs that write a variable say alike. */
trait NamesVariable
{
    public function variable(): string
    {
        return $this->name;
    }

    public function inWords(): string
    {
        return $this->inWordsOf('variable '.$this->name);
    }
}
