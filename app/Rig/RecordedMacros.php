<?php

declare(strict_types=1);

namespace App\Rig;

use App\Sets\Layouts;
use App\Sets\StaleEdit;
use App\Storage\StoreRefuses;
use Nailrod\Core\Engine\Hand\RigAtWork;
use Nailrod\Core\Engine\Run\MacroRecording;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MacroEdits;

/** Macros that were recorded from the rig become a revision of the set in play; what plays has them already. */
final readonly class RecordedMacros
{
    public function __construct(private SetInPlay $in) {}

    /**
     * @param bool $isLast is there no next time?
     *
     * @return list<string> a sentence for each: that it is written, or why it is not
     */
    public function write(RigAtWork $work, bool $isLast): array
    {
        $state = $work->live->state->run->macroRecording;
        $said = [];
        foreach (Keys::each(array_diff_key($state->kept, $state->written)) as $id => $told) {
            $macro = $work->set->macros[$id]->name ?? $id;
            $bars = MacroRecording::bars($told);
            try {
                StoreRefuses::whenDoing(fn () => $this->in->edit(
                    fn (BindingSet $base) => (new MacroEdits($base, Layouts::all()))->record($id, $bars),
                ));
                $said[] = sprintf(
                    '"%s" was recorded from the rig: %s in %s s. It plays from now on; one step back in %s undoes it.',
                    $macro,
                    count($bars) === 1 ? '1 press' : count($bars).' presses',
                    self::seconds($bars),
                    $this->in->name,
                );
            } catch (Refusal $refusal) {
                if (! $isLast && ($refusal instanceof StoreRefuses || $refusal instanceof StaleEdit)) {
                    // Somebody else is writing: again in a second.
                    continue;
                }
                $said[] = sprintf(
                    '"%s" was recorded from the rig, but cannot be kept in %s: %s',
                    $macro,
                    $this->in->name,
                    $refusal->getMessage(),
                );
            }
            $state->written[$id] = true;
        }

        return $said;
    }

    /** Does something wait until the database takes it? */
    public function wait(RigAtWork $work): bool
    {
        $state = $work->live->state->run->macroRecording;

        return array_diff_key($state->kept, $state->written) !== [];
    }

    /** @param list<Bar> $bars */
    private static function seconds(array $bars): string
    {
        return number_format(max([0, ...array_map(fn (Bar $bar) => $bar->to, $bars)]) / 1e6, 1);
    }
}
