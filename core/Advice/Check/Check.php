<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

/** One automatic look over a set. */
interface Check
{
    /** @return iterable<Finding> */
    public function findings(Desk $desk): iterable;
}
