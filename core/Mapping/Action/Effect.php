<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Number;

/** What an action does to a variable of the simulator when it is reached. */
final readonly class Effect
{
    public function __construct(public EffectKind $kind, public string $variable, public float $amount) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                'do',
                'Does',
                Choice::of(...array_column(EffectKind::cases(), 'value')),
                'What it does: hold the variable at its highest value, flip it, set it, step it, or have it follow '
                    .'an axis.',
            ),
            Field::required(
                'variable',
                'Variable',
                new Id(Id::VARIABLE),
                'The variable of the simulator that it changes.',
            ),
            Field::optional(
                null,
                'amount',
                'Amount',
                new Number,
                'What it is set to, or stepped by; of set and step only, where it must be said.',
                1,
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);
        $kind = EffectKind::from($given->text('do'));

        return new self(
            $kind,
            $given->text('variable'),
            $kind->takesAmount() ? $given->numberOrNull('amount') ?? throw $given->lacks('amount') : 0.0,
        );
    }

    /** @return array<string, mixed> in the open format */
    public function toArray(): array
    {
        return ['do' => $this->kind->value, 'variable' => $this->variable] + (
            $this->kind->takesAmount() ? ['amount' => $this->amount] : []
        );
    }

    /**
     * Is what it does done, by the value of its variable? Null where that cannot be said: of a step, and of what only
     * follows.
     */
    public function isDone(float $value): ?bool
    {
        return match ($this->kind) {
            EffectKind::Flip, EffectKind::Hold => $value !== 0.0,
            EffectKind::Set => $value === $this->amount,
            default => null,
        };
    }

    /** Does one take back what the other does: steps both ways, or the two settings of one variable? */
    public function isOppositeOf(self $other): bool
    {
        return $this->variable === $other->variable && $this->kind === $other->kind && match ($this->kind) {
            EffectKind::Step => $this->amount * $other->amount < 0.0,
            EffectKind::Set => $this->amount !== $other->amount,
            default => false,
        };
    }
}
