<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\SetSchema;
use Nailrod\Core\Set\Words;

/** By which output each action of the simulator is reached. */
final class WaysSection implements Section
{
    use IsSection;

    public static function name(): string
    {
        return 'ways';
    }

    public static function called(): array
    {
        return ['way', 'ways'];
    }

    public static function about(): string
    {
        return 'By which output each action of the simulator is reached.';
    }

    public static function most(): int
    {
        return 5000;
    }

    public static function namesDevices(): bool
    {
        return false;
    }

    public static function fields(): null
    {
        return null;
    }

    public static function check(string $key, Node $part): void
    {
        self::mustBeId($key, $part);
        $part->get('kind')->oneOf(Outputs::ways());
        Outputs::read($part);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        return $gone->isPart(Id::ACTION, $path->key)
            || $gone->leaves(Outputs::read($part)) === null
            ? null
            : $part->plain();
    }

    public static function schema(): array
    {
        return [
            'oneOf' => array_map(
                fn (string $kind) => ['$ref' => '#/$defs/'.SetSchema::named('output', $kind)],
                Outputs::ways(),
            ),
        ];
    }

    public static function renamed(array $said, callable $as): array
    {
        return (array) Outputs::renamed($said, $as);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return 'The way to '.(
            $words->set->catalogue?->action($path->key)->name ?? 'an action that the simulator does not have'
        );
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->output(Outputs::read($part));
    }
}
