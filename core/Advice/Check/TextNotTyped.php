<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\MacrosSection;

/** A text that a macro types has characters for which its keyboard layout has no key. */
final class TextNotTyped implements LooksAtPart
{
    public const KIND = 'text that cannot be typed';

    public static function section(): string
    {
        return MacrosSection::name();
    }

    public function findings(Desk $desk): iterable
    {
        foreach (Keys::each($desk->set->macros) as $id => $macro) {
            foreach ($macro->steps as $i => $step) {
                $sentence = self::told($desk->set, $step->text, $step->layout);
                if ($sentence !== null) {
                    yield new Finding(
                        self::KIND,
                        $id.' '.$i,
                        $macro->name.': '.$sentence,
                        [],
                        parts: [PartPath::macro($id)],
                    );
                }
            }
        }
    }

    /** "German (Germany) has no key for Ж: it is left out of “Ж1”." Null if all can be typed. */
    private static function told(BindingSet $set, string $text, string $layout): ?string
    {
        $keys = $set->layouts[$layout] ?? null;
        $missing = $keys?->missing($text) ?? [];
        if ($keys === null || $missing === []) {
            return null;
        }

        return sprintf(
            '%s has no key for %s: %s left out of “%s”.',
            $keys->name,
            implode(' ', $missing),
            count($missing) === 1 ? 'it is' : 'they are',
            str_replace("\n", '↵', $text),
        );
    }
}
