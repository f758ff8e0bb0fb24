<?php

declare(strict_types=1);

namespace Tests\Core;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetDocument;

/** A desk for tests: one small device, one set, and runs written as short lines. Reused as the library of the set. */
final class Desk implements Library
{
    /**
     * @param array<string, mixed>   $device
     * @param array<string, mixed>   $set       sections of the set under test
     * @param ?array<string, mixed>  $catalogue
     * @param array<string, array<string, mixed>> $others further sets, by id
     */
    private function __construct(
        private array $device,
        private array $set,
        private ?array $catalogue = null,
        private array $others = [],
    ) {}

    /**
     * Lever a (0..1000), stick c (centred, 0..1000), buttons 1 to 4, switch s with up and its opposite down, three-way
     * t, encoder e, hat h, one lamp.
     */
    public static function plain(): self
    {
        $button = fn (int $n): array => [
            'id' => 'b'.$n, 'name' => 'Button '.$n, 'kind' => 'button', 'at' => [10 * $n, 10],
            'contacts' => [['number' => $n]],
        ];

        return new self([
            'format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'Desk', 'kind' => 'throttle',
            'face' => ['width' => 100, 'height' => 100],
            'controls' => [
                [
                    'id' => 'a', 'name' => 'Lever A', 'kind' => 'lever', 'at' => [10, 50],
                    'axes' => [['number' => 1, 'min' => 0, 'max' => 1000]],
                ],
                [
                    'id' => 'b', 'name' => 'Lever B', 'kind' => 'lever', 'at' => [20, 50],
                    'axes' => [['number' => 2, 'min' => 0, 'max' => 1000]],
                ],
                [
                    'id' => 'c', 'name' => 'Stick C', 'kind' => 'twist', 'at' => [30, 50],
                    'axes' => [['number' => 3, 'min' => 0, 'max' => 1000, 'centred' => true]],
                ],
                $button(1), $button(2), $button(3), $button(4),
                ['id' => 's', 'name' => 'Switch S', 'kind' => 'two-way', 'at' => [60, 10], 'contacts' => [
                    ['id' => 'up', 'name' => 'up', 'number' => 11], [
                        'id' => 'down', 'name' => 'down', 'opposite' => 'up',
                    ],
                ]],
                ['id' => 't', 'name' => 'Switch T', 'kind' => 'three-way', 'at' => [65, 10], 'contacts' => [
                    ['id' => 'up', 'name' => 'up', 'number' => 21], ['id' => 'down', 'name' => 'down', 'number' => 22],
                    ['id' => 'middle', 'name' => 'middle', 'none_of' => ['up', 'down']],
                ]],
                ['id' => 'e', 'name' => 'Encoder', 'kind' => 'encoder', 'at' => [80, 10], 'encoder' => 1],
                ['id' => 'h', 'name' => 'Hat', 'kind' => 'hat', 'at' => [70, 10], 'hat' => 1],
            ],
            'lamps' => [['id' => 'lamp', 'at' => [5, 5], 'colours' => ['white', 'amber', 'red']]],
        ], []);
    }

    /** @param array<string, mixed> $sections */
    public function saying(array $sections): self
    {
        return new self($this->device, array_replace_recursive($this->set, $sections), $this->catalogue, $this->others);
    }

    /**
     * A cell of a contact of the desk.
     *
     * @param array<string, mixed>|string $behaviour
     * @param array<string, mixed>        ...$outputs
     */
    public function cell(string $layer, string $control, array|string $behaviour, array ...$outputs): self
    {
        $behaviour = is_string($behaviour) ? ['kind' => $behaviour] : $behaviour;

        return $this->saying(
            ['cells' => [$layer => ['d/'.$control => ['behaviour' => $behaviour, 'outputs' => $outputs]]]],
        );
    }

    /** @param array<string, mixed> $output */
    public function axis(string $layer, string $control, array $output): self
    {
        return $this->saying(['cells' => [$layer => ['d/'.$control => ['outputs' => [$output]]]]]);
    }

    public function nothing(string $layer, string $control): self
    {
        return $this->saying(['cells' => [$layer => ['d/'.$control => ['nothing' => true]]]]);
    }

    public function layer(string $id, string $holder): self
    {
        return $this->saying(['layers' => [$id => ['name' => ucfirst($id)]]])->cell(
            'base',
            $holder,
            'follow',
            ['kind' => 'hold layer', 'layer' => $id],
        );
    }

    /** @param array<string, mixed> $catalogue */
    public function playing(array $catalogue): self
    {
        return new self($this->device, $this->set + ['simulator' => $catalogue['id']], $catalogue, $this->others);
    }

    /** @param array<string, mixed> $sections of the parent set */
    public function under(string $parent, array $sections): self
    {
        return new self($this->device, $this->set + ['parent' => $parent], $this->catalogue, [$parent => $sections]);
    }

    public function document(): SetDocument
    {
        return SetDocument::read(Node::of($this->raw('test', $this->set)));
    }

    public function assembled(): BindingSet
    {
        return (new Assembly($this))->assemble($this->document());
    }

    public function program(): Program
    {
        return Compiler::compile($this->assembled());
    }

    /**
     * Plays lines of the form "MS CONTROL VALUE" and gives what came out as "MS KIND TARGET VALUE".
     *
     * @return list<string>
     */
    public function play(string ...$lines): array
    {
        $machine = Machine::start($this->program());
        $events = [...$machine->feed(self::inputs(...$lines)), ...$machine->finish()];

        return self::rows($events);
    }

    /** @return list<Input> */
    public static function inputs(string ...$lines): array
    {
        return array_map(static function (string $line): Input {
            [$ms, $control, $value] = explode(' ', $line);
            $number = is_numeric($value) && ! str_contains($value, '.') ? (int) $value : (float) $value;

            return new Input(
                (int) round(1000 * (float) $ms),
                str_starts_with($control, 'sim/') ? $control : 'd/'.$control,
                $number,
            );
        }, array_values($lines));
    }

    /**
     * @param list<OutputEvent> $events
     *
     * @return list<string>
     */
    public static function rows(array $events): array
    {
        return array_map(
            fn (OutputEvent $e) => implode(' ', [self::ms($e->t), $e->kind, $e->target, (string) $e->value]),
            $events,
        );
    }

    public function set(string $id): ?SetDocument
    {
        return isset($this->others[$id]) ? SetDocument::read(Node::of($this->raw($id, $this->others[$id]))) : null;
    }

    public function device(string $id): ?Device
    {
        return $id === 'd' ? DeviceReader::read(Node::of($this->device)) : null;
    }

    public function layout(string $id): ?KeyLayout
    {
        $file = __DIR__.'/../../layouts/'.$id.'.layout.json';

        return is_file($file) ? KeyLayout::fromJson((string) file_get_contents($file)) : null;
    }

    public function catalogue(string $id): ?Catalogue
    {
        return $this->catalogue === null ? null : Catalogue::read(Node::of($this->catalogue));
    }

    /**
     * @param array<string, mixed> $sections
     *
     * @return array<string, mixed>
     */
    private function raw(string $id, array $sections): array
    {
        $base = ['format' => 'nailrod-set', 'version' => 1, 'id' => $id, 'name' => ucfirst($id)];

        return $base + $sections + (isset($sections['parent']) ? [] : ['devices' => ['d']]);
    }

    private static function ms(int $us): string
    {
        return rtrim(rtrim(number_format($us / 1000, 3, '.', ''), '0'), '.');
    }
}
