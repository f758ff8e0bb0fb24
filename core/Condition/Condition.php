<?php

declare(strict_types=1);

namespace Nailrod\Core\Condition;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;

/** What an assignment depends on, judged when its contact closes: a flag, an open stop, a variable against a number. */
final readonly class Condition
{
    public const SORTS = ['flag', 'stop', 'variable'];
    public const COMPARES = ['=', '≠', '<', '≤', '>', '≥'];

    /**
     * @param string $sort flag, stop or variable
     * @param string $name id of it
     * @param string $is   up or down, open or shut, or one of COMPARES
     * @param float  $to   of a variable
     */
    private function __construct(public string $sort, public string $name, public string $is, public float $to) {}

    /** @return array<string, mixed> in JSON Schema */
    public static function schema(): array
    {
        $id = ['$ref' => '#/$defs/id'];
        $condition = fn (string $about, array $fields): array => ['description' => $about, 'type' => 'object', 'properties' => $fields, 'required' => array_keys($fields), 'additionalProperties' => false];

        return ['description' => 'What something depends on.', 'oneOf' => [
            $condition('A flag is up or down.', ['flag' => $id, 'is' => ['enum' => ['up', 'down']]]),
            $condition('A stop is open or shut.', ['stop' => $id, 'is' => ['enum' => ['open', 'shut']]]),
            $condition('A variable of the simulator against a number.', ['variable' => $id, 'is' => ['enum' => self::COMPARES], 'to' => (new Number)->schema()]),
        ]];
    }

    /** @throws FormatError */
    public static function read(Node $node): self
    {
        $node->only([...self::SORTS, 'is', 'to']);
        $sorts = array_values(array_filter(self::SORTS, $node->has(...)));
        if (count($sorts) !== 1) {
            throw $node->refuse('one of "flag", "stop" and "variable"');
        }
        $sort = $sorts[0];
        $is = $node->get('is')->oneOf(match ($sort) {
            'flag' => ['up', 'down'],
            'stop' => ['open', 'shut'],
            default => self::COMPARES,
        });
        if ($sort !== 'variable' && $node->has('to')) {
            throw $node->get('to')->refuse('no number, since nothing is compared with it');
        }

        return new self($sort, $node->get($sort)->id(), $is, $sort === 'variable' ? $node->get('to')->number(-1e9, 1e9) : 0.0);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [$this->sort => $this->name, 'is' => $this->is] + ($this->sort === 'variable' ? ['to' => $this->to] : []);
    }

    public function names(string $sort, string $id): bool
    {
        return $this->sort === $sort && $this->name === $id;
    }

    /** Does it hold when what it names has gone: a stop that can never be open, a flag that can never be up? */
    public function holdsWithout(): bool
    {
        return $this->is === 'shut' || $this->is === 'down';
    }

    public function holds(RunView $run): bool
    {
        $value = $this->sort === 'variable' ? $run->variable($this->name) : 0.0;
        $to = round($this->to, 6);

        return match ($this->sort) {
            'flag' => $run->isFlagUp($this->name) === ($this->is === 'up'),
            'stop' => $run->isStopOpen($this->name) === ($this->is === 'open'),
            default => match ($this->is) {
                '=' => $value === $to,
                '≠' => $value !== $to,
                '<' => $value < $to,
                '≤' => $value <= $to,
                '>' => $value > $to,
                default => $value >= $to,
            },
        };
    }

    /** @param callable(string, string): string $nameOf given the sort and the id */
    public function inWords(callable $nameOf): string
    {
        $name = $nameOf($this->sort, $this->name);

        return match ($this->sort) {
            'flag' => 'only while '.$name.' is '.$this->is,
            'stop' => 'only while '.$name.' is '.$this->is,
            default => sprintf('only while %s %s %s', $name, $this->is, json_encode(round($this->to, 6))),
        };
    }
}
