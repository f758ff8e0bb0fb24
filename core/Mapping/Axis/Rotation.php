<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Rig\Device\AxisInput;

/**
 * How much of a wheel's rotation is its whole travel: of D degrees lock to lock, U are used, half of them either way.
 */
final readonly class Rotation implements AxisPart, Stage
{
    use IsAxisPart;

    public const LEAST = 30;
    public const MOST = 3600;

    /** @param ?int $degrees lock to lock; null for what is no wheel */
    private function __construct(public ?int $degrees, public ?int $used) {}

    public static function part(): string
    {
        return 'rotation';
    }

    public static function title(): string
    {
        return 'rotation';
    }

    public static function about(): string
    {
        return 'How much of the rotation of a wheel is its whole travel.';
    }

    public static function isOfReadings(): bool
    {
        return true;
    }

    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::optional(
                $axis?->degrees,
                'degrees',
                'Lock to lock',
                new Whole(self::LEAST, self::MOST, '°'),
                'How far the wheel turns from lock to lock.',
                900,
            ),
            Field::required(
                'used',
                'Used of that',
                new Whole(self::LEAST, self::MOST, '°'),
                'How much of that is used, half of it either way.',
                $axis->degrees ?? 900,
            ),
        );
    }

    /** @throws FormatError */
    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        if ($node === null) {
            return new self($axis->degrees, null);
        }
        self::check($node);
        $degrees = $node->maybe('degrees')?->int(self::LEAST, self::MOST) ?? $axis->degrees;
        $used = $node->get('used');
        if ($degrees === null || ! $axis->centred) {
            throw $used->refuse('no rotation, since the axis is not that of a wheel');
        }

        return new self($degrees, $used->int(self::LEAST, $degrees));
    }

    public static function isOffered(AxisInput $axis): bool
    {
        return $axis->degrees !== null && ! $axis->isBuilt();
    }

    /** No more is used than there is. */
    public static function completed(array $said): array
    {
        return is_int($said['degrees'] ?? null) && is_int($said['used'] ?? null) ? array_replace(
            $said,
            ['used' => min($said['used'], $said['degrees'])],
        ) : $said;
    }

    public function asItComes(AxisInput $axis): string
    {
        return 'All '.($axis->degrees ?? 900).' degrees are used.';
    }

    public function apply(float $value): float
    {
        return $this->used === null ? $value : max(0.0, min(1.0, 0.5 + ($value - 0.5) * $this->degrees / $this->used));
    }

    public function values(): array
    {
        return ['degrees' => $this->degrees ?? 900, 'used' => $this->used ?? $this->degrees ?? 900];
    }

    public function inWords(bool $centred): string
    {
        return $this->used === null ? '' : sprintf(
            'Full lock is reached at %s degrees either way: %d of %d degrees are used.',
            json_encode($this->used / 2),
            $this->used,
            $this->degrees,
        );
    }
}
