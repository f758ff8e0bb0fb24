<?php

declare(strict_types=1);

namespace Nailrod\Core\Typing;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Output\KeyCodes;
use Nailrod\Core\Output\KeyStroke;

/**
 * Which key strokes give a character where a keyboard layout is chosen, from the open format `nailrod-layout`, version 1
 * (`schema/layout.schema.json`). A key has up to four characters: alone, with Shift, with the right Alt, with both.
 */
final readonly class KeyLayout
{
    public const FORMAT = 'nailrod-layout';

    /** Modifiers by the place of a character on its key. */
    private const LEVELS = [[], ['ShiftLeft'], ['AltRight'], ['ShiftLeft', 'AltRight']];

    /** Keys that give these in every layout. */
    private const CONTROLS = ["\n" => 'Enter', "\t" => 'Tab'];

    /** @param array<array-key, list<KeyStroke>> $strokes by character */
    private function __construct(public string $id, public string $name, private array $strokes) {}

    /** @throws FormatError */
    public static function fromJson(string $text): self
    {
        return self::read(Node::of(Json::decode($text)));
    }

    /** @throws FormatError */
    public static function read(Node $node): self
    {
        $node->only(['format', 'version', 'id', 'name', 'keys', 'dead']);
        $node->get('format')->oneOf([self::FORMAT]);
        $node->get('version')->int(1, 1);
        $strokes = [];
        foreach (self::CONTROLS as $character => $code) {
            $strokes[$character] = [new KeyStroke($code)];
        }
        foreach ($node->get('keys')->map() as $code => $characters) {
            foreach ($characters->list(count(self::LEVELS)) as $level => $character) {
                if ($character->value !== '') {
                    $strokes[self::character($character)] ??= [new KeyStroke(self::code($code, $characters), self::LEVELS[$level])];
                }
            }
        }
        $plain = $strokes;
        foreach ($node->maybe('dead')?->list(20) ?? [] as $dead) {
            $dead->only(['key', 'level', 'makes']);
            $first = new KeyStroke(self::code($dead->get('key')->string(30), $dead->get('key')), self::LEVELS[$dead->get('level')->int(0, count(self::LEVELS) - 1)]);
            foreach ($dead->get('makes')->map() as $from => $made) {
                $second = $plain[$from] ?? throw FormatError::at($made->path, $from, 'a character that a key of the layout gives');
                $strokes[self::character($made)] ??= [$first, ...$second];
            }
        }

        return new self($node->get('id')->id(), $node->get('name')->string(60), $strokes);
    }

    /**
     * The key strokes that type a text, one after the other. What the layout has no key for is left out.
     *
     * @return list<KeyStroke>
     */
    public function strokes(string $text): array
    {
        $strokes = [];
        foreach (mb_str_split($text) as $character) {
            array_push($strokes, ...$this->strokes[$character] ?? []);
        }

        return $strokes;
    }

    /** @return list<string> characters of a text that the layout cannot type, each once */
    public function missing(string $text): array
    {
        return array_values(array_unique(array_filter(mb_str_split($text), fn (string $character) => ! isset($this->strokes[$character]))));
    }

    private static function character(Node $node): string
    {
        $character = $node->string(1);
        if (preg_match('/\p{C}/u', $character) === 1) {
            throw $node->refuse('a character that can be seen, or a space');
        }

        return $character;
    }

    private static function code(string $code, Node $place): string
    {
        return KeyCodes::known($code) ? $code : throw FormatError::at($place->path, $code, 'a key by its W3C code, such as KeyL or Digit1');
    }
}
