<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Hand\Batch;
use Nailrod\Core\Engine\Hand\InputSource;
use Nailrod\Core\Format\Cause\Input;

/** A recording that is played by the rig itself, as a hand like any other: its rows come at their times. */
final readonly class RecordingPlayer
{
    /** @param int $start of the first row, in µs of the rig's clock */
    public function __construct(private Pieces $pieces, public InputSource $hand, public int $start) {}

    public function name(): string
    {
        return $this->pieces->name();
    }

    /** Why it ended before its end; null if it did not. */
    public function problem(): ?string
    {
        return $this->pieces->problem;
    }

    /** When the next row comes, in µs; null at the end. */
    public function due(): ?int
    {
        $row = $this->pieces->row();

        return $row === null ? null : $this->start + $row[0];
    }

    /**
     * The rows that are due, as the next batch of the hand: movements, or what is not moved by a hand; null if none
     * are.
     */
    public function batch(int $now): ?Batch
    {
        $inputs = $found = $plugs = [];
        while (($due = $this->due()) !== null && $due <= $now && count($inputs) < Batch::MOST) {
            [, $port, $value] = $this->pieces->row() ?? throw new \LogicException('A row that is due is there.');
            $input = new Input($due, $port, $value);
            if (! $input->isAside()) {
                $inputs[] = $input;
            } elseif ($inputs !== []) {
                // What has been moved before goes first.
                break;
            } elseif ($input->isPlug()) {
                $plugs[substr($input->plainPort(), 0, -1)] = $value !== 0;
            } elseif (! str_starts_with($port, 'sim/')) {
                // The game is there and does what it does by itself: of that nothing is played.
                $found[] = new Input($due, $input->plainPort(), $value);
            }
            $this->pieces->next();
            if ($inputs === [] && ($plugs !== [] || $found !== [])) {
                break;
            }
        }

        return $inputs === [] && $found === [] && $plugs === [] ? null : new Batch(
            $this->hand->batch + 1,
            found: $found,
            inputs: $inputs,
            plugs: $plugs,
            sent: $now,
        );
    }
}
