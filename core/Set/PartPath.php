<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\Section\Sections;

/** Names one part of a set: `stops/cruise`, or with an inner key `cells/base/fennel/thumb-left`. */
final readonly class PartPath
{
    public function __construct(public string $section, public string $key, public ?string $inner = null) {}

    /** @param string $ref of the control: "fennel/switch-1" */
    public static function control(string $ref): self
    {
        return new self('controls', ...explode('/', $ref, 2));
    }

    public static function setting(string $device, string $id): self
    {
        return new self('settings', $device, $id);
    }

    public static function size(string $device): self
    {
        return new self('sizes', $device);
    }

    public static function panel(string $device, string $id): self
    {
        return new self('panels', $device, $id);
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

    /**
     * Reads the form that __toString gives.
     *
     * @throws FormatError
     */
    public static function of(string $path): self
    {
        [$name, $key, $inner] = [...explode('/', $path, 3), '', ''];
        $section = Sections::all()[$name] ?? null;
        if ($section !== null && $section::depth() === 2 && ! $section::keyIsId()) {
            // The key is a reference, which has a stroke in it: what stands after the last one is the inner key.
            $at = (int) strrpos($path, '/');
            [$key, $inner] = [
                substr($path, strlen($name) + 1, max(0, $at - strlen($name) - 1)),
                substr($path, $at + 1),
            ];
        }
        $id = '/^[a-z0-9_-]+$/D';
        $ref = '/^[a-z0-9_.\/-]+$/D';
        $isOne = $section !== null && preg_match($section::keyIsId() ? $id : $ref, $key) === 1
            && match ($section::depth()) {
                1 => $inner === '',
                default => preg_match($ref, $inner) === 1,
            };

        return $isOne ? new self($name, $key, $section::depth() === 1 ? null : $inner) : throw FormatError::at(
            'path',
            $path,
            'the path of a part, such as stops/cruise',
        );
    }

    public function __toString(): string
    {
        return $this->section.'/'.$this->key.($this->inner === null ? '' : '/'.$this->inner);
    }
}
