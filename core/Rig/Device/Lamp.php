<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;

/** A lamp on a device, and where it is drawn. */
final readonly class Lamp
{
    public const COLOURS = ['white', 'green', 'amber', 'red', 'blue'];

    /** @param non-empty-list<string> $colours it can show, the usual one first */
    public function __construct(
        public string $id,
        public string $name,
        public int $x,
        public int $y,
        public array $colours,
    ) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('id', 'Id', new NewId('lamp-1'), 'Its own name on the device.'),
            Field::optional(
                null,
                'name',
                'Name',
                new Text(60),
                'What it is called; its id in words if nothing is said.',
                'Lamp 1',
            ),
            Field::required('at', 'At', new FacePosition, 'Where its middle is drawn.'),
            Field::optional(
                ['white'],
                'colours',
                'Colours',
                new Several(
                    Choice::of(...self::COLOURS),
                    1,
                    count(self::COLOURS),
                    true,
                    'one or more colours, each once',
                ),
                'What it can show, the usual one first.',
            ),
        );
    }

    /** @throws FormatError */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);
        $id = $given->text('id');
        $colours = $given->texts('colours');

        return new self(
            $id,
            $given->textOrNull('name') ?? ucfirst(str_replace('-', ' ', $id)),
            ...[...$given->place('at'), $colours === [] ? ['white'] : $colours],
        );
    }
}
