<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Output\ActionOutput;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\PressesKeys;
use Nailrod\Core\Rig\Device\KeyCodes;

/**
 * What was recorded, in the words of the set: an output or a key by which the game is told an action is that action.
 */
final readonly class Recorded
{
    private Heard $heard;

    public function __construct(BindingSet $set)
    {
        $this->heard = new Heard($set);
    }

    /**
     * @param list<Bar> $bars as they were recorded: a modifier and the key that is pressed while it is down are two
     *
     * @return list<Bar> with a modifier left out where every key that was pressed with it has become an action
     */
    public function bars(array $bars): array
    {
        $said = $kept = [];
        foreach ($bars as $i => $bar) {
            $with = $this->modifiers($bars, $bar);
            $action = $this->actionOf($bar, array_values(array_map(self::code(...), $with)));
            $said[$i] = $action === null ? $bar : Bar::of(new ActionOutput($action), $bar->from, $bar->to);
            // A modifier stays for what is a key still, and where it was pressed by itself.
            foreach (array_keys($with) as $modifier) {
                $kept[$modifier] = ($kept[$modifier] ?? false) || $action === null;
            }
        }

        return array_values(array_filter($said, fn (int $i) => $kept[$i] ?? true, ARRAY_FILTER_USE_KEY));
    }

    /** @param list<string> $with codes of the modifiers that are down */
    private function actionOf(Bar $bar, array $with): ?string
    {
        $code = self::code($bar);
        $output = $code === '' ? $bar->output : new KeyStroke(
            $code,
            array_values(array_intersect(KeyCodes::MODIFIERS, $with)),
        );

        return $output === null ? null : $this->heard->action($output)?->id;
    }

    /**
     * @param list<Bar> $bars
     *
     * @return array<int, Bar> modifiers that are down when this key is pressed, by their place; none for what is no key
     */
    private function modifiers(array $bars, Bar $bar): array
    {
        return self::code($bar) === '' || self::isModifier($bar) ? [] : array_filter(
            $bars,
            fn (Bar $one) => self::isModifier($one) && $one->from <= $bar->from && $one->to > $bar->from,
        );
    }

    private static function isModifier(Bar $bar): bool
    {
        return in_array(self::code($bar), KeyCodes::MODIFIERS, true);
    }

    /** Of a single key, as it is recorded; empty for everything else. */
    private static function code(Bar $bar): string
    {
        return $bar->output instanceof PressesKeys
            && $bar->output->keys()->with === []
            ? $bar->output->keys()->code
            : '';
    }
}
