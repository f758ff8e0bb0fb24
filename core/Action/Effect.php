<?php

declare(strict_types=1);

namespace Nailrod\Core\Action;

use Nailrod\Core\Format\Node;

/** What an action does to a variable of the simulator when it is reached. */
final readonly class Effect
{
    private function __construct(public EffectKind $kind, public string $variable, public float $amount) {}

    public static function read(Node $node): self
    {
        $node->only(['do', 'variable', 'amount']);
        $kind = EffectKind::from($node->get('do')->oneOf(array_column(EffectKind::cases(), 'value')));
        $takesAmount = $kind === EffectKind::Set || $kind === EffectKind::Step;

        return new self($kind, $node->get('variable')->id(), $takesAmount ? $node->get('amount')->number(-1e9, 1e9) : 0.0);
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
