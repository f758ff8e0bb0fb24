<?php

declare(strict_types=1);

namespace App\View;

/** Which set says a part. */
final readonly class Origin
{
    /** @param bool $hasParent could a parent say it, if the set itself did not? */
    public function __construct(public bool $own, public string $set, public bool $hasParent) {}
}
