<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Print;

use Nailrod\Core\Exchange\Print\Mark\Mark;

/** One page as it is printed: what is seen is what comes out. */
final readonly class PrintPage
{
    /**
     * @param string     $title what is on it, in a few words
     * @param list<Mark> $marks
     */
    public function __construct(public Paper $paper, public string $title, public array $marks) {}

    /** @return list<string> letters on it that the font does not have, each once */
    public function lacking(): array
    {
        $drawn = implode(' ', array_map(fn (Mark $mark) => $mark->svg(new Ink(true)), $this->marks));

        return Letters::lacking(html_entity_decode(strip_tags(str_replace('<', ' <', $drawn)), ENT_QUOTES | ENT_XML1));
    }

    /** @return string the page as a drawing that stands alone (SVG 1.1), in mm */
    public function svg(Ink $ink): string
    {
        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="0 0 %1$s %2$s" '
                .'role="img" font-family="\'IBM Plex Sans Condensed\', \'Arial Narrow\', '
                .'sans-serif"><title>%3$s</title><defs>%4$s</defs><rect width="%1$s" height="%2$s" '
                .'fill="#fff"/>%5$s</svg>',
            $this->paper->width,
            $this->paper->height,
            htmlspecialchars($this->title, ENT_QUOTES | ENT_XML1),
            $ink->hatches(),
            implode('', array_map(fn (Mark $mark) => $mark->svg($ink), $this->marks)),
        );
    }
}
