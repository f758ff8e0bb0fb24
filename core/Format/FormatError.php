<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** What is wrong in a file or an edit: where, what was found there, and what was expected. */
final class FormatError extends \DomainException implements Refusal
{
    /**
     * Around a figure in what was expected, so that a page can say it in the unit of the field; no text has such signs
     * (see Signs).
     */
    private const MARK = "\u{1}";

    /** So many more are told of one file. */
    private const MOST_OTHERS = 19;

    /**
     * @param mixed  $value  what was found as it stands in the document; null if only words are known
     * @param string $source the file or set it was read from, if the reader knows its name
     * @param ?Field $field  the field that it is about, if that is known
     * @param list<self> $others what else is wrong in the same file, in its order
     */
    private function __construct(
        public readonly string $place,
        public readonly string $found,
        public readonly string $expected,
        public readonly mixed $value = null,
        public readonly string $source = '',
        public readonly ?Field $field = null,
        public readonly array $others = [],
    ) {
        $said = sprintf(
            '%s%s: found %s, expected %s.',
            $source === '' ? '' : $source.': ',
            $place === '' ? 'the file' : $place,
            $found,
            $this->expectedIn(fn (float $figure) => (string) json_encode($figure)),
        );
        $more = array_map(fn (self $other) => $other->getMessage(), array_slice($others, 0, self::MOST_OTHERS));
        $rest = count($others) - count($more);
        parent::__construct(implode("\n", [$said, ...$more, ...$rest > 0 ? [sprintf('And %d more.', $rest)] : []]));
    }

    /**
     * All that is wrong at once, each a line of the message.
     *
     * @param non-empty-list<self> $errors in the order of the file
     */
    public static function several(array $errors): self
    {
        $first = $errors[0];

        return new self(
            $first->place,
            $first->found,
            $first->expected,
            $first->value,
            $first->source,
            $first->field,
            array_slice($errors, 1),
        );
    }

    public static function at(string $place, mixed $found, string $expected): self
    {
        return new self($place, self::show($found), $expected, $found);
    }

    /**
     * A figure in what was expected, as it stands in the document.
     *
     * @param 'at'|'by'|'own' $what a place on the travel, a width of it, or what the field itself holds
     */
    public static function figure(float $figure, string $what = 'own'): string
    {
        return self::MARK.$what.' '.json_encode($figure).self::MARK;
    }

    /**
     * What was expected, with its figures told as a page tells them.
     *
     * @param callable(float, string): string $tell the figure, and what it is: see figure()
     */
    public function expectedIn(callable $tell): string
    {
        return (string) preg_replace_callback(
            '/'.self::MARK.'([a-z]+) ([^'.self::MARK.']+)'.self::MARK.'/',
            fn (array $found) => $tell((float) $found[2], $found[1]),
            $this->expected,
        );
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
        return new self($this->place, $this->found, $this->expected, $this->value, $file, $this->field, $this->others);
    }

    /** The same error in a part of the file: "line 3, key". */
    public function under(string $part): self
    {
        return new self(
            $this->place === '' ? $part : $part.', '.$this->place,
            $this->found,
            $this->expected,
            $this->value,
            $this->source,
            $this->field,
            $this->others,
        );
    }

    /** The same error, told of a field; a field within a field is the nearer one. */
    public function inField(?Field $field): self
    {
        return new self(
            $this->place,
            $this->found,
            $this->expected,
            $this->value,
            $this->source,
            $this->field ?? $field,
            $this->others,
        );
    }

    private static function show(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing',
            is_string($value) => '"'.(mb_strlen($value) > 60 ? mb_substr($value, 0, 57).'...' : $value).'"',
            is_bool($value) => $value ? 'true' : 'false',
            is_float($value) && ! is_finite($value) => 'a number that is too large',
            is_int($value), is_float($value) => (string) json_encode($value),
            is_array($value) => array_is_list($value) ? 'a list of '.count($value) : 'an object',
            default => get_debug_type($value),
        };
    }
}
