<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange;

use Nailrod\Core\Engine\Simulator\GameBindings;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetBundle;
use Nailrod\Core\Set\SetDocument;

/**
 * A file that somebody brings, known by what is in it: a set with or without what it needs, a catalogue, a table of
 * actions, or pages of a panel.
 */
final readonly class ImportedFile
{
    public const SET = 'set';
    public const CATALOGUE = 'catalogue';
    public const TABLE = 'table';
    public const PANEL = 'panel';

    /**
     * @param array<array-key, mixed> $document  the file as it stands, where it is JSON
     * @param ?Catalogue              $catalogue what a catalogue or a table says
     */
    private function __construct(
        public string $kind,
        public string $text,
        public array $document,
        public ?SetBundle $bundle = null,
        public ?Catalogue $catalogue = null,
        public ?PanelFile $panel = null,
    ) {}

    /**
     * @param Library $beside what is at hand already
     *
     * @throws FormatError that says what, where and what was expected
     */
    public static function read(string $text, Library $beside): self
    {
        $text = str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
        $start = ltrim($text);
        if ($start === '') {
            throw FormatError::told('', 'an empty file', 'a set, a catalogue, a table of actions, or pages of a panel');
        }
        if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw FormatError::told('', 'signs that are not UTF-8', 'a text file in UTF-8');
        }
        if ($start[0] === '<') {
            throw FormatError::told(
                '',
                'XML or HTML',
                'JSON (a set, a catalogue or pages of a panel) or CSV (a table of actions)',
            );
        }
        if ($start[0] !== '{' && $start[0] !== '[') {
            return new self(self::TABLE, $text, [], null, CatalogueTable::of($text)->catalogue('table', 'Table'));
        }
        $document = Json::decodeStrictly($text);
        $format = Node::of($document)->get('format')->oneOf(
            [SetDocument::FORMAT, Catalogue::FORMAT, PanelFile::FORMAT, GameBindings::FORMAT],
        );

        return match ($format) {
            SetDocument::FORMAT => new self(self::SET, $text, $document, SetBundle::of($document, $beside)),
            Catalogue::FORMAT => new self(
                self::CATALOGUE,
                $text,
                $document,
                null,
                Catalogue::read(Node::of($document)),
            ),
            PanelFile::FORMAT => new self(
                self::PANEL,
                $text,
                $document,
                null,
                null,
                PanelFile::read(Node::of($document)),
            ),
            default => throw FormatError::told(
                'format',
                'a binding list of a game',
                'a set or a catalogue; a binding list is taken into a set, on its own page',
            ),
        };
    }
}
