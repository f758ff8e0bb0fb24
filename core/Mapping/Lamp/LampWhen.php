<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/**
 * One or more lamps that are lit while a layer is live, a stop open, a flag up, a contact closed, or a variable within
 * a band; or always.
 */
final readonly class LampWhen implements LampRule
{
    /** @param non-empty-list<string> $lamps references */
    private function __construct(private array $lamps, private Seen $while, private Look $look) {}

    public static function key(): string
    {
        return 'while';
    }

    public static function title(): string
    {
        return 'One lamp, or several';
    }

    public static function does(): string
    {
        return 'Light it so';
    }

    public static function about(): string
    {
        return 'A lamp, or several at once, lit while something is so, or always.';
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('lamp', 'Lamp', new Reference(Reference::LAMP), 'The lamp, as device/lamp.'),
            Field::optional(
                [],
                'also',
                'And with it',
                new Several(new Reference(Reference::LAMP), 0, 63, true, 'lamps, each once'),
                'Further lamps that are lit with it.',
            ),
            Field::required('while', 'Lit while', new SeenType, 'What must be so.'),
            ...Look::fields(true),
        );
    }

    /** @throws FormatError if a lamp is named twice */
    public static function from(FieldValues $given): self
    {
        $lamps = [$given->text('lamp'), ...$given->texts('also')];
        if (count(array_unique($lamps)) < count($lamps)) {
            throw $given->refuse('also', 'each lamp once');
        }

        return new self($lamps, $given->made('while', Seen::class), Look::of($given));
    }

    public function shows(string $lamp): Shows
    {
        return new Shows($this->look, $this->while);
    }

    public function look(): Look
    {
        return $this->look;
    }

    public function names(): array
    {
        return $this->while->names();
    }

    public function colours(): array
    {
        return $this->look->colour === null ? [] : [$this->look->colour];
    }

    public function contacts(): array
    {
        return array_filter([$this->while->contact()], is_string(...));
    }

    public function variable(): ?string
    {
        return $this->while->variable();
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return array_filter($this->lamps, fn (string $lamp) => ! $device->hasLamp($lamp)) !== []
            ? 'it lights a lamp of another device too'
            : $this->while->whyNotOn($device);
    }

    public function inWords(Names $names): string
    {
        $while = $this->while->inWords($names);
        $lamps = array_map(fn (string $lamp) => $names->of(Reference::LAMP, $lamp), $this->lamps);
        $last = array_pop($lamps);

        return sprintf(
            '%s%s %s %s%s%s.',
            $lamps === [] ? '' : implode(', ', $lamps).' and ',
            $last,
            $lamps === [] ? 'is' : 'are',
            $while === '' ? 'always ' : '',
            rtrim($this->look->value() === 1 ? 'lit' : $this->look->inWords(), $while === '' ? ',' : ''),
            $while === '' ? '' : ' while '.$while,
        );
    }

    public function lamps(): array
    {
        return $this->lamps;
    }

    public function within(callable $isThere): ?self
    {
        $lamps = array_values(array_filter($this->lamps, $isThere));

        return $lamps === [] ? null : new self($lamps, $this->while, $this->look);
    }

    public function lit(RunView $run): array
    {
        return $this->while->holds($run) ? array_fill_keys($this->lamps, $this->look) : [];
    }

    public function toArray(): array
    {
        return ['lamp' => $this->lamps[0]]
            + (count($this->lamps) === 1 ? [] : ['also' => array_slice($this->lamps, 1)])
            + ['while' => $this->while->toArray()]
            + $this->look->toArray();
    }
}
