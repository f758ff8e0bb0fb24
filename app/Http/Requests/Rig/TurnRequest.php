<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Rig\Device\Rotary;

/** A dial is used as ticks too, an encoder as places. */
final class TurnRequest extends RevisionRequest
{
    /** Only what it is by itself. */
    public const NOT = 'not';
    public const ENDS = 'ends';
    public const ROUND = 'round';

    protected function fields(): array
    {
        return [
            'control' => ['required', 'string'],
            'turns' => ['required', 'in:'.implode(',', [self::NOT, self::ENDS, self::ROUND])],
            'places' => ['sometimes', 'required', 'integer', 'between:'.Rotary::FEWEST_PLACES.','.Rotary::MOST_PLACES],
        ];
    }

    public function control(): string
    {
        return $this->string('control')->toString();
    }

    public function isBothWays(): bool
    {
        return $this->string('turns')->toString() !== self::NOT;
    }

    public function isRound(): bool
    {
        return $this->string('turns')->toString() === self::ROUND;
    }

    public function count(): int
    {
        return $this->integer('places', Rotary::PLACES);
    }

    public function attributes(): array
    {
        return ['turns' => 'Also used as', 'places' => 'Places'] + parent::attributes();
    }
}
