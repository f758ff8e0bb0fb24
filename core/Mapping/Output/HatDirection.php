<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Choice;

use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Rig\Device\HatWay;

/** A direction of a hat of the controller. Two neighbours together give the diagonal, opposite ones cancel. */
final readonly class HatDirection implements CanBeRecorded, ContactOutput, Drives, StoredOnDevice
{
    use IsHeld;
    use IsKind;

    public const MOST = 4;

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
        return 'A direction of a hat of the controller. Two neighbours together give the diagonal, opposite ones '
            .'cancel.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                'number',
                'Hat',
                new Whole(1, self::MOST),
                'Which hat of the controller, counted from 1.',
                1,
            ),
            Field::required('direction', 'Towards', Choice::of(...HatWay::words()), 'The direction that it points to.'),
        );
    }

    public static function from(FieldValues $given): static
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
        foreach ($event->kind === OutputEvent::HAT ? HatWay::words() : [] as $i => $direction) {
            $isDown = HatWay::isHeld($i, (int) $event->value);
            if ($isDown !== HatWay::isHeld($i, (int) ($before ?? -1))) {
                $recorded[] = [new self((int) $event->target, $direction), $isDown];
            }
        }

        return $recorded;
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
        $run->holdHat($this->number, (int) array_search($this->direction, HatWay::words(), true), $source, $cause);
    }

    public function release(Effects $run, string $source, Cause $cause): void
    {
        $run->letGoOfHat($this->number, (int) array_search($this->direction, HatWay::words(), true), $source, $cause);
    }
}
