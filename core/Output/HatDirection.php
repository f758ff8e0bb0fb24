<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Given;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Whole;

/** A direction of a hat of the controller. Two neighbours together give the diagonal, opposite ones cancel. */
final readonly class HatDirection implements CanBeRecorded, ContactOutput, Drives, StoredOnDevice
{
    use IsHeld;
    use IsKind;

    public const MOST = 4;
    public const DIRECTIONS = ['north', 'east', 'south', 'west'];

    public function __construct(public int $number, public string $direction) {}

    public static function kind(): string
    {
        return 'hat';
    }

    public static function title(): string
    {
        return 'a controller hat';
    }

    public static function about(): string
    {
        return 'A direction of a hat of the controller. Two neighbours together give the diagonal, opposite ones cancel.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::given('number', 'Hat', new Whole(1, self::MOST), 'Which hat of the controller, counted from 1.', 1),
            Field::given('direction', 'Towards', Choice::of(...self::DIRECTIONS), 'The direction that it points to.'),
        );
    }

    public static function from(Given $given): static
    {
        return new self($given->whole('number'), $given->text('direction'));
    }

    public function values(): array
    {
        return ['number' => $this->number, 'direction' => $this->direction];
    }

    public function inWords(Names $names): string
    {
        return 'hat '.$this->number.' '.$this->direction;
    }

    public static function recorded(OutputEvent $event, int|float|string|null $before): array
    {
        $recorded = [];
        foreach ($event->kind === OutputEvent::HAT ? self::DIRECTIONS : [] as $i => $direction) {
            $isDown = self::points($i, (int) $event->value);
            if ($isDown !== self::points($i, (int) ($before ?? -1))) {
                $recorded[] = [new self((int) $event->target, $direction), $isDown];
            }
        }

        return $recorded;
    }

    /**
     * Is a direction of a hat held at this value of the hat? Diagonals hold two.
     *
     * @param int $direction place in DIRECTIONS
     * @param int $hat       0 to 7 clockwise from north, or -1
     */
    public static function points(int $direction, int $hat): bool
    {
        return $hat >= 0 && in_array(($hat - 2 * $direction + 8) % 8, [7, 0, 1], true);
    }

    public function drives(): string
    {
        return 'hat '.$this->number.' '.$this->direction;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        $run->holdHat($this->number, (int) array_search($this->direction, self::DIRECTIONS, true), $source, $cause);
    }

    public function release(Effects $run, string $source, Cause $cause): void
    {
        $run->letGoOfHat($this->number, (int) array_search($this->direction, self::DIRECTIONS, true), $source, $cause);
    }
}
