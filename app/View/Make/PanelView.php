<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Forms\Choices;
use App\Forms\FieldInput;
use App\Forms\Options;
use App\Models\TokenRecord;
use App\View\Place;
use Nailrod\Core\Advice\Plan\PanelPlan;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\TileText;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\PanelDevice;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Screen;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;
use Nailrod\Core\Set\PartPath;

/** The Panel place: a panel is drawn, page by page, and what its tiles do is picked right there. */
final readonly class PanelView
{
    /** @param int $page from 1 on */
    private function __construct(
        public Place $place,
        public Device $device,
        public ?Panel $panel,
        public int $page,
        public ?Tile $tile,
        public string $size = '',
    ) {}

    /** @return ?self null if the rig has no touch panel */
    public static function of(
        Place $place,
        string $device,
        string $panel,
        int $page,
        string $tile,
        string $size = '',
    ): ?self {
        $touch = array_filter($place->set->rig->devices, fn (Device $one) => $one->kind === PanelDevice::KIND);
        $found = $touch[$device] ?? (array_values($touch)[0] ?? null);
        $place->notHere->ask(
            'device',
            $device,
            isset($touch[$device]) || isset($place->set->rig->devices[$device]),
            $found->name ?? '',
        );
        if ($found === null) {
            return null;
        }
        $panels = $place->set->panels[$found->id] ?? [];
        $shown = $panels[$panel] ?? $found->panel;
        $place->notHere->ask('panel', $panel, isset($panels[$panel]), $shown->name ?? 'The panel as new');
        $pages = count($shown->pages ?? [1]);
        $place->notHere->ask('page', $page > $pages ? (string) $page : '', $page <= $pages, 'The last page');
        $picked = $shown?->tile($tile);
        $place->notHere->ask('tile', $tile, $picked !== null, 'The page');
        $place->notHere->ask('size', $size, Screen::of($size) !== null, 'The size of the device');
        $place->picked->device = $found->id;
        $at = $picked === null ? $page : $shown->pageOf($tile) + 1;

        return new self(
            $place,
            $found,
            $shown,
            max(1, min($pages, $at)),
            $picked,
            Screen::of($size) === null ? '' : $size,
        );
    }

    /** @return array<string, Panel> those of the device, by id */
    public function panels(): array
    {
        return $this->place->set->panels[$this->device->id] ?? [];
    }

    public function isShown(string $panel): bool
    {
        return $this->device->panel?->id === $panel;
    }

    public function on(): ?PanelPage
    {
        return $this->panel?->pages[$this->page - 1] ?? null;
    }

    /** The device as it is drawn with this panel, whatever is picked. */
    public function drawn(): Device
    {
        $value = $this->panel === null ? null : $this->place->set->merged->value(
            PartPath::panel($this->device->id, $this->panel->id),
        );
        $screen = Screen::of($this->size);
        $device = $screen === null ? $this->device : $this->device->sized(...$screen->units());

        return $this->panel === null ? $this->device : PanelDevice::over($device, $this->panel, Node::of($value));
    }

    /** How small the tiles of the page are on that screen, in words; empty where a finger hits them. */
    public function tooSmall(): string
    {
        $cell = $this->on() === null ? null : Screen::of($this->size)?->cellOf($this->on());

        return $cell === null || $cell >= Screen::LEAST_TILE ? '' : sprintf(
            'A cell of this page is %s mm there: a finger wants %d. Take fewer columns or rows.',
            number_format($cell, 1),
            Screen::LEAST_TILE,
        );
    }

    /**
     * @param iterable<TokenRecord> $phones that are paired
     *
     * @return array<string, string> what the panel can be drawn as, by size
     */
    public function sizes(iterable $phones): array
    {
        $sizes = ['' => $this->device->name];
        foreach ($phones as $phone) {
            if (Screen::of($phone->screen) !== null) {
                [$width, $height] = explode('x', $phone->screen);
                $sizes += [
                    $phone->screen => $phone->name.', '.$width.' × '.$height,
                    $height.'x'.$width => $phone->name.', turned',
                ];
            }
        }

        return $sizes + (
            isset($sizes[$this->size]) ? [] : [$this->size => str_replace(['x', 'mm'], [' × ', ' mm'], $this->size)]
        );
    }

    /** Lines between cells, but not through tiles: a path. */
    public function gridLines(float $width, float $height): string
    {
        $page = $this->on();
        $path = '';
        for ($i = 0; $page !== null && $i < $page->columns * $page->rows; $i++) {
            [$column, $row] = [$i % $page->columns, intdiv($i, $page->columns)];
            $here = $page->at($column, $row);
            $isOpen = fn (?Tile $beside): bool => $here === null || $here !== $beside;
            $path .= $column > 0 && $isOpen($page->at($column - 1, $row)) ? sprintf(
                'M%s %sv%s',
                $column * $width,
                $row * $height,
                $height,
            ) : '';
            $path .= $row > 0 && $isOpen($page->at($column, $row - 1)) ? sprintf(
                'M%s %sh%s',
                $column * $width,
                $row * $height,
                $width,
            ) : '';
        }

        return $path;
    }

    /** @param array<string, int|string> $more */
    public function link(array $more = []): string
    {
        return route(
            'panel',
            array_filter([
                'set' => $this->place->record->id,
                'device' => $this->device->id,
                'panel' => $this->panel?->id,
                'page' => $this->page === 1 ? null : $this->page,
                'size' => $this->size,
                ...$more,
            ]),
        );
    }

    public function input(): FieldInput
    {
        return new FieldInput(new Choices($this->place->set), class: 'field');
    }

    /** @return list<array{Field, mixed}> what the form of the picked tile has, each with what it is */
    public function tileFields(): array
    {
        $tile = $this->tile;

        $values = $tile === null ? [] : [
            'text' => TileText::named($tile->text, $this->place->set->catalogue),
        ] + $tile->values();

        return $tile === null ? [] : array_map(
            fn (Field $field) => [$field, $values[$field->name] ?? $field->usual],
            Tile::fieldsOf($tile->kind),
        );
    }

    /**
     * @return list<array{ref: string, end: string, name: string, isAxis: bool, does: string}> what of the picked tile
     *    can do something, and what it does in the base layer
     */
    public function ends(): array
    {
        $control = $this->tile === null ? null : $this->drawn()->control($this->tile->id);
        $rig = $this->place->set->rig;
        $ends = [];
        foreach ([...$control->axes ?? [], ...$control->contacts ?? []] as $end) {
            $cell = $this->place->set->cell('base', $end->ref);
            $ends[] = [
                'ref' => $end->ref,
                'end' => explode('.', explode('/', $end->ref, 2)[1], 2)[1] ?? '',
                'name' => $end->name === '' ? 'It' : $end->name,
                'isAxis' => isset($rig->axes[$end->ref]),
                'does' => $cell === null ? 'nothing yet' : $this->place->words->brief($cell),
            ];
        }

        return $ends;
    }

    /** @return array<string, string> actions that an end of a tile can do, by id, with their groups */
    public function actions(bool $isAxis): array
    {
        $actions = array_filter(
            $this->place->set->catalogue->actions ?? [],
            fn (Action $action) => $action->isAxis() === $isAxis,
        );

        return array_map(fn (Action $action) => $action->name.' · '.$action->group, $actions);
    }

    /**
     * @return array<string, string> values that a text can have in it, by name: the name, as it is written into the
     *    text
     */
    public function values(): array
    {
        $names = array_values(Options::variables($this->place->set->catalogue, true));

        return array_combine($names, $names);
    }

    /** @return array<string, list<Action>> all actions, by the name of their group */
    public function byGroup(): array
    {
        $catalogue = $this->place->set->catalogue;
        $named = [];
        foreach ($catalogue?->byGroup() ?? [] as $group => $actions) {
            $named[$catalogue->groups[$group] ?? (string) $group] = $actions;
        }

        return $named;
    }

    /** @return list<string> groups of actions that a page can be made of */
    public function groups(): array
    {
        return $this->place->set->catalogue === null ? [] : (
            new PanelPlan($this->place->set, $this->place->set->catalogue, $this->device->id)
        )->groups();
    }

    /** How many more tiles of a kind there can be; null where the device sets no limit. */
    public function leftOf(TileKind $kind): ?int
    {
        $most = $this->device->limits->kinds[$kind->value] ?? null;

        return $most === null || $this->panel === null ? null : max(0, $most - count($this->panel->ofKind($kind)));
    }

    /** What is left of what the device can have. */
    public function left(): string
    {
        $limits = $this->device->limits;
        $said = [];
        if ($limits?->tiles !== null && $this->on() !== null) {
            $said[] = sprintf('%d of %d tiles on this page', count($this->on()->tiles), $limits->tiles);
        }
        if ($limits?->pages !== null && $this->panel !== null) {
            $said[] = sprintf('%d of %d pages', count($this->panel->pages), $limits->pages);
        }

        return implode(', ', $said);
    }
}
