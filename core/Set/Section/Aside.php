<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/**
 * What is set aside: kept, and doing nothing. By the section of a part, then by its key; of an assignment that is its
 * contact or axis and its layer, `fennel/mark/base`, so that it goes along when one device takes the place of another.
 */
final class Aside implements Section
{
    use HasFields;
    use IsSection;

    /** Sections of which parts can be set aside. */
    public const SECTIONS = ['cells', 'stops', 'made', 'lamps', 'macros'];

    private const RESTING = 'resting';

    public static function name(): string
    {
        return 'aside';
    }

    public static function called(): array
    {
        return ['part set aside', 'parts set aside'];
    }

    public static function about(): string
    {
        return 'What is set aside, kept and doing nothing: parts of `cells`, `stops`, `made`, `lamps` and `macros`, '
            .'by section and key; of an assignment the key is its contact or axis and its layer, `fennel/mark/base`.';
    }

    public static function depth(): int
    {
        return 2;
    }

    public static function most(): int
    {
        return 5000;
    }

    public static function innerKeyIsId(): bool
    {
        return false;
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('is', 'Is', Choice::of(self::RESTING), 'That it is set aside.', self::RESTING),
        );
    }

    /** @return array<string, string> that a part is set aside, in the open format */
    public static function resting(): array
    {
        return ['is' => self::RESTING];
    }

    /** Where it is said that a part is set aside. */
    public static function path(PartPath $of): PartPath
    {
        return new PartPath(
            self::name(),
            $of->section,
            $of->section === Cells::name() ? $of->inner.'/'.$of->key : $of->key,
        );
    }

    /** The part that a path of this section is about. */
    public static function target(PartPath $path): PartPath
    {
        $inner = (string) $path->inner;
        if ($path->key !== Cells::name()) {
            return new PartPath($path->key, $inner);
        }
        $at = (int) strrpos($inner, '/');

        return new PartPath($path->key, substr($inner, $at + 1), substr($inner, 0, $at));
    }

    /** @throws FormatError if parts of that section cannot be set aside */
    public static function checkGroup(string $key, Node $group): void
    {
        if (! in_array($key, self::SECTIONS, true)) {
            throw FormatError::at($group->path, $key, 'one of '.implode(', ', self::SECTIONS));
        }
    }

    public static function check(string $key, Node $part): void
    {
        self::fields()->read($part);
    }

    public static function isUnheard(PartPath $path, Gone $gone): bool
    {
        return $path->key === Cells::name() && $gone->isPart(NamesPart::LAYER, self::target($path)->key);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        $of = self::target($path);
        $isGone = match ($of->section) {
            'stops' => $gone->isPart(NamesPart::STOP, $of->key),
            'macros' => $gone->isPart(NamesPart::MACRO, $of->key),
            'made' => $gone->isPart(Made::DEVICE, $of->key),
            'cells' => $gone->isInput((string) $of->inner),
            default => false,
        };

        return $isGone ? null : $part->plain();
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return $words->subject(self::target($path));
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return 'set aside';
    }
}
