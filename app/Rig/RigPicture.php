<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Hand\InputSource;
use Nailrod\Core\Engine\Hand\RigAtWork;
use Nailrod\Core\Engine\Live\LivePicture;
use Nailrod\Core\Engine\Tape\On;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\LayerLook;

/** Everything that an eye sees of the rig at one instant, and what of it has changed since another. */
final readonly class RigPicture
{
    /** Of these only the entries that changed are told. */
    private const MAPS = ['axes', 'lamps', 'hands', 'reports', 'variables', 'batches', 'tiles', 'on'];

    /** @param array<string, mixed> $parts */
    private function __construct(public array $parts) {}

    /** @param array<string, mixed> $more what else belongs to it: the set in play, the recording */
    public static function of(RigAtWork $work, array $more): self
    {
        $live = $work->live;
        $set = $work->set;
        $picture = new LivePicture($work->program(), $set, $live->state);
        $layer = $live->liveLayer();

        return new self($more + [
            'layer' => ['id' => $layer, 'name' => $set->layers[$layer]->name, 'look' => LayerLook::of($set, $layer)],
            'axes' => $picture->axes(),
            'closed' => $picture->closed(),
            'stops' => $picture->openStops(),
            'lamps' => $live->state->run->lamps->lit,
            'flags' => $picture->raisedFlags(),
            'macro' => $picture->recordedMacro(),
            'on' => array_map(
                fn (On $on): array => ['t' => $on->t, 'name' => $on->name, 'line' => $on->line],
                $live->state->log->on,
            ),
            'hands' => $live->state->hands,
            'reports' => $live->reports(),
            'unplugged' => Keys::of($live->state->unplugged),
            'variables' => $picture->variables(),
            'tiles' => $live->tiles(),
            'window' => $live->state->game->window,
            'batches' => array_map(fn (InputSource $hand): int => $hand->batch, $work->hands->all),
        ] + SurveyPicture::of($live->state->survey, $set, $live->state->run->now));
    }

    /** @return array<string, mixed> all of it, maps as objects even where they are empty */
    public function whole(): array
    {
        $whole = $this->parts;
        foreach (self::MAPS as $map) {
            $whole[$map] = (object) $whole[$map];
        }

        return $whole;
    }

    /**
     * @return array<string, mixed> what has changed since then; under `in` the entries of maps that have, null for one
     *    that is gone
     */
    public function since(self $before): array
    {
        $changes = [];
        foreach ($this->parts as $name => $part) {
            $was = $before->parts[$name] ?? null;
            if ($part === $was) {
                continue;
            }
            if (! in_array($name, self::MAPS, true) || ! is_array($part) || ! is_array($was)) {
                $changes[$name] = $part;

                continue;
            }
            $changed = array_fill_keys(array_keys(array_diff_key($was, $part)), null);
            foreach ($part as $key => $value) {
                if (! array_key_exists($key, $was) || $was[$key] !== $value) {
                    $changed[$key] = $value;
                }
            }
            $changes['in'][$name] = (object) $changed;
        }

        return $changes;
    }
}
