<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Nailrod\Core\Behaviour\Behaviour;
use Nailrod\Core\Behaviour\Behaviours;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;

/** What one contact or axis is to do in one layer. */
final class CellRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'layer' => ['required', 'string'],
            'ref' => ['required', 'string'],
            'does' => ['required', 'string'],
            'behaviour' => ['nullable', 'string'],
            'width' => ['nullable', 'numeric'],
            'on' => ['nullable', 'string'],
        ];
    }

    public function layer(): string
    {
        return $this->string('layer')->toString();
    }

    public function ref(): string
    {
        return $this->string('ref')->toString();
    }

    public function doesNothing(): bool
    {
        return $this->string('does')->toString() === 'nothing';
    }

    public function output(): Output
    {
        $does = $this->string('does')->toString();
        $fields = match ($does) {
            'action' => ['action' => $this->string('action')->toString()],
            'key' => array_filter(['code' => $this->string('code')->toString(), 'with' => array_values($this->array('with'))], fn (mixed $value) => $value !== []),
            'button', 'axis' => ['number' => $this->integer('number')],
            'set variable' => ['name' => $this->string('variable')->toString(), 'to' => $this->float('to')],
            'on/off variable' => ['name' => $this->string('variable')->toString(), 'on' => $this->float('on_value', 1.0), 'off' => $this->float('off_value')],
            'hold layer' => ['layer' => $this->string('hold')->toString()],
            'open stop' => ['stop' => $this->string('stop')->toString()],
            default => [],
        };

        return Outputs::read(Node::of(['kind' => $does] + $fields, 'the assignment'));
    }

    /** The behaviour that was chosen; null if none was, so that the usual one is taken. */
    public function behaviour(): ?Behaviour
    {
        $kind = $this->string('behaviour')->toString();
        if ($kind === '') {
            return null;
        }
        $fields = $kind === 'pulse' ? ['on' => $this->string('on', 'press')->toString(), 'width_ms' => $this->float('width', 60.0)] : [];

        return Behaviours::read(Node::of(['kind' => $kind] + $fields, 'the behaviour'));
    }
}
