<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Names;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/** Two to four questions, all of which must hold, or one. */
final readonly class Joined implements Condition
{
    public const ALL = 'all';
    public const ANY = 'any';

    public const MOST = 4;

    /** @param non-empty-list<Question> $questions */
    private function __construct(private string $how, private array $questions) {}

    /**
     * @param string         $how       ALL or ANY
     * @param list<Question> $questions at most MOST
     *
     * @return ?Condition the one question if it is one; null if there is none
     */
    public static function of(string $how, array $questions): ?Condition
    {
        return count($questions) > 1 ? new self($how, $questions) : $questions[0] ?? null;
    }

    /** ALL or ANY. */
    public function how(): string
    {
        return $this->how;
    }

    public function questions(): array
    {
        return $this->questions;
    }

    public function holds(RunView $run): bool
    {
        foreach ($this->questions as $question) {
            if ($question->holds($run) !== ($this->how === self::ALL)) {
                return $this->how === self::ANY;
            }
        }

        return $this->how === self::ALL;
    }

    public function left(callable $isGone): Condition|bool
    {
        $left = [];
        foreach ($this->questions as $question) {
            if (! $isGone(Conditions::asksFor($question::class), $question->name())) {
                $left[] = $question;
            } elseif ($question->holdsWithout() !== ($this->how === self::ALL)) {
                return $this->how === self::ANY;
            }
        }

        return self::of($this->how, $left) ?? $this->how === self::ALL;
    }

    /** Not all of them: one that does not hold; and the other way round (De Morgan). */
    public function negated(): self
    {
        return new self(
            $this->how === self::ALL ? self::ANY : self::ALL,
            array_map(fn (Question $question) => $question->negated(), $this->questions),
        );
    }

    public function toArray(): array
    {
        return [$this->how => array_map(fn (Question $question) => $question->toArray(), $this->questions)];
    }

    public function inWords(Names $names): string
    {
        return implode(
            $this->how === self::ALL ? ' and ' : ' or ',
            array_map(fn (Question $question) => $question->inWords($names), $this->questions),
        );
    }

    public function whyNotOn(DeviceByItself $device): string
    {
        return 'it depends on several things together, which the device cannot judge';
    }
}
