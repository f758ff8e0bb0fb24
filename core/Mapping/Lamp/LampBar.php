<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/**
 * A row of lamps that shows a variable as a bar: of n lamps the k-th is lit from the k-th n-th of the way from low to
 * high on, so that none is lit at low and all are at high.
 */
final readonly class LampBar implements LampRule
{
    /**
     * @param non-empty-list<string>                    $lamps     references, the first of the bar first
     * @param list<array{to: float, colour: string}>    $bands     rising; the last one's colour holds beyond it too
     * @param bool                                      $isWhole   all that is
     *                                         lit has the colour of the band in which the value lies, not each lamp
     *                                         that of its own place
     * @param ?float                                    $flashAbove the value
     *                                         above which all that is lit flashes; null: never
     */
    private function __construct(
        private array $lamps,
        public string $variable,
        public float $low,
        public float $high,
        public array $bands,
        public bool $isWhole,
        public ?float $flashAbove,
        public Look $look,
    ) {}

    public static function key(): string
    {
        return 'shows';
    }

    public static function title(): string
    {
        return 'A row that shows a value';
    }

    public static function does(): string
    {
        return 'Show it so';
    }

    public static function about(): string
    {
        return 'A row of lamps that shows a variable of the simulator as a bar.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                'lamps',
                'Lamps',
                new Several(new Reference(Reference::LAMP), 2, 64, true, 'two or more lamps, each once'),
                'The lamps, the first of the bar first.',
            ),
            Field::required('shows', 'Shows', new Id(Id::VARIABLE, true), 'The variable of the simulator.'),
            Field::required('from', 'None is lit at', new Number, 'Its value at which none is lit.', 0),
            Field::required(
                'to',
                'All are lit at',
                new Number,
                'Its value at which all are lit, above the other one.',
                100,
            ),
            Field::optional(
                [],
                'bands',
                'Band',
                new Bands,
                'Colours by bands of the value; the last one goes on beyond its end.',
            ),
            Field::optional(
                'each',
                'coloured',
                'Colour of each lamp',
                Choice::said(['each' => 'that of its own band', 'whole' => 'that of the band reached']),
                'Has each lamp the colour of its own band, or all that is lit the colour of the band in which the '
                    .'value lies?',
            ),
            Field::optional(
                null,
                'flash_above',
                'Flashes above (empty: never)',
                new Number,
                'The value above which all that is lit flashes.',
                90,
            ),
            ...Look::fields(false),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): self
    {
        $lamps = $given->texts('lamps');
        assert($lamps !== []);
        $bar = new self(
            $lamps,
            $given->text('shows'),
            $given->number('from'),
            $given->number('to'),
            $given->bands('bands'),
            $given->text('coloured') === 'whole',
            $given->numberOrNull('flash_above'),
            Look::of($given),
        );

        return $bar->high <= $bar->low ? throw $given->refuse('to', 'a number above '.json_encode($bar->low)) : $bar;
    }

    /** A lamp of a row is lit from its place on. */
    public function shows(string $lamp): Shows
    {
        $place = $this->placeOf((int) array_search($lamp, $this->lamps, true));

        return new Shows(
            $this->look->coloured($this->colourAt($place), false),
            Seen::band($this->variable, $place, INF),
        );
    }

    public function look(): Look
    {
        return $this->look;
    }

    public function names(): array
    {
        return [];
    }

    public function colours(): array
    {
        return array_values(array_unique(array_column($this->bands, 'colour')));
    }

    public function contacts(): array
    {
        return [];
    }

    public function variable(): string
    {
        return $this->variable;
    }

    public function whyNotOn(DeviceByItself $device): string
    {
        return 'only Nailrod itself knows the variable that it shows';
    }

    public function inWords(Names $names): string
    {
        $bands = array_map(
            fn (array $band) => sprintf('%s up to %s', $band['colour'], json_encode($band['to'])),
            $this->bands,
        );

        return sprintf(
            '%s to %s show %s from %s to %s%s%s%s.',
            $names->of(Reference::LAMP, $this->lamps[0]),
            $names->of(Reference::LAMP, $this->lamps[count($this->lamps) - 1]),
            $names->of(Id::VARIABLE, $this->variable),
            json_encode($this->low),
            json_encode($this->high),
            $bands === [] ? '' : ', '.implode(', ', $bands).(
                $this->isWhole ? ', all that is lit in the colour of the band reached' : ''
            ),
            $this->flashAbove === null ? '' : ', flashing above '.json_encode($this->flashAbove),
            $this->look->brightness === Look::FULL ? '' : ', at '.$this->look->brightness.' %',
        );
    }

    public function lamps(): array
    {
        return $this->lamps;
    }

    /** A row with a gap would show another value. */
    public function within(callable $isThere): ?self
    {
        return array_filter($this->lamps, $isThere) === $this->lamps ? $this : null;
    }

    public function lit(RunView $run): array
    {
        return $this->at($run->variable($this->variable));
    }

    /** @return array<string, Look> by lamp, those that are lit at this value */
    public function at(float $value): array
    {
        $lit = [];
        foreach ($this->lamps as $i => $lamp) {
            if ($value + 1e-9 >= $this->placeOf($i)) {
                $lit[$lamp] = $this->look->coloured(
                    $this->colourAt($this->isWhole ? $value : $this->placeOf($i)),
                    $this->flashAbove !== null && $value > $this->flashAbove,
                );
            }
        }

        return $lit;
    }

    /** The value from which a lamp is lit. */
    public function placeOf(int $lamp): float
    {
        return $this->low + ($this->high - $this->low) * ($lamp + 1) / count($this->lamps);
    }

    public function toArray(): array
    {
        return ['lamps' => $this->lamps, 'shows' => $this->variable, 'from' => $this->low, 'to' => $this->high]
            + ($this->bands === [] ? [] : ['bands' => $this->bands])
            + ($this->isWhole ? ['coloured' => 'whole'] : [])
            + ($this->flashAbove === null ? [] : ['flash_above' => $this->flashAbove])
            + $this->look->toArray();
    }

    private function colourAt(float $place): ?string
    {
        foreach ($this->bands as $band) {
            if ($place <= $band['to'] + 1e-9) {
                return $band['colour'];
            }
        }

        return $this->bands === [] ? null : $this->bands[count($this->bands) - 1]['colour'];
    }
}
