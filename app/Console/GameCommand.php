<?php

declare(strict_types=1);

namespace App\Console;

use App\Game\GameLine;
use App\Game\OutsideGame;
use App\Models\SetRecord;
use App\Sets\SetStore;
use Illuminate\Console\Command;
use Nailrod\Core\Engine\Simulator\GameBindings;

/**
 * Knows the game's own binding list from the store, as a game would from its settings; all else comes and goes by the
 * rig's protocol.
 */
final class GameCommand extends Command
{
    use RefusesInWords;

    protected $signature = 'nailrod:game {set : the set whose simulator it is} {--rig=http://127.0.0.1:8081 : where '
        .'the rig is} {--token= : made by nailrod:token with --see and --game=SIMULATOR}';

    protected $description = 'Runs the stand-in of a simulator as a process of its own';

    /** Between two tries to reach the rig, in µs. */
    private const AGAIN = 300_000;

    private bool $ends = false;

    public function handle(SetStore $sets): int
    {
        $record = SetRecord::shown()->find($this->argument('set'));
        $set = $record === null ? null : $sets->current($record);
        if ($set?->catalogue === null) {
            return $this->refused($set === null ? 'There is no set of that id.' : 'This set has no simulator.');
        }
        $this->trap([SIGTERM, SIGINT], function (): void {
            $this->ends = true;
        });
        $line = new GameLine(
            rtrim((string) $this->option('rig'), '/'),
            (string) $this->option('token'),
            $set->catalogue->name,
        );
        try {
            $line->open();
        } catch (\RuntimeException $error) {
            return $this->refused($error->getMessage());
        }
        $game = new OutsideGame($set->catalogue, GameBindings::of($set, $set->catalogue));
        while (! $this->ends) {
            try {
                $this->play($game, $line);
            } catch (\RuntimeException $error) {
                $this->line($error->getMessage().' The game goes on, and is there again when the rig is.');
                $this->again($line);
                $game->forget();
            }
        }
        $line->close();

        return self::SUCCESS;
    }

    /** Frame by frame: what was sent since the last one is looked at, what became another is told. */
    private function play(OutsideGame $game, GameLine $line): void
    {
        $due = 0;
        $rows = [];
        while (! $this->ends) {
            array_push($rows, ...$line->rows($due - $line->now()));
            if (($now = $line->now()) >= $due) {
                $due = $now + $game->frame();
                $whole = $line->whole();
                if ($whole !== null) {
                    $game->standsAt($whole, $now);
                }
                $line->tell($game->play($rows, $now));
                $rows = [];
            }
        }
    }

    private function again(GameLine $line): void
    {
        while (! $this->ends) {
            usleep(self::AGAIN);
            try {
                $line->open();

                return;
            } catch (\RuntimeException) {
                continue;
            }
        }
    }
}
