<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

use Nailrod\Core\Format\Cause\Cause;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Format\Names;

use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;

/** The outputs are on for a set time at the press, at the release, or at both. */
final readonly class Pulse implements Behaviour
{
    use IsKind;
    use TakesAnyOutput;

    public const WIDTH_MS = 60.0;
    public const ON = ['press' => 'closes', 'release' => 'opens', 'both' => 'closes and opens'];

    /** @param int $width in µs */
    private function __construct(public string $on, public int $width) {}

    public static function on(string $on, float $widthMs = self::WIDTH_MS): self
    {
        return new self($on, (int) round(1000 * $widthMs));
    }

    /** How long a pulse is, which several behaviours say alike. */
    public static function widthField(float $usual = self::WIDTH_MS, float $most = 60_000): Field
    {
        return Field::optional($usual, 'width_ms', 'Width', Number::ms(1, $most), 'How long a pulse is.');
    }

    public static function kind(): string
    {
        return 'pulse';
    }

    public static function title(): string
    {
        return 'pulse';
    }

    public static function about(): string
    {
        return 'The outputs are on for a set time when the contact closes, when it opens, or both.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::optional('press', 'on', 'When it', Choice::said(self::ON), 'What begins the pulse.'),
            self::widthField(),
        );
    }

    public static function from(FieldValues $given): static
    {
        return new self($given->text('on'), $given->us('width_ms'));
    }

    public function values(): array
    {
        return ['on' => $this->on, 'width_ms' => $this->width / 1000];
    }

    public function inWords(Names $names): string
    {
        return 'pulse '.($this->width / 1000).' ms'.match ($this->on) {
            'release' => ' when it opens',
            'both' => ' when it closes and when it opens',
            default => '',
        };
    }

    public function sendsAllAtOnce(): bool
    {
        return true;
    }

    public function press(Engine $run, Assigned $assigned, Cause $cause, bool $found): void
    {
        if (! $found && $this->on !== 'release') {
            $this->send($run, $assigned, $cause);
        }
    }

    public function release(Engine $run, Assigned $assigned, Cause $cause): void
    {
        if ($this->on !== 'press') {
            $this->send($run, $assigned, $cause);
        }
    }

    private function send(Engine $run, Assigned $assigned, Cause $cause): void
    {
        $cause = $cause->with($assigned->step('pulse', ($this->width / 1000).' ms'));
        foreach (array_keys($assigned->outputs) as $i) {
            $run->pulse($assigned, $i, $this->width, $cause);
        }
    }
}
