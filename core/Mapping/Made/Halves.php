<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

/** Splits a centred axis into two, from the centre outwards. */
final readonly class Halves extends BuiltAxis
{
    public static function kind(): string
    {
        return 'halves';
    }

    public static function about(): string
    {
        return 'Splits a centred axis into two, from the centre outwards.';
    }

    public static function takes(): int
    {
        return 1;
    }

    public static function wantsCentred(): bool
    {
        return true;
    }

    public static function begin(float $travel, float $rest, array $names): array
    {
        return ['name' => 'Halves of '.$names[0]];
    }

    protected function centredOver(array $sources): bool
    {
        return false;
    }

    public function axes(): array
    {
        $ref = self::DEVICE.'/'.$this->id;

        return [self::axis($ref.'.low', 'low half', false), self::axis($ref.'.high', 'high half', false)];
    }

    public function refuses(array $sources): ?string
    {
        return $sources[0]->axis->centred ? null : 'a centred axis';
    }

    public function travels(array $t): array
    {
        return [max(0.0, 1.0 - 2.0 * $t[0]), max(0.0, 2.0 * $t[0] - 1.0)];
    }

    public function inWords(array $sources, bool $centred): string
    {
        return sprintf('Splits %s at its centre: each half goes from 0 to 100 %% outwards.', $sources[0]);
    }
}
