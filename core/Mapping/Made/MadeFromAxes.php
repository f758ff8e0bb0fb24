<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;

/** What all kinds of made things say of themselves in the same way. */
trait MadeFromAxes
{
    public static function alternatives(): array
    {
        return [];
    }

    public static function alternativesLabel(): string
    {
        return '';
    }

    public static function wantsCentred(): ?bool
    {
        return null;
    }

    public static function begin(float $travel, float $rest, array $names): array
    {
        return ['name' => ucfirst(static::kind())];
    }

    public static function completed(array $said): array
    {
        return $said;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function sources(): array
    {
        return $this->of;
    }

    protected static function nameField(): Field
    {
        return Field::required('name', 'Name', new Text(60), 'What it is called.');
    }

    protected static function ofField(): Field
    {
        $takes = static::takes();

        return Field::required(
            'of',
            'Made from',
            new Several(
                new Reference(Reference::AXIS),
                $takes,
                $takes,
                true,
                $takes === 1 ? 'one axis' : 'two axes, not the same',
            ),
            $takes === 1 ? 'The axis that it is made from.' : 'The two axes that it is made from, in their order.',
        );
    }
}
