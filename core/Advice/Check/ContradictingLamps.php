<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Set\LampEdits;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\LampRulesSection;

/**
 * Two rules that light the same lamp otherwise, of which the earlier is never seen, or not at some values: of several
 * that hold the last decides.
 */
final class ContradictingLamps implements LooksAtPart
{
    public const KIND = 'rules that contradict';

    public static function section(): string
    {
        return LampRulesSection::name();
    }

    public function findings(Desk $desk): iterable
    {
        $rules = $desk->set->lamps;
        $ids = Keys::of($rules);
        foreach ($ids as $i => $first) {
            foreach (array_slice($ids, $i + 1) as $second) {
                $found = $this->between($desk, $first, $rules[$first], $second, $rules[$second]);
                if ($found !== null) {
                    yield $found;
                }
            }
        }
    }

    private function between(Desk $desk, string $first, LampRule $earlier, string $second, LampRule $later): ?Finding
    {
        $hidden = $shared = [];
        foreach (array_intersect($earlier->lamps(), $later->lamps()) as $lamp) {
            $before = $earlier->shows($lamp);
            $after = $later->shows($lamp);
            if ($before->look->value() === $after->look->value()) {
                continue;
            }
            if ($after->while->covers($before->while)) {
                $hidden[] = $desk->set->rig->lampNameOf($lamp);
            } elseif ($after->while->overlaps($before->while)) {
                $shared[] = $desk->set->rig->lampNameOf($lamp);
            }
        }
        if ($hidden === [] && $shared === []) {
            return null;
        }
        $says = sprintf(
            '“%s” and “%s”',
            rtrim($desk->words->lampRule($earlier), '.'),
            rtrim($desk->words->lampRule($later), '.'),
        );

        return new Finding(
            self::KIND,
            $first.'+'.$second,
            $hidden === []
                ? sprintf(
                    '%s: two rules hold at once at some values, and the later one decides: %s.',
                    $this->named($shared),
                    $says,
                )
                : sprintf(
                    '%s: the later one of two rules holds whenever the earlier does, which is never seen: %s.',
                    $this->named($hidden),
                    $says,
                ),
            [],
            [],
            count($hidden) === count($earlier->lamps()) ? new QuickFix(
                'Take the earlier rule away',
                fn () => (new LampEdits($desk->kept))->remove($first),
            ) : null,
            [PartPath::lamp($first), PartPath::lamp($second)],
        );
    }

    /** @param list<string> $lamps names */
    private function named(array $lamps): string
    {
        return count($lamps) > 3 ? $lamps[0].' to '.$lamps[count($lamps) - 1] : implode(' and ', $lamps);
    }
}
