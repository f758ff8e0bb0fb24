<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\ByKey;
use Nailrod\Core\Format\Type\Character;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Mapping\Output\KeyCode;
use Nailrod\Core\Mapping\Output\KeyStroke;

/**
 * Which key strokes give a character where a keyboard layout is chosen, from the open format `nailrod-layout`, version
 * 1
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

    public static function fields(): Fields
    {
        $dead = Fields::of(
            Field::required('key', 'Key', new KeyCode, 'The key that is pressed first.', 'BracketLeft'),
            Field::required(
                'level',
                'Level',
                new Whole(0, count(self::LEVELS) - 1),
                'How: 0 alone, 1 with Shift, 2 with the right Alt, 3 with both.',
                0,
            ),
            Field::required(
                'makes',
                'Makes',
                new ByKey(new Character, new Character),
                'What it makes of the character that is typed next, by that character.',
                ['e' => 'é'],
            ),
        );

        return Fields::of(
            Field::required('format', 'Format', Choice::of(self::FORMAT), 'What the file is.'),
            Field::required('version', 'Version', new Whole(1, 1), 'The version of the format.'),
            Field::required('id', 'Id', new NewId('us'), 'The name of the layout in steps of macros.'),
            Field::required('name', 'Name', new Text(60), 'What it is called.'),
            Field::required(
                'keys',
                'Keys',
                new ByKey(new KeyCode, new Several(new Character(true), 0, count(self::LEVELS))),
                'What each key gives: alone, with Shift, with the right Alt, with both; an empty text where it gives '
                    .'nothing.',
                ['KeyE' => ['e', 'E', '€']],
            ),
            Field::optional(
                [],
                'dead',
                'Dead keys',
                new Several(new Thing($dead, 'a dead key'), 0, 20),
                'Keys that change the character after them.',
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);
        $strokes = [];
        foreach (self::CONTROLS as $character => $code) {
            $strokes[$character] = [new KeyStroke($code)];
        }
        foreach (Keys::each($given->byKey('keys', self::listed(...))) as $code => $characters) {
            foreach ($characters as $level => $character) {
                if ($character !== '') {
                    $strokes[$character] ??= [new KeyStroke($code, self::LEVELS[$level])];
                }
            }
        }
        $plain = $strokes;
        foreach ($given->things('dead') as $dead) {
            $first = new KeyStroke($dead->text('key'), self::LEVELS[$dead->whole('level')]);
            foreach (
                Keys::each(
                    $dead->byKey('makes', fn (mixed $made): string => is_string($made) ? $made : ''),
                ) as $from => $made
            ) {
                $second = $plain[$from] ?? throw FormatError::at(
                    $dead->node('makes')->get($from)->path,
                    $from,
                    'a character that a key of the layout gives',
                );
                $strokes[$made] ??= [$first, ...$second];
            }
        }

        return new self($given->text('id'), $given->text('name'), $strokes);
    }

    /** @return list<string> */
    private static function listed(mixed $read): array
    {
        return array_values(array_filter(is_array($read) ? $read : [], is_string(...)));
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

    /**
     * The other way round: what strokes give, each as KeyStroke::codes(), two of a dead key with a space between.
     *
     * @return array<string, string> characters by strokes
     */
    public function characters(): array
    {
        $characters = [];
        foreach (Keys::each($this->strokes) as $character => $strokes) {
            $characters[implode(' ', array_map(fn (KeyStroke $stroke) => $stroke->codes(), $strokes))] = $character;
        }

        return $characters;
    }

    /** @return list<string> characters of a text that the layout cannot type, each once */
    public function missing(string $text): array
    {
        return array_values(array_unique(
            array_filter(mb_str_split($text), fn (string $character) => ! isset($this->strokes[$character])),
        ));
    }
}
