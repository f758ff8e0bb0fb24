<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** Flags: what an output can raise and an assignment can depend on. */
final class Flags implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'flags';
    }

    public static function called(): array
    {
        return ['flag', 'flags'];
    }

    public static function about(): string
    {
        return 'Flags: what an output can raise and an assignment can depend on.';
    }

    public static function namesDevices(): bool
    {
        return false;
    }

    public static function fields(): Fields
    {
        return Fields::of(Field::required('name', 'Name', new Text(60), 'What it is called.'));
    }

    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        self::fields()->read($part);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        return $gone->isPart(NamesPart::FLAG, $path->key) ? null : $part->plain();
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return Words::called('Flag', $words->set->flags[$path->key] ?? $named);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return 'named "'.$part->get('name')->string(60).'"';
    }
}
