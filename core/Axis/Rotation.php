<?php

declare(strict_types=1);

namespace Nailrod\Core\Axis;

use Nailrod\Core\Device\AxisInput;
use Nailrod\Core\Format\Node;

/** How much of a wheel's rotation is its whole travel: of D degrees lock to lock, U are used, half of them either way. */
final readonly class Rotation implements Stage
{
    public const LEAST = 30;
    public const MOST = 3600;

    /** @param ?int $degrees lock to lock; null for what is no wheel */
    private function __construct(public ?int $degrees, public ?int $used) {}

    public static function read(?Node $node, AxisInput $axis): self
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

    /** Checks what can be checked without the axis. */
    public static function check(Node $node): void
    {
        $node->only(['degrees', 'used'])->get('used')->int(self::LEAST, self::MOST);
        $node->maybe('degrees')?->int(self::LEAST, self::MOST);
    }

    public function apply(float $value): float
    {
        return $this->used === null ? $value : max(0.0, min(1.0, 0.5 + ($value - 0.5) * $this->degrees / $this->used));
    }

    public function inWords(bool $centred): string
    {
        return $this->used === null ? '' : sprintf('Full lock is reached at %s degrees either way: %d of %d degrees are used.', json_encode($this->used / 2), $this->used, $this->degrees);
    }
}
