<?php

declare(strict_types=1);

namespace App\Console;

use App\Game\EventStream;
use App\Game\OutsideGame;
use App\Models\SetRecord;
use App\Sets\SetStore;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Http;
use Nailrod\Core\Exchange\GameBindings;

/** Knows the game's own binding list from the store, as a game would from its settings; all else comes and goes by the rig's protocol. */
final class GameCommand extends Command
{
    use RefusesInWords;

    protected $signature = 'nailrod:game {set : the set whose simulator it is} {--rig=http://127.0.0.1:8081 : where the rig is} {--token= : made by nailrod:token with --see and --game=SIMULATOR}';

    protected $description = 'Runs the stand-in of a simulator as a process of its own';

    private bool $ends = false;

    public function handle(SetStore $sets): int
    {
        $record = SetRecord::query()->where('removed', false)->find($this->argument('set'));
        $set = $record === null ? null : $sets->current($record);
        if ($set?->catalogue === null) {
            return $this->refused($set === null ? 'There is no set of that id.' : 'This set has no simulator.');
        }
        $this->trap([SIGTERM, SIGINT], function (): void {
            $this->ends = true;
        });
        $game = new OutsideGame($set->catalogue, GameBindings::of($set, $set->catalogue));
        [$rig, $token] = [rtrim((string) $this->option('rig'), '/'), (string) $this->option('token')];
        try {
            $stream = EventStream::open($rig, 'see=rows', $token);
        } catch (\RuntimeException $error) {
            return $this->refused($error->getMessage());
        }
        $hand = Http::withToken($token)->post($rig.'/hands', ['name' => $set->catalogue->name, 'kind' => 'game']);
        if (! $hand->successful()) {
            return $this->refused((string) $hand->json('problem'));
        }

        return $this->play($game, $stream, $rig.'/hands/'.$hand->json('hand'), $token, (int) $hand->json('clock'));
    }

    /** Frame by frame: what was sent since the last one is looked at, what became another is told. */
    private function play(OutsideGame $game, EventStream $stream, string $hand, string $token, int $clock): int
    {
        $ahead = $clock - intdiv(hrtime(true), 1000);
        [$n, $due, $said] = [0, 0, 0];
        $rows = [];
        while (! $this->ends) {
            $now = intdiv(hrtime(true), 1000);
            $events = $stream->events(max(0, $due - $now) / 1e6);
            if ($events === null) {
                return $this->refused('The rig has gone.');
            }
            foreach ($events as [$kind, $data]) {
                array_push($rows, ...$kind === 'rows' && is_array($data) ? array_values($data) : []);
            }
            if (($now = intdiv(hrtime(true), 1000)) < $due) {
                continue;
            }
            $due = $now + $game->frame();
            $inputs = $game->play($rows, $now + $ahead);
            $rows = [];
            // Once a second it says that it is there, though nothing has changed.
            if ($inputs !== [] || $now > $said + 1_000_000) {
                $answer = Http::withToken($token)->post($hand, ['n' => ++$n, 't' => $now + $ahead, 'inputs' => $inputs]);
                $said = $now;
                if (! $answer->successful()) {
                    return $this->refused((string) $answer->json('problem'));
                }
            }
        }
        Http::withToken($token)->delete($hand);

        return self::SUCCESS;
    }
}
