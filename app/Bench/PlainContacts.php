<?php

declare(strict_types=1);

namespace App\Bench;

use Nailrod\Core\Engine\Program\Program;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\HoldLayer;
use Nailrod\Core\Mapping\Output\KeyStroke;

/**
 * What a careful hand would write for contacts, all in line and all in arrays: look up the cell of the live layer, else
 * that of the base layer; keep what a press was bound to; layers held; outputs held by several; pulses of one width in
 * a queue.
 */
final class PlainContacts
{
    /** @var array<string, int> */
    private array $ports;

    /** @var array<int, array<int, int>> */
    private array $cells;

    /** @var array<int, array{bool, ?int, list<string>}> pulse?, layer that is held, outputs, by assignment */
    private array $does = [];

    /** @var array<int, int> */
    private array $bound = [];

    /** @var list<int> */
    private array $held = [0];

    /** @var array<string, int> */
    private array $on = [];

    /** @var list<array{int, int}> when a pulse ends, and its assignment */
    private array $queue = [];

    private int $next = 0;

    /** @var list<string> */
    private array $layers;

    /** @param int $width of all pulses, in µs */
    public function __construct(Program $program, private readonly int $width)
    {
        $this->ports = $program->tables->contactPorts;
        $this->cells = $program->tables->cells;
        $this->layers = array_column($program->tables->layers, 'name');
        foreach (array_keys($program->tables->assignments) as $id) {
            $assigned = $program->assigned($id);
            $output = array_values($assigned->outputs)[0];
            $this->does[$id] = [
                $assigned->behaviour::kind() === 'pulse',
                $output instanceof HoldLayer ? $program->layerIndex($output->layer) : null,
                match (true) {
                    $output instanceof ControllerButton => ['button '.$output->number],
                    $output instanceof KeyStroke => array_map(
                        fn (string $code) => 'key '.$code,
                        [...$output->with, $output->code],
                    ),
                    default => [],
                },
            ];
        }
    }

    /**
     * @param list<Input> $inputs
     *
     * @return list<array{int, string, int|string}> time, what, value
     */
    public function feed(array $inputs): array
    {
        $rows = [];
        foreach ($inputs as $input) {
            $t = $input->t;
            if (isset($this->queue[$this->next]) && $this->queue[$this->next][0] <= $t) {
                array_push($rows, ...$this->pulsesUntil($t));
            }
            $contact = $this->ports[$input->port] ?? -1;
            if ($input->value === 1 && $contact >= 0) {
                $this->bound[$contact] = $this->cells[$this->held[count($this->held) - 1]][$contact]
                    ?? $this->cells[0][$contact]
                    ?? -1;
            }
            $id = $this->bound[$contact] ?? -1;
            if ($id < 0) {
                continue;
            }
            [$isPulse, $layer, $targets] = $this->does[$id];
            if ($layer !== null) {
                $input->value === 1 ? $this->held[] = $layer : array_pop($this->held);
                $rows[] = [$t, 'layer live', $this->layers[$this->held[count($this->held) - 1]]];
            } elseif ($input->value === 1) {
                foreach ($targets as $target) {
                    if (($this->on[$target] = ($this->on[$target] ?? 0) + 1) === 1) {
                        $rows[] = [$t, $target, 1];
                    }
                }
                if ($isPulse) {
                    $this->queue[] = [$t + $this->width, $id];
                }
            } elseif (! $isPulse) {
                foreach (array_reverse($targets) as $target) {
                    if (--$this->on[$target] === 0) {
                        $rows[] = [$t, $target, 0];
                    }
                }
            }
        }

        return $rows;
    }

    /** @return list<array{int, string, int}> */
    private function pulsesUntil(int $t): array
    {
        $rows = [];
        while (isset($this->queue[$this->next]) && $this->queue[$this->next][0] <= $t) {
            [$due, $id] = $this->queue[$this->next++];
            foreach (array_reverse($this->does[$id][2]) as $target) {
                if (--$this->on[$target] === 0) {
                    $rows[] = [$due, $target, 0];
                }
            }
        }

        return $rows;
    }
}
