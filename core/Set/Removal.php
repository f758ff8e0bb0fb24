<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Behaviour\PlayMacro;
use Nailrod\Core\Condition\Condition;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Lamp\LampRules;
use Nailrod\Core\Macro\Macro;
use Nailrod\Core\Macro\MacroStep;
use Nailrod\Core\Output\NamesPart;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\Outputs;

/**
 * Takes a part of a set away together with every word that names it, so that no name leads nowhere: outputs, conditions,
 * rules for lamps, steps of macros, ways. It looks at the document, not at what the rig has of it just now.
 */
final readonly class Removal
{
    use SaysParts;

    public function __construct(private BindingSet $set) {}

    /** @param string $sort one of the constants of NamesPart */
    public function of(string $sort, string $id): SetDocument
    {
        $own = $this->own();
        foreach ($this->set->merged->parts() as $part) {
            $path = $part->path;
            if ($sort === NamesPart::LAYER && $path->key === $id && in_array($path->section, ['cells', 'chords'], true)) {
                // What a parent says of the layer is not heard any more once the layer is gone.
                $own = $own->without($path);

                continue;
            }
            $value = Node::of($part->value)->plain();
            $left = match ($path->section) {
                'cells', 'chords' => self::part($value, $sort, $id),
                'macros' => $path->key === $id && $sort === NamesPart::MACRO ? $value : self::macro($path->key, $value, $sort, $id),
                'lamps' => self::lamp($value, $sort, $id),
                'ways' => self::output($value, $sort, $id),
                default => $value,
            };
            if ($left === null) {
                $own = $this->takeAway($own, $path);
            } elseif ($left != $value) {
                $own = $own->with($path, $left);
            }
        }

        return $this->takeAway($own, new PartPath($sort.'s', $id));
    }

    /**
     * A cell or a chord. What depends on something that will never be again goes with it.
     *
     * @param array<string, mixed> $part
     *
     * @return ?array<string, mixed>
     */
    private static function part(array $part, string $sort, string $id): ?array
    {
        if ($sort === NamesPart::MACRO && ($part['behaviour'] ?? null) == (new PlayMacro($id))->toArray()) {
            return null;
        }
        $when = isset($part['when']) ? Condition::read(Node::of($part['when'])) : null;
        if ($when?->names($sort, $id) === true) {
            if (! $when->holdsWithout()) {
                return null;
            }
            unset($part['when']);
        }

        return OutputsLeft::of($part, fn (Output $output) => $output instanceof NamesPart ? $output->without($sort, $id) : $output);
    }

    /**
     * A macro keeps its rhythm: what it no longer taps it waits for. It is played whatever it depended on.
     *
     * @param array<string, mixed> $value
     *
     * @return array<string, mixed>
     */
    private static function macro(string $name, array $value, string $sort, string $id): array
    {
        $macro = Macro::read($name, Node::of($value));
        $steps = [];
        foreach ($macro->steps as $step) {
            $output = $step->output instanceof NamesPart ? $step->output->without($sort, $id) : $step->output;
            if ($output === $step->output) {
                $steps[] = $step;
            } elseif ($output !== null) {
                $steps[] = $step->driving($output);
            } elseif ($step->time > 0) {
                $steps[] = MacroStep::wait($step->time);
            }
        }
        if ($steps == $macro->steps && $macro->when?->names($sort, $id) !== true) {
            return $value;
        }
        $left = $macro->withSteps($steps)->toArray();
        if ($macro->when?->names($sort, $id) === true) {
            unset($left['when']);
        }
        if ($macro->repeats && array_filter($steps, fn (MacroStep $step) => $step->time > 0) === []) {
            unset($left['plays']);
        }

        return $left;
    }

    /**
     * @param array<string, mixed> $value
     *
     * @return ?array<string, mixed>
     */
    private static function lamp(array $value, string $sort, string $id): ?array
    {
        $rule = LampRules::read(Node::of($value));

        return in_array([$sort, $id], $rule->names(), true) ? null : $value;
    }

    /**
     * @param array<string, mixed> $value
     *
     * @return ?array<string, mixed>
     */
    private static function output(array $value, string $sort, string $id): ?array
    {
        $output = Outputs::read(Node::of($value));

        return $output instanceof NamesPart && $output->without($sort, $id) === null ? null : $value;
    }
}
