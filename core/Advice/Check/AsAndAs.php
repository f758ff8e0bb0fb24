<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Set\Slot;

/**
 * A control that does as another one does that does as a third one: what a parent says can bring that about, and
 * nothing happens.
 */
final class AsAndAs implements Check
{
    public const KIND = 'leads nowhere';

    public function findings(Desk $desk): iterable
    {
        $told = [];
        foreach (Keys::of($desk->set->layers) as $live) {
            // What the base layer says holds where the live layer says nothing.
            foreach (
                Keys::each(($desk->set->cells[$live] ?? []) + ($desk->set->cells[Layer::BASE] ?? [])) as $ref => $cell
            ) {
                $spot = self::where($desk, $live, $ref);
                $other = $cell->as === null ? null : self::where($desk, $live, $cell->as);
                $third = $other === null ? null : $desk->set->cell($other->layer, $other->ref)?->as;
                if ($other !== null && $third !== null && ! isset($told[$spot.'+'.$other])) {
                    $told[$spot.'+'.$other] = true;
                    yield new Finding(
                        self::KIND,
                        $spot.'+'.$other,
                        sprintf(
                            '%s does as %s does, which does as %s: nothing happens.',
                            $desk->at($spot),
                            $desk->at($other),
                            $desk->set->rig->nameOf($third),
                        ),
                        [$spot, $other],
                        [],
                        $third === $ref ? null : new QuickFix(
                            'Let it do as '.$desk->set->rig->nameOf($third).' does',
                            fn () => $desk->edits->doAs($spot->layer, $ref, $third),
                        ),
                    );
                }
            }
        }
    }

    /** Where it stands what a contact does while a layer is live. */
    private static function where(Desk $desk, string $live, string $ref): Slot
    {
        return new Slot($desk->set->cell($live, $ref) === null ? Layer::BASE : $live, $ref);
    }
}
