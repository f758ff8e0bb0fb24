<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Live;

use Nailrod\Core\Engine\Simulator\GameState;
use Nailrod\Core\Engine\State\State;
use Nailrod\Core\Engine\Survey\Survey;
use Nailrod\Core\Engine\Tape\Log;
use Nailrod\Core\Format\Cause\Input;

/** Everything that a rig at work remembers: the run, the game, and how the hands last left every control. */
final class LiveState
{
    public State $run;

    public GameState $game;

    /** @var array<string, GameState> of simulators that are not in play, by the id of their catalogue */
    public array $games = [];

    /** @var array<string, int> last value reported by port; also of controls that the set does not use */
    public array $hands = [];

    /** @var array<string, string> the mode that a device is in, where that is not its first, by device */
    public array $modes = [];

    /** @var array<string, true> devices that are unplugged */
    public array $unplugged = [];

    public Survey $survey;

    public Log $log;

    public function __construct()
    {
        $this->run = new State;
        $this->game = new GameState;
        $this->survey = new Survey;
        $this->log = new Log;
    }

    /**
     * The same rig under another set.
     *
     * @param string             $from catalogue of the simulator that was in play
     * @param string             $to   that of the one that comes
     * @param array<string, int> $let  what nobody holds any more: the value it springs back to, by port
     */
    public function under(string $from, string $to, array $let = []): self
    {
        $state = new self;
        $state->games = [$from => $this->game] + $this->games;
        $state->game = $state->games[$to] ?? new GameState;
        unset($state->games[$to]);
        $state->hands = $let + $this->hands;
        $state->unplugged = $this->unplugged;
        $state->modes = $this->modes;
        $state->run->away = $this->run->away;
        $state->run->rotaries = clone $this->run->rotaries;
        $state->survey = $this->survey;
        $state->log = $this->log;

        return $state;
    }

    /**
     * How a recording begins: every control as it is, what is known of the game, devices that are away.
     *
     * @return array<string, int|float> by port
     */
    public function asFound(): array
    {
        $found = $this->hands;
        foreach ($this->run->variables->values as $variable => $value) {
            $found['sim/'.$variable.Input::ASIDE] = $value;
        }
        foreach (array_keys($this->unplugged) as $device) {
            $found[$device.'/'.Input::ASIDE] = 0;
        }

        return $found;
    }

    public function write(): string
    {
        // Whether it is whole is seen at once, whatever a damaged byte would have made of it.
        $written = serialize([
            $this->run->write(),
            serialize($this->game),
            $this->hands,
            $this->unplugged,
            $this->survey->write(),
            array_map(serialize(...), $this->games),
            $this->log->toArray(),
        ]);

        return hash('xxh128', $written).$written;
    }

    /** @throws \UnexpectedValueException if it is not what write() gave */
    public static function restore(string $written): self
    {
        $sum = substr($written, 0, 32);
        $written = substr($written, 32);
        if (hash('xxh128', $written) !== $sum) {
            throw new \UnexpectedValueException('What the rig remembered could not be read back: it is damaged.');
        }
        $parts = @unserialize($written, ['allowed_classes' => false]);
        if (
            ! is_array($parts) || ! isset($parts[0], $parts[1], $parts[4])
                || ! is_string($parts[4])
                || ! is_string($parts[0])
                || ! is_string($parts[1])
                || ! is_array($parts[2])
                || ! is_array($parts[3])
        ) {
            throw new \UnexpectedValueException(
                'What the rig remembered could not be read back: expected what LiveState::write() gave.',
            );
        }
        $state = new self;
        $state->run = State::restore($parts[0]);
        $state->game = GameState::restore($parts[1]);
        foreach ($parts[2] as $port => $value) {
            $state->hands[(string) $port] = is_int($value) ? $value : 0;
        }
        $state->unplugged = array_fill_keys(array_map(strval(...), array_keys($parts[3])), true);

        $state->survey = Survey::restore($parts[4]);
        foreach (is_array($parts[5] ?? null) ? $parts[5] : [] as $catalogue => $game) {
            $state->games[(string) $catalogue] = GameState::restore(is_string($game) ? $game : '');
        }
        $state->log = Log::restore($parts[6] ?? null);

        return $state;
    }
}
