<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Lamp\LampRules as Rules;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** What lights the lamps of the rig. */
final class LampRulesSection implements Section
{
    use IsSection;

    public static function name(): string
    {
        return 'lamps';
    }

    public static function called(): array
    {
        return ['lamp rule', 'lamp rules'];
    }

    public static function about(): string
    {
        return 'What lights the lamps of the rig.';
    }

    public static function fields(): null
    {
        return null;
    }

    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        Rules::read($part);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        $rule = Rules::read($part);
        $named = array_filter($rule->names(), fn (array $name) => $gone->isPart($name[0], $name[1]));

        return $named !== [] || (
            $rule->variable() !== null && $gone->isPart(Id::VARIABLE, $rule->variable())
        ) || array_filter($rule->contacts(), $gone->isInput(...)) !== [] ? null : $part->plain();
    }

    public static function schema(): array
    {
        return ['$ref' => '#/$defs/lamp_rule'];
    }

    public static function renamed(array $said, callable $as): array
    {
        return Rules::renamed($said, $as);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        $rule = $words->set->lamps[$path->key] ?? ($said?->value === null ? null : Rules::read(Node::of($said->value)));

        return $rule === null ? 'A lamp' : implode(', ', array_map($words->set->rig->lampNameOf(...), $rule->lamps()));
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->lampRule(Rules::read($part));
    }
}
