<?php

declare(strict_types=1);

namespace Tests\Feature;

use Nailrod\Core\Set\BindingSet;

/** Looks for what no person reads: ids, references, codes of keys, names of fields, paths. */
final class PlainWords
{
    private const NEVER = [
        'a code of a key' =>
            '/\b(?:Key[A-Z]|Digit\d|Numpad(?:\d|Add|Subtract|Enter|Decimal|Multiply|Divide)|'
                .'(?:Shift|Control|Alt|Meta)(?:Left|Right)|Arrow(?:Up|Down|Left|Right)|Page(?:Up|Down)|'
                .'Bracket(?:Left|Right))\b/',
        'the name of a field' => '/(?<![\w"“])[a-z]+(?:_[a-z]+)+(?![\w"”])/',
        'a place in a file' => '/(?<![\w"“.\/])(?!nailrod|www)[a-z_]{2,}\.(?:[a-z_]{2,}|\d+)\b(?!\.\w)/',
        'a path' => '#\.php\b|\\\\[A-Z]\w+\\\\|(?<!\w)/(?:work|home|tmp|var|usr)/|\bstorage/(?!logs)#',
        'a class' => '/\b(?:Nailrod|Illuminate|App)\\\\|\bstdClass\b|::class/',
        'a piece of JSON' => '/\{"|":|\[\]/',
        'an article' => '/(?:\ba|^A) (?!one\b|once\b|one-)[aeio][a-z]+/',
        'a fraction of a percentage' => '/\d\.\d{3,} ?%/',
    ];

    /** @var array<string, string> name by what is never read instead of it */
    private readonly array $codes;

    public function __construct(BindingSet $set)
    {
        $codes = [];
        foreach ([...array_keys($set->rig->contacts), ...array_keys($set->rig->axes)] as $ref) {
            $codes[(string) $ref] = $set->rig->nameOf((string) $ref);
        }
        foreach ($set->rig->devices as $device) {
            foreach ($device->lamps as $lamp) {
                $codes[$device->id.'/'.$lamp->id] = $lamp->name;
            }
        }
        foreach (
            [
                $set->catalogue->actions ?? [], $set->catalogue->variables ?? [], $set->layers, $set->stops,
                $set->macros,
            ] as $things
        ) {
            foreach ($things as $id => $thing) {
                $codes[(string) $id] = $thing->name;
            }
        }
        // An id that is also a word cannot be told from it.
        $this->codes = array_filter(
            $codes,
            fn (string $name, int|string $code): bool => strpbrk((string) $code, '/_-') !== false
                && mb_strtolower($name) !== $code,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return list<string> what a person would stumble over in a text, with where it stands */
    public function stumbles(string $text): array
    {
        $found = [];
        foreach (self::NEVER as $what => $pattern) {
            if (preg_match_all($pattern, $text, $matches, PREG_OFFSET_CAPTURE) > 0) {
                foreach ($matches[0] as [$it, $at]) {
                    $found[] = $what.': '.mb_scrub(substr($text, max(0, $at - 50), strlen($it) + 90));
                }
            }
        }
        foreach ($this->codes as $code => $name) {
            if (
                str_contains($text, (string) $code) && preg_match(
                    '#(?<![\w/.-])'.preg_quote((string) $code, '#').'(?![\w/-])#',
                    $text,
                    $match,
                    PREG_OFFSET_CAPTURE,
                ) === 1
            ) {
                $found[] = 'an id, of '.$name.': '.mb_scrub(
                    substr($text, max(0, $match[0][1] - 50), strlen((string) $code) + 90),
                );
            }
        }

        return $found;
    }

    /**
     * What a page says: its texts, labels and titles, but for what is marked as a command or a file.
     *
     * @return list<string>
     */
    public static function textsOf(string $html): array
    {
        $document = new \DOMDocument;
        @$document->loadHTML('<?xml encoding="utf-8">'.$html, LIBXML_NOERROR);
        $texts = [];
        $nodes = (new \DOMXPath($document))->query(
            '//body//text()[not(ancestor::script or ancestor::style or ancestor::code or ancestor::pre or '
                .'ancestor::textarea)] | //body//@title | //body//@aria-label | //body//@placeholder | '
                .'//body//@aria-valuetext | //title/text()',
        );
        foreach ($nodes === false ? [] : $nodes as $node) {
            $text = trim((string) preg_replace('/\s+/u', ' ', (string) $node->nodeValue));
            if ($text !== '') {
                $texts[$text] = $text;
            }
        }

        return array_values($texts);
    }
}
