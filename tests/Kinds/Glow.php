<?php

declare(strict_types=1);

namespace Tests\Kinds;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Lamp\Look;
use Nailrod\Core\Mapping\Lamp\Seen;
use Nailrod\Core\Mapping\Lamp\Shows;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/** A rule for lamps that only the tests know: a lamp that is always lit. */
final readonly class Glow implements LampRule
{
    private function __construct(private string $lamp, private Look $look) {}

    public static function key(): string
    {
        return 'glows';
    }

    public static function title(): string
    {
        return 'A lamp that glows';
    }

    public static function does(): string
    {
        return 'Let it glow';
    }

    public static function about(): string
    {
        return 'A lamp that is always lit.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('glows', 'Glows', new Reference(Reference::LAMP), 'The lamp.'),
            ...Look::fields(true),
        );
    }

    public static function from(FieldValues $given): self
    {
        return new self($given->text('glows'), Look::of($given));
    }

    public function lamps(): array
    {
        return [$this->lamp];
    }

    public function within(callable $isThere): ?self
    {
        return array_filter($this->lamps(), $isThere) === [] ? null : $this;
    }

    public function lit(RunView $run): array
    {
        return [$this->lamp => $this->look];
    }

    public function shows(string $lamp): Shows
    {
        return new Shows($this->look, Seen::always());
    }

    public function look(): Look
    {
        return $this->look;
    }

    public function names(): array
    {
        return [];
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
        return null;
    }

    public function inWords(Names $names): string
    {
        return $names->of(Reference::LAMP, $this->lamp).' always glows.';
    }

    public function toArray(): array
    {
        return ['glows' => $this->lamp] + $this->look->toArray();
    }
}
