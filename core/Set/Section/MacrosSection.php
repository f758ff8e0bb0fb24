<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\MacroStep;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** Macros: rows of presses, waits and texts that one press plays. */
final class MacrosSection implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'macros';
    }

    public static function called(): array
    {
        return ['macro', 'macros'];
    }

    public static function about(): string
    {
        return 'Macros: rows of presses, waits and texts that one press plays.';
    }

    public static function namesDevices(): bool
    {
        return false;
    }

    public static function fields(): Fields
    {
        return Macro::fields();
    }

    public static function check(string $key, Node $part): void
    {
        Macro::read(self::mustBeId($key, $part), $part);
    }

    /** A macro keeps its rhythm: what it no longer taps it waits for. It is played whatever it depended on. */
    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        $macro = Macro::read($path->key, $part);
        $steps = [];
        foreach ($macro->steps as $step) {
            $output = $gone->leaves($step->output);
            if ($output === $step->output) {
                $steps[] = $step;
            } elseif ($output !== null) {
                $steps[] = $step->driving($output);
            } elseif ($step->time > 0) {
                $steps[] = MacroStep::wait($step->time);
            }
        }
        if ($gone->isPart(NamesPart::MACRO, $path->key)) {
            return null;
        }
        $when = $gone->leavesOf($macro->when);
        if ($steps == $macro->steps && $when === ($macro->when ?? true)) {
            return $part->plain();
        }
        $left = $macro->withSteps($steps)->toArray();
        unset($left['when']);
        $left += $when instanceof Condition ? ['when' => $when->toArray()] : [];
        if ($macro->repeats && array_filter($steps, fn (MacroStep $step) => $step->time > 0) === []) {
            unset($left['plays']);
        }

        return $left;
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return Words::called('Macro', $words->set->macros[$path->key]->name ?? $named);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->macro(Macro::read($path->key, $part));
    }
}
