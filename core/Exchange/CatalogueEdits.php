<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Ids;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\ActionKind;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\Effect;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\Variable;

/**
 * Changes of a catalogue: actions are added, changed and taken away by what a person says of them. An action keeps its
 * id whatever it is called, so that the sets that name it follow. A variable that an action names first is made, and
 * one that no action is left for goes.
 */
final readonly class CatalogueEdits
{
    /** Time between two looks at the controller of a simulator that nobody has described, in µs: 60 times a second. */
    private const FRAME_US = 16_667;

    private function __construct(public Catalogue $catalogue) {}

    public static function of(Catalogue $catalogue): self
    {
        return new self($catalogue);
    }

    /** A catalogue without actions. */
    public static function begin(string $id, string $name, int $buttons, int $axes): self
    {
        return new self(new Catalogue($id, $name, $name, self::FRAME_US, $buttons, $axes, [], [], [], []));
    }

    /**
     * Several at once: first what goes, then what changes, then what is new.
     *
     * @param array<string, ActionRow> $rows what is said of actions that are there, by id
     * @param list<string>             $gone ids
     * @param list<ActionRow>          $new  rows that say nothing are passed over
     *
     * @throws FormatError with everything that cannot be done, each told with the name of its action
     */
    public function apply(array $rows, array $gone, array $new): self
    {
        $edits = $this;
        $bad = [];
        foreach ($gone as $id) {
            $edits = $edits->remove($id);
        }
        foreach (Keys::each($this->completed(array_diff_key($rows, array_flip($gone)))) as $id => $row) {
            try {
                $edits = $edits->change($id, $row);
            } catch (FormatError $error) {
                $bad[] = $error->under($this->mustBe($id)->name);
            }
        }
        foreach (
            array_values(
                ActionRow::paired(array_values(array_filter($new, fn (ActionRow $row) => ! $row->isEmpty()))),
            ) as $i => $row
        ) {
            try {
                $edits = $edits->add($row);
            } catch (FormatError $error) {
                $name = trim($row->said['action'] ?? '');
                $bad[] = $error->under($name === '' ? 'new action '.($i + 1) : $name);
            }
        }

        return $bad === [] ? $edits : throw FormatError::several($bad);
    }

    /** @throws FormatError with the column of what cannot be read */
    public function add(ActionRow $row): self
    {
        $name = $row->name();
        $id = Ids::free($name, 'action', fn (string $id) => isset($this->catalogue->actions[$id]));
        $kind = $row->kind() ?? ActionKind::Momentary;
        [$groups, $group] = $this->group($row->text('group'));
        $variable = $this->variable($row->text('variable'), $id);
        $action = new Action(
            $id,
            $name,
            $group,
            $kind,
            $row->yes('essential'),
            $this->effect($kind, $variable, $row->amount(), $id),
            $row->key(),
            $row->yes('written'),
            false,
            mb_strtolower($row->text('role')),
        );

        return $this->made(
            $groups,
            $this->catalogue->actions + [$id => $action],
            ActionVariables::with($this->catalogue->variables, $action, $row->text('variable')),
        );
    }

    /**
     * What a row leaves out stays as it is.
     *
     * @throws FormatError with the column of what cannot be read
     */
    public function change(string $id, ActionRow $row): self
    {
        $before = $this->mustBe($id);
        $row = $row->against($this->row($before));
        if ($row->said === []) {
            return $this;
        }
        [$groups, $group] = $row->says('group') ? $this->group($row->text('group')) : [
            $this->catalogue->groups,
            $before->group,
        ];
        $kind = $row->says('kind') ? $row->kind() ?? ActionKind::Momentary : $before->kind;
        $action = new Action(
            $id,
            $row->says('action') ? $row->name() : $before->name,
            $group,
            $kind,
            $row->says('essential') ? $row->yes('essential') : $before->essential,
            $row->saysAny(['kind', 'variable', 'amount']) ? $this->changed($before, $kind, $row) : $before->effect,
            $row->says('key') ? $row->key() : $before->key,
            $row->says('written') ? $row->yes('written') : $before->byVariable,
            $before->ownCurve && $kind === ActionKind::Axis,
            $row->says('role') ? mb_strtolower($row->text('role')) : $before->role,
        );
        $variables = $this->catalogue->variables;
        if ($this->isOnly($before)) {
            $variables[$before->effect->variable] = ActionVariables::fitted(
                $variables[$before->effect->variable],
                $before,
                $action,
            );
        }
        $actions = $this->catalogue->actions;
        $actions[$id] = $action;

        return $this->made(
            $groups,
            $actions,
            ActionVariables::without(
                ActionVariables::with($variables, $action, $row->text('variable')),
                $actions,
                $before->effect->variable,
            ),
        );
    }

    public function remove(string $id): self
    {
        $gone = $this->mustBe($id);
        $actions = array_diff_key($this->catalogue->actions, [$id => true]);

        return $this->made(
            $this->catalogue->groups,
            $actions,
            ActionVariables::without($this->catalogue->variables, $actions, $gone->effect->variable),
        );
    }

    /** An action of another list, with the variable that it changes. */
    public function keep(Catalogue $from, string $id): self
    {
        $action = $from->action($id);
        if ($action === null || isset($this->catalogue->actions[$id])) {
            return $this;
        }
        $groups = $this->catalogue->groups + [$action->group => $from->groups[$action->group]];
        $variables = [];
        for (
            $variable = $from->variables[$action->effect->variable]; $variable !== null; $variable = $variable
                ->gauge === null
                ? null
                : $from->variables[$variable->gauge]
        ) {
            $variables = [$variable->id => $variable] + $variables;
            $groups += [$variable->group => $from->groups[$variable->group]];
        }

        return $this->made(
            $groups,
            $this->catalogue->actions + [$id => $action],
            $this->catalogue->variables + $variables,
        );
    }

    /**
     * A table may come with names that are there twice; whoever takes it gives each its own.
     *
     * @throws FormatError if two actions of a group have one name, whatever its capitals
     */
    public function eachByItsName(): self
    {
        $names = $bad = [];
        foreach ($this->catalogue->actions as $action) {
            $names[$action->group][mb_strtolower($action->name)][] = $action;
        }
        foreach (
            array_filter(
                array_merge(...array_map(array_values(...), array_values($names)), ...[[]]),
                fn (array $same): bool => count($same) > 1,
            ) as $same
        ) {
            $bad[] = FormatError::told(
                $same[0]->name,
                count($same).' actions of that name in '.$this->catalogue->groups[$same[0]->group],
                'a name of its own for each',
            );
        }
        if ($bad !== []) {
            throw FormatError::several($bad);
        }

        return $this;
    }

    /** @throws FormatError if it is more than a catalogue may hold */
    public function checked(): Catalogue
    {
        return Catalogue::read(Node::of($this->catalogue->toArray()));
    }

    /** What stands of an action in a table or a form. */
    public function row(Action $action): ActionRow
    {
        $isOwn = $action->effect->variable === ActionVariables::own($action->id) && $this->isOnly($action);

        return new ActionRow([
            'action' => $action->name,
            'group' => $this->catalogue->groups[$action->group],
            'key' => $action->key?->label() ?? '',
            'kind' => $action->kind->value,
            'role' => $action->role,
            'essential' => $action->essential ? 'yes' : '',
            'written' => $action->byVariable ? 'yes' : '',
            'variable' => $isOwn ? '' : $this->catalogue->variables[$action->effect->variable]->name,
            'amount' => $action->effect->kind->takesAmount() ? (string) json_encode($action->effect->amount) : '',
        ]);
    }

    private function mustBe(string $id): Action
    {
        return $this->catalogue->action($id) ?? throw FormatError::told(
            'action',
            'one that is not there',
            'an action of '.$this->catalogue->name,
        );
    }

    /**
     * Rows of actions that become the halves of a pair, with what their names say.
     *
     * @param array<string, ActionRow> $rows by id
     *
     * @return array<string, ActionRow>
     */
    private function completed(array $rows): array
    {
        $turned = [];
        foreach (Keys::each($rows) as $id => $row) {
            $before = $this->row($this->mustBe($id));
            $changed = $row->against($before);
            if ($changed->says('kind')) {
                $turned[$id] = $before->with(['amount' => ''] + $row->said)->with(
                    array_intersect_key($changed->said, ['amount' => true]),
                );
            }
        }

        foreach (Keys::each(ActionRow::paired($turned)) as $id => $row) {
            $rows[$id] = $row;
        }

        return $rows;
    }

    /** What a changed action does; how far goes only with the kind and the variable that it was said of. */
    private function changed(Action $before, ActionKind $kind, ActionRow $row): Effect
    {
        $variable = $row->says('variable')
            ? $this->variable($row->text('variable'), $before->id)
            : $before->effect->variable;
        $stays = $before->effect->kind->takesAmount()
            && $kind === $before->kind
            && $variable === $before->effect->variable;

        return $this->effect(
            $kind,
            $variable,
            $row->says('amount') ? $row->amount() : ($stays ? $before->effect->amount : null),
            $before->id,
        );
    }

    /**
     * @param ?float $amount null if nobody has said: the first of several steps up, the next ones down; the first
     *    setting is 0, the next ones 1
     */
    private function effect(ActionKind $kind, string $variable, ?float $amount, string $but): Effect
    {
        $others = count($this->others($variable, $but));

        return match ($kind) {
            ActionKind::Momentary => $amount === null
                ? new Effect(EffectKind::Hold, $variable, 0.0)
                : new Effect(EffectKind::Step, $variable, $amount),
            ActionKind::Axis => new Effect(EffectKind::Follow, $variable, 0.0),
            ActionKind::StepPair => new Effect(EffectKind::Step, $variable, $amount ?? ($others === 0 ? 1.0 : -1.0)),
            ActionKind::Selector => new Effect(EffectKind::Set, $variable, $amount ?? min(1.0, (float) $others)),
            ActionKind::TwoState => $amount === null
                ? new Effect(EffectKind::Flip, $variable, 0.0)
                : new Effect(EffectKind::Set, $variable, $amount),
        };
    }

    /** @return array<string, Action> other actions that change a variable, by id */
    private function others(string $variable, string $but): array
    {
        return array_filter(
            $this->catalogue->actions,
            fn (Action $action) => $action->effect->variable === $variable && $action->id !== $but,
        );
    }

    /** Does nothing else change its variable? */
    private function isOnly(Action $action): bool
    {
        return $this->others($action->effect->variable, $action->id) === [];
    }

    /** @return array{array<string, string>, string} the groups with that one, and its id */
    private function group(string $name): array
    {
        $name = $name === '' ? 'Actions' : $name;
        foreach (Keys::each($this->catalogue->groups) as $id => $known) {
            if (mb_strtolower($known) === mb_strtolower($name)) {
                return [$this->catalogue->groups, $id];
            }
        }
        $id = Ids::free($name, 'group', fn (string $id) => isset($this->catalogue->groups[$id]));

        return [$this->catalogue->groups + [$id => $name], $id];
    }

    /** The id of a variable that a person calls so; without a word that of the action's own. */
    private function variable(string $name, string $action): string
    {
        foreach ($name === '' ? [] : Keys::each($this->catalogue->variables) as $id => $variable) {
            if (mb_strtolower($variable->name) === mb_strtolower($name)) {
                return $id;
            }
        }

        return ActionVariables::own($name === '' ? $action : Ids::free($name, 'variable', fn () => false));
    }

    /**
     * @param array<string, string>   $groups
     * @param array<string, Action>   $actions
     * @param array<string, Variable> $variables
     */
    private function made(array $groups, array $actions, array $variables): self
    {
        return new self($this->catalogue->with($groups, $actions, $variables));
    }
}
