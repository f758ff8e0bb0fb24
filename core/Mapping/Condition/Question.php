<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;

/** A condition that asks for one thing. A new kind is one class and one line in Conditions. */
interface Question extends Condition
{
    /**
     * The field by which it is told from others, which says what it asks for: an id of a flag, a variable, and so on.
     */
    public static function sort(): string;

    /** "A flag is up or down.": what it asks, in one sentence. */
    public static function about(): string;

    /** Its first field is that of its sort, its second is "is"; all must be said. */
    public static function fields(): Fields;

    public static function from(FieldValues $given): self;

    /** Id of what it asks for. */
    public function name(): string;

    /** What it is to be: "up", "open", "≥". */
    public function is(): string;

    public function negated(): self;

    /** Does it hold when what it names has gone? */
    public function holdsWithout(): bool;
}
