<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\Gone;
use Nailrod\Core\Set\PartPath;

/** What most sections do alike: parts by id, that name devices and are many. */
trait IsSection
{
    public static function depth(): int
    {
        return 1;
    }

    public static function most(): int
    {
        return 500;
    }

    public static function checkGroup(string $key, Node $group): void {}

    public static function schemaByKey(): ?array
    {
        return null;
    }

    public static function keyIsId(): bool
    {
        return true;
    }

    public static function innerKeyIsId(): bool
    {
        return true;
    }

    public static function keyIsDevice(): bool
    {
        return false;
    }

    public static function namesDevices(): bool
    {
        return true;
    }

    public static function isUnheard(PartPath $path, Gone $gone): bool
    {
        return false;
    }

    public static function without(PartPath $path, Node $part, Gone $gone): ?array
    {
        return $part->plain();
    }

    private static function mustBeId(string $key, Node $part): string
    {
        return Node::of($key, $part->path)->id();
    }
}
