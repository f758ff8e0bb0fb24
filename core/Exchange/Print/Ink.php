<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Mapping\Layer;

/** What is printed with: the colours of layers, or black alone; each layer has a hatch of its own in both. */
final readonly class Ink
{
    public const BLACK = '#111417';
    public const GREY = '#5d656c';

    /** By the look of a layer, dark enough to be read on white paper. */
    public const COLOURS = ['#2a5d7c', '#8a5a08', '#6b4a73', '#3f6b29', '#8c3a52', '#1f6f6b', '#5b5546', '#4a4fa0'];

    /** Which way the lines of each hatch run, in degrees. */
    private const TURNS = [0, 45, 90, 135, 20, 70, 110, 160];

    /** Distance of the lines of a hatch, in mm. */
    private const PITCH = 1.0;

    /** @param string $page sets the hatches of one page apart from those of another */
    public function __construct(private bool $inColour, private string $page = '') {}

    /** @param string $page a word of its own */
    public function on(string $page): self
    {
        return new self($this->inColour, $page);
    }

    /** @param int $look of a layer, 0..7 */
    public function colour(int $look): string
    {
        return $this->inColour ? self::COLOURS[$look] : self::BLACK;
    }

    /** @param int $look of a layer, 0..7 */
    public function hatch(int $look): string
    {
        return 'url(#hatch'.$this->page.'-'.$look.')';
    }

    /** @return string the hatches, in SVG */
    public function hatches(): string
    {
        $svg = '';
        for ($look = 0; $look < Layer::COLOURS; $look++) {
            $svg .= sprintf(
                '<pattern id="hatch%1$s-%2$d" width="%3$.1f" height="%3$.1f" patternUnits="userSpaceOnUse" '
                    .'patternTransform="rotate(%4$d)"><rect width="%3$.1f" height="%5$.2f" fill="%6$s"/></pattern>',
                $this->page,
                $look,
                self::PITCH,
                self::TURNS[$look],
                self::PITCH * ($look < 4 ? 0.35 : 0.6),
                $this->colour($look),
            );
        }

        return $svg;
    }
}
