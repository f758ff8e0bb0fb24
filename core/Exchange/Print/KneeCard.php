<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Exchange\Print\Mark\Group;
use Nailrod\Core\Exchange\Print\Mark\Rule;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\PlainNames;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\ReservedKey;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\LayerLook;
use Nailrod\Core\Set\Played;
use Nailrod\Core\Set\Slot;

/**
 * The card for the knee: the drawn devices with what each control does, a list by action, and the keys to keep off.
 * Only what is assigned is on it.
 */
final readonly class KneeCard
{
    private BindingSet $set;

    private PrintWords $words;

    private Paper $page;

    /** @var list<string> ids of the layers in which anything is done */
    private array $layers;

    /**
     * @param Paper $paper   a folded one has two pages beside each other
     * @param bool  $isByLayer a page for each layer, rather than all layers on one?
     */
    public function __construct(BindingSet $set, private Paper $paper, private bool $isByLayer, private bool $isLarge)
    {
        $this->set = Played::of($set);
        $this->words = new PrintWords($this->set);
        $this->page = $this->isFolded() ? Paper::of('a5') : $paper;
        $this->layers = array_values(
            array_filter(Keys::of($this->set->layers), fn (string $layer) => ($this->set->cells[$layer] ?? []) !== []),
        );
    }

    private function isFolded(): bool
    {
        return $this->paper->id === 'a4-folded';
    }

    /** @return float size of its letters, in points */
    private function size(): float
    {
        return ($this->page->width < 120.0 ? 6.0 : 7.5) * ($this->isLarge ? 1.5 : 1.0);
    }

    /** @return list<PrintPage> none if nothing is assigned */
    public function pages(): array
    {
        $blocks = [];
        foreach (
            $this->isByLayer ? array_map(fn (string $layer) => [$layer], $this->layers) : [$this->layers] as $layers
        ) {
            $ofLayers = array_merge(
                ...array_map(
                    fn (Device $device) => $this->ofDevice($device, $layers),
                    array_map($this->set->wired(...), array_values($this->set->rig->devices)),
                ),
                ...[[]],
            );
            $blocks[] = Block::pages($ofLayers, $this->page, $this->set->merged->own->name, $this->size());
        }
        $pages = array_merge(...$blocks);
        array_push($pages, ...$this->byAction());

        return $this->isFolded() ? $this->folded($pages) : $pages;
    }

    /**
     * What it says, to be compared with what was printed.
     *
     * @return array<string, string> by layer and input
     */
    public function says(): array
    {
        $says = [];
        foreach ($this->layers as $layer) {
            foreach (Keys::of($this->set->cells[$layer]) as $ref) {
                $says[$layer.' '.$ref] = $this->words->does($layer, $ref);
            }
        }

        return array_filter($says, fn (string $text) => $text !== '');
    }

    /**
     * @param list<string> $layers
     *
     * @return list<Block>
     */
    private function ofDevice(Device $device, array $layers): array
    {
        $rows = [];
        foreach ($device->controls as $control) {
            $does = $this->words->rows($control, PrintWords::inputs($control), $layers);
            if ($does !== []) {
                $rows[$control->ref] = $does;
            }
        }
        $names = array_map(
            fn (string $layer) => [$this->set->layers[$layer]->name, LayerLook::of($this->set, $layer)],
            $layers,
        );

        return (
            new DeviceCard($this->page, $device, count($this->layers) > 1 ? $names : [], $this->size())
        )->blocks($rows);
    }

    /**
     * @return list<PrintPage> what reaches each action, in the order of the alphabet, and the keys that others keep for
     *    themselves
     */
    private function byAction(): array
    {
        $flow = new Flow($this->page, $this->set->merged->own->name.', by action', $this->size());
        $reach = Reach::of($this->set);
        $lines = [];
        $alike = array_count_values(
            array_map(fn (Action $action): string => $action->name, $this->set->catalogue->actions ?? []),
        );
        foreach ($this->set->catalogue->actions ?? [] as $action) {
            if ($reach->reaches($action->id)) {
                $lines[
                    $alike[$action->name] === 1 ? $action->name : $action->name.', '.(
                        $this->set->catalogue->groups[$action->group] ?? $action->id
                    )
                ] = implode('; ', array_map($this->spot(...), $reach->spots($action->id)));
            }
        }
        uksort($lines, fn (int|string $one, int|string $other) => strnatcasecmp((string) $one, (string) $other));
        foreach (Keys::each($lines) as $name => $where) {
            $flow->row([$name, $where], [0.44, 0.56]);
        }
        $kept = $this->set->catalogue->reserved ?? [];
        if ($kept !== [] && $this->layers !== []) {
            $flow->heading('Keys to keep off');
            foreach ($kept as $key) {
                $flow->row(
                    [
                        $key->key->inWords(new PlainNames),
                        $key->opens !== '' ? $key->opens : (
                            $key->by === ReservedKey::DESKTOP
                                ? 'kept by the desktop'
                                : 'kept by '
                                .$this->set->catalogue?->name
                        ),
                    ],
                    [0.44, 0.56],
                );
            }
        }

        return $flow->pages();
    }

    private function spot(Slot $spot): string
    {
        return $this->set->rig->fullNameOf($spot->ref).(
            $spot->layer === Layer::BASE ? '' : ' in '.($this->set->layers[$spot->layer]->name ?? $spot->layer)
        );
    }

    /**
     * Two pages beside each other, with a mark where the sheet is folded.
     *
     * @param list<PrintPage> $pages
     *
     * @return list<PrintPage>
     */
    private function folded(array $pages): array
    {
        $middle = $this->paper->width / 2;

        return array_map(function (array $two) use ($middle): PrintPage {
            $marks = array_map(
                fn (PrintPage $page, int $i) => new Group($i * $middle, 0.0, $page->marks),
                $two,
                array_keys($two),
            );

            return new PrintPage(
                $this->paper,
                implode(', ', array_unique(array_map(fn (PrintPage $page) => $page->title, $two))),
                [
                    ...$marks,
                    new Rule([[$middle, 0.0], [$middle, 5.0]], 0.15, true),
                    new Rule([[$middle, $this->paper->height - 5.0], [$middle, $this->paper->height]], 0.15, true),
                ],
            );
        }, array_chunk($pages, 2));
    }
}
