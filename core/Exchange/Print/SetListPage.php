<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\LayerLook;
use Nailrod\Core\Set\LayerRows;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Words;

/** All that a set does, on sheets: layer by layer and device by device; then its chords, macros and stops. */
final readonly class SetListPage
{
    /** Parts of the width that number, name, what it does and the way have. */
    private const SHARES = [0.10, 0.26, 0.40, 0.24];

    private Words $words;

    public function __construct(private BindingSet $set, private Paper $paper, private bool $isLarge)
    {
        $this->words = new Words($set);
    }

    /** @return list<PrintPage> */
    public function pages(): array
    {
        $flow = new Flow(
            $this->paper,
            implode(', ', array_unique(array_filter([$this->set->merged->own->name, $this->set->catalogue?->name]))),
            $this->isLarge ? 12.0 : 8.5,
        );
        foreach (Keys::each($this->set->layers) as $layer => $one) {
            $look = LayerLook::of($this->set, $layer);
            foreach (Keys::each(LayerRows::of($this->set, $this->words, $layer)) as $device => $rows) {
                $flow->heading($one->name.' · '.$device, $look);
                foreach ($rows as [$number, $name, $does, $way]) {
                    $flow->row([$number, $name, $does, $way], self::SHARES);
                }
            }
            $chords = $this->set->chords[$layer] ?? [];
            if ($chords !== []) {
                $flow->heading($one->name.' · together', $look);
            }
            foreach ($chords as $chord) {
                $flow->row(['', $this->words->chord($chord)], [0.02, 0.98]);
            }
        }
        foreach (['Macros' => $this->macros(), 'Stops' => $this->stops()] as $heading => $lines) {
            if ($lines !== []) {
                $flow->heading($heading);
            }
            foreach ($lines as [$name, $says]) {
                $flow->row([$name, $says], [0.26, 0.74]);
            }
        }

        return $flow->pages();
    }

    /** @return list<array{string, string}> */
    private function macros(): array
    {
        return array_values(array_map(
            fn ($macro) => [
                $macro->name.($this->set->isAside(PartPath::macro($macro->id)) ? ', set aside' : ''),
                $this->words->macro($macro),
            ],
            $this->set->macros,
        ));
    }

    /** @return list<array{string, string}> */
    private function stops(): array
    {
        return array_values(array_map(fn ($stop) => [$stop->name, $this->words->stop($stop)], $this->set->stops));
    }

    /**
     * What it says, to be compared with what was printed.
     *
     * @return array<string, string> by layer, device and input
     */
    public function says(): array
    {
        $says = [];
        foreach (Keys::of($this->set->layers) as $layer) {
            foreach (Keys::each(LayerRows::of($this->set, $this->words, $layer)) as $device => $rows) {
                foreach ($rows as [$number, $name, $does, $way]) {
                    $says[$layer.' '.$device.' '.$name] = $does.'|'.$way;
                }
            }
        }
        foreach ([...$this->macros(), ...$this->stops()] as [$name, $line]) {
            $says['. '.$name] = $line;
        }

        return $says;
    }
}
