<?php

declare(strict_types=1);

namespace Nailrod\Core\Macro;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ActionOutput;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;

/** One step of a macro: an output is pressed, released, or tapped for a while; or nothing but a wait. */
final readonly class MacroStep
{
    public const PRESS = 'press';
    public const RELEASE = 'release';
    public const TAP = 'tap';
    public const WAIT = 'wait';
    public const TAP_MS = 30.0;

    /** @param int $time that passes until the next step, in µs: the width of a tap, the length of a wait */
    private function __construct(public string $does, public ?Output $output, public int $time) {}

    public static function read(Node $node): self
    {
        $does = $node->get('do')->oneOf([self::PRESS, self::RELEASE, self::TAP, self::WAIT]);
        $node->only(['do', ...match ($does) {
            self::WAIT => ['ms'],
            self::TAP => ['output', 'ms'],
            default => ['output'],
        }]);
        if ($does === self::WAIT) {
            return new self($does, null, (int) round(1000 * $node->get('ms')->number(0, 600_000)));
        }
        $output = Outputs::read($node->get('output'));
        if (! $output instanceof ActionOutput && (! $output instanceof ContactOutput || (! $output->isHeld() && $does !== self::TAP))) {
            throw $node->get('output')->refuse($does === self::TAP ? 'an output that a contact can drive' : 'an output that can be held');
        }

        return new self($does, $output, $does === self::TAP ? (int) round(1000 * ($node->maybe('ms')?->number(1, 60_000) ?? self::TAP_MS)) : 0);
    }
}
