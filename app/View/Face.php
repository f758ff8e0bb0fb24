<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\HtmlString;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\Device;

/** How controls are drawn on a faceplate. */
final class Face
{
    /** How wide a letter is at most, of its height. */
    private const LETTER = 0.5;

    /** The drawing of a page of a device, kept: it is the same as long as the device is. */
    public static function drawn(Device $device, int $page): HtmlString
    {
        return new HtmlString(Cache::rememberForever(
            'face-'.hash('xxh128', serialize($device)).'-'.$page,
            fn () => view(
                $device->panel === null ? 'partials.face' : 'make.parts.panel-face',
                ['device' => $device, 'page' => $page],
            )->render(),
        ));
    }

    /** What a drawing says of its axis: its name, its limits, and how a hand on a stand-in moves it. */
    public static function axis(AxisInput $axis): HtmlString
    {
        $data = ['axis' => $axis->ref, 'min' => $axis->min, 'max' => $axis->max, 'rest' => $axis->standInRest()];
        if ($axis->play !== null) {
            $data += [
                'from' => $axis->play->low($axis),
                'to' => $axis->play->high($axis),
                'noise' => $axis->play->noise,
            ];
        }

        return new HtmlString(implode(
            ' ',
            array_map(
                fn (string $name, int|string $value) => sprintf('data-%s="%s"', $name, e($value)),
                array_keys($data),
                $data,
            ),
        ));
    }

    /**
     * How small a line is drawn so that it stays within so many units, in words of the style sheet; empty for as usual.
     */
    public static function narrow(string $line, float $width): string
    {
        $needs = mb_strlen(self::unknown($line)) * self::LETTER;

        return match (true) {
            $needs * 26 <= $width - 8 => '',
            $needs * 20 <= $width - 8 => ' is-small',
            default => ' is-tiny',
        };
    }

    /** A text with values in it as it is shown before the rig has told them. */
    public static function unknown(string $text): string
    {
        return (string) preg_replace('/\{[^}]+\}/', '–', $text);
    }

    /** @return list<string> a label cut into lines of about this many characters, at its spaces */
    public static function lines(string $label, int $across): array
    {
        return explode("\n", wordwrap($label, $across, "\n", false));
    }
}
