<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Whole;

/** What a hand does so that the device takes a write, and for how long it does then, by its own clock. */
final readonly class Unlock
{
    public function __construct(public string $by, public int $seconds) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('by', 'By', new Text(160), 'What the hand must do.', 'press the button at the back'),
            Field::required('seconds', 'Seconds', new Whole(1, 600, 's'), 'How long a write can begin after that.', 30),
        );
    }

    public static function of(?FieldValues $given): ?self
    {
        return $given === null ? null : new self($given->text('by'), $given->whole('seconds'));
    }
}
