<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Several;

/** The next or the previous layer in a list is settled; from outside the list its first or its last. */
final readonly class StepLayer implements ContactOutput, LeadsToLayer, NamesPart, StoredOnDevice
{
    use IsKind;
    use OnEveryPress;

    public const NEXT = 'next';
    public const PREVIOUS = 'previous';

    /**
     * @param list<string> $layers in their order
     * @param bool         $wraps  from the last to the first, or stops at the ends
     */
    public function __construct(public string $direction, public array $layers, public bool $wraps) {}

    public static function kind(): string
    {
        return 'step layer';
    }

    public static function title(): string
    {
        return 'next or previous layer';
    }

    public static function about(): string
    {
        return 'The next or the previous layer of a list is settled; from outside the list its first or its last.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                'direction',
                'Goes to the',
                Choice::of(self::NEXT, self::PREVIOUS),
                'Which way through the list.',
            ),
            Field::required(
                'layers',
                'Of',
                new Several(new Id(Id::LAYER), 2, 64, true, 'two or more layers, each once'),
                'The layers in their order.',
            ),
            Field::optional(
                'wraps',
                'at_end',
                'At the end',
                Choice::of('wraps', 'stops'),
                'What comes after the last one: the first again, or nothing.',
            ),
        );
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('direction'), $given->texts('layers'), $given->text('at_end') === 'wraps');
    }

    public function names(): array
    {
        return array_map(fn (string $layer) => [self::LAYER, $layer], $this->layers);
    }

    /** The list is one shorter; a single layer is no list to step through. */
    public function without(string $sort, string $id): ?Output
    {
        $left = array_values(array_diff($this->layers, $sort === self::LAYER ? [$id] : []));
        if ($left === $this->layers) {
            return $this;
        }

        return count($left) < 2 ? null : new self($this->direction, $left, $this->wraps);
    }

    public function values(): array
    {
        return [
            'direction' => $this->direction,
            'layers' => $this->layers,
            'at_end' => $this->wraps ? 'wraps' : 'stops',
        ];
    }

    public function inWords(Names $names): string
    {
        return $this->direction.' layer of '.implode(
            ', ',
            array_map(fn (string $layer) => $names->of(Id::LAYER, $layer), $this->layers),
        );
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->settleLayer($this->leadsTo($run->settledLayer()), $cause);
    }

    public function leadsTo(string $settled): string
    {
        $last = count($this->layers) - 1;
        $at = array_search($settled, $this->layers, true);
        if ($at === false) {
            return $this->layers[$this->direction === self::NEXT ? 0 : $last];
        }
        $to = $at + ($this->direction === self::NEXT ? 1 : -1);

        return $this->layers[$this->wraps ? ($to + $last + 1) % ($last + 1) : max(0, min($last, $to))];
    }

    public function holdsLayer(): bool
    {
        return false;
    }

    public function leadsBy(): string
    {
        return $this->direction;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }
}
