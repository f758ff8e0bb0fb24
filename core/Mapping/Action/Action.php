<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\Follow;
use Nailrod\Core\Mapping\Behaviour\Pulse;
use Nailrod\Core\Mapping\Output\AxisVariable;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\OnOffVariable;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\SetVariable;

/** Something a simulator can be told to do. */
final readonly class Action
{
    /**
     * @param ?KeyStroke $key           the simulator's own key for it
     * @param bool       $byVariable    can its variable be written from outside?
     * @param bool       $ownCurve      of an axis: does the simulator bend it itself?
     * @param string     $role          what it is for, in the same words in every
     *                                  simulator: "look left"; empty if nobody has said
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $group,
        public ActionKind $kind,
        public bool $essential,
        public Effect $effect,
        public ?KeyStroke $key,
        public bool $byVariable,
        public bool $ownCurve = false,
        public string $role = '',
    ) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('id', 'Id', new NewId('anchor-light'), 'Its own name.'),
            Field::required('name', 'Name', new Text(60), 'What it is called.'),
            Field::required('group', 'Group', new Id(Id::GROUP), 'The group that it stands in.'),
            Field::required(
                'kind',
                'Kind',
                Choice::of(...array_column(ActionKind::cases(), 'value')),
                'What sort of a thing it is.',
            ),
            Field::optional(false, 'essential', 'Essential', new YesNo, 'Can the simulator not be played without it?'),
            Field::required(
                'effect',
                'Effect',
                new Thing(Effect::fields(), 'what it does to a variable', Effect::read(...)),
                'What it does to a variable of the simulator.',
            ),
            Field::optional(
                null,
                'key',
                'Key',
                new Thing(KeyStroke::ofAction(), 'a key stroke', KeyStroke::read(...)),
                'The simulator\'s own key for it.',
            ),
            Field::optional(
                false,
                'by_variable',
                'By variable',
                new YesNo,
                'Can its variable be written from outside?',
            ),
            Field::optional(
                false,
                'own_curve',
                'Own curve',
                new YesNo,
                'Of an axis: does the simulator bend it itself?',
            ),
            Field::optional(
                null,
                'role',
                'Role',
                new Text(40),
                'What it is for, in the same words in every simulator.',
                'look left',
            ),
        );
    }

    public static function of(FieldValues $given): self
    {
        return new self(
            $given->text('id'),
            $given->text('name'),
            $given->text('group'),
            ActionKind::from($given->text('kind')),
            $given->yes('essential'),
            $given->made('effect', Effect::class),
            $given->object('key', KeyStroke::class),
            $given->yes('by_variable'),
            $given->yes('own_curve'),
            $given->textOrNull('role') ?? '',
        );
    }

    /** Under another id. */
    public function as(string $id): self
    {
        return new self(
            $id,
            $this->name,
            $this->group,
            $this->kind,
            $this->essential,
            $this->effect,
            $this->key,
            $this->byVariable,
            $this->ownCurve,
            $this->role,
        );
    }

    /** @return array<string, mixed> in the open format */
    public function toArray(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'group' => $this->group, 'kind' => $this->kind->value]
            + ($this->essential ? ['essential' => true] : [])
            + ['effect' => $this->effect->toArray()]
            + ($this->key === null ? [] : ['key' => $this->key->toArray()])
            + ($this->byVariable ? ['by_variable' => true] : [])
            + ($this->ownCurve ? ['own_curve' => true] : [])
            + ($this->role === '' ? [] : ['role' => $this->role]);
    }

    public function isAxis(): bool
    {
        return $this->kind === ActionKind::Axis;
    }

    /** How a contact drives it, if nobody has said: what is held as long as the hand holds, all else by a pulse. */
    public function usualBehaviour(): Behaviour
    {
        return $this->effect->kind === EffectKind::Hold ? Follow::always() : Pulse::on('press');
    }

    /** The way that writes the variable of the action, if the simulator lets it be written. */
    public function variableWay(Variable $variable): ?Output
    {
        if (! $this->byVariable) {
            return null;
        }

        return match ($this->effect->kind) {
            EffectKind::Follow => new AxisVariable($variable->id, $variable->low, $variable->high),
            EffectKind::Set => new SetVariable($variable->id, $this->effect->amount),
            EffectKind::Flip, EffectKind::Hold => new OnOffVariable($variable->id, $variable->high, $variable->low),
            EffectKind::Step => null,
        };
    }
}
