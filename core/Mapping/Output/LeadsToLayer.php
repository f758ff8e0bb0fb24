<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** It makes another layer live. */
interface LeadsToLayer extends Output
{
    /** The layer that it leads to while this one is settled. */
    public function leadsTo(string $settled): string;

    /** Is the layer live only while the output is on? */
    public function holdsLayer(): bool;

    /** How it leads there, in a word or two: hold, go to, next. */
    public function leadsBy(): string;
}
