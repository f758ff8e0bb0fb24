<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;

/** Each press sends the next output as a pulse and wraps at the end; after some idle time it starts again. */
final readonly class Cycle implements TakesTurns
{
    use IsKind;
    use TakesAnyOutput;

    public const FORWARD = 'forward';
    public const BACK = 'back';

    /**
     * @param int $idle  after how long it starts again, counted from the last press, in µs; 0: never
     * @param int $width of a pulse, in µs
     */
    private function __construct(public string $direction, public int $idle, public int $width) {}

    public static function kind(): string
    {
        return 'cycle';
    }

    public static function title(): string
    {
        return 'cycle';
    }

    public static function about(): string
    {
        return 'Each press sends the next output as a pulse, from the last one to the first again.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::optional(
                self::FORWARD,
                'direction',
                'Goes',
                Choice::of(self::FORWARD, self::BACK),
                'Which way through the outputs.',
            ),
            Field::optional(
                0,
                'idle_ms',
                'Anew after (0: never)',
                Number::ms(0, 3_600_000),
                'After how long without a press it begins anew; 0 for never.',
            ),
            Pulse::widthField(),
        );
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('direction'), $given->us('idle_ms'), $given->us('width_ms'));
    }

    public function values(): array
    {
        return ['direction' => $this->direction, 'idle_ms' => $this->idle / 1000, 'width_ms' => $this->width / 1000];
    }

    public function inWords(Names $names): string
    {
        return 'one after the other'.($this->direction === self::BACK ? ', backwards' : '').(
            $this->idle > 0 ? ', from the start after '.($this->idle / 1000).' ms' : ''
        );
    }

    public function sendsAllAtOnce(): bool
    {
        return false;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if ($found) {
            return;
        }
        $outputs = array_keys($assigned->outputs);
        $count = count($outputs);
        $place = $this->turn($run->place($assigned), $run->elapsed(), $count);
        $run->keepPlace($assigned, $place);
        $run->pulse(
            $assigned,
            $outputs[$place],
            $this->width,
            $cause->then(StepKind::Behaviour, 'cycle', ($place + 1).' of '.$count),
        );
    }

    /** @param int $now in µs */
    public function turn(?array $before, int $now, int $count): int
    {
        $isBack = $this->direction === self::BACK;
        [$place, $last] = $before ?? [null, 0];
        if ($place === null || $place >= $count || ($this->idle > 0 && $now - $last >= $this->idle)) {
            return $isBack ? $count - 1 : 0;
        }

        return ($place + ($isBack ? $count - 1 : 1)) % $count;
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void {}
}
