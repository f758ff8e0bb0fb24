<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Nailrod\Core\Live\LiveState;

/**
 * @property string $id
 * @property string $set_id
 * @property string $program key of the program it runs
 * @property string $state
 * @property int    $batch   number of the last batch that was taken
 * @property string $page    the page that sent it
 * @property string $answer  what was answered to it
 * @property ?string $run_id  the recording that is being recorded
 * @property int    $run_from when its recording began, in µs of the session
 */
final class LiveSession extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** What it remembers; null if that cannot be read back, and the session has ended. */
    public function live(): ?LiveState
    {
        try {
            return LiveState::restore($this->state);
        } catch (\UnexpectedValueException) {
            $this->delete();

            return null;
        }
    }
}
