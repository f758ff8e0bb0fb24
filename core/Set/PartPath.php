<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;

/** Names one part of a set: `stops/cruise`, or with an inner key `cells/base/fennel/thumb-left`. */
final readonly class PartPath
{
    public function __construct(public string $section, public string $key, public ?string $inner = null) {}

    /** @param string $ref of the control: "fennel/switch-1" */
    public static function control(string $ref): self
    {
        return new self('controls', ...explode('/', $ref, 2));
    }

    public static function layer(string $id): self
    {
        return new self('layers', $id);
    }

    public static function axis(string $ref, string $part): self
    {
        return new self('axes', $ref, $part);
    }

    public static function made(string $id): self
    {
        return new self('made', $id);
    }

    public static function stop(string $id): self
    {
        return new self('stops', $id);
    }

    public static function macro(string $id): self
    {
        return new self('macros', $id);
    }

    public static function lamp(string $id): self
    {
        return new self('lamps', $id);
    }

    public static function flag(string $id): self
    {
        return new self('flags', $id);
    }

    public static function chord(string $layer, string $id): self
    {
        return new self('chords', $layer, $id);
    }

    public static function cell(string $layer, string $ref): self
    {
        return new self('cells', $layer, $ref);
    }

    public static function way(string $action): self
    {
        return new self('ways', $action);
    }

    /** Reads the form that __toString gives. */
    public static function of(string $path): self
    {
        $pattern = '#^(?:(layers|flags|macros|made|stops|lamps|ways)/([a-z0-9_-]+)|(cells|chords|controls)/([a-z0-9_-]+)/([a-z0-9_./-]+)|(axes)/([a-z0-9_./-]+)/([a-z_]+))$#D';
        if (preg_match($pattern, $path, $m, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw FormatError::at('path', $path, 'the path of a part, such as stops/cruise');
        }

        return match (true) {
            isset($m[1], $m[2]) => new self($m[1], $m[2]),
            isset($m[3], $m[4], $m[5]) => new self($m[3], $m[4], $m[5]),
            default => new self((string) $m[6], (string) $m[7], $m[8]),
        };
    }

    public function __toString(): string
    {
        return $this->section.'/'.$this->key.($this->inner === null ? '' : '/'.$this->inner);
    }
}
