<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Nailrod\Core\Behaviour\Behaviour;
use Nailrod\Core\Behaviour\Behaviours;
use Nailrod\Core\Behaviour\Follow;
use Nailrod\Core\Behaviour\PlayMacro;
use Nailrod\Core\Format\Node;

/** What one contact or axis is to do in one layer. */
final class CellRequest extends RevisionRequest
{
    use ReadsCondition;
    use ReadsOutput;

    protected function fields(): array
    {
        return [
            'layer' => ['required', 'string'],
            'ref' => ['required', 'string'],
            'macro' => ['sometimes', 'string'],
            'how' => ['sometimes', 'string'], 'what' => ['sometimes', 'in:cell,row,layer'], 'to_layer' => ['sometimes', 'string'], 'to_ref' => ['sometimes', 'string'],
            'does' => ['sometimes', 'required', 'string'],
            'behaviour' => ['nullable', 'string'],
            'width' => ['nullable', 'numeric'],
            'on' => ['nullable', 'string'],
            'together' => ['sometimes', 'required', 'string'], 'within' => ['sometimes', 'required', 'numeric', 'between:1,2000'], 'chord' => ['sometimes', 'string'],
            'index' => ['sometimes', 'integer', 'min:0'],
            'beside' => ['sometimes', 'boolean'],
            'delay' => ['sometimes', 'required', 'numeric'], 'period' => ['sometimes', 'required', 'numeric'], 'idle' => ['sometimes', 'required', 'numeric'],
            'long' => ['sometimes', 'required', 'numeric'], 'double' => ['sometimes', 'required', 'numeric'], 'gap' => ['sometimes', 'required', 'numeric'],
            'most' => ['sometimes', 'required', 'integer'], 'coarse' => ['sometimes', 'required', 'numeric'],
            'when' => ['sometimes', 'string'], 'when_to' => ['sometimes', 'required', 'numeric'],
            'leaving' => ['sometimes', 'in:keep,return to rest'],
            'taking' => ['sometimes', 'in:at once,pick up'],
        ];
    }

    /** @return array<string, string> what becomes of the output of an axis when layers change; what is usual is left out */
    public function handOver(): array
    {
        return ($this->string('leaving')->toString() === 'return to rest' ? ['leaving' => 'return to rest'] : [])
            + ($this->string('taking')->toString() === 'pick up' ? ['taking' => 'pick up'] : []);
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

    /** The same where one must have been chosen. */
    public function chosenBehaviour(): Behaviour
    {
        return $this->behaviour() ?? Follow::always();
    }

    /** @return array<string, int> places of the outputs for short, long and double */
    private function taps(): array
    {
        return match ($this->string('taps', 'short and long')->toString()) {
            'short and double' => ['short' => 0, 'double' => 1],
            'short, long and double' => ['short' => 0, 'long' => 1, 'double' => 2],
            default => ['short' => 0, 'long' => 1],
        };
    }

    /** @return list<string> the contacts of a chord */
    public function together(): array
    {
        return [$this->ref(), $this->string('together')->toString()];
    }

    /** Is the contact to play a macro, which has outputs of its own? */
    public function playsMacro(): bool
    {
        return $this->string('does')->toString() === 'macro';
    }

    public function isBeside(): bool
    {
        return $this->boolean('beside');
    }

    /** The behaviour that was chosen; null if none was, so that the usual one is taken. */
    public function behaviour(): ?Behaviour
    {
        if ($this->string('does')->toString() === 'macro') {
            return new PlayMacro($this->string('macro')->toString());
        }
        $kind = $this->string('behaviour')->toString();
        if ($kind === '') {
            return null;
        }
        $width = ['width_ms' => $this->float('width', 60.0)];
        $fields = match ($kind) {
            'pulse' => ['on' => $this->string('on', 'press')->toString()] + $width,
            'repeat' => ['delay_ms' => $this->float('delay', 450.0), 'period_ms' => $this->float('period', 125.0), 'while' => $this->string('while', 'held')->toString()] + $width,
            'cycle' => ['direction' => $this->string('direction_of', 'forward')->toString(), 'idle_ms' => $this->float('idle')] + $width,
            'short/long/double' => $this->taps() + ['long_ms' => $this->float('long', 500.0), 'double_ms' => $this->float('double', 300.0)] + $width,
            'ticks' => ['gap_ms' => $this->float('gap', 20.0), 'most_waiting' => $this->integer('most', 32), 'coarse_above' => $this->float('coarse')] + $width,
            default => [],
        };

        return Behaviours::read(Node::of(['kind' => $kind] + $fields, 'the behaviour'));
    }
}
