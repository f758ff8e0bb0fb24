<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Run;

use Nailrod\Core\Format\Cause\Step;
use Nailrod\Core\Mapping\Output\AxisOutput;
use Nailrod\Core\Mapping\Output\OutputEvent;

/** Where an axis sends to in the live layer. */
final readonly class Route
{
    /** Does it send every change just as it is: a controller axis that nobody else drives? */
    public bool $direct;

    /**
     * @param string     $key    names the output among all outputs of axes
     * @param bool       $shared do several axes drive it?
     * @param list<Step> $steps  of the cause of every event on this route
     */
    public function __construct(
        public AxisOutput $output,
        public string $kind,
        public string $target,
        public string $key,
        public bool $shared,
        public array $steps,
    ) {
        $this->direct = ! $shared && $kind === OutputEvent::AXIS;
    }
}
