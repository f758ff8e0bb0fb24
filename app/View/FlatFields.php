<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Format\Keys;

/** The fields of a form, flat, so that it can be sent again. */
final class FlatFields
{
    /**
     * @param array<array-key, mixed> $fields
     *
     * @return array<string, string> value by name, lists as `name[0]`
     */
    public static function flat(array $fields): array
    {
        $flat = [];
        foreach (Keys::each($fields) as $name => $value) {
            if (is_array($value)) {
                foreach (self::flat($value) as $inner => $item) {
                    $flat[$name.'['.$inner.']'] = $item;
                }
            } elseif (is_scalar($value)) {
                $flat[(string) $name] = (string) $value;
            }
        }

        return $flat;
    }
}
