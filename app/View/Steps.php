<?php

declare(strict_types=1);

namespace App\View;

use App\Memory\Memories;
use App\Models\PrintRecord;
use App\Models\SetRecord;
use App\Rig\PageLine;
use App\Sets\SetStore;
use App\Sets\SetTree;
use Nailrod\Core\Advice\Plan\Reach;
use Nailrod\Core\Engine\Survey\Verdict;
use Nailrod\Core\Exchange\Memory\Standing;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Axis\Calibration;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetGlance;

/**
 * The first steps with a rig of one's own: what of them is done. They are listed until their owner puts the list away.
 */
final class Steps
{
    /** What each is called and where it is done, in their order. */
    public const ALL = [
        'devices' => ['Devices', 'rig'], 'try' => ['Try out', 'rig?do=try'], 'measure' => ['Measure', 'rig?do=measure'],
        'game' => ['Game', 'actions'],
        'plan' => ['Plan', 'plan'], 'bench' => ['Bench', 'bench'], 'store' => ['Store', 'store'],
        'print' => ['Print', 'print'],
    ];

    public const DONE = 'done';
    public const SKIPPED = 'skipped';

    /** @var array<string, string> DONE or SKIPPED, by the name of the step */
    public readonly array $stand;

    /** The next one; null if nothing is left. */
    public readonly ?string $next;

    private function __construct(
        public readonly SetRecord $root,
        private readonly Place $place,
        private readonly SetStore $sets,
        private readonly PageLine $line,
    ) {
        $kept = $root->steps ?? [];
        $stand = [];
        foreach (Keys::of($this->all()) as $name) {
            if (($kept[$name] ?? '') === self::DONE || $this->isDone($name)) {
                $stand[$name] = self::DONE;
            } elseif (isset($kept[$name])) {
                $stand[$name] = self::SKIPPED;
            }
        }
        $this->stand = $stand;
        $this->next = Keys::of(array_diff_key($this->all(), $stand))[0] ?? null;
        // What was seen once stays done: somebody has tried it, and what was tried may be unplugged by now.
        $seen = array_filter(
            ['try' => $stand['try'] ?? '', 'plan' => $stand['plan'] ?? '', 'bench' => $stand['bench'] ?? ''],
            fn (string $how) => $how === self::DONE,
        );
        if (array_diff_assoc($seen, $kept) !== []) {
            SetRecord::query()->where('id', $root->id)->update(['steps' => $seen + $kept]);
        }
    }

    /**
     * @return array<string, array{string, string}> the steps of this rig, as in ALL: where no device keeps anything,
     *    nothing is stored
     */
    public function all(): array
    {
        $devices = $this->place->set->rig->devices;
        $keeps = array_filter($devices, fn (Device $device): bool => $device->keeps() !== null);

        return $devices !== [] && $keeps === [] ? array_diff_key(self::ALL, ['store' => 0]) : self::ALL;
    }

    /** Null where no steps are listed. */
    public static function of(Place $place, SetStore $sets, PageLine $line): ?self
    {
        $root = $place->set->merged->chain[0]->id;
        if ((array_column($place->sets, 'hasSteps', 'id')[$root] ?? false) === false) {
            return null;
        }
        $record = $root === $place->record->id ? $place->record : (
            $root === $place->edited->id ? $place->edited : SetRecord::query()->find($root)
        );

        return $record?->steps === null ? null : new self($record, $place, $sets, $line);
    }

    /**
     * The address at which a step is done: in the set that is open, or below it if it is for a game and that has none.
     */
    public function link(string $name): string
    {
        [$page, $asked] = Places::split(self::ALL[$name][1]);
        $isOfGame = in_array($name, ['plan', 'bench', 'store', 'print'], true) && $this->place->set->catalogue === null;
        $games = $isOfGame ? array_filter($this->glances(), fn (SetGlance $glance) => $glance->game !== null) : [];

        return $this->place->at($page, $asked, (string) (array_key_first($games) ?? ''));
    }

    private function isDone(string $name): bool
    {
        $rig = $this->place->set->rig;

        return match ($name) {
            'devices' => $rig->devices !== [],
            'try' => $this->wasTried(),
            'measure' => $rig->devices !== [] && $this->isMeasured(),
            'game' => array_filter($this->glances(), fn (SetGlance $glance) => $glance->game !== null) !== [],
            'plan' => $this->isPlanned(),
            'bench' => $this->place->name === 'bench' && $this->place->set->cells !== [],
            'store' => $rig->devices !== [] && $this->isStored(),
            default => PrintRecord::query()->whereIn('set_id', Keys::of($this->glances()))->exists(),
        };
    }

    /** Is every action of the game of the set that is open reached? */
    private function isPlanned(): bool
    {
        $actions = array_map(
            fn (Action $action): string => $action->id,
            array_values($this->place->set->catalogue->actions ?? []),
        );

        return $actions !== [] && array_diff($actions, Keys::of(Reach::of($this->place->set)->byAction)) === [];
    }

    /** Has all of a device been seen? */
    private function wasTried(): bool
    {
        $sheet = $this->line->survey()?->survey->sheet;
        if ($sheet === null) {
            return false;
        }
        foreach ($this->place->set->rig->devices as $device) {
            $verdict = Verdict::of($sheet, $this->place->set->wired($device), $this->place->set->rig);
            if ($verdict->all > 0 && $verdict->left === []) {
                return true;
            }
        }

        return false;
    }

    /** Is any axis calibrated, or is there none? */
    private function isMeasured(): bool
    {
        $axes = array_merge(
            ...array_map(fn (Device $device) => $device->axes(), array_values($this->place->set->rig->devices)),
            ...[[]],
        );
        foreach ($axes as $axis) {
            if ($this->place->set->merged->value(PartPath::axis($axis->ref, Calibration::part())) !== null) {
                return true;
            }
        }

        return $axes === [];
    }

    /** Does every device that keeps something hold what this set says? */
    private function isStored(): bool
    {
        if ($this->place->set->cells === []) {
            return false;
        }
        foreach ($this->place->set->rig->devices as $device) {
            if (
                $device->keeps() !== null && Memories::standing(
                    $this->place->set,
                    Memories::unit($device),
                )[0] !== Standing::InStep
            ) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, SetGlance> of the sets of this rig */
    private function glances(): array
    {
        return $this->sets->excerpts(SetGlance::class, [$this->root->id, ...SetTree::heirs($this->root->id)]);
    }
}
