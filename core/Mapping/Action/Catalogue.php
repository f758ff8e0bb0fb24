<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\ByKey;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Mapping\Output\IsNumbered;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\PressesKeys;

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
    public function __construct(
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

    /** For a set without a game: it has no actions, and sees nothing. */
    public static function none(): self
    {
        return new self('', 'no game', 'vehicle', 16_667, 0, 0, [], [], [], []);
    }

    public static function fields(): Fields
    {
        $sees = Fields::of(
            Field::required('buttons', 'Buttons', new Whole(0, 512), 'How many buttons of the controller it sees.', 64),
            Field::required('axes', 'Axes', new Whole(0, 32), 'How many axes of the controller it sees.', 8),
        );
        $group = Fields::of(
            Field::required('id', 'Id', new NewId('lights'), 'Its own name.'),
            Field::required('name', 'Name', new Text(40), 'What it is called.'),
        );

        return Fields::of(
            Field::required('format', 'Format', Choice::of(self::FORMAT), 'What the file is.'),
            Field::required('version', 'Version', new Whole(1, 1), 'The version of the format.'),
            Field::required('id', 'Id', new NewId('skerrywing'), 'The id of the simulator.'),
            Field::required('name', 'Name', new Text(60), 'What the simulator is called.'),
            Field::required('vehicle', 'Vehicle', new Text(60), 'What one flies or drives in it.'),
            Field::required(
                'frame_us',
                'Frame',
                new Whole(1000, 1_000_000, 'µs'),
                'The time between two looks at the controller.',
                16_667,
            ),
            Field::required(
                'sees',
                'Sees',
                new Thing($sees, 'how much of the controller it sees'),
                'How much of the controller it sees.',
            ),
            Field::required(
                'groups',
                'Groups',
                new Several(new Thing($group, 'a group'), 0, 64),
                'What its actions and variables stand in, in their order.',
            ),
            Field::required(
                'actions',
                'Actions',
                new Several(new Thing(Action::fields(), 'an action'), 0, 2000),
                'What it can be told to do.',
            ),
            Field::required(
                'variables',
                'Variables',
                new ByKey(new NewId('flaps'), new Thing(Variable::fields(), 'a variable')),
                'What it keeps and shows, by id.',
            ),
            Field::optional(
                [],
                'reserved_keys',
                'Reserved keys',
                new Several(
                    new Thing(ReservedKey::fields(), 'a key stroke that is kept', ReservedKey::read(...)),
                    0,
                    200,
                ),
                'Keys that it and the desktop keep for themselves.',
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);
        $groups = [];
        foreach ($given->things('groups') as $group) {
            $groups[$group->text('id')] = $group->text('name');
        }
        $variables = self::variables($given->byKey('variables', self::asGiven(...)), $groups);
        $sees = self::asGiven($given->thing('sees'));

        return new self(
            $given->text('id'),
            $given->text('name'),
            $given->text('vehicle'),
            $given->whole('frame_us'),
            $sees->whole('buttons'),
            $sees->whole('axes'),
            $groups,
            self::actions($given->things('actions'), $groups, $variables),
            $variables,
            $given->objects('reserved_keys', ReservedKey::class),
        );
    }

    /**
     * The same simulator with other things that it can be told, and that it keeps. Groups of which nothing is left go.
     *
     * @param array<string, string>   $groups    name by id
     * @param array<string, Action>   $actions   by id
     * @param array<string, Variable> $variables by id
     */
    public function with(array $groups, array $actions, array $variables): self
    {
        $used = [];
        foreach ([...array_values($actions), ...array_values($variables)] as $one) {
            $used[$one->group] = true;
        }

        return new self(
            $this->id,
            $this->name,
            $this->vehicle,
            $this->frame,
            $this->buttons,
            $this->axes,
            array_intersect_key($groups, $used),
            $actions,
            $variables,
            $this->reserved,
        );
    }

    /** Under another id and name; one that is named like its vehicle names that too. */
    public function called(string $id, string $name): self
    {
        return new self(
            $id,
            $name,
            $this->vehicle === $this->name ? $name : $this->vehicle,
            $this->frame,
            $this->buttons,
            $this->axes,
            $this->groups,
            $this->actions,
            $this->variables,
            $this->reserved,
        );
    }

    /** Seeing so much of a controller. */
    public function seeing(int $buttons, int $axes): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->vehicle,
            $this->frame,
            $buttons,
            $axes,
            $this->groups,
            $this->actions,
            $this->variables,
            $this->reserved,
        );
    }

    /** @return array<string, mixed> in the open format */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT, 'version' => 1, 'id' => $this->id, 'name' => $this->name,
            'vehicle' => $this->vehicle, 'frame_us' => $this->frame,
            'sees' => ['buttons' => $this->buttons, 'axes' => $this->axes],
            'groups' => array_map(
                fn (string $id, string $name) => ['id' => $id, 'name' => $name],
                Keys::of($this->groups),
                array_values($this->groups),
            ),
            'variables' => array_map(fn (Variable $variable) => $variable->toArray(), $this->variables),
            'actions' => array_map(fn (Action $action) => $action->toArray(), array_values($this->actions)),
        ] + ($this->reserved === [] ? [] : [
            'reserved_keys' => array_map(fn (ReservedKey $key) => $key->toArray(), $this->reserved),
        ]);
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

    /**
     * Does it take what comes by this way: a controller output that it sees, a key stroke that nobody keeps, a
     * variable?
     */
    public function takes(Output $way): bool
    {
        return $this->sees($way) && ! ($way instanceof PressesKeys && $this->isReserved($way->keys()));
    }

    /** @return list<string> what an action can be told by: "output" or "axis" of a controller, "key", "variable" */
    public function toldBy(Action $action): array
    {
        return array_values(array_filter([
            ($action->isAxis() ? $this->axes : $this->buttons) === 0 ? '' : ($action->isAxis() ? 'axis' : 'output'),
            $action->isAxis() ? '' : 'key',
            $action->byVariable ? 'variable' : '',
        ], fn (string $way) => $way !== ''));
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
     * @param list<FieldValues>             $said
     * @param array<string, string>   $groups
     * @param array<string, Variable> $variables
     *
     * @return array<string, Action>
     */
    private static function actions(array $said, array $groups, array $variables): array
    {
        $actions = [];
        foreach ($said as $given) {
            $action = Action::of($given);
            if (isset($actions[$action->id])) {
                throw $given->refuse('id', 'a name that no other action has');
            }
            if (! isset($variables[$action->effect->variable])) {
                throw $given->node('effect')->get('variable')->refuse('a variable of this catalogue');
            }
            if ($action->isAxis() !== ($action->effect->kind === EffectKind::Follow)) {
                throw $given->node('effect')->get('do')->refuse('"follow" for an axis and only for an axis');
            }
            $given->node('group')->oneOf(Keys::of($groups));
            $actions[$action->id] = $action;
        }

        return $actions;
    }

    /**
     * @param array<string, FieldValues>  $said   by id
     * @param array<string, string> $groups
     *
     * @return array<string, Variable>
     */
    private static function variables(array $said, array $groups): array
    {
        $variables = [];
        foreach (Keys::each($said) as $id => $given) {
            $variable = Variable::of($id, $given);
            $given->node('high')->number($variable->low, Number::FAR);
            if ($given->says('start')) {
                $given->node('start')->number($variable->low, $variable->high);
            }
            if ($variable->gauge !== null && ! isset($variables[$variable->gauge])) {
                throw $given->refuse('gauge', 'a variable that stands before it');
            }
            $given->node('group')->oneOf(Keys::of($groups));
            $variables[$id] = $variable;
        }

        return $variables;
    }

    private static function asGiven(mixed $read): FieldValues
    {
        return $read instanceof FieldValues ? $read : throw new \LogicException('It is an object with fields.');
    }
}
