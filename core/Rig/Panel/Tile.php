<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Panel;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Format\Type\YesNo;

/** A tile of a panel: where it lies on the grid of its page, how it looks, and how it is touched. */
final readonly class Tile
{
    /** Of the palette, each with a hatch of its own. */
    public const COLOURS = ['blue', 'amber', 'plum', 'moss', 'brick', 'teal', 'clay', 'violet'];

    private const PLAIN = 'plain';

    /**
     * @param int    $column   of its upper left cell, from 0 on; and its row
     * @param int    $across   cells; and down
     * @param string $icon     one of Icons; empty for none
     * @param float  $opacity  0.2 to 1
     * @param bool   $onLifting does it act when the finger is lifted on it, and do nothing if the finger slides off?
     * @param int    $ways     of a stick: 4 or 8
     * @param int    $page     that it turns to, from 1 on; 0 if it turns to none
     * @param string $text     that it shows, with variables in it: "Altimeter {altimeter}"
     * @param ?array{variable: string, from: float, to: float} $bar that it shows
     */
    public function __construct(
        public string $id,
        public TileKind $kind,
        public int $column,
        public int $row,
        public int $across,
        public int $down,
        public string $label,
        public string $icon,
        public string $colour,
        public float $opacity,
        public bool $onLifting,
        public int $ways,
        public int $page,
        public string $text,
        public ?array $bar,
    ) {}

    /** Made once: a panel has dozens of tiles, and each is read by them. */
    public static function fields(): Fields
    {
        /** @var ?Fields $fields */
        static $fields = null;

        return $fields ??= self::made();
    }

    private static function made(): Fields
    {
        $cell = fn (string $name, string $label, string $help): Field => Field::required(
            $name,
            $label,
            new Whole(0, PanelPage::MOST_CELLS - 1),
            $help,
            0,
        )->hidden();
        $bar = Fields::of(
            Field::required('variable', 'Variable', new Id(Id::VARIABLE, true), 'The variable of the simulator.'),
            Field::optional(0, 'from', 'From', new Number, 'The value at which the bar is empty.'),
            Field::optional(1, 'to', 'To', new Number, 'The value at which it is full.'),
        );

        return Fields::of(
            Field::required(
                'id',
                'Id',
                new NewId('swap'),
                'Its own name on the panel, which it keeps wherever it goes.',
            )->hidden(),
            Field::optional(
                TileKind::Press->value,
                'kind',
                'Kind',
                Choice::said(array_combine(
                    array_column(TileKind::cases(), 'value'),
                    array_map(fn (TileKind $kind) => $kind->inWords(), TileKind::cases()),
                )),
                'How it is drawn and touched.',
            ),
            $cell('column', 'Column', 'The column of its left cell, from 0 on.'),
            $cell('row', 'Row', 'The row of its upper cell, from 0 on.'),
            Field::optional(
                1,
                'across',
                'Cells across',
                new Whole(1, PanelPage::MOST_CELLS),
                'How many cells it is wide.',
            )->hidden(),
            Field::optional(
                1,
                'down',
                'Cells down',
                new Whole(1, PanelPage::MOST_CELLS),
                'How many cells it is high.',
            )->hidden(),
            Field::optional('', 'label', 'Label', new Text(40, true), 'What stands on it.', 'Swap'),
            Field::optional(
                '',
                'icon',
                'Icon',
                new IconName,
                'A small picture on it, of the set that the application has.',
            ),
            Field::optional(
                self::PLAIN,
                'colour',
                'Colour',
                Choice::of(self::PLAIN, ...self::COLOURS),
                'Its colour, which has a hatch of its own.',
            ),
            Field::optional(1.0, 'opacity', 'Opacity', Number::of(0.2, 1.0), 'How opaque it is drawn.'),
            Field::optional(
                false,
                'on_lifting',
                'Acts on lifting',
                new YesNo,
                'Does it act when the finger is lifted on it, and do nothing if the finger slides off?',
            ),
            Field::optional('4', 'ways', 'Ways', Choice::of('4', '8'), 'Of a stick: how many ways it goes.'),
            Field::optional(
                0,
                'page',
                'Turns to',
                new Whole(0, Panel::MOST_PAGES),
                'The page that it turns to, from 1 on; 0 for none.',
            ),
            Field::optional(
                '',
                'text',
                'Text',
                new Text(80, true),
                'What it shows; a variable of the simulator in braces stands for its value.',
                'Altimeter {altimeter}',
            ),
            Field::optional(null, 'bar', 'Bar', new Thing($bar, 'a bar'), 'A bar that it shows.'),
        );
    }

    public static function type(): Thing
    {
        return new Thing(self::fields(), 'a tile', self::read(...));
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);
        $kind = TileKind::from($given->text('kind'));
        $bar = $given->thing('bar');
        if ($kind === TileKind::Turn && $given->whole('page') === 0) {
            throw $given->refuse('page', 'the page that it turns to, from 1 on');
        }

        return new self(
            $given->text('id'),
            $kind,
            $given->whole('column'),
            $given->whole('row'),
            $given->whole('across'),
            $given->whole('down'),
            $given->text('label'),
            $given->text('icon'),
            $given->text('colour'),
            $given->number('opacity'),
            $given->yes('on_lifting'),
            (int) $given->text('ways'),
            $given->whole('page'),
            $given->text('text'),
            $bar === null ? null : [
                'variable' => $bar->text('variable'),
                'from' => $bar->number('from'),
                'to' => $bar->number('to'),
            ],
        );
    }

    /** @return array<string, mixed> what a form of it shows, in the open format, by field */
    public function values(): array
    {
        return [
            'kind' => $this->kind->value,
            'label' => $this->label,
            'icon' => $this->icon,
            'colour' => $this->colour,
            'opacity' => $this->opacity,
            'on_lifting' => $this->onLifting,
            'ways' => (string) $this->ways,
            'page' => $this->page,
            'text' => $this->text,
            'bar' => $this->bar,
        ];
    }

    /** @return list<Field> those that matter for a kind of tile, in the order of the form */
    public static function fieldsOf(TileKind $kind): array
    {
        return array_values(array_filter(
            self::fields()->all,
            fn (Field $field): bool => $field->isShown && $kind->hasField($field->name),
        ));
    }

    /** What it is called: its label, else its text, else its id in words. */
    public function name(): string
    {
        return match (true) {
            $this->label !== '' => $this->label,
            $this->text !== '' => trim((string) preg_replace('/\s*\{[^}]*\}/', '', $this->text)) ?: $this->text,
            default => ucfirst(str_replace('-', ' ', $this->id)),
        };
    }

    /** @return list<string> variables that it shows */
    public function variables(): array
    {
        preg_match_all('/\{([^}]+)\}/', $this->text, $found);

        return array_values(array_unique([...$found[1], ...($this->bar === null ? [] : [$this->bar['variable']])]));
    }

    /** Does it lie over a cell? */
    public function covers(int $column, int $row): bool
    {
        return $column >= $this->column && $column < $this->column
            + $this->across
            && $row >= $this->row
            && $row < $this->row
            + $this->down;
    }

    public function overlaps(self $other): bool
    {
        return $this->column < $other->column
            + $other->across
            && $other->column < $this->column
            + $this->across
            && $this->row < $other->row
            + $other->down
            && $other->row < $this->row
            + $this->down;
    }
}
