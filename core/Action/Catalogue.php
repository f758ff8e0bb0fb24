<?php

declare(strict_types=1);

namespace Nailrod\Core\Action;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\IsNumbered;
use Nailrod\Core\Output\KeyStroke;
use Nailrod\Core\Output\Output;
use Nailrod\Core\Output\PressesKeys;

/** What a simulator can be told to do and what it keeps: the open format `nailrod-catalogue`, version 1. */
final readonly class Catalogue
{
    public const FORMAT = 'nailrod-catalogue';

    /**
     * @param int                     $frame     time between two looks at the controller, in µs
     * @param int                     $buttons   how many controller buttons it sees
     * @param int                     $axes      how many controller axes it sees
     * @param array<string, string>   $groups    name by id
     * @param array<string, Action>   $actions   by id
     * @param array<string, Variable> $variables by id
     * @param list<ReservedKey>       $reserved  keys that it and the desktop keep for themselves
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $vehicle,
        public int $frame,
        public int $buttons,
        public int $axes,
        public array $groups,
        public array $actions,
        public array $variables,
        public array $reserved,
    ) {}

    public static function read(Node $node): self
    {
        $node->only(['format', 'version', 'id', 'name', 'vehicle', 'frame_us', 'sees', 'groups', 'actions', 'variables', 'reserved_keys']);
        $node->get('format')->oneOf([self::FORMAT]);
        $node->get('version')->int(1, 1);
        $groups = [];
        foreach ($node->get('groups')->list(64) as $group) {
            $groups[$group->only(['id', 'name'])->get('id')->id()] = $group->get('name')->string(40);
        }
        $variables = self::variables($node->get('variables'), $groups);
        $sees = $node->get('sees')->only(['buttons', 'axes']);

        return new self(
            $node->get('id')->id(),
            $node->get('name')->string(60),
            $node->get('vehicle')->string(60),
            $node->get('frame_us')->int(1000, 1_000_000),
            $sees->get('buttons')->int(0, 512),
            $sees->get('axes')->int(0, 32),
            $groups,
            self::actions($node->get('actions'), $groups, $variables),
            $variables,
            array_map(fn (Node $key) => ReservedKey::read($key), $node->maybe('reserved_keys')?->list(200) ?? []),
        );
    }

    public function action(string $id): ?Action
    {
        return $this->actions[$id] ?? null;
    }

    /** @return array<string, list<Action>> by group, in file order */
    public function byGroup(): array
    {
        $byGroup = array_fill_keys(Keys::of($this->groups), []);
        foreach ($this->actions as $action) {
            $byGroup[$action->group][] = $action;
        }

        return array_filter($byGroup);
    }

    /** Does the simulator look at this controller output? What is none is not looked at, it comes by itself. */
    public function sees(Output $output): bool
    {
        return ! $output instanceof IsNumbered || $output->number() <= $output::seen($this->buttons, $this->axes);
    }

    /** Does it take what comes by this way: a controller output that it sees, a key stroke that nobody keeps, a variable? */
    public function takes(Output $way): bool
    {
        return $this->sees($way) && ! ($way instanceof PressesKeys && $this->isReserved($way->keys()));
    }

    /** Who keeps a key stroke, and what for; null if nobody does. */
    public function reservedAs(KeyStroke $key): ?ReservedKey
    {
        foreach ($this->reserved as $reserved) {
            if ($reserved->isIt($key)) {
                return $reserved;
            }
        }

        return null;
    }

    public function isReserved(KeyStroke $key): bool
    {
        return $this->reservedAs($key) !== null;
    }

    /** @return array<string, Action> by role, the first where two have the same */
    public function byRole(): array
    {
        $byRole = [];
        foreach ($this->actions as $action) {
            if ($action->role !== '') {
                $byRole[$action->role] ??= $action;
            }
        }

        return $byRole;
    }

    /**
     * @param array<string, string>   $groups
     * @param array<string, Variable> $variables
     *
     * @return array<string, Action>
     */
    private static function actions(Node $nodes, array $groups, array $variables): array
    {
        $actions = [];
        foreach ($nodes->list(2000) as $node) {
            $node->only(['id', 'name', 'group', 'kind', 'essential', 'effect', 'key', 'by_variable', 'own_curve', 'role']);
            $id = $node->get('id')->id();
            if (isset($actions[$id])) {
                throw $node->get('id')->refuse('a name that no other action has');
            }
            $effect = Effect::read($node->get('effect'));
            if (! isset($variables[$effect->variable])) {
                throw $node->get('effect')->get('variable')->refuse('a variable of this catalogue');
            }
            $kind = ActionKind::from($node->get('kind')->oneOf(array_column(ActionKind::cases(), 'value')));
            if (($kind === ActionKind::Axis) !== ($effect->kind === EffectKind::Follow)) {
                throw $node->get('effect')->get('do')->refuse('"follow" for an axis and only for an axis');
            }
            $actions[$id] = new Action(
                $id,
                $node->get('name')->string(60),
                $node->get('group')->oneOf(array_map(strval(...), array_keys($groups))),
                $kind,
                $node->maybe('essential')?->bool() ?? false,
                $effect,
                ($key = $node->maybe('key')) === null ? null : KeyStroke::read($key),
                $node->maybe('by_variable')?->bool() ?? false,
                $node->maybe('own_curve')?->bool() ?? false,
                $node->maybe('role')?->string(40) ?? '',
            );
        }

        return $actions;
    }

    /**
     * @param array<string, string> $groups
     *
     * @return array<string, Variable>
     */
    private static function variables(Node $nodes, array $groups): array
    {
        $variables = [];
        foreach (Keys::each($nodes->map()) as $id => $node) {
            $node->only(['name', 'group', 'low', 'high', 'start', 'unit', 'decimals', 'words', 'gauge', 'lag_ms']);
            $low = $node->get('low')->number(-1e9, 1e9);
            $high = $node->get('high')->number($low, 1e9);
            $gauge = $node->maybe('gauge');
            if ($gauge !== null && ! isset($variables[$gauge->id()])) {
                throw $gauge->refuse('a variable that stands before it');
            }
            $variables[$id] = new Variable(
                Node::of($id, $node->path)->id(),
                $node->get('name')->string(40),
                $node->get('group')->oneOf(array_map(strval(...), array_keys($groups))),
                $low,
                $high,
                $node->maybe('start')?->number($low, $high) ?? $low,
                $node->maybe('unit')?->string(12) ?? '',
                $node->maybe('decimals')?->int(0, 6) ?? 0,
                array_map(fn (Node $word) => $word->string(20), $node->maybe('words')?->list(64) ?? []),
                $gauge?->id(),
                $node->maybe('lag_ms')?->int(1, 60_000) ?? 0,
            );
        }
        if ($variables === []) {
            throw FormatError::at('variables', [], 'at least one variable');
        }

        return $variables;
    }
}
