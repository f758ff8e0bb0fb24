<?php

declare(strict_types=1);

namespace App\Rig;

/** Whatever watches the rig: a page, a program, a game outside. */
final class Subscriber
{
    /**
     * @param list<string>           $sees  kinds of events
     * @param string                 $look  the devices whose sheets it shows, with commas between; empty if none
     * @param \Closure(string): void $write what is sent to it
     * @param string                 $page  the set that a page shows; empty if it is no page
     * @param string                 $panel the touch panel that it is, and of
     *                                      which alone it is told; empty if it is none
     * @param string                 $hand  the hand that lives as long as this eye; empty if none does
     */
    public function __construct(
        public readonly string $id,
        public readonly array $sees,
        public string $look,
        public readonly \Closure $write,
        public readonly string $page = '',
        public readonly string $panel = '',
        public string $hand = '',
    ) {}

    /** Eyes of one sort see the same. */
    public function sort(): string
    {
        return implode(',', $this->sees).' '.$this->look.($this->panel === '' ? '' : ' '.$this->panel.' '.$this->hand);
    }
}
