<?php

declare(strict_types=1);

namespace App\Rig;

/** What the rig answers a call. */
final readonly class Reply
{
    /**
     * @param array<string, mixed> $body
     * @param bool                 $ends is the connection closed after it?
     */
    public function __construct(public int $status, public array $body = [], public bool $ends = false) {}

    public static function problem(int $status, string $problem, bool $ends = false): self
    {
        return new self($status, ['problem' => $problem], $ends);
    }
}
