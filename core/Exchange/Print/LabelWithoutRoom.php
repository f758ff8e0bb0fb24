<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Advice\Check\Desk;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Advice\Check\LooksAtPart;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Controls;

/** A label that its owner has given a control has no room beside it, in letters that can be read. */
final class LabelWithoutRoom implements LooksAtPart
{
    public const KIND = 'label without room';

    /** Height of the label that it is tried on, in mm: the usual one. */
    private const HEIGHT = 12;

    public static function section(): string
    {
        return Controls::name();
    }

    public function findings(Desk $desk): iterable
    {
        $wish = new LabelWish(LabelText::Own, [], false, self::HEIGHT, false);
        foreach ($desk->set->merged->section(Controls::name()) as $part) {
            $device = $desk->set->rig->devices[$part->path->key] ?? null;
            $control = $device?->control((string) $part->path->inner);
            if ($control === null || $part->value === null || ! Node::of($part->value)->has('label')) {
                continue;
            }
            $width = Scale::of($desk->set, $device)->room($control, self::HEIGHT);
            if (
                ! (new Label(
                    $control->ref,
                    $control->name,
                    $width,
                    [new LabelRow(null, null, $control->label, '')],
                    $wish,
                ))->fits()
            ) {
                yield new Finding(
                    self::KIND,
                    $control->ref,
                    sprintf(
                        'The label “%s” of %s has no room beside it, %s mm on a strip of %d mm: make it shorter, or '
                            .'say on Print how large the device is.',
                        $control->label,
                        $control->name,
                        round($width, 1),
                        self::HEIGHT,
                    ),
                    [],
                    parts: [PartPath::control($control->ref)],
                );
            }
        }
    }
}
