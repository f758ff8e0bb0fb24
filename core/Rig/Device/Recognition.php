<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

/**
 * Which of the controllers that were seen before has just been plugged in. A browser gives a model and a slot, and no
 * serial number: of two of the same model the one that is away is meant; of two that are away, the one whose axes stand
 * as they stood when it went (every unit rests a little elsewhere, and levers stay where they were left).
 */
final readonly class Recognition
{
    /** So much nearer than the other must the axes be, all together, -1 to 1 each. */
    private const CLEARLY = 0.01;

    /**
     * @param ?string $device null if it is a new one
     * @param ?string $other  the one it could be as well; null if it is told apart
     */
    private function __construct(public ?string $device, public ?string $other) {}

    /** It was never away. */
    public static function certain(string $device): self
    {
        return new self($device, null);
    }

    /**
     * @param list<KnownPad> $known that are not taken by another controller just now
     * @param list<float>    $axes
     */
    public static function of(array $known, string $model, int $slot, array $axes): self
    {
        $same = array_values(array_filter($known, fn (KnownPad $pad) => $pad->model === $model));
        foreach ($same as $pad) {
            if ($pad->isPlugged && $pad->slot === $slot) {
                return new self($pad->device, null);
            }
        }
        $away = array_values(array_filter($same, fn (KnownPad $pad) => ! $pad->isPlugged));
        if (count($away) < 2) {
            return new self($away[0]->device ?? null, null);
        }
        usort(
            $away,
            fn (KnownPad $a, KnownPad $b) => [
                $a->distance($axes),
                abs(($a->slot ?? 99) - $slot),
            ] <=> [$b->distance($axes), abs(($b->slot ?? 99) - $slot)],
        );
        $isClear = $away[1]->distance($axes) - $away[0]->distance($axes) > self::CLEARLY;

        return new self($away[0]->device, $isClear ? null : $away[1]->device);
    }
}
