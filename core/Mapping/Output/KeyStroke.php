<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Choice;

use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Rig\Device\KeyCodes;

/** A key, named by its W3C KeyboardEvent.code, with modifiers that are pressed before it and released after it. */
final readonly class KeyStroke implements CanBeRecorded, ContactOutput, Drives, IsWay, PressesKeys, StoredOnDevice
{
    use IsHeld;
    use IsKind;

    /** @param list<string> $with codes of the modifiers */
    public function __construct(public string $code, public array $with = []) {}

    public static function kind(): string
    {
        return 'key';
    }

    public static function title(): string
    {
        return 'a key';
    }

    public static function about(): string
    {
        return 'A key of the keyboard, down while it is held, with keys that are pressed before it and released '
            .'after it.';
    }

    /** The fields where it stands for itself, as the key of an action. */
    public static function ofAction(): Fields
    {
        return Fields::of(
            Field::required('kind', 'Kind', Choice::of(self::kind()), 'What it is.'),
            ...array_values(self::fields()->all),
        );
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('code', 'Key', new KeyCode, 'The key by its W3C KeyboardEvent.code.'),
            Field::optional(
                [],
                'with',
                'With',
                new Several(
                    Choice::said(
                        array_combine(KeyCodes::MODIFIERS, array_map(KeyCodes::label(...), KeyCodes::MODIFIERS)),
                    )->offering('ShiftLeft', 'ControlLeft', 'AltLeft'),
                    0,
                    8,
                ),
                'Keys that are held with it.',
            ),
        );
    }

    /** @throws FormatError */
    public static function from(FieldValues $given): static
    {
        $key = new self($given->text('code'), $given->texts('with'));

        return count(
            array_unique([...$key->with, $key->code]),
        ) === count($key->with) + 1 ? $key : throw $given->refuseAll('each key once');
    }

    public function values(): array
    {
        return ['code' => $this->code] + ($this->with === [] ? [] : ['with' => $this->with]);
    }

    public function inWords(Names $names): string
    {
        return 'key '.$this->label();
    }

    public function label(): string
    {
        return implode('+', array_map(KeyCodes::label(...), [...$this->with, $this->code]));
    }

    public function keys(): self
    {
        return $this;
    }

    public static function recorded(OutputEvent $event, int|float|string|null $before): array
    {
        return $event->kind === OutputEvent::KEY ? [[new self($event->target), $event->value === 1]] : [];
    }

    public function drives(): string
    {
        return 'key '.implode('+', [...$this->with, $this->code]);
    }

    /** The same for the same keys, in whatever order they were given: "ControlLeft+KeyR". */
    public function codes(): string
    {
        return implode('+', [...array_intersect(KeyCodes::MODIFIERS, $this->with), $this->code]);
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }

    public function press(Effects $run, string $source, Cause $cause): void
    {
        foreach ([...$this->with, $this->code] as $code) {
            $run->hold(OutputEvent::KEY, $code, $source, $cause);
        }
    }

    public function release(Effects $run, string $source, Cause $cause): void
    {
        foreach (array_reverse([...$this->with, $this->code]) as $code) {
            $run->letGo(OutputEvent::KEY, $code, $source, $cause);
        }
    }
}
