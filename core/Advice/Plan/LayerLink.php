<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

/** A contact that leads from one layer to another. */
final readonly class LayerLink
{
    /**
     * @param string $from  id of the layer in which the contact leads there, and $to of the one that it leads to
     * @param string $ref   reference of the contact
     * @param bool   $holds the layer is live while the contact is held; false: it stays
     * @param string $words hold, turn on and off, go to, next or previous
     */
    public function __construct(
        public string $from,
        public string $to,
        public string $ref,
        public bool $holds,
        public string $words,
    ) {}
}
