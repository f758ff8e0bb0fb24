<?php

declare(strict_types=1);

namespace App\Http;

/**
 * What a controller does here depends on what the rig says. It is asked before the request's transaction begins: the
 * rig may be about to write itself, and whoever held the database meanwhile would wait for an answer that cannot come.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class AsksTheRig {}
