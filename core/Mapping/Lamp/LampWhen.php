<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Given;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Output\DeviceByItself;
use Nailrod\Core\Mapping\Output\NamesPart;

/** One or more lamps that are lit while a layer is live, a stop open, a flag up, a contact closed, or a variable within a band; or always. */
final readonly class LampWhen implements LampRule
{
    /**
     * @param non-empty-list<string> $lamps references
     * @param string $sort one of Seen::SORTS
     * @param string $name id of it, or reference of the contact
     * @param bool   $is   open, up; false: shut, down
     * @param float  $from of a variable: the least at which it is lit, and $to the most
     */
    private function __construct(private array $lamps, public string $sort, public string $name, public bool $is, public float $from, public float $to, public Look $look) {}

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
            Field::given('lamp', 'Lamp', new Reference(Reference::LAMP), 'The lamp, as device/lamp.'),
            Field::usually([], 'also', 'And with it', new Several(new Reference(Reference::LAMP), 0, 63, true, 'lamps, each once'), 'Further lamps that are lit with it.'),
            Field::given('while', 'Lit while', new Seen, 'What must be so.'),
            ...Look::fields(true),
        );
    }

    /** @throws FormatError if a lamp is named twice */
    public static function from(Given $given): self
    {
        ['sort' => $sort, 'name' => $name, 'is' => $is, 'from' => $from, 'to' => $to] = $given->seen('while');

        $lamps = [$given->text('lamp'), ...$given->texts('also')];
        if (count(array_unique($lamps)) < count($lamps)) {
            throw $given->refuse('also', 'each lamp once');
        }

        return new self($lamps, $sort, $name, $is, $from, $to, Look::of($given));
    }

    public function shows(string $lamp): Shows
    {
        return new Shows($this->look, $this->sort, $this->name, $this->is, $this->from, $this->to);
    }

    public function look(): Look
    {
        return $this->look;
    }

    public function names(): array
    {
        return in_array($this->sort, [NamesPart::LAYER, NamesPart::STOP, NamesPart::FLAG], true) ? [[$this->sort, $this->name]] : [];
    }

    public function colours(): array
    {
        return $this->look->colour === null ? [] : [$this->look->colour];
    }

    public function contacts(): array
    {
        return $this->sort === 'contact' ? [$this->name] : [];
    }

    public function variable(): ?string
    {
        return $this->sort === 'variable' ? $this->name : null;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return match (true) {
            array_filter($this->lamps, fn (string $lamp) => ! $device->hasLamp($lamp)) !== [] => 'it lights a lamp of another device too',
            $this->sort === 'layer' && ! $device->decidesLayers() => 'it shows a layer, and which one is live the device does not decide alone',
            $this->sort === 'variable' => 'only Nailrod itself knows the variable that it shows',
            $this->sort === 'contact' && ! $device->isOwn($this->name) => 'it shows a contact of another device',
            $this->sort === 'stop' && ! $device->hasStop($this->name) => 'it shows a stop that the device does not keep',
            $this->sort === 'flag' && ! $device->raises($this->name) => 'it shows a flag that is not the device\'s alone',
            default => null,
        };
    }

    public function inWords(Names $names): string
    {
        $name = $this->sort === Seen::ALWAYS ? '' : $names->of($this->sort, $this->name);
        $while = match ($this->sort) {
            'layer' => 'layer '.$name.' is live',
            'stop' => $name.' is '.($this->is ? 'open' : 'shut'),
            'flag' => $name.' is '.($this->is ? 'up' : 'down'),
            'contact' => $name.' is closed',
            Seen::ALWAYS => '',
            default => $name.' is '.($this->from === $this->to ? $names->value($this->name, $this->from) : 'from '.json_encode($this->from).' to '.json_encode($this->to)),
        };

        $lamps = array_map(fn (string $lamp) => $names->of(Reference::LAMP, $lamp), $this->lamps);
        $last = array_pop($lamps);

        return sprintf('%s%s %s %s%s%s.', $lamps === [] ? '' : implode(', ', $lamps).' and ', $last, $lamps === [] ? 'is' : 'are', $this->sort === Seen::ALWAYS ? 'always ' : '', rtrim($this->look->value() === 1 ? 'lit' : $this->look->inWords(), $while === '' ? ',' : ''), $while === '' ? '' : ' while '.$while);
    }

    public function lamps(): array
    {
        return $this->lamps;
    }

    public function within(callable $isThere): ?self
    {
        $lamps = array_values(array_filter($this->lamps, $isThere));

        return $lamps === [] ? null : new self($lamps, $this->sort, $this->name, $this->is, $this->from, $this->to, $this->look);
    }

    public function lit(RunView $run): array
    {
        $is = match ($this->sort) {
            'layer' => $run->liveLayer() === $this->name,
            'stop' => $run->isStopOpen($this->name) === $this->is,
            'flag' => $run->isFlagUp($this->name) === $this->is,
            'contact' => $run->isClosed($this->name),
            Seen::ALWAYS => true,
            default => $this->isWithin($run->variable($this->name)),
        };

        return $is ? array_fill_keys($this->lamps, $this->look) : [];
    }

    /** @return array<string, mixed> what it depends on, in the open format */
    public function while(): array
    {
        return [$this->sort => $this->sort === Seen::ALWAYS ? true : $this->name] + match ($this->sort) {
            'stop' => ['is' => $this->is ? 'open' : 'shut'],
            'flag' => ['is' => $this->is ? 'up' : 'down'],
            'variable' => ['from' => $this->from, 'to' => $this->to],
            default => [],
        };
    }

    public function toArray(): array
    {
        return ['lamp' => $this->lamps[0]] + (count($this->lamps) === 1 ? [] : ['also' => array_slice($this->lamps, 1)]) + ['while' => $this->while()] + $this->look->toArray();
    }

    private function isWithin(float $value): bool
    {
        return $value >= $this->from && $value <= $this->to;
    }
}
