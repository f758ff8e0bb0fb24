<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\MacroStep;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Mapping\Output\PlaysMacro;

/** What one layer says of one contact or axis: an assignment, or *nothing*, which hides what the base layer says. */
final readonly class Cell
{
    /**
     * @param ?Behaviour   $behaviour none for an axis and for *nothing*
     * @param list<Output> $outputs   none for *nothing*
     * @param ?Condition   $when      judged when the contact closes; null for always
     * @param ?HandOver    $over      of an axis: what becomes of the output when layers change; null if it is not said
     * @param ?string      $as        the contact as which it does, whatever that does in
     *                                the layer that is live; then nothing else is said
     * @param ?self        $otherwise what is done when the condition does not hold, an
     *                                assignment of its own; null for nothing
     */
    private function __construct(
        public ?Behaviour $behaviour,
        public array $outputs,
        public ?HandOver $over = null,
        public ?Condition $when = null,
        public ?self $otherwise = null,
        public ?string $as = null,
    ) {}

    public static function nothing(): self
    {
        return new self(null, []);
    }

    /** @param string $ref of the contact as which it does */
    public static function as(string $ref): self
    {
        return new self(null, [], as: $ref);
    }

    /** @return array<string, mixed> in JSON Schema */
    public static function schema(): array
    {
        $macros = array_keys(
            array_filter(Behaviours::all(), fn (string $class) => is_subclass_of($class, PlaysItsMacro::class)),
        );
        $anyOf = [
            ['required' => ['outputs']],
            [
                'required' => ['behaviour'],
                'properties' => ['behaviour' => ['properties' => ['kind' => ['enum' => $macros]]]],
            ],
        ];
        $does = [
            'behaviour' => [
                'description' => 'How a contact drives the outputs; an axis has none.',
                '$ref' => '#/$defs/behaviour',
            ],
            'outputs' => [
                'description' => 'What is driven; an axis has exactly one.',
                'type' => 'array',
                'minItems' => 1,
                'maxItems' => 16,
                'items' => ['$ref' => '#/$defs/output'],
            ],
        ];

        return ['description' => 'What a layer says of a contact or an axis.', 'oneOf' => [
            [
                'description' => 'Nothing happens, whatever the base layer says.',
                'type' => 'object',
                'properties' => ['nothing' => ['const' => true]],
                'required' => ['nothing'],
                'additionalProperties' => false,
            ],
            [
                'description' => 'It does as another contact does, whatever that does in the layer that is live.',
                'type' => 'object',
                'properties' => ['as' => (new Reference(Reference::CONTACT))->schema()],
                'required' => ['as'],
                'additionalProperties' => false,
            ],
            [
                'description' => 'An assignment.',
                'type' => 'object',
                'properties' => $does + [
                    'when' => [
                        'description' => 'What it depends on, judged when the contact closes; an axis has none.',
                        '$ref' => '#/$defs/condition',
                    ],
                    'otherwise' => [
                        'description' =>
                            'What is done when that does not hold: an assignment of its own. Where nothing is said, '
                                .'nothing happens.',
                        'type' => 'object',
                        'properties' => $does,
                        'required' => ['behaviour'],
                        'additionalProperties' => false,
                        'anyOf' => $anyOf,
                    ],
                ] + HandOver::schema(),
                'additionalProperties' => false,
                'anyOf' => $anyOf,
                'dependentRequired' => ['otherwise' => ['when']],
            ],
        ]];
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $node->only(
            ['nothing', 'as', 'behaviour', 'outputs', 'when', 'otherwise', ...Keys::of(HandOver::fields()->all)],
        );
        if ($node->has('nothing')) {
            if ($node->has('outputs') || ! $node->get('nothing')->bool()) {
                throw $node->get('nothing')->refuse('true, and no other field beside it');
            }

            return self::nothing();
        }
        if ($node->has('as')) {
            $node->only(['as']);

            return self::as((new Reference(Reference::CONTACT))->read($node->get('as')));
        }
        [$behaviour, $outputs] = self::does($node);
        $when = $node->maybe('when');
        $otherwise = $node->maybe('otherwise');
        if ($otherwise !== null && $when === null) {
            throw $otherwise->refuse('a condition beside it ("when")');
        }

        return new self(
            $behaviour,
            $outputs,
            HandOver::read($node),
            $when === null ? null : Conditions::read($when),
            $otherwise === null ? null : self::readOtherwise($otherwise),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    private static function readOtherwise(Node $node): self
    {
        $node->only(['behaviour', 'outputs']);

        return new self(...self::does($node));
    }

    /**
     * @return array{?Behaviour, list<Output>}
     *
     * @throws FormatError with the place of what is wrong
     */
    private static function does(Node $node): array
    {
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

        return [$behaviour, $outputs];
    }

    /** @return list<self> what it does, and what it does otherwise, each by itself */
    public function either(): array
    {
        return $this->otherwise === null ? [$this] : [
            new self($this->behaviour, $this->outputs, $this->over, $this->when),
            $this->otherwise,
        ];
    }

    /** @return list<Output> what it drives, and what it drives otherwise */
    public function outputsOfEither(): array
    {
        return [...$this->outputs, ...$this->otherwise->outputs ?? []];
    }

    /**
     * What it drives, by itself or by the macro that it plays, also otherwise.
     *
     * @param array<string, Macro> $macros of the set, by id
     *
     * @return list<Output>
     */
    public function drives(array $macros): array
    {
        $own = $this->behaviour instanceof PlaysItsMacro
            ? array_values(array_filter(
                array_map(fn (MacroStep $step) => $step->output, $macros[$this->behaviour->macro()]->steps ?? []),
            ))
            : $this->outputs;

        return [...$own, ...$this->otherwise?->drives($macros) ?? []];
    }

    /** @return list<string> ids of the macros that it plays or starts, also otherwise */
    public function plays(): array
    {
        $plays = $this->behaviour instanceof PlaysItsMacro ? [$this->behaviour->macro()] : [];
        foreach ($this->outputs as $output) {
            if ($output instanceof PlaysMacro && $output->starts()) {
                $plays[] = $output->macro();
            }
        }

        return [...$plays, ...$this->otherwise?->plays() ?? []];
    }

    public function isNothing(): bool
    {
        return $this->outputs === [] && $this->behaviour === null && $this->as === null;
    }

    /**
     * What a layer says of a contact, with other names in it, as it stands in the file: see Type::renamed().
     *
     * @param array<array-key, mixed>          $said
     * @param callable(string, string): string $as
     *
     * @return array<string, mixed>
     */
    public static function renamed(array $said, callable $as): array
    {
        $renamed = [];
        foreach (Keys::each($said) as $field => $value) {
            $renamed[$field] = match ($field) {
                'as' => (new Reference(Reference::CONTACT))->renamed($value, $as),
                'behaviour' => Behaviours::renamed($value, $as),
                'outputs' => is_array($value) ? array_map(
                    fn (mixed $output): mixed => Outputs::renamed($output, $as),
                    $value,
                ) : $value,
                'when' => Conditions::renamed($value, $as),
                'otherwise' => is_array($value) ? self::renamed($value, $as) : $value,
                default => $value,
            };
        }

        return $renamed;
    }
}
