<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

use Nailrod\Core\Format\Keys;

/** What differs between two lists of the actions of one simulator. */
final readonly class CatalogueChange
{
    /** So many are told by name in the one sentence of all. */
    private const TOLD = 3;

    /**
     * @param list<Action>                $added
     * @param list<Action>                $removed
     * @param list<array{Action, Action}> $changed as it was, and as it is
     */
    private function __construct(
        private Catalogue $before,
        private Catalogue $after,
        public array $added,
        public array $removed,
        public array $changed,
    ) {}

    public static function between(Catalogue $before, Catalogue $after): self
    {
        $changed = [];
        foreach (array_intersect_key($after->actions, $before->actions) as $id => $action) {
            if (
                $action != $before->actions[$id]
                    || $after->groups[$action->group] !== $before->groups[$before->actions[$id]->group]
            ) {
                $changed[] = [$before->actions[$id], $action];
            }
        }

        return new self(
            $before,
            $after,
            array_values(array_diff_key($after->actions, $before->actions)),
            array_values(array_diff_key($before->actions, $after->actions)),
            $changed,
        );
    }

    /**
     * @return list<string> ids of actions that sets can no longer name as they did: they are gone, or another sort of
     *    control drives them
     */
    public function lost(): array
    {
        $turned = array_filter($this->changed, fn (array $both) => $both[0]->isAxis() !== $both[1]->isAxis());

        return [
            ...array_map(fn (Action $action) => $action->id, $this->removed),
            ...array_map(fn (array $both) => $both[0]->id, array_values($turned)),
        ];
    }

    /** @return list<string> ids of variables that are no longer kept */
    public function lostVariables(): array
    {
        return Keys::of(array_diff_key($this->before->variables, $this->after->variables));
    }

    public function isNothing(): bool
    {
        return $this->before == $this->after;
    }

    /** @return list<string> one for each thing that differs: what goes, what is another, what is new */
    public function lines(): array
    {
        return [
            ...array_map(fn (Action $action) => $action->name.' goes.', $this->removed),
            ...array_map(
                fn (array $both) => $both[0]->name.' '.implode(', ', $this->differs(...$both)).'.',
                $this->changed,
            ),
            ...array_map(
                fn (Action $action) => $action->name.' is new: '.implode(
                    ', ',
                    array_filter([$action->kind->value, $action->key === null ? '' : 'key '.$action->key->label()]),
                ).'.',
                $this->added,
            ),
            ...$this->beside(),
        ];
    }

    /** All of it in one: "Horn goes, Anchor light has the key L, 12 more change." */
    public function sentence(): string
    {
        $lines = array_map(fn (string $line) => mb_substr($line, 0, -1), $this->lines());
        $more = count($lines) - self::TOLD;
        if ($lines === []) {
            return 'The list changed.';
        }

        return implode(
            '; ',
            array_slice($lines, 0, $more === 1 ? self::TOLD + 1 : self::TOLD),
        ).($more > 1 ? sprintf('; and %d more', $more) : '').'.';
    }

    /** @return list<string> what is different of an action, after its name */
    private function differs(Action $was, Action $is): array
    {
        return array_values(array_filter([
            $was->name === $is->name ? '' : 'is called '.$is->name,
            $this->before->groups[$was->group] === $this->after->groups[$is->group]
                ? ''
                : 'stands under '
                .$this->after->groups[$is->group],
            $was->kind === $is->kind ? '' : 'is '.($is->kind === ActionKind::Axis ? 'an ' : 'a ').(
                $is->kind === ActionKind::Momentary
                    || $is->kind === ActionKind::TwoState
                    ? $is->kind->value
                    .' action'
                    : $is->kind->value
            ),
            $was->key == $is->key ? '' : ($is->key === null ? 'has no key' : 'has the key '.$is->key->label()),
            $was->role === $is->role ? '' : ($is->role === '' ? 'has no role' : 'has the role “'.$is->role.'”'),
            $was->essential === $is->essential ? '' : ($is->essential ? 'is needed' : 'is not needed'),
            $was->byVariable === $is->byVariable ? '' : (
                $is->byVariable ? 'can be written from outside' : 'cannot be written from outside'
            ),
            $was->ownCurve === $is->ownCurve ? '' : (
                $is->ownCurve ? 'is bent by the simulator itself' : 'is not bent by the simulator'
            ),
            $was->effect == $is->effect ? '' : $this->does($is),
        ], fn (string $words) => $words !== ''));
    }

    private function does(Action $action): string
    {
        $variable = $this->after->variables[$action->effect->variable];
        $amount = fn () => (string) json_encode($action->effect->amount);

        return match ($action->effect->kind) {
            EffectKind::Hold => 'holds '.$variable->name,
            EffectKind::Flip => 'flips '.$variable->name,
            EffectKind::Set => 'sets '.$variable->name.' to '.$amount(),
            EffectKind::Step => 'steps '.$variable->name.' by '.$amount(),
            EffectKind::Follow => 'moves '.$variable->name,
        };
    }

    /** @return list<string> what differs beside the actions */
    private function beside(): array
    {
        [$was, $is] = [$this->before, $this->after];
        // What is called as an action is comes and goes with it, and needs no word of its own.
        $called = array_map(fn (Action $action) => $action->name, [...$this->added, ...$this->removed]);
        $unnamed = fn (Variable $variable) => ! in_array($variable->name, $called, true);
        $renamed = array_map(fn (array $both) => $both[1]->effect->variable, $this->changed);
        $others = array_filter(
            array_intersect_key($is->variables, $was->variables),
            fn (Variable $variable) => $variable != (
                in_array($variable->id, $renamed, true)
                    ? $was->variables[$variable->id]->called($variable->name, $variable->group)
                    : $was->variables[$variable->id]
            ),
        );

        return [
            ...$was->name === $is->name ? [] : ['The simulator is called '.$is->name.'.'],
            ...$was->vehicle === $is->vehicle ? [] : ['One flies or drives '.$is->vehicle.'.'],
            ...[$was->buttons, $was->axes] === [$is->buttons, $is->axes] ? [] : [
                sprintf('It sees %d buttons and %d axes of a controller.', $is->buttons, $is->axes),
            ],
            ...$was->frame === $is->frame ? [] : [
                sprintf('It looks at the controller every %s ms.', json_encode(round($is->frame / 1000, 1))),
            ],
            ...self::told(array_filter(array_diff_key($was->variables, $is->variables), $unnamed), 'go'),
            ...self::told(array_filter(array_diff_key($is->variables, $was->variables), $unnamed), 'are new'),
            ...self::told($others, 'change'),
            ...$was->reserved == $is->reserved ? [] : [
                'The keys that are kept: '.implode(
                    ', ',
                    array_map(fn (ReservedKey $key) => $key->key->label(), $is->reserved),
                ).'.',
            ],
        ];
    }

    /**
     * @param array<string, Variable> $variables
     *
     * @return list<string>
     */
    private static function told(array $variables, string $how): array
    {
        return $variables === [] ? [] : [
            'Variables that '.$how.': '.implode(
                ', ',
                array_map(fn (Variable $variable) => $variable->name, $variables),
            ).'.',
        ];
    }
}
