<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Action\EffectKind;
use Nailrod\Core\Mapping\Action\Pairs;
use Nailrod\Core\Rig\Device\ControlKind;

/** Actions that want one control between them: a pair, the settings of a selector, or one action alone. */
final readonly class Unit
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
                $action->effect->kind === EffectKind::Set => $rivals[$action->kind->value.' set '.$action->effect->variable],
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

    /** @return list<ControlKind> kinds of controls that it wants, the best first; two push buttons do for any pair */
    public function kinds(): array
    {
        $action = $this->first();

        return match (true) {
            $action->isAxis() => self::kindsOfAxes($action->role),
            count($this->actions) > 2 => [ControlKind::Dial],
            $this->isPair() && str_starts_with($action->role, 'look ') => [ControlKind::Hat, ControlKind::Sprung, ControlKind::Encoder],
            $this->isPair() && $action->effect->kind === EffectKind::Set => [ControlKind::TwoWay, ControlKind::Sprung],
            $this->isPair() => [ControlKind::Encoder, ControlKind::Sprung, ControlKind::Hat],
            $this->isFlipWithVariable() => [ControlKind::TwoWay, ControlKind::Button, ControlKind::Tile],
            default => [ControlKind::Button, ControlKind::Trigger, ControlKind::Tile, ControlKind::Sprung, ControlKind::Hat],
        };
    }

    /** @return list<ControlKind> */
    private static function kindsOfAxes(string $role): array
    {
        $first = match ($role) {
            'steer' => [ControlKind::Wheel, ControlKind::Twist, ControlKind::Pedal],
            'brake', 'left brake', 'right brake' => [ControlKind::Pedal, ControlKind::Paddle],
            'clutch' => [ControlKind::Paddle, ControlKind::Pedal],
            'rudder' => [ControlKind::Pedal, ControlKind::Twist],
            'roll', 'nose' => [ControlKind::Stick],
            default => [ControlKind::Lever, ControlKind::Slider],
        };

        return [
            ...$first,
            ...array_values(
                array_filter(ControlKind::forAxes(), fn (ControlKind $kind) => ! in_array($kind, $first, true)),
            ),
        ];
    }
}
