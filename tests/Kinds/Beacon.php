<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Lamp\Look;
use Nailrod\Core\Mapping\Lamp\Seen;
use Nailrod\Core\Mapping\Lamp\Shows;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/**
 * A rule for lamps that only the tests know: lit while one flag is up and another is not; with a field of each sort
 * beside that.
 */
final readonly class Beacon implements LampRule
{
    /** @param list<float> $steps */
    private function __construct(
        private string $lamp,
        private string $armed,
        private string $safe,
        private bool $isQuick,
        private string $note,
        private array $steps,
        private Look $look,
    ) {}

    public static function key(): string
    {
        return 'beacon';
    }

    public static function title(): string
    {
        return 'A beacon';
    }

    public static function does(): string
    {
        return 'Light the beacon';
    }

    public static function about(): string
    {
        return 'A lamp that is lit while one flag is up and another one is not.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('beacon', 'Beacon', new Reference(Reference::LAMP), 'The lamp.'),
            Field::required('armed', 'Armed by', new Id(Id::FLAG), 'The flag that lights it.'),
            Field::required('safe', 'Made safe by', new Id(Id::FLAG), 'The flag that keeps it dark.'),
            Field::optional(false, 'quick', 'Quick', new YesNo, 'Is it quick?'),
            Field::optional('', 'note', 'Note', new Text(40, true), 'A word about it.'),
            Field::optional([], 'steps', 'Steps', new Several(new Number(0, 100), 0, 4), 'Its steps.'),
            ...Look::fields(true),
        );
    }

    public static function from(FieldValues $given): self
    {
        return new self(
            $given->text('beacon'),
            $given->text('armed'),
            $given->text('safe'),
            $given->yes('quick'),
            $given->text('note'),
            $given->numbers('steps'),
            Look::of($given),
        );
    }

    public function lamps(): array
    {
        return [$this->lamp];
    }

    public function within(callable $isThere): ?self
    {
        return $isThere($this->lamp) ? $this : null;
    }

    public function lit(RunView $run): array
    {
        return $run->isFlagUp($this->armed) && ! $run->isFlagUp($this->safe) ? [$this->lamp => $this->look] : [];
    }

    public function shows(string $lamp): Shows
    {
        return new Shows($this->look, Seen::flag($this->armed));
    }

    public function look(): Look
    {
        return $this->look;
    }

    public function names(): array
    {
        return [['flag', $this->armed], ['flag', $this->safe]];
    }

    public function colours(): array
    {
        return [];
    }

    public function contacts(): array
    {
        return [];
    }

    public function variable(): null
    {
        return null;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return $device->raises($this->armed) ? null : 'it shows a flag that is not the device\'s alone';
    }

    public function inWords(Names $names): string
    {
        return $names->of(Reference::LAMP, $this->lamp)
            .' is lit while '
            .$names->of(Id::FLAG, $this->armed)
            .' is up and '
            .$names->of(Id::FLAG, $this->safe)
            .' is not.';
    }

    public function toArray(): array
    {
        return ['beacon' => $this->lamp, 'armed' => $this->armed, 'safe' => $this->safe] + array_filter(
            ['quick' => $this->isQuick, 'note' => $this->note, 'steps' => $this->steps],
        ) + $this->look->toArray();
    }
}
