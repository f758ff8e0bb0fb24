<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Behaviour\Follows;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Set\Section\Sections;

/** Parts of a set, and changes of them, in plain words. */
final readonly class Words
{
    /** What is told of what a set says beside its sections. */
    private const HEADS = [
        'devices' => 'Devices',
        'name' => 'The name of the set',
        'parent' => 'What it inherits from',
        'simulator' => 'The simulator',
    ];

    /** @var \Closure(string): ?string */
    private \Closure $nameOfSet;

    private Names $names;

    /** @param ?callable(string): ?string $nameOfSet names of sets that this one does not inherit from, by id */
    public function __construct(public BindingSet $set, ?callable $nameOfSet = null)
    {
        $this->names = new SetNames($set);
        $this->nameOfSet = $nameOfSet === null ? static fn (string $id): ?string => null : $nameOfSet(...);
    }

    /**
     * What the part is about: "Left lever, dead zones", "Switch 2 up in On water".
     *
     * @param ?PartValue $said what is said of it, in case the set knows it no more, or not yet
     */
    public function subject(PartPath $path, ?PartValue $said = null): string
    {
        $named = is_array($said?->value) && is_string($said->value['name'] ?? null) ? $said->value['name'] : null;

        $section = Sections::all()[$path->section] ?? null;

        return $section === null ? self::HEADS[$path->section]
            ?? $path->section
            : $section::subject($path, $named, $said, $this);
    }

    /** What a part of an axis is called. */
    public function axisPart(string $part): string
    {
        $class = AxisParts::all()[$part] ?? null;

        return $class === null ? $part : $class::title();
    }

    public static function called(string $sort, ?string $name): string
    {
        return $name === null ? 'The new '.lcfirst($sort) : $sort.' '.$name;
    }

    public function layerName(string $id): string
    {
        return $this->set->layers[$id]->name ?? 'a layer that is gone';
    }

    /** What is said of it. */
    public function value(?PartValue $part): string
    {
        if ($part === null) {
            return 'not said here';
        }
        if ($part->value === null) {
            return 'taken away';
        }
        $node = Node::of($part->value);

        $section = Sections::all()[$part->path->section] ?? null;

        return $section === null ? $this->head($part->path->section, $node)
            : $section::inWords($part->path, $node, $this);
    }

    /** What a set says beside its sections. */
    private function head(string $head, Node $node): string
    {
        return match ($head) {
            'parent' => ($this->nameOfSet)($node->string()) ?? $this->set->merged->nameOf($node->string()),
            'simulator' => (
                $this->set->catalogue?->id === $node->value ? $this->set->catalogue?->name : null
            ) ?? $node->string(),
            'devices' => implode(
                ', ',
                array_map(
                    fn (Node $id) => $this->set->rig->devices[$id->string()]->name ?? $id->string(),
                    $node->list(),
                ),
            ),
            default => $node->string(),
        };
    }

    public function cell(?Cell $cell): string
    {
        if ($cell === null) {
            return '';
        }
        if ($cell->isNothing()) {
            return 'nothing';
        }
        if ($cell->as !== null) {
            return 'as '.$this->set->rig->nameOf($cell->as).' does';
        }
        $behaviour = $cell->behaviour;
        $when = $cell->when === null ? '' : ', '.$this->condition($cell->when);
        $else = $cell->otherwise === null ? '' : '; otherwise '.$this->cell($cell->otherwise);
        if ($behaviour instanceof PlaysItsMacro) {
            return $behaviour->inWords($this->names).$when.$else;
        }
        $outputs = implode(' and ', array_map($this->output(...), $cell->outputs)).$when;
        if ($cell->over !== null && $cell->over->toArray() !== []) {
            $outputs .= ', '.$cell->over->inWords();
        }

        return (
            $behaviour === null || $behaviour instanceof Follows
                ? $outputs
                : $outputs
                .' · '
                .$behaviour->inWords($this->names)
        ).$else;
    }

    /** The same for a small place: the behaviour is said only where it is not what is usual for the action. */
    public function brief(Cell $cell): string
    {
        $output = $cell->outputs[0] ?? null;
        $action = $this->set->actionOf($output);

        return $action !== null && $cell->when === null && $cell->behaviour !== null && $action->usualBehaviour()
            ->toArray() == $cell->behaviour->toArray()
            ? implode(' and ', array_map($this->output(...), $cell->outputs))
            : $this->cell($cell);
    }

    /**
     * A cell read back as one plain sentence: what the hand does, where, and what comes of it; or would, were it not
     * set aside.
     */
    public function sentenceOf(string $layer, string $ref): string
    {
        return (
            $this->set->cell($layer, $ref) !== null
                && $this->set->isAside(PartPath::cell($layer, $ref))
                ? 'Set aside: '
                : ''
        ).$this->spoken($layer, $ref);
    }

    private function spoken(string $layer, string $ref): string
    {
        $name = $this->set->rig->nameOf($ref);
        $where = $this->set->layers[$layer]->name ?? $layer;
        $cell = $this->set->cell($layer, $ref);
        if ($cell === null) {
            $below = $layer === Layer::BASE ? null : $this->set->cell(Layer::BASE, $ref);
            $base = $this->set->layers[Layer::BASE]->name;

            return match (true) {
                $below === null => sprintf('%s does nothing in %s yet.', $name, $where),
                $below->isNothing() => sprintf(
                    '%s says nothing of %s, and %s says that nothing happens.',
                    $where,
                    $name,
                    $base,
                ),
                default => sprintf(
                    '%s says nothing of %s, so it does as in %s: %s.',
                    $where,
                    $name,
                    $base,
                    $this->cell($below),
                ),
            };
        }
        if ($cell->isNothing()) {
            return sprintf('Nothing happens when %s is used in %s.', $name, $where);
        }
        if ($cell->as !== null) {
            $does = $this->set->cell($layer, $cell->as) ?? $this->set->cell(Layer::BASE, $cell->as);

            return sprintf(
                '%s does in %s as %s does: %s.',
                $name,
                $where,
                $this->set->rig->nameOf($cell->as),
                $does === null ? 'nothing yet' : $this->cell($does),
            );
        }

        return isset($this->set->rig->axes[$ref])
            ? sprintf(
                '%s drives %s in %s%s.',
                $name,
                $this->driven($cell),
                $where,
                ($cell->over?->toArray() ?? []) === [] ? '' : '; it '.$cell->over?->inWords(),
            )
            : sprintf(
                'When %s closes in %s%s: %s%s.',
                $name,
                $where,
                $cell->when === null ? '' : ', '.$this->condition($cell->when),
                $this->does($cell),
                $cell->otherwise === null ? '' : '; otherwise: '.$this->does($cell->otherwise),
            );
    }

    private function does(Cell $cell): string
    {
        return $cell->behaviour instanceof PlaysItsMacro
            ? 'plays '
            .$this->names->of(Id::MACRO, $cell->behaviour->macro())
            : $this->driven($cell)
            .', '
            .(
                $cell->behaviour?->inWords($this->names) ?? ''
            );
    }

    private function driven(Cell $cell): string
    {
        return implode(' and ', array_map($this->reached(...), $cell->outputs));
    }

    private function reached(Output $output): string
    {
        $way = $this->set->leaving($output);

        return $this->output($output).(
            $way === $output ? '' : ($way === null ? ' (no way yet)' : ' by '.$this->output($way))
        );
    }

    public function output(Output $output): string
    {
        return $output->inWords($this->names);
    }

    /** What is said of a part, or else what holds of it by a parent. */
    private function said(PartPath $path, ?PartValue $said): string
    {
        $inherited = $said === null ? $this->inherited($path) : null;

        return $inherited === null ? $this->value($said) : 'as inherited, '.$this->value($inherited);
    }

    /** Of what is said before and after, and by a parent, what has a name to call the part by. */
    public function naming(PartChange $change): ?PartValue
    {
        foreach ([$change->after, $change->before, $this->inherited($change->path)] as $said) {
            if ($said?->value !== null) {
                return $said;
            }
        }

        return null;
    }

    private function inherited(PartPath $path): ?PartValue
    {
        $said = null;
        foreach (array_slice($this->set->merged->chain, 0, -1) as $parent) {
            $said = $parent->says($path) ? new PartValue($path, $parent->value($path)) : $said;
        }

        return $said?->value === null ? null : $said;
    }

    /** @param list<PartChange> $changes */
    public function sentence(array $changes): string
    {
        return $changes === [] ? 'Nothing changed.' : mb_strimwidth(
            implode('; ', $this->lines($changes)),
            0,
            480,
            '...',
        );
    }

    /**
     * @param list<PartChange> $changes
     *
     * @return list<string> one for each: "Mark in Base: Horn → nothing"
     */
    public function lines(array $changes): array
    {
        return array_map(
            fn (PartChange $change) => $this->subject($change->path, $this->naming($change))
                .': '
                .$this->said($change->path, $change->before)
                .' → '
                .$this->said($change->path, $change->after),
            $changes,
        );
    }

    /** All that a macro is for and does, step by step. */
    public function macro(Macro $macro): string
    {
        return (new MacroWords($this->set, $this))->sentence($macro);
    }

    /** "Lamp 1 is green while layer On water is live." */
    public function lampRule(LampRule $rule): string
    {
        return $rule->inWords($this->names);
    }

    public function stop(Stop $stop): string
    {
        return sprintf(
            '%s, %s %s, %s, on %s',
            $stop->name,
            $stop->side->value,
            Percent::at($stop->at, $this->isCentred($stop->axes[0] ?? '')),
            $stop->opening->value,
            implode(' and ', array_map($this->set->rig->nameOf(...), $stop->axes)),
        );
    }

    private function isCentred(string $ref): bool
    {
        return $this->set->rig->axes[$ref]->centred ?? false;
    }

    public function chord(Chord $chord): string
    {
        return implode(
            ' and ',
            array_map($this->set->rig->nameOf(...), $chord->of),
        ).' together'.(
            $chord->held > 0 ? ' for '.($chord->held / 1000).' ms' : ''
        ).': '.implode(' and ', array_map($this->output(...), $chord->outputs));
    }

    /** A condition, with the names of what it asks. */
    public function condition(Condition $when): string
    {
        return 'only while '.$when->inWords($this->names);
    }

    public function made(Made $made): string
    {
        $names = array_map($this->set->rig->nameOf(...), $made->sources());
        $words = rtrim($made->inWords($names, $this->isCentred($made->sources()[0])), '.');

        return str_starts_with($words, $names[0]) ? $words : lcfirst($words);
    }

    public function ofAxisPart(PartPath $path, Node $node): string
    {
        $axis = $this->set->rig->axes[$path->key] ?? null;
        if ($axis === null) {
            return (string) json_encode($node->value);
        }
        $class = AxisParts::all()[(string) $path->inner] ?? null;
        $words = $class === null ? '' : $class::read($node, $axis)->inWords($axis->centred);

        return $words === '' ? 'as it comes' : lcfirst(rtrim($words, '.'));
    }
}
