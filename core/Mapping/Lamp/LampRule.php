<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Output\DeviceByItself;

/**
 * What ties one or more lamps to something that can be seen of a run. A new rule is one class and one line in
 * LampRules.
 */
interface LampRule
{
    /** The field by which a file tells it from other rules. */
    public static function key(): string;

    /** What a form calls it: "A row that shows a value". */
    public static function title(): string;

    /** What the button of its form says: "Show it so". */
    public static function does(): string;

    /** What it does, in a sentence for who reads a file or the docs. */
    public static function about(): string;

    public static function fields(): Fields;

    /** @throws FormatError if its fields do not go together */
    public static function from(FieldValues $given): self;

    /** @return non-empty-list<string> references of its lamps */
    public function lamps(): array;

    /**
     * The rule with only those of its lamps that are there; itself if all are, null if it cannot do without one.
     *
     * @param callable(string): bool $isThere given the reference of a lamp
     */
    public function within(callable $isThere): ?self;

    /** @return array<string, Look> by lamp, those that are lit just now */
    public function lit(RunView $run): array;

    /** @param string $lamp reference of one of its lamps: how it lights it, and while what */
    public function shows(string $lamp): Shows;

    /** How its lamps are lit, where it does not say otherwise. */
    public function look(): Look;

    /** @return list<array{string, string}> sort (see NamesPart) and id of the parts of the set that it names */
    public function names(): array;

    /** @return list<string> colours that it asks its lamps for */
    public function colours(): array;

    /** @return list<string> references of the contacts that it looks at */
    public function contacts(): array;

    /** Id of the variable of the simulator that it looks at; null if it looks at none. */
    public function variable(): ?string;

    /** Why a device cannot light them by itself; null if it can. */
    public function whyNotOn(DeviceByItself $device): ?string;

    /** "Lamp 1 is green while layer On water is live." */
    public function inWords(Names $names): string;

    /** @return array<string, mixed> the rule in the open format */
    public function toArray(): array;
}
