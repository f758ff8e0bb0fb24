<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\MacroRecorder;
use Nailrod\Core\Mapping\Macro\MacroStep;
use Nailrod\Core\Mapping\Output\ControllerButton;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;

/** What is done to a macro; times are in ms. */
final class MacroRequest extends RevisionRequest
{
    use ReadsCondition;
    use ReadsOutput;

    private const MOST_EVENTS = 1000;

    protected function fields(): array
    {
        return [
            'id' => ['sometimes', 'required', 'string'],
            'macro' => ['sometimes', 'string'],
            'name' => ['sometimes', 'required', 'string', 'max:60'],
            'about' => ['nullable', 'string', 'max:200'],
            'when' => ['sometimes'], 'when_to' => ['sometimes'], 'when_how' => ['sometimes', 'in:all,any'],
            'pause' => ['sometimes', 'required', 'numeric', 'between:0,600000'],
            'bar' => ['sometimes', 'required', 'integer', 'min:0'],
            'starts' => ['sometimes', 'required', 'numeric', 'between:0,600000'],
            'lasts' => ['sometimes', 'required', 'numeric', 'between:0,600000'],
            'does' => ['sometimes', 'required', 'string'],
            'text' => ['sometimes', 'required', 'string', 'max:'.MacroStep::LONGEST_TEXT],
            'layout' => ['sometimes', 'required', 'string'],
            'key_ms' => ['sometimes', 'required', 'numeric', 'between:1,1000'],
            'events' => ['sometimes', 'required', 'json', 'max:200000'],
        ];
    }

    public function attributes(): array
    {
        return [
            'about' => 'What it is for',
            'starts' => 'Starts at',
            'lasts' => 'Lasts',
            'pause' => 'Pause at the end',
            'text' => 'Text',
            'layout' => 'Layout',
            'key_ms' => 'Each key',
            'events' => 'Recording',
        ] + parent::attributes();
    }

    public function id(): string
    {
        return $this->string('id')->toString();
    }

    /** @return array<string, mixed> fields of the macro in the open format; null for what is usual */
    public function said(): array
    {
        $said = array_intersect_key((new Answers($this->all()))->unusual(Macro::howItPlays()), $this->all());
        if ($this->has('when')) {
            $said['when'] = $this->condition()?->toArray();
        }

        if ($this->has('about')) {
            $said['about'] = $this->string('about')->trim()->toString() ?: null;
        }

        return $said + ($this->has('name') ? ['name' => $this->string('name')->toString()] : []);
    }

    public function typesText(): bool
    {
        return $this->string('does')->toString() === MacroStep::TYPE;
    }

    /** The text with line ends as one character each, however the browser sends them. */
    public function text(): string
    {
        return str_replace(["\r\n", "\r"], "\n", $this->string('text')->toString());
    }

    /** A time field in µs. */
    public function us(string $field, float $else = 0.0): int
    {
        return (int) round(1000 * $this->float($field, $else));
    }

    /** @return list<Bar> what was pressed and let go of while it was recorded */
    public function recorded(): array
    {
        $recorder = new MacroRecorder;
        $events = Node::of(json_decode($this->string('events')->toString(), true), 'events')->list(self::MOST_EVENTS);
        $last = 0;
        foreach ($events as $event) {
            $event->only(['t', 'kind', 'target', 'on']);
            $last = $event->get('t')->int($last, PHP_INT_MAX);
            $recorder->take($last, $this->pressed($event), $event->get('on')->bool());
        }

        return $recorder->bars();
    }

    private function pressed(Node $event): Output
    {
        $target = $event->get('target')->string(40);

        return $event->get('kind')->oneOf(['key', 'button']) === 'key'
            ? KeyStroke::read(Node::of(['kind' => 'key', 'code' => $target], $event->path))
            : Outputs::read(Node::of((new ControllerButton((int) $target))->toArray(), $event->path));
    }
}
