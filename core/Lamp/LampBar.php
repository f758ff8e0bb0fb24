<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Device\Lamp;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/**
 * A row of lamps that shows a variable as a bar: of n lamps the k-th is lit from the k-th n-th of the way from low to high
 * on, so that none is lit at low and all are at high.
 */
final readonly class LampBar implements LampRule
{
    /**
     * @param list<string>                              $lamps     references, the first of the bar first
     * @param list<array{to: float, colour: string}>    $bands     rising; the last one's colour holds beyond it too
     * @param bool                                      $isWhole   all that is lit has the colour of the band in which the value lies, not each lamp that of its own place
     * @param ?float                                    $flashAbove the value above which all that is lit flashes; null: never
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

    public static function read(Node $node): self
    {
        $node->only(['lamps', 'shows', 'from', 'to', 'bands', 'coloured', 'flash_above', 'brightness']);
        $lamps = array_map(fn (Node $lamp) => $lamp->string(120), $node->get('lamps')->list(64));
        if (count($lamps) < 2 || count(array_unique($lamps)) < count($lamps)) {
            throw $node->get('lamps')->refuse('two or more lamps, each once');
        }
        $low = $node->get('from')->number(-1e9, 1e9);
        $high = $node->get('to')->number(-1e9, 1e9);
        if ($high <= $low) {
            throw $node->get('to')->refuse('a number above '.json_encode($low));
        }
        $bands = [];
        foreach ($node->maybe('bands')?->list(8) ?? [] as $band) {
            $band->only(['to', 'colour']);
            $to = $band->get('to')->number(-1e9, 1e9);
            if ($bands !== [] && $to <= $bands[count($bands) - 1]['to']) {
                throw $band->get('to')->refuse('a number above that of the band before');
            }
            $bands[] = ['to' => $to, 'colour' => $band->get('colour')->oneOf(Lamp::COLOURS)];
        }

        return new self(
            $lamps,
            $node->get('shows')->id(),
            $low,
            $high,
            $bands,
            ($node->maybe('coloured')?->oneOf(['each', 'whole']) ?? 'each') === 'whole',
            $node->maybe('flash_above')?->number(-1e9, 1e9),
            Look::read($node),
        );
    }

    public function lamps(): array
    {
        return $this->lamps;
    }

    public function lit(Run $run): array
    {
        return $this->at($run->variables->valueOf($this->variable));
    }

    /** @return array<string, Look> by lamp, those that are lit at this value */
    public function at(float $value): array
    {
        $lit = [];
        foreach ($this->lamps as $i => $lamp) {
            if ($value + 1e-9 >= $this->placeOf($i)) {
                $lit[$lamp] = $this->look->coloured($this->colourAt($this->isWhole ? $value : $this->placeOf($i)), $this->flashAbove !== null && $value > $this->flashAbove);
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
