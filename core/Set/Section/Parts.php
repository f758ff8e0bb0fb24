<?php

declare(strict_types=1);

namespace Nailrod\Core\Set\Section;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;

/** What is done with the raw parts of any section of a set, by its depth. */
final class Parts
{
    /** @throws FormatError if there are more than the section, or one of its groups, may have */
    public static function checkCount(string $section, Node $node): void
    {
        $most = Sections::all()[$section]::most();
        if (count($node->map()) > $most) {
            throw FormatError::told($node->path, count($node->map()).' of them', 'at most '.$most);
        }
    }

    /** @throws FormatError with the place of what is wrong */
    public static function check(string $section, Node $node): void
    {
        $class = Sections::all()[$section];
        foreach ($class::depth() === 1 ? [$node] : $node->map() as $group) {
            if ($group->value !== null) {
                self::checkCount($section, $group);
            }
        }
        foreach (Keys::each($node->map()) as $key => $child) {
            if ($class::depth() === 1) {
                if ($child->value !== null) {
                    $class::check($key, $child);
                }

                continue;
            }
            $class::checkGroup($key, $child);
            foreach (Keys::each($child->map()) as $inner => $part) {
                if ($part->value !== null) {
                    $class::check($inner, $part);
                }
            }
        }
    }

    /**
     * All that is said of one device is said of another.
     *
     * @param array<string, mixed> $raw a set as it stands in the file
     *
     * @return array<string, mixed>
     */
    public static function ofDevice(array $raw, string $old, string $new): array
    {
        foreach (Sections::all() as $section => $class) {
            if (! isset($raw[$section]) || ! $class::namesDevices()) {
                continue;
            }
            if (! $class::keyIsDevice()) {
                $raw[$section] = self::renamed($raw[$section], $old.'/', $new.'/');
            } elseif (is_array($raw[$section]) && isset($raw[$section][$old])) {
                $raw[$section][$new] = $raw[$section][$old];
                unset($raw[$section][$old]);
            }
        }

        return $raw;
    }

    /** @param string $old how references of the device begin */
    private static function renamed(mixed $value, string $old, string $new): mixed
    {
        $reference = fn (string $text): string => str_starts_with($text, $old)
            ? $new
            .substr($text, strlen($old))
            : $text;
        if (! is_array($value)) {
            return is_string($value) ? $reference($value) : $value;
        }
        $renamed = [];
        foreach (Keys::each($value) as $key => $inner) {
            $renamed[$reference($key)] = self::renamed($inner, $old, $new);
        }

        return $renamed;
    }

    /**
     * Empty sections and groups stay objects in the file.
     *
     * @param array<string, mixed> $raw
     *
     * @return array<string, mixed>
     */
    public static function toWrite(array $raw): array
    {
        foreach (Sections::all() as $section => $class) {
            if (isset($raw[$section]) && is_array($raw[$section])) {
                $raw[$section] = self::asObjects($raw[$section], $class::depth());
            }
        }

        return $raw;
    }

    /**
     * @param array<array-key, mixed> $value
     *
     * @return array<array-key, mixed>|\stdClass
     */
    private static function asObjects(array $value, int $depth): array|\stdClass
    {
        if ($value === []) {
            return new \stdClass;
        }
        if ($depth > 1) {
            foreach (Keys::each($value) as $key => $inner) {
                $value[$key] = is_array($inner) ? self::asObjects($inner, $depth - 1) : $inner;
            }
        }

        return $value;
    }
}
