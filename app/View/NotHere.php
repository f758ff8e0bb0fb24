<?php

declare(strict_types=1);

namespace App\View;

/** What an address asks for that is not there: it is said, and what is shown in its place. */
final class NotHere
{
    /** @var list<string> one sentence each */
    public array $said = [];

    /**
     * @param string               $what   "device", "axis": what the address names
     * @param string               $asked  its name in the address; empty if it names none
     * @param bool                 $isHere is it there?
     * @param string               $shown  name of what is shown instead; empty for nothing
     */
    public function ask(string $what, string $asked, bool $isHere, string $shown = ''): void
    {
        if ($asked !== '' && ! $isHere) {
            $this->said[] = sprintf(
                'The address names the %s “%s”, which is not here. %s',
                $what,
                mb_strimwidth($asked, 0, 60, '…'),
                $shown === '' ? 'Pick another one.' : $shown.' is shown instead.',
            );
        }
    }
}
