<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class JsonTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'a comma too many' => ["{\n  \"a\": 1,\n}", 'line 3: found something that is not JSON, expected JSON.'];
        yield 'cut off in a string' => ["{\n  \"a\": \"b", 'line 2: found something that is not JSON, expected JSON.'];
        yield 'cut off in a list' => [
            "{\n  \"a\": [1,\n 2", 'line 3: found something that is not JSON, expected JSON.',
        ];
        yield 'a number' => ['7', 'the file: found 7, expected a JSON object.'];
        yield 'not UTF-8' => [
            "{\"a\": \"\xff\"}",
            'the file: found malformed UTF-8 characters, possibly incorrectly encoded, expected JSON in UTF-8, at '
                .'most 32 levels deep.',
        ];
        yield 'too deep' => [
            str_repeat('[', 40).str_repeat(']', 40),
            'the file: found maximum stack depth exceeded, expected JSON in UTF-8, at most 32 levels deep.',
        ];
    }

    #[DataProvider('broken')]
    public function test_broken_text_is_refused_with_its_line(string $text, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        Json::decode($text);
    }

    public function test_a_text_that_is_too_large_is_refused_unread(): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage('found 2000001 bytes, expected at most 2000000 bytes');
        Json::decode(str_repeat(' ', 2_000_001));
    }

    /** @return iterable<string, array{mixed, callable(Node): mixed, string}> */
    public static function misfits(): iterable
    {
        yield 'unknown field' => [
            ['a' => 1, 'b' => 2], fn (Node $n) => $n->only(['a']),
            'x.b: found a field that this format does not have, expected one of a.',
        ];
        yield 'missing field' => [
            ['a' => 1], fn (Node $n) => $n->get('b'), 'x: found no field "b", expected it to be there.',
        ];
        yield 'not an object' => [[1, 2], fn (Node $n) => $n->get('b'), 'x: found a list of 2, expected an object.'];
        yield 'not a list' => [['a' => 1], fn (Node $n) => $n->list(), 'x: found an object, expected a list.'];
        yield 'too long a list' => [
            [1, 2, 3], fn (Node $n) => $n->list(2), 'x: found a list of 3, expected at most 2 entries.',
        ];
        yield 'a number out of range' => [
            1.5, fn (Node $n) => $n->number(0, 1), 'x: found 1.5, expected a number from 0 to 1.',
        ];
        yield 'a text for a number' => [
            '1', fn (Node $n) => $n->int(0, 9), 'x: found "1", expected a whole number from 0 to 9.',
        ];
        yield 'an empty text' => ['', fn (Node $n) => $n->string(), 'x: found "", expected a text.'];
        yield 'a long text' => [
            str_repeat('é', 9), fn (Node $n) => $n->string(8), 'x: found 9 characters, expected at most 8 characters.',
        ];
        yield 'a bad name' => [
            'Left Lever', fn (Node $n) => $n->id(),
            'x: found "Left Lever", expected lower-case letters, digits, "-" and "_" only.',
        ];
        yield 'a word not known' => [
            'up', fn (Node $n) => $n->oneOf(['above', 'below']), 'x: found "up", expected one of above, below.',
        ];
        yield 'not true or false' => [null, fn (Node $n) => $n->bool(), 'x: found nothing, expected true or false.'];
    }

    /** @param callable(Node): mixed $read */
    #[DataProvider('misfits')]
    public function test_a_misfit_is_refused_with_place_found_and_expected(
        mixed $value,
        callable $read,
        string $message,
    ): void {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        $read(Node::of($value, 'x'));
    }

    public function test_paths_grow_with_the_way_down(): void
    {
        $node = Node::of(['a' => [['b' => 7]]]);
        $this->assertSame('a[0].b', $node->get('a')->list()[0]->get('b')->path);
        $this->assertSame(7, $node->get('a')->list()[0]->get('b')->int(0, 9));
    }
}
