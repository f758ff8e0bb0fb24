<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Kind\Hat;
use Nailrod\Core\Rig\Device\Kind\Slider;
use Nailrod\Core\Rig\Device\Kind\Sprung;
use Nailrod\Core\Rig\Device\Kind\TouchTile;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Rig\Panel\PanelPage;
use Nailrod\Core\Rig\Panel\Tile;
use Nailrod\Core\Rig\Panel\TileKind;

/** Lays a panel that its owner drew over a touch panel: its tiles are the controls, and report by their names. */
final class PanelDevice
{
    public const KIND = 'touch panel';

    /** What the setting says where the device is to be as its file says; no id is written so. */
    public const AS_NEW = 'as new';

    /** Of a slide, as it reports. */
    private const SLIDE = 1000;

    /** @throws FormatError at the panel, if it has more than the device can have */
    public static function over(Device $device, Panel $panel, Node $node): Device
    {
        $most = $device->limits;
        if ($most?->pages !== null && count($panel->pages) > $most->pages) {
            throw $node->refuse(sprintf('at most %d pages, the limit of %s', $most->pages, $device->name));
        }
        foreach ($most->kinds ?? [] as $kind => $count) {
            if (count($panel->ofKind(TileKind::from($kind))) > $count) {
                throw $node->refuse(sprintf(
                    'at most %d of the kind %s, the limit of %s',
                    $count,
                    TileKind::from($kind)->inWords(),
                    $device->name,
                ));
            }
        }
        $controls = $lamps = [];
        $number = $axes = $hats = 0;
        foreach ($panel->pages as $i => $page) {
            if ($most?->tiles !== null && count($page->tiles) > $most->tiles) {
                throw $node->refuse(
                    sprintf('at most %d tiles on a page, the limit of %s', $most->tiles, $device->name),
                );
            }
            foreach ($page->tiles as $tile) {
                [$x, $y] = self::middle($device, $page, $tile);
                $lamps[] = new Lamp($tile->id, $tile->name(), $x, $y, Lamp::COLOURS);
                if ($tile->kind->isTouched()) {
                    $controls[] = self::control($device, $tile, $x, $y, $i + 1, $number, $axes, $hats);
                }
            }
        }

        return new Device(
            $device->id,
            $device->name,
            $device->kind,
            $device->standIn,
            $controls,
            $lamps,
            $device->width,
            $device->height,
            $device->onboard,
            null,
            $device->gamepad,
            $device->limits,
            $panel,
        );
    }

    private static function control(
        Device $device,
        Tile $tile,
        int $x,
        int $y,
        int $page,
        int &$number,
        int &$axes,
        int &$hats,
    ): Control {
        $ref = $device->id.'/'.$tile->id;
        $contact = function (string $end, string $name) use ($ref, &$number): ContactInput {
            return ContactInput::reported($ref.$end, $name, ++$number);
        };
        $hat = $tile->kind === TileKind::Stick ? ++$hats : null;
        [$kind, $moves, $contacts] = match ($tile->kind) {
            TileKind::Pair => [new Sprung, [], [$contact('.minus', '−'), $contact('.plus', '+')]],
            TileKind::Slide => [new Slider, [new AxisInput($ref, '', ++$axes, 0, self::SLIDE, false)], []],
            TileKind::Stick => [new Hat, [], self::ways($ref, $hats)],
            default => [new TouchTile, [], [$contact('', '')]],
        };

        return new Control(
            $ref,
            $tile->name(),
            mb_substr($tile->name(), 0, 20),
            $kind,
            $moves,
            $contacts,
            $x,
            $y,
            $hat,
            null,
            $page,
        );
    }

    /** @return list<ContactInput> the directions of a stick, which reports as a hat does */
    private static function ways(string $ref, int $hat): array
    {
        return array_map(
            fn (string $direction, int $i) => ContactInput::direction($ref.'.'.$direction, $direction, $ref, $hat, $i),
            HatWay::words(),
            array_keys(HatWay::words()),
        );
    }

    /** @return array{int, int} where the middle of a tile is drawn on the faceplate */
    public static function middle(Device $device, PanelPage $page, Tile $tile): array
    {
        return [
            (int) round($device->width * ($tile->column + $tile->across / 2) / $page->columns),
            (int) round($device->height * ($tile->row + $tile->down / 2) / $page->rows),
        ];
    }
}
