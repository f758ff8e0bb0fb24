<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Made\MadeContacts;
use Nailrod\Core\Mapping\Made\MadeFromAxes;
use Nailrod\Core\Rig\Device\ContactInput;

/** Something made from an axis that only the tests know: a contact that is closed at both ends. */
final readonly class Outside implements MadeContacts
{
    use IsKind;
    use MadeFromAxes;

    /** @param non-empty-list<string> $of */
    private function __construct(private string $id, private string $name, private array $of, private float $margin) {}

    public static function kind(): string
    {
        return 'outside';
    }

    public static function title(): string
    {
        return 'the ends';
    }

    public static function about(): string
    {
        return 'A contact that is closed near both ends of an axis.';
    }

    public static function takes(): int
    {
        return 1;
    }

    public static function fields(): Fields
    {
        return Fields::of(
            self::nameField(),
            self::ofField(),
            Field::required('margin', 'Near the ends', Number::by(0.4), 'How near to an end it closes.', 0.1),
        );
    }

    public static function from(FieldValues $given): static
    {
        $of = $given->texts('of');
        assert($of !== []);

        return new self($given->id, $given->text('name'), $of, $given->number('margin'));
    }

    public function values(): array
    {
        return ['name' => $this->name, 'of' => $this->of, 'margin' => $this->margin];
    }

    public function axes(): array
    {
        return [];
    }

    public function contacts(): array
    {
        return [ContactInput::ofAxis(self::DEVICE.'/'.$this->id, '', '><')];
    }

    public function refuses(array $sources): ?string
    {
        return null;
    }

    public function looksAt(): string
    {
        return self::TRAVEL;
    }

    public function next(?int $was, array $values): int
    {
        return $values[0] < $this->margin ? -1 : ($values[0] > 1.0 - $this->margin ? 1 : 0);
    }

    public function closed(int $stands): array
    {
        return [$stands !== 0];
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf('Closes within %s of both ends of %s.', Percent::by($this->margin, $centred), $sources[0]);
    }
}
