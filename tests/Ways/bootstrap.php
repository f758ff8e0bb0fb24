<?php

declare(strict_types=1);

/* The classes are loaded so that it is noted which of them had a method called: see Trace. */

use Composer\Autoload\ClassLoader;
use Tests\Ways\Trace;

$classes = require __DIR__.'/../../vendor/autoload.php';
assert($classes instanceof ClassLoader);
require_once __DIR__.'/Trace.php';
Trace::load($classes, (string) realpath(__DIR__.'/../..'));
