<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Id;

/** An action of the simulator. The set says by which way it is reached, and the compiler puts that way in its place. */
final readonly class ActionOutput implements MeansAction
{
    use IsKind;

    public function __construct(public string $action) {}

    public static function kind(): string
    {
        return 'action';
    }

    public static function title(): string
    {
        return 'an action';
    }

    public static function about(): string
    {
        return 'An action of the simulator, reached by the way that the set has for it.';
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('action', 'Action', new Id(Id::ACTION), 'The action of the simulator.'));
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('action'));
    }

    public function values(): array
    {
        return ['action' => $this->action];
    }

    public function inWords(Names $names): string
    {
        return $names->of(Id::ACTION, $this->action);
    }

    public function action(): string
    {
        return $this->action;
    }
}
