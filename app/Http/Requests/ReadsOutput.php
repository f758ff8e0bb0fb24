<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;

/** Reads the output that was chosen in the fields of `<x-output-fields>`. */
trait ReadsOutput
{
    public function output(): Output
    {
        $does = $this->string('does')->toString();
        $fields = match ($does) {
            'action' => ['action' => $this->string('action')->toString()],
            'key' => array_filter(['code' => $this->string('code')->toString(), 'with' => array_values($this->array('with'))], fn (mixed $value) => $value !== []),
            'button', 'axis' => ['number' => $this->integer('number')],
            'axis variable' => ['name' => $this->string('variable')->toString(), 'low' => $this->float('low'), 'high' => $this->float('high', 1.0)],
            'mouse movement' => ['direction' => $this->string('direction')->toString(), 'speed' => $this->float('speed')],
            'set variable' => ['name' => $this->string('variable')->toString(), 'to' => $this->float('to')],
            'on/off variable' => ['name' => $this->string('variable')->toString(), 'on' => $this->float('on_value', 1.0), 'off' => $this->float('off_value')],
            'hat' => ['number' => $this->integer('number'), 'direction' => $this->string('towards')->toString()],
            'mouse button' => ['button' => $this->string('mouse')->toString()],
            'mouse wheel' => ['by' => $this->integer('steps')],
            'consumer control' => ['usage' => $this->integer('usage')],
            'step variable' => ['name' => $this->string('variable')->toString(), 'by' => $this->float('by'), 'low' => $this->float('low'), 'high' => $this->float('high', 1.0), 'at_limit' => $this->string('at_limit', 'stops')->toString()],
            'swap variable' => ['name' => $this->string('variable')->toString(), 'first' => $this->float('on_value', 1.0), 'second' => $this->float('off_value')],
            'lamp' => ['lamp' => $this->string('lamp')->toString()],
            'flag' => ['flag' => $this->string('flag')->toString()],
            'start macro', 'stop macro' => ['macro' => $this->string('macro')->toString()],
            'go to layer' => ['layer' => $this->string('hold')->toString()],
            'step layer' => ['direction' => $this->string('step', 'next')->toString(), 'layers' => array_values($this->array('layers'))],
            'hold layer' => ['layer' => $this->string('hold')->toString()],
            'open stop' => ['stop' => $this->string('stop')->toString()],
            default => [],
        };

        return Outputs::read(Node::of(['kind' => $does] + $fields, 'the assignment'));
    }
}
