<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

/** A form offers a few sets of values for fields that it does not show one by one. */
interface HasPresets extends Behaviour
{
    /** What the form calls the choice. */
    public static function presetLabel(): string;

    /** @return array<string, array<string, mixed>> values in the open format, by what the form says */
    public static function presets(): array;

    /** The one that it is; empty if it is none of them. */
    public function preset(): string;
}
