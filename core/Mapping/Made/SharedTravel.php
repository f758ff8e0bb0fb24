<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Mapping\Axis\Percent;

/** Two axes that share a travel: each alone comes to its bite point, both together to 100 %. */
final readonly class SharedTravel extends BuiltAxis implements SharesTravel
{
    public static function kind(): string
    {
        return 'shared travel';
    }

    public static function about(): string
    {
        return 'Two axes that share a travel: each alone comes to its bite point, both together to 100 %.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            self::nameField(),
            self::ofField(),
            Field::optional(
                0.5,
                'share',
                'Share of the first',
                Number::of(0, 1),
                'How far the first axis alone comes, above 0 and below 1.',
            ),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        return $given->number('share') > 0.0
            && $given->number('share') < 1.0
            ? parent::from($given)
            : throw $given->refuse('share', 'a share above 0 and below 1');
    }

    public function values(): array
    {
        return parent::values() + ['share' => $this->share];
    }

    public function shareBitingAt(float $first, float $second): ?float
    {
        $isFirst = $first > $second;
        if (min($first, $second) > 0.05 || max($first, $second) < 0.1) {
            return null;
        }
        $value = $this->travels([$first, $second])[0];

        return round(max(0.01, min(0.99, $isFirst ? $value : 1.0 - $value)), 3);
    }

    public function travels(array $t): array
    {
        return [$this->share * $t[0] + (1.0 - $this->share) * $t[1]];
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf(
            '%s alone reaches %s, %s alone %s, both together 100 %%.',
            $sources[0],
            Percent::of($this->share),
            $sources[1] ?? '',
            Percent::of(1.0 - $this->share),
        );
    }
}
