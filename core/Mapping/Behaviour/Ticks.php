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

/**
 * One pulse for every tick of an encoder, never overlapping. While it turns faster than so many ticks a second, over
 * the last 200 ms, the coarse output is sent instead of the fine one. What would wait beyond a limit is dropped and
 * counted.
 */
final readonly class Ticks implements PlacesOutputs, QueuesTicks
{
    use IsKind;
    use TakesAnyOutput;

    public const WIDTH_MS = 20.0;
    public const GAP_MS = 20.0;
    public const MOST = 32;

    /**
     * @param int   $width of a pulse, in µs
     * @param int   $gap   between two, in µs
     * @param int   $most  that wait
     * @param float $coarse ticks a second above which the coarse output is sent; 0: never
     * @param ?int  $finePlace   of the output of a tick; null if there is none
     * @param ?int  $coarsePlace of the coarse one
     */
    private function __construct(
        public int $width,
        public int $gap,
        public int $most,
        public float $coarse,
        public ?int $finePlace = 0,
        public ?int $coarsePlace = 1,
    ) {}

    public static function usual(): self
    {
        return new self((int) (1000 * self::WIDTH_MS), (int) (1000 * self::GAP_MS), self::MOST, 0.0);
    }

    public static function kind(): string
    {
        return 'ticks';
    }

    public static function title(): string
    {
        return 'ticks';
    }

    public static function about(): string
    {
        return 'One pulse for every tick of an encoder, never overlapping; what would wait beyond a limit is dropped '
            .'and counted.';
    }

    public static function fields(): Fields
    {
        $place = new Whole(0, 15);

        return Fields::of(
            Field::optional(
                self::GAP_MS,
                'gap_ms',
                'Pause',
                Number::ms(0, 1000),
                'How long the output is off between two pulses.',
            ),
            Field::optional(
                self::MOST,
                'most_waiting',
                'Most that wait',
                new Whole(0, 1000),
                'How many ticks may wait for their pulse.',
            ),
            Field::optional(
                0,
                'coarse_above',
                'Second output above, a second',
                new Number(0, 1000, 'ticks a second'),
                'Speed from which the coarse output is sent instead of the fine one; 0 for never.',
            ),
            Field::optional(
                null,
                'fine',
                'Fine sends',
                $place,
                'Place of the output of a tick; without it and "coarse" the first.',
                0,
            )->hidden(),
            Field::optional(
                null,
                'coarse',
                'Coarse sends',
                $place,
                'Place of the output of fast ticks; without it and "fine" the second.',
                1,
            )->hidden(),
            Pulse::widthField(self::WIDTH_MS, 1000),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        $places = $given->says('fine') || $given->says('coarse') ? [
            $given->wholeOrNull('fine'),
            $given->wholeOrNull('coarse'),
        ] : [0, 1];
        if ($places[0] === $places[1]) {
            throw $given->refuseAll('another output for fine and for coarse ticks');
        }

        return new self(
            $given->us('width_ms'),
            $given->us('gap_ms'),
            $given->whole('most_waiting'),
            $given->number('coarse_above'),
            ...$places,
        );
    }

    public function values(): array
    {
        return [
            'width_ms' => $this->width / 1000,
            'gap_ms' => $this->gap / 1000,
            'most_waiting' => $this->most,
            'coarse_above' => $this->coarse,
        ]
            + ([$this->finePlace, $this->coarsePlace] === [0, 1] ? [] : array_filter(
                ['fine' => $this->finePlace, 'coarse' => $this->coarsePlace],
                is_int(...),
            ));
    }

    public function roleOf(int $place): string
    {
        return match (true) {
            $this->coarse <= 0.0 => '',
            $place === $this->finePlace => 'slow',
            $place === $this->coarsePlace => 'fast',
            default => 'not used',
        };
    }

    public function width(): int
    {
        return $this->width;
    }

    public function gap(): int
    {
        return $this->gap;
    }

    public function most(): int
    {
        return $this->most;
    }

    public function placeAt(float $speed, Assigned $assigned): int
    {
        $isCoarse = $this->coarse > 0.0 && $speed > $this->coarse && isset(
            $assigned->outputs[$this->coarsePlace ?? -1],
        );

        return ($isCoarse ? $this->coarsePlace : $this->finePlace) ?? -1;
    }

    public function withoutOutput(int $index): ?Behaviour
    {
        $places = array_map(fn (?int $place) => match (true) {
            $place === null, $place === $index => null,
            default => $place > $index ? $place - 1 : $place,
        }, [$this->finePlace, $this->coarsePlace]);
        if ($places === [0, null]) {
            $places = [0, 1];
        }

        return $places === [null, null] ? null : new self(
            $this->width,
            $this->gap,
            $this->most,
            $this->coarse,
            ...$places,
        );
    }

    public function arranged(array $outputs): self
    {
        return $this;
    }

    public function openRoles(int $count): array
    {
        return $this->coarse > 0.0 && $this->coarsePlace !== null
            && $this->coarsePlace >= $count
            ? [$this->coarsePlace => 'coarse']
            : [];
    }

    public function withOutput(int $index): self
    {
        if (in_array($index, [$this->finePlace, $this->coarsePlace], true)) {
            return $this;
        }

        return match (null) {
            $this->finePlace => new self(
                $this->width,
                $this->gap,
                $this->most,
                $this->coarse,
                $index,
                $this->coarsePlace,
            ),
            $this->coarsePlace => new self(
                $this->width,
                $this->gap,
                $this->most,
                $this->coarse,
                $this->finePlace,
                $index,
            ),
            default => $this,
        };
    }

    public function inWords(Names $names): string
    {
        return sprintf(
            'a pulse of %s ms a tick%s',
            json_encode($this->width / 1000),
            $this->coarse > 0.0 ? sprintf(', coarse above %s a second', json_encode($this->coarse)) : '',
        );
    }

    public function sendsAllAtOnce(): bool
    {
        return false;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if (! $found) {
            $run->tick($assigned, $this, $cause->then(StepKind::Behaviour, 'tick'));
        }
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void {}
}
