<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** What is wrong in a file or an edit: where, what was found there, and what was expected. */
final class FormatError extends \DomainException
{
    private function __construct(
        public readonly string $place,
        public readonly string $found,
        public readonly string $expected,
    ) {
        parent::__construct(sprintf('%s: found %s, expected %s.', $place === '' ? 'the file' : $place, $found, $expected));
    }

    public static function at(string $place, mixed $found, string $expected): self
    {
        return new self($place, self::show($found), $expected);
    }

    /** What was found, in words rather than as it stands. */
    public static function told(string $place, string $found, string $expected): self
    {
        return new self($place, $found, $expected);
    }

    public static function missing(string $place, string $field): self
    {
        return new self($place, 'no field "'.$field.'"', 'it to be there');
    }

    /** @param list<string> $known */
    public static function unknownField(string $place, string $field, array $known): self
    {
        return new self(
            $place === '' ? $field : $place.'.'.$field,
            'a field that this format does not have',
            $known === [] ? 'no field here' : 'one of '.implode(', ', $known),
        );
    }

    /** The same error, seen from a file whose name the reader knows. */
    public function in(string $file): self
    {
        return new self($file.': '.($this->place === '' ? 'the file' : $this->place), $this->found, $this->expected);
    }

    private static function show(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing (null)',
            is_string($value) => '"'.(mb_strlen($value) > 60 ? mb_substr($value, 0, 57).'...' : $value).'"',
            is_bool($value) => $value ? 'true' : 'false',
            is_int($value), is_float($value) => (string) json_encode($value),
            is_array($value) => array_is_list($value) ? 'a list of '.count($value) : 'an object',
            default => get_debug_type($value),
        };
    }
}
