<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Cause\StepKind;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\IsKind;

use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;

/**
 * A pulse at the press, one after the delay, then one every period: while the contact is held, or until it is pressed
 * again. At the end a running pulse finishes.
 */
final readonly class Repeat implements JoinsPresses, Latches, TimedBehaviour
{
    use IsKind;
    use TakesAnyOutput;

    public const WHILE_HELD = 'held';
    public const LATCHED = 'until pressed again';
    public const DELAY_MS = 450.0;
    public const PERIOD_MS = 125.0;

    /**
     * @param int $delay  in µs
     * @param int $period in µs
     * @param int $width  in µs, less than both
     */
    private function __construct(public int $delay, public int $period, public int $width, public bool $isLatched) {}

    public static function kind(): string
    {
        return 'repeat';
    }

    public static function title(): string
    {
        return 'repeat';
    }

    public static function about(): string
    {
        return 'A pulse at the press, one after the delay, then one every period; at the end a running pulse finishes.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::optional(
                self::DELAY_MS,
                'delay_ms',
                'First after',
                Number::ms(1, 60_000),
                'How long after the first pulse the second one begins.',
            ),
            Field::optional(
                self::PERIOD_MS,
                'period_ms',
                'Then every',
                Number::ms(1, 60_000),
                'How long it is from then on from one pulse to the next.',
            ),
            Field::optional(
                self::WHILE_HELD,
                'while',
                'While',
                Choice::of(self::WHILE_HELD, self::LATCHED),
                'When it ends.',
            ),
            Pulse::widthField(),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        $repeat = new self(
            $given->us('delay_ms'),
            $given->us('period_ms'),
            $given->us('width_ms'),
            $given->text('while') === self::LATCHED,
        );
        if ($repeat->width >= min($repeat->delay, $repeat->period)) {
            throw $given->refuse(
                'width_ms',
                'a width of less than the delay and the period, '.(min($repeat->delay, $repeat->period) / 1000).' ms',
            );
        }

        return $repeat;
    }

    public function values(): array
    {
        return [
            'delay_ms' => $this->delay / 1000,
            'period_ms' => $this->period / 1000,
            'width_ms' => $this->width / 1000,
            'while' => $this->isLatched ? self::LATCHED : self::WHILE_HELD,
        ];
    }

    public function inWords(Names $names): string
    {
        return sprintf(
            'repeat after %s ms every %s ms%s',
            json_encode($this->delay / 1000),
            json_encode($this->period / 1000),
            $this->isLatched ? ' until pressed again' : '',
        );
    }

    public function isLatched(): bool
    {
        return $this->isLatched;
    }

    public function turnsOnAndOff(): bool
    {
        return false;
    }

    public function sendsAllAtOnce(): bool
    {
        return true;
    }

    public function joinsPresses(): bool
    {
        return ! $this->isLatched;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if ($found) {
            return;
        }
        if ($run->stage($assigned) !== null) {
            $this->end($run, $assigned, $cause);

            return;
        }
        $cause = $cause->then(StepKind::Behaviour, 'repeat');
        $run->enter($assigned, 'repeating');
        $this->pulse($run, $assigned, $cause, $this->delay);
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void
    {
        if (! $this->isLatched) {
            $this->end($run, $assigned, $cause);
        }
    }

    public function timer(Engine $run, Assigned $assigned, string $what, Cause $cause): void
    {
        $this->pulse($run, $assigned, $cause, $this->period, 'again');
    }

    public function end(Engine $run, Assigned $assigned, Cause $cause): void
    {
        $run->cancel($assigned, 'again');
        $run->enter($assigned, null);
    }

    /** One pulse; unless that has ended the repeat itself by letting go of everything, the next one comes later. */
    private function pulse(Engine $run, Assigned $assigned, Cause $cause, int $next, string $why = ''): void
    {
        $now = $why === '' ? $cause : $cause->then(StepKind::Timer, $why);
        foreach (array_keys($assigned->outputs) as $i) {
            $run->pulse($assigned, $i, $this->width, $now);
        }
        if ($run->stage($assigned) !== null) {
            $run->later($assigned, 'again', $next, $cause);
        }
    }
}
