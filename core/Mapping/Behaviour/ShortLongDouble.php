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
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Mapping\Output\LeadsToLayer;

/**
 * One output for a short press, one for a long one, one for two in a row. Long is on from t1 until the release; short
 * and double are pulses. Without a double the short is sent at the release, else when t2 from the first release has run
 * out; the double is sent at the second press, whose further hold counts for nothing. Without a long every release is a
 * short.
 */
final readonly class ShortLongDouble implements HasPresets, JoinsPresses, PlacesOutputs, TimedBehaviour
{
    use IsKind;
    use TakesAnyOutput;

    public const LONG_MS = 500.0;
    public const DOUBLE_MS = 300.0;
    private const DOWN = 'down';
    private const LONG = 'long';
    private const GAP = 'gap';
    private const SPENT = 'spent';

    /**
     * @param ?int $short index of its output; null if there is none
     * @param int  $t1    in µs
     * @param int  $t2    in µs
     * @param int  $width in µs
     */
    private function __construct(
        public ?int $short,
        public ?int $long,
        public ?int $double,
        public int $t1,
        public int $t2,
        public int $width,
    ) {}

    public static function kind(): string
    {
        return 'short/long/double';
    }

    public static function title(): string
    {
        return 'tap and hold';
    }

    public static function about(): string
    {
        return 'A tap does one thing, a hold another; two taps in a row a third, if you like.';
    }

    public static function fields(): Fields
    {
        $place = new Whole(0, 15);

        return Fields::of(
            Field::optional(
                null,
                'short',
                'Short sends',
                $place,
                'Place of the output for a short press, counted from 0.',
                0,
            )->hidden(),
            Field::optional(
                null,
                'long',
                'Long sends',
                $place,
                'Place of the output for a long press; a long or a double must be there.',
                1,
            )->hidden(),
            Field::optional(
                null,
                'double',
                'Double sends',
                $place,
                'Place of the output for two presses in a row.',
                2,
            )->hidden(),
            Field::optional(
                self::LONG_MS,
                'long_ms',
                'Hold from',
                Number::ms(1, 60_000),
                'How long a press must be to be a long one.',
            ),
            Field::optional(
                self::DOUBLE_MS,
                'double_ms',
                'Double tap within',
                Number::ms(1, 60_000),
                'How soon after the first release the second press must come.',
            ),
            Pulse::widthField(),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        $it = new self(
            $given->wholeOrNull('short'),
            $given->wholeOrNull('long'),
            $given->wholeOrNull('double'),
            $given->us('long_ms'),
            $given->us('double_ms'),
            $given->us('width_ms'),
        );
        if ($it->long === null && $it->double === null) {
            throw $given->refuseAll('a "long" or a "double", the place of an output in the list');
        }
        $roles = array_filter([$it->short, $it->long, $it->double], is_int(...));

        return count(array_unique($roles)) === count($roles) ? $it : throw $given->refuseAll(
            'another output for each of short, long and double',
        );
    }

    public function values(): array
    {
        return array_filter(['short' => $this->short, 'long' => $this->long, 'double' => $this->double], is_int(...))
            + ['long_ms' => $this->t1 / 1000, 'double_ms' => $this->t2 / 1000, 'width_ms' => $this->width / 1000];
    }

    public static function presetLabel(): string
    {
        return 'It tells apart';
    }

    public static function presets(): array
    {
        return [
            'tap and hold' => ['short' => 0, 'long' => 1],
            'tap and double tap' => ['short' => 0, 'double' => 1],
            'tap, hold and double tap' => ['short' => 0, 'long' => 1, 'double' => 2],
        ];
    }

    public function preset(): string
    {
        return (string) array_search(
            array_filter(['short' => $this->short, 'long' => $this->long, 'double' => $this->double], is_int(...)),
            self::presets(),
            true,
        );
    }

    public function roleOf(int $place): string
    {
        return match ($place) {
            $this->short => 'tap',
            $this->long => 'hold',
            $this->double => 'double tap',
            default => 'not used',
        };
    }

    /** Without a long and a double what is left is a pulse at the release. */
    public function withoutOutput(int $index): ?Behaviour
    {
        $places = array_map(fn (?int $place) => match (true) {
            $place === null, $place === $index => null,
            default => $place > $index ? $place - 1 : $place,
        }, [$this->short, $this->long, $this->double]);
        if ($places[1] === null && $places[2] === null) {
            return $places[0] === null ? null : Pulse::on('release', $this->width / 1000);
        }

        return new self($places[0], $places[1], $places[2], $this->t1, $this->t2, $this->width);
    }

    /** What holds a layer is for the hold, and what is beside it for the tap. */
    public function arranged(array $outputs): self
    {
        $isHolder = fn (?int $place): bool => ($outputs[$place ?? -1] ?? null) instanceof LeadsToLayer
            && $outputs[$place ?? -1]->holdsLayer();

        return $this->long !== null && $this->short !== null && $isHolder($this->short) && ! $isHolder($this->long)
            ? new self($this->long, $this->short, $this->double, $this->t1, $this->t2, $this->width)
            : $this;
    }

    public function openRoles(int $count): array
    {
        $places = array_filter(
            [$this->short, $this->long, $this->double],
            fn (?int $place): bool => $place !== null && $place >= $count,
        );
        sort($places);

        return array_combine($places, array_map($this->roleOf(...), $places));
    }

    /** It is for what waits for an output at this place; else for what has none: the short, then the long. */
    public function withOutput(int $index): self
    {
        if (in_array($index, [$this->short, $this->long, $this->double], true)) {
            return $this;
        }

        return match (null) {
            $this->short => new self($index, $this->long, $this->double, $this->t1, $this->t2, $this->width),
            $this->long => new self($this->short, $index, $this->double, $this->t1, $this->t2, $this->width),
            $this->double => new self($this->short, $this->long, $index, $this->t1, $this->t2, $this->width),
            default => $this,
        };
    }

    public function inWords(Names $names): string
    {
        return implode(', ', array_filter([
            $this->short === null ? '' : 'short',
            $this->long === null ? '' : 'long from '.($this->t1 / 1000).' ms',
            $this->double === null ? '' : 'double within '.($this->t2 / 1000).' ms',
        ]));
    }

    public function sendsAllAtOnce(): bool
    {
        return false;
    }

    public function joinsPresses(): bool
    {
        return true;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if ($found) {
            return;
        }
        if ($run->stage($assigned) === self::GAP) {
            $run->cancel($assigned, self::GAP);
            $run->enter($assigned, self::SPENT);
            $this->pulse($run, $assigned, $this->double, $cause->then(StepKind::Behaviour, 'double'));

            return;
        }
        $run->enter($assigned, self::DOWN);
        if ($this->long !== null) {
            $run->later($assigned, self::LONG, $this->t1, $cause);
        }
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void
    {
        $stage = $run->stage($assigned);
        $run->cancel($assigned, self::LONG);
        $run->enter($assigned, null);
        if ($stage === self::LONG) {
            $this->letGo($run, $assigned, $cause);
        } elseif ($stage === self::DOWN && $this->double !== null) {
            $run->enter($assigned, self::GAP);
            $run->later($assigned, self::GAP, $this->t2, $cause);
        } elseif ($stage === self::DOWN) {
            $this->pulse($run, $assigned, $this->short, $cause->then(StepKind::Behaviour, 'short'));
        }
    }

    public function timer(Engine $run, Assigned $assigned, string $what, Cause $cause): void
    {
        if ($what === self::GAP) {
            $run->enter($assigned, null);
            $this->pulse($run, $assigned, $this->short, $cause->then(StepKind::Behaviour, 'short'));

            return;
        }
        $run->enter($assigned, self::LONG);
        $i = (int) $this->long;
        if (isset($assigned->outputs[$i])) {
            $assigned->outputs[$i]->press(
                $run,
                $assigned->source($i),
                $assigned->towards($i, $cause->then(StepKind::Behaviour, 'long')),
            );
        }
    }

    public function end(Engine $run, Assigned $assigned, Cause $cause): void
    {
        if ($run->stage($assigned) === self::LONG) {
            $this->letGo($run, $assigned, $cause);
        }
        $run->cancel($assigned, self::LONG);
        $run->cancel($assigned, self::GAP);
    }

    private function letGo(Engine $run, Assigned $assigned, Cause $cause): void
    {
        $i = (int) $this->long;
        if (isset($assigned->outputs[$i])) {
            $assigned->outputs[$i]->release(
                $run,
                $assigned->source($i),
                $assigned->towards($i, $cause->then(StepKind::Behaviour, 'long')),
            );
        }
    }

    private function pulse(Engine $run, Assigned $assigned, ?int $output, Cause $cause): void
    {
        if ($output !== null && isset($assigned->outputs[$output])) {
            $run->pulse($assigned, $output, $this->width, $cause);
        }
    }
}
