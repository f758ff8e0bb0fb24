<?php

declare(strict_types=1);

namespace Nailrod\Core\Output;

use Nailrod\Core\Cause\Cause;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\OutputEvent;
use Nailrod\Core\Run\Run;

/** A key, named by its W3C KeyboardEvent.code, with modifiers that are pressed before it and released after it. */
final readonly class KeyStroke implements ContactOutput
{
    /** @param list<string> $with codes of the modifiers */
    public function __construct(public string $code, public array $with = []) {}

    public static function kind(): string
    {
        return 'key';
    }

    public static function read(Node $node): self
    {
        $node->only(['kind', 'code', 'with']);
        $code = $node->get('code')->string(30);
        if (! KeyCodes::known($code)) {
            throw $node->get('code')->refuse('a key by its W3C code, such as KeyL, Digit1, F8 or ArrowUp');
        }
        $with = array_map(fn (Node $m) => $m->oneOf(KeyCodes::MODIFIERS), $node->maybe('with')?->list(8) ?? []);
        if (count(array_unique([...$with, $code])) !== count($with) + 1) {
            throw $node->refuse('each key once');
        }

        return new self($code, $with);
    }

    public function toArray(): array
    {
        return ['kind' => self::kind(), 'code' => $this->code] + ($this->with === [] ? [] : ['with' => $this->with]);
    }

    public function inWords(): string
    {
        return 'key '.$this->label();
    }

    public function label(): string
    {
        return implode('+', array_map(KeyCodes::label(...), [...$this->with, $this->code]));
    }

    public function isHeld(): bool
    {
        return true;
    }

    public function startsWhenFound(Run $run): bool
    {
        return true;
    }

    public function press(Run $run, string $source, Cause $cause): void
    {
        foreach ([...$this->with, $this->code] as $code) {
            $run->holds->hold(OutputEvent::KEY, $code, $source, $cause);
        }
    }

    public function release(Run $run, string $source, Cause $cause): void
    {
        foreach (array_reverse([...$this->with, $this->code]) as $code) {
            $run->holds->letGo(OutputEvent::KEY, $code, $source, $cause);
        }
    }
}
