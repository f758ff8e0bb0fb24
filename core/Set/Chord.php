<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\ConditionType;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\OutputType;

/** Several contacts closed together, in one layer, that count as one press: a part `chords/LAYER/ID`. */
final readonly class Chord
{
    public const WITHIN_MS = 60.0;

    /**
     * @param list<string> $of      references of its contacts, two or more
     * @param int          $within  the last must close less than this after the first, in µs
     * @param int          $held    all must have been closed for so much longer before it comes on, in µs
     * @param list<Output> $outputs on from when it comes on until the first of its contacts opens
     */
    private function __construct(
        public string $name,
        public array $of,
        public int $within,
        public int $held,
        public array $outputs,
        public ?Condition $when,
    ) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Name', new Text(60), 'What it is called.'),
            Field::required(
                'of',
                'Contacts',
                new Several(new Reference(Reference::CONTACT), 2, 8, true, 'two or more contacts, each once'),
                'The contacts that count as one press when they close together.',
            ),
            Field::optional(
                self::WITHIN_MS,
                'within_ms',
                'Within',
                Number::ms(1, 2000),
                'The last must close less than this after the first.',
            ),
            Field::optional(
                0.0,
                'held_ms',
                'Held for',
                Number::ms(0, 10000),
                'All must be closed for so much longer before it comes on; their own presses are dropped as soon as '
                    .'it forms.',
            ),
            Field::required(
                'outputs',
                'Outputs',
                new Several(new OutputType, 1, 16, false, 'at least one output'),
                'What is on from when it comes on until the first of its contacts opens.',
            ),
            Field::optional(
                null,
                'when',
                'Works',
                new ConditionType,
                'What it depends on.',
                ['flag' => 'armed', 'is' => 'up'],
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);

        return new self(
            $given->text('name'),
            $given->texts('of'),
            $given->us('within_ms'),
            $given->us('held_ms'),
            $given->objects('outputs', Output::class),
            $given->object('when', Condition::class),
        );
    }

    /** Are all contacts of another one among these? */
    public function contains(self $other): bool
    {
        return array_diff($other->of, $this->of) === [];
    }
}
