<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Behaviour\Follow;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\HandOver;

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
            'how' => ['sometimes', 'string'], 'what' => [
                'sometimes',
                'in:cell,row,layer',
            ], 'to_layer' => ['sometimes', 'string'], 'to_ref' => ['sometimes', 'string'],
            'does' => ['sometimes', 'required', 'string'],
            'behaviour' => ['nullable', 'string'],
            'output' => ['sometimes', 'array'], 'behave' => ['sometimes', 'array'],
            'together' => ['sometimes', 'required', 'string'], 'third' => ['nullable', 'string'], 'within' => [
                'sometimes',
                'required',
                'numeric',
            ], 'held' => ['nullable', 'numeric'], 'chord' => ['sometimes', 'string'], 'as' => [
                'sometimes',
                'required',
                'string',
            ],
            'keys' => [
                'sometimes',
                'required',
                'string',
                'max:120',
            ], 'apart' => ['sometimes', 'required', 'integer', 'min:0'], 'asked' => ['nullable', 'string'],
            'index' => ['sometimes', 'integer', 'min:0'],
            'beside' => ['sometimes', 'boolean'], 'else' => ['sometimes', 'boolean'],
            'when' => ['sometimes'], 'when_to' => ['sometimes'], 'when_how' => ['sometimes', 'in:all,any'],
        ];
    }

    /**
     * @return array<string, mixed> what becomes of the output of an axis when layers change; what is usual is left out
     */
    public function handOver(): array
    {
        return array_filter(
            (new Answers($this->all()))->unusual(HandOver::fields()),
            fn (mixed $value) => $value !== null,
        );
    }

    /** Edits of what the cell does, or of what it does otherwise, as the form says. */
    public function on(Edits $edits): Edits
    {
        return $this->boolean('else') ? $edits->otherwise() : $edits;
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
    public function chosenBehaviour(?Behaviour $now): Behaviour
    {
        return $this->behaviour($now) ?? Follow::always();
    }

    /** @return list<string> the contacts of a chord */
    public function together(): array
    {
        return array_values(array_unique(array_filter(
            [$this->ref(), $this->string('together')->toString(), $this->string('third')->toString()],
            fn (string $ref): bool => $ref !== '',
        )));
    }

    /** Is the contact to do something that has outputs of its own? */
    public function playsMacro(): bool
    {
        return isset(Behaviours::all()[$this->string('does')->toString()]);
    }

    public function isBeside(): bool
    {
        return $this->boolean('beside');
    }

    /**
     * The behaviour that was chosen; null if none was, so that the usual one is taken.
     *
     * @param ?Behaviour $now what holds now: what no form has of it is kept
     *
     * @throws FormatError if it is not as its kind wants it
     */
    public function behaviour(?Behaviour $now = null): ?Behaviour
    {
        if ($this->playsMacro()) {
            return Behaviours::read(Node::of($this->outputSaid(), 'the assignment'));
        }
        $kind = $this->string('behaviour')->toString();
        if ($kind === '') {
            return null;
        }

        return Behaviours::read(Node::of(
            (new Answers($this->array('behave')))->kind(Behaviours::all(), $kind, $now?->toArray()),
            'the behaviour',
        ));
    }
}
