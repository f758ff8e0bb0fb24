<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\Pairs;
use Nailrod\Core\Rig\Device\Kind\ControlKind;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Rig\Device\Kind\Wish;

/** Actions that want one control between them: a pair, the settings of a selector, or one action alone. */
final readonly class ActionGroup
{
    /** @param non-empty-list<Action> $actions of a pair the one that goes up first */
    private function __construct(public array $actions) {}

    /**
     * Essential actions come first, else all is in the order of the catalogue.
     *
     * @param callable(Action): bool $wanted
     *
     * @return list<self>
     */
    public static function of(Catalogue $catalogue, Pairs $pairs, callable $wanted): array
    {
        $open = array_filter($catalogue->actions, $wanted);
        $rivals = [];
        foreach ($open as $action) {
            $rivals[$action->kind->value.' '.$action->effect->kind->value.' '.$action->effect->variable][] = $action;
        }
        $units = $done = [];
        foreach ($open as $action) {
            if (isset($done[$action->id])) {
                continue;
            }
            $together = match (true) {
                $action->effect->kind === EffectKind::Set => $rivals[
                    $action->kind->value.' set '.$action->effect->variable
                ],
                ($partner = $pairs->partnerOf($action)) !== null && isset($open[$partner->id]) => [$action, $partner],
                default => [$action],
            };
            usort($together, fn (Action $a, Action $b) => $b->effect->amount <=> $a->effect->amount);
            foreach ($together as $one) {
                $done[$one->id] = true;
            }
            $units[] = new self($together);
        }
        usort($units, fn (self $a, self $b) => $b->isEssential() <=> $a->isEssential());

        return $units;
    }

    public function isEssential(): bool
    {
        return array_filter($this->actions, fn (Action $action) => $action->essential) !== [];
    }

    public function first(): Action
    {
        return $this->actions[0];
    }

    public function isPair(): bool
    {
        return count($this->actions) === 2;
    }

    /** Is it one that the game can only flip, while its variable can be written? */
    public function isFlipWithVariable(): bool
    {
        return $this->first()->effect->kind === EffectKind::Flip && $this->first()->byVariable;
    }

    /** What it wants of a control that reports contacts; null if it wants an axis. */
    public function wish(): ?Wish
    {
        $action = $this->first();

        return match (true) {
            $action->isAxis() => null,
            count($this->actions) > 2 => Wish::OneOfSeveral,
            $this->isPair() && str_starts_with($action->role, 'look ') => Wish::LookBothWays,
            $this->isPair() && $action->effect->kind === EffectKind::Set => Wish::SetBothWays,
            $this->isPair() => Wish::StepBothWays,
            $this->isFlipWithVariable() => Wish::OnOrOff,
            default => Wish::Press,
        };
    }

    /** @return list<ControlKind> kinds of controls that it wants, the best first; two push buttons do for any pair */
    public function kinds(): array
    {
        $wish = $this->wish();

        return $wish === null ? ControlKinds::forAxis($this->first()->role) : ControlKinds::for($wish);
    }
}
