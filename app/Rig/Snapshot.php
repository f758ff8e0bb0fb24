<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Live\LiveState;

/**
 * What the rig remembers over the end of its process: the set in play, the state, what hands held. Written whole, then
 * renamed. One that ends the process again and again is moved aside.
 */
final readonly class Snapshot
{
    private const MOST_ENDS = 3;

    /** A process that ends within so many seconds of its start has not got over its snapshot. */
    public const SOON = 10;

    public function __construct(private string $file) {}

    /**
     * @param string             $program key of the program that the state is of
     * @param array<string, int> $held    what hands held that springs back, by port
     *
     * @return bool false if it could not be written, since the disk is full; the last one is still there
     */
    public function write(string $set, string $program, LiveState $state, array $held): bool
    {
        $content = serialize(['set' => $set, 'program' => $program, 'state' => $state->write(), 'held' => $held]);
        $draft = $this->file.'.new';
        if (@file_put_contents($draft, hash('xxh128', $content).$content) !== 32 + strlen($content)) {
            @unlink($draft);

            return false;
        }

        return @chmod($draft, 0o600) && @rename($draft, $this->file);
    }

    /**
     * @return ?array{set: string, program: string, state: LiveState, held: array<string, int>} null if there is none,
     *    or it cannot be read
     */
    public function read(): ?array
    {
        $written = is_file($this->file) ? (string) file_get_contents($this->file) : '';
        $content = substr($written, 32);
        $parts = $content !== '' && hash('xxh128', $content) === substr($written, 0, 32)
            ? @unserialize($content, ['allowed_classes' => false])
            : null;
        if (
            ! is_array($parts) || ! is_string($parts['set'] ?? null)
                || ! is_string($parts['program'] ?? null)
                || ! is_string($parts['state'] ?? null)
                || ! is_array($parts['held'] ?? null)
        ) {
            return null;
        }
        try {
            return [
                'set' => $parts['set'],
                'program' => $parts['program'],
                'state' => LiveState::restore($parts['state']),
                'held' => array_filter($parts['held'], is_int(...)),
            ];
        } catch (\UnexpectedValueException) {
            return null;
        }
    }

    /** The set that was in play, though its state cannot be read back; empty if not even that is known. */
    public function setAlone(): string
    {
        $content = is_file($this->file) ? substr((string) file_get_contents($this->file), 32) : '';

        return preg_match('/^a:4:\{s:3:"set";s:\d+:"([a-z0-9_-]+)"/', $content, $match) === 1 ? $match[1] : '';
    }

    /**
     * The process begins. A snapshot that has ended it too often by a fault of its own is moved aside.
     *
     * @return bool was it moved aside?
     */
    public function begins(): bool
    {
        $isBad = is_file($this->file) && (int) @filesize($this->file.'.faults') >= self::MOST_ENDS;
        if ($isBad) {
            rename($this->file, $this->file.'.aside');
            $this->isGood();
        }

        return $isBad;
    }

    /** The process ends by a fault, so many seconds after it began. Who is killed has none. */
    public function fault(float $seconds): void
    {
        if ($seconds < self::SOON) {
            @file_put_contents($this->file.'.faults', '!', FILE_APPEND);
        }
    }

    /** It has lived for long enough, or ends as it should. */
    public function isGood(): void
    {
        @unlink($this->file.'.faults');
    }
}
