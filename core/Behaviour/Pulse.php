<?php

declare(strict_types=1);

namespace Nailrod\Core\Behaviour;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Program\Assigned;
use Nailrod\Core\Run\Run;

/** The outputs are on for a set time at the press, at the release, or at both. */
final readonly class Pulse implements Behaviour
{
    public const WIDTH_MS = 60.0;
    public const ON = ['press', 'release', 'both'];

    /** @param int $width in µs */
    private function __construct(public string $on, public int $width) {}

    public static function on(string $on, float $widthMs = self::WIDTH_MS): self
    {
        return new self($on, (int) round(1000 * $widthMs));
    }

    public static function kind(): string
    {
        return 'pulse';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'on', 'width_ms']);

        return self::on($node->maybe('on')?->oneOf(self::ON) ?? 'press', $node->maybe('width_ms')?->number(1, 60_000) ?? self::WIDTH_MS);
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'on' => $this->on, 'width_ms' => $this->width / 1000];
    }

    public function inWords(): string
    {
        return 'pulse '.($this->width / 1000).' ms'.match ($this->on) {
            'release' => ' when it opens',
            'both' => ' when it closes and when it opens',
            default => '',
        };
    }

    public function refuses(ContactOutput $output): ?string
    {
        return null;
    }

    public function press(Run $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if (! $found && $this->on !== 'release') {
            $this->send($run, $assigned, $cause);
        }
    }

    public function release(Run $run, Assigned $assigned, Cause $cause): void
    {
        if ($this->on !== 'press') {
            $this->send($run, $assigned, $cause);
        }
    }

    private function send(Run $run, Assigned $assigned, Cause $cause): void
    {
        $cause = $cause->with($assigned->step('pulse', ($this->width / 1000).' ms'));
        foreach (array_keys($assigned->outputs) as $i) {
            $run->pulses->send($assigned, $i, $this->width, $cause);
        }
    }
}
