<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Behaviour\Behaviour;
use Nailrod\Core\Behaviour\Behaviours;
use Nailrod\Core\Behaviour\PlaysItsMacro;
use Nailrod\Core\Condition\Condition;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Macro\Macro;
use Nailrod\Core\Macro\MacroStep;
use Nailrod\Core\Output\ContactOutput;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;
use Nailrod\Core\Output\PlaysMacro;

/** What one layer says of one contact or axis: an assignment, or *nothing*, which hides what the base layer says. */
final readonly class Cell
{
    /**
     * @param ?Behaviour   $behaviour none for an axis and for *nothing*
     * @param list<Output> $outputs   none for *nothing*
     * @param ?Condition   $when      judged when the contact closes; null for always
     * @param ?HandOver    $over      of an axis: what becomes of the output when layers change; null if it is not said
     */
    private function __construct(public ?Behaviour $behaviour, public array $outputs, public ?HandOver $over = null, public ?Condition $when = null) {}

    public static function nothing(): self
    {
        return new self(null, []);
    }

    /** @return array<string, mixed> in JSON Schema */
    public static function schema(): array
    {
        $macros = array_keys(array_filter(Behaviours::all(), fn (string $class) => is_subclass_of($class, PlaysItsMacro::class)));

        return ['description' => 'What a layer says of a contact or an axis.', 'oneOf' => [
            ['description' => 'Nothing happens, whatever the base layer says.', 'type' => 'object', 'properties' => ['nothing' => ['const' => true]], 'required' => ['nothing'], 'additionalProperties' => false],
            [
                'description' => 'An assignment.',
                'type' => 'object',
                'properties' => [
                    'behaviour' => ['description' => 'How a contact drives the outputs; an axis has none.', '$ref' => '#/$defs/behaviour'],
                    'outputs' => ['description' => 'What is driven; an axis has exactly one.', 'type' => 'array', 'minItems' => 1, 'maxItems' => 16, 'items' => ['$ref' => '#/$defs/output']],
                    'when' => ['description' => 'What it depends on, judged when the contact closes; an axis has none.', '$ref' => '#/$defs/condition'],
                ] + HandOver::schema(),
                'additionalProperties' => false,
                'anyOf' => [['required' => ['outputs']], ['required' => ['behaviour'], 'properties' => ['behaviour' => ['properties' => ['kind' => ['enum' => $macros]]]]]],
            ],
        ]];
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $node->only(['nothing', 'behaviour', 'outputs', 'when', ...Keys::of(HandOver::fields()->all)]);
        if ($node->has('nothing')) {
            if ($node->has('outputs') || ! $node->get('nothing')->bool()) {
                throw $node->get('nothing')->refuse('true, and no other field beside it');
            }

            return self::nothing();
        }
        $behaviour = $node->maybe('behaviour');
        $behaviour = $behaviour === null ? null : Behaviours::read($behaviour);
        $outputs = [];
        $isMacro = $behaviour instanceof PlaysItsMacro;
        foreach ($isMacro && ! $node->has('outputs') ? [] : $node->get('outputs')->list(16) as $output) {
            $read = Outputs::read($output);
            if ($behaviour !== null && $read instanceof ContactOutput) {
                $refusal = $behaviour->refuses($read);
                if ($refusal !== null) {
                    throw $output->refuse($refusal);
                }
            }
            $outputs[] = $read;
        }
        if ($outputs === [] && ! $isMacro) {
            throw $node->get('outputs')->refuse('at least one output');
        }

        $when = $node->maybe('when');

        return new self($behaviour, $outputs, HandOver::read($node), $when === null ? null : Condition::read($when));
    }

    /**
     * What it drives, by itself or by the macro that it plays.
     *
     * @param array<string, Macro> $macros of the set, by id
     *
     * @return list<Output>
     */
    public function drives(array $macros): array
    {
        if (! $this->behaviour instanceof PlaysItsMacro) {
            return $this->outputs;
        }

        return array_values(array_filter(array_map(fn (MacroStep $step) => $step->output, $macros[$this->behaviour->macro()]->steps ?? [])));
    }

    /** @return list<string> ids of the macros that it plays or starts */
    public function plays(): array
    {
        $plays = $this->behaviour instanceof PlaysItsMacro ? [$this->behaviour->macro()] : [];
        foreach ($this->outputs as $output) {
            if ($output instanceof PlaysMacro && $output->starts()) {
                $plays[] = $output->macro();
            }
        }

        return $plays;
    }

    public function isNothing(): bool
    {
        return $this->outputs === [] && $this->behaviour === null;
    }
}
