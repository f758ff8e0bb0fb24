<?php

declare(strict_types=1);

namespace App\Rig;

use App\Models\RecordingRecord;
use App\Recordings\BadRecording;
use App\Recordings\Recordings;

/** The rows of a recording one after the other, read piece by piece. */
final class Pieces
{
    /** @var list<array{int, string, int|float}> */
    private array $rows = [];

    private int $at = 0;

    private ?int $next = 0;

    /** Why it ends before its end; null if it does not. */
    public ?string $problem = null;

    /** @throws BadRecording if it cannot be read at all */
    public function __construct(private readonly Recordings $recordings, private readonly RecordingRecord $recording)
    {
        $this->read();
    }

    public function name(): string
    {
        return $this->recording->name;
    }

    /** @return ?array{int, string, int|float} time in µs, port and value; null at the end */
    public function row(): ?array
    {
        return $this->rows[$this->at] ?? null;
    }

    public function next(): void
    {
        $this->at++;
        try {
            $this->read();
        } catch (BadRecording $gone) {
            [$this->problem, $this->next] = [$gone->getMessage(), null];
        }
    }

    /** @throws BadRecording */
    private function read(): void
    {
        while ($this->next !== null && ! isset($this->rows[$this->at])) {
            $piece = $this->recordings->piece($this->recording, $this->next);
            [$this->rows, $this->at, $this->next] = [$piece['rows'], 0, $piece['next']];
            $this->problem = $piece['problem'] ?? $this->problem;
        }
    }
}
