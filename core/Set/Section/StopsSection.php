<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Words;

/** Stops: places that hold the value of axes until they are opened. */
final class StopsSection implements Section
{
    use HasFields;
    use IsSection;

    public static function name(): string
    {
        return 'stops';
    }

    public static function called(): array
    {
        return ['stop', 'stops'];
    }

    public static function about(): string
    {
        return 'Stops: places that hold the value of axes until they are opened.';
    }

    public static function fields(): Fields
    {
        return Stop::fields();
    }

    public static function check(string $key, Node $part): void
    {
        Stop::read(self::mustBeId($key, $part), $part);
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        $axes = Stop::read($path->key, $part)->axes;
        $left = array_values(array_filter($axes, fn (string $axis) => ! $gone->isInput($axis)));

        return $left === [] || $gone->isPart(NamesPart::STOP, $path->key)
            ? null
            : array_replace($part->plain(), ['axes' => $left]);
    }

    public static function subject(PartPath $path, ?string $named, ?PartValue $said, Words $words): string
    {
        return Words::called('Stop', $words->set->stops[$path->key]->name ?? $named);
    }

    public static function inWords(PartPath $path, Node $part, Words $words): string
    {
        return $words->stop(Stop::read($path->key, $part));
    }
}
