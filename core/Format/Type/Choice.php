<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;

/** One of a few words. */
final readonly class Choice implements Type
{
    use NamesNothing;

    /**
     * @param array<string, string> $words   what a page says for each, by what stands in the file
     * @param list<string>          $offered those that a form offers
     */
    private function __construct(public array $words, public array $offered) {}

    public static function of(string ...$words): self
    {
        return self::said(array_combine($words, $words));
    }

    /** @param array<string, string> $words what a page says for each, by what stands in the file */
    public static function said(array $words): self
    {
        return new self($words, Keys::of($words));
    }

    /** The same, of which a form offers only the usual ones. */
    public function offering(string ...$offered): self
    {
        return new self($this->words, array_values($offered));
    }

    public function read(Node $node): string
    {
        return $node->oneOf(Keys::of($this->words));
    }

    public function schema(): array
    {
        return ['enum' => Keys::of($this->words)];
    }

    public function inWords(): string
    {
        return implode(', ', array_map(fn (string $word) => '"'.$word.'"', Keys::of($this->words)));
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return Keys::of($this->words)[0];
    }
}
