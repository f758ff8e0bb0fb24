<?php

declare(strict_types=1);

namespace Nailrod\Core\Format\Type;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;

/** An object whose values are all of one type. */
final readonly class ByKey implements Type
{
    /**
     * @param Type   $key     what the keys are: a name, a key of the keyboard, a character
     * @param string $refusal what is expected where there is nothing in it; empty if that may be
     */
    public function __construct(private Type $key, public Type $of, private string $refusal = '') {}

    /**
     * @return array<string, mixed>
     *
     * @throws FormatError
     */
    public function read(Node $node): array
    {
        $values = [];
        foreach (Keys::each($node->map()) as $key => $value) {
            $this->key->read(Node::of($key, $value->path));
            $values[$key] = $this->of->read($value);
        }

        return $values === [] && $this->refusal !== '' ? throw $node->refuse($this->refusal) : $values;
    }

    public function schema(): array
    {
        $key = $this->key->schema();

        return [
            'type' => 'object',
            'propertyNames' => array_diff_key($key, ['description' => 0]),
        ] + ($this->refusal === '' ? [] : ['minProperties' => 1]) + ['additionalProperties' => $this->of->schema()];
    }

    public function inWords(): string
    {
        return 'an object: by '.$this->key->inWords().', '.$this->of->inWords();
    }

    public function unit(): string
    {
        return '';
    }

    /** @return array<array-key, mixed> */
    public function example(): array
    {
        $key = $this->key->example();

        return is_string($key) ? [$key => $this->of->example()] : [];
    }

    public function renamed(mixed $value, callable $as): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        $renamed = [];
        foreach (Keys::each($value) as $key => $one) {
            $key = $this->key->renamed($key, $as);
            $renamed[is_string($key) ? $key : ''] = $this->of->renamed($one, $as);
        }

        return $renamed;
    }
}
