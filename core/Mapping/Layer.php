<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamedWhole;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Format\Type\YesNo;

/** A full second meaning of the same contacts and axes. */
final readonly class Layer
{
    public const BASE = 'base';

    /** How many colours there are, each with a hatch of its own. */
    public const COLOURS = 8;

    /** What a person calls them. */
    private const NAMES = [1 => 'blue', 'amber', 'plum', 'moss', 'brick', 'teal', 'clay', 'violet'];

    /**
     * @param ?int $colour  1..COLOURS; null: by its place
     * @param int  $place   among the layers, 0..99; those of one place come in file order
     * @param bool $letsGo  leaving it lets go of what was toggled or latched in it
     */
    private function __construct(
        public string $id,
        public string $name,
        public ?int $colour,
        public int $place,
        public bool $letsGo,
    ) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Name', new Text(30), 'What it is called.'),
            Field::optional(
                null,
                'colour',
                'Colour',
                new NamedWhole(1, self::COLOURS, self::NAMES),
                'One of the colours, each with a hatch of its own; by its place if it is not said.',
                1,
            ),
            Field::optional(
                0,
                'place',
                'Place',
                new Whole(0, 99),
                'Its place among the layers; those of one place come in the order of the file.',
            )->hidden(),
            Field::optional(
                false,
                'lets_go',
                'Leaving it lets go of what was toggled in it',
                new YesNo,
                'Does leaving it let go of what was toggled or latched in it?',
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(string $id, Node $node): self
    {
        $given = self::fields()->read($node);

        return new self(
            $id,
            $given->text('name'),
            $given->wholeOrNull('colour'),
            $given->whole('place'),
            $given->yes('lets_go'),
        );
    }

    /** @return array<string, mixed> what it is, in the open format, by field */
    public function values(): array
    {
        return ['name' => $this->name, 'colour' => $this->colour, 'place' => $this->place, 'lets_go' => $this->letsGo];
    }

    public function inWords(): string
    {
        return 'named "'.$this->name.'"'.(
            $this->colour === null ? '' : ', colour '.$this->colour
        ).($this->place === 0 ? '' : ', place '.$this->place).(
            $this->letsGo ? ', lets go of what was toggled in it' : ''
        );
    }

    /** The base layer of a set that says nothing of it. */
    public static function base(): self
    {
        return new self(self::BASE, 'Base', null, 0, false);
    }
}
