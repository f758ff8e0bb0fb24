<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Rig\Device\Kind\TouchTile;
use Nailrod\Core\Rig\Panel\TileKind;

/** The most of something that a device can have; null where it sets no limit. */
final readonly class DeviceLimits
{
    /**
     * @param ?int               $inputs numbers that it reports: axes, contacts, hats and encoders
     * @param ?int               $tiles  on one page
     * @param ?int               $pages  of a panel
     * @param array<string, int> $kinds  tiles of a kind on a whole panel, by kind;
     *                                   what is not named has no limit of its own
     */
    public function __construct(
        public ?int $inputs,
        public ?int $tiles,
        public ?int $pages = null,
        public array $kinds = [],
    ) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::optional(
                null,
                'inputs',
                'Inputs',
                new Whole(1, 1000),
                'How many numbers it can report: axes, contacts, hats and encoders.',
                64,
            ),
            Field::optional(
                null,
                'macros',
                'Macros',
                new Whole(0, 1000),
                'How many macros its memory holds; beside "memory" alone, otherwise "keeps" says it.',
                8,
            ),
            Field::optional(null, 'tiles', 'Tiles', new Whole(1, 200), 'How many tiles can lie on one page.', 40),
            Field::optional(null, 'pages', 'Pages', new Whole(1, 16), 'How many pages a panel of it can have.', 6),
            Field::optional(
                null,
                'kinds',
                'Of a kind',
                new Thing(self::ofKinds(), 'how many tiles of each kind'),
                'How many tiles of a kind a panel of it can have; no limit of a kind that is not named.',
            ),
        );
    }

    private static function ofKinds(): Fields
    {
        return Fields::of(...array_map(
            fn (TileKind $kind): Field => Field::optional(
                null,
                $kind->value,
                ucfirst($kind->inWords()),
                new Whole(0, 200),
                'How many tiles of the kind "'.$kind->value.'" a panel can have.',
                4,
            ),
            TileKind::cases(),
        ));
    }

    public static function of(?FieldValues $given): self
    {
        $of = $given?->thing('kinds');
        $kinds = $of === null ? [] : array_filter(
            array_combine(
                array_column(TileKind::cases(), 'value'),
                array_map(fn (TileKind $kind) => $of->wholeOrNull($kind->value), TileKind::cases()),
            ),
            is_int(...),
        );

        return new self(
            $given?->wholeOrNull('inputs'),
            $given?->wholeOrNull('tiles'),
            $given?->wholeOrNull('pages'),
            $kinds,
        );
    }

    public static function none(): self
    {
        return new self(null, null);
    }

    /** @throws FormatError where the device file itself says more than the device can have */
    public function check(Device $device, Node $controls): void
    {
        $inputs = count($device->axes());
        $tiles = [];
        foreach ($device->controls as $control) {
            $inputs += $control->hat !== null || $control->encoder !== null ? 1 : count(
                array_filter($control->contacts, fn (ContactInput $contact) => $contact->isReported()),
            );
            $tiles[$control->page] = ($tiles[$control->page] ?? 0) + (int) ($control->kind instanceof TouchTile);
        }
        if ($this->inputs !== null && $inputs > $this->inputs) {
            throw FormatError::told(
                $controls->path,
                $inputs.' inputs',
                'at most '.$this->inputs.', the limit of the device',
            );
        }
        foreach ($tiles as $page => $count) {
            if ($this->tiles !== null && $count > $this->tiles) {
                throw FormatError::told(
                    $controls->path,
                    $count.' tiles on page '.$page,
                    'at most '.$this->tiles.', the limit of the device',
                );
            }
        }
    }
}
