<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\RecordingRecord;
use App\Recordings\Recordings;
use Nailrod\Core\Cause\Input;
use Nailrod\Core\Hand\Batch;
use Nailrod\Core\Hand\Hand;

/** A recording that is played by the rig itself, as a hand like any other: its rows come at their times, read piece by piece. */
final class Player
{
    /** @var list<array{int, string, int|float}> */
    private array $rows = [];

    private int $at = 0;

    private ?int $next = 0;

    public ?string $problem = null;

    /** @param int $start of the first row, in µs of the rig's clock */
    public function __construct(private readonly Recordings $recordings, private readonly RecordingRecord $recording, public readonly Hand $hand, public readonly int $start)
    {
        $this->read();
    }

    public function name(): string
    {
        return $this->recording->name;
    }

    /** When the next row comes, in µs; null at the end. */
    public function due(): ?int
    {
        return isset($this->rows[$this->at]) ? $this->start + $this->rows[$this->at][0] : null;
    }

    /** The rows that are due, as the next batch of the hand: movements, or what is not moved by a hand; null if none are. */
    public function batch(int $now): ?Batch
    {
        $inputs = $found = $plugs = [];
        while (($due = $this->due()) !== null && $due <= $now && count($inputs) < Batch::MOST) {
            [, $port, $value] = $this->rows[$this->at];
            $input = new Input($due, $port, $value);
            if (! $input->isAside()) {
                $inputs[] = $input;
            } elseif ($inputs !== []) {
                // What has been moved before goes first.
                break;
            } elseif ($input->isPlug()) {
                $plugs[substr($input->plainPort(), 0, -1)] = $value !== 0;
            } elseif (! str_starts_with($port, 'sim/')) {
                $found[] = new Input($due, $input->plainPort(), $value);
            }
            $this->next();
            if ($inputs === [] && ($plugs !== [] || $found !== [])) {
                break;
            }
        }

        return $inputs === [] && $found === [] && $plugs === [] ? null : new Batch($this->hand->batch + 1, found: $found, inputs: $inputs, plugs: $plugs, sent: $now);
    }

    /** The game is there and does what it does by itself: of that nothing is played. */
    private function next(): void
    {
        $this->at++;
        if (! isset($this->rows[$this->at])) {
            $this->read();
        }
    }

    private function read(): void
    {
        while ($this->next !== null && ! isset($this->rows[$this->at])) {
            $piece = $this->recordings->piece($this->recording, $this->next);
            [$this->rows, $this->at, $this->next] = [$piece['rows'], 0, $piece['next']];
            $this->problem = $piece['problem'] ?? $this->problem;
        }
    }
}
