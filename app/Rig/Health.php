<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Hand\Hand;

/** How the rig is: what is in play, who is there, how much comes, how late timers were. */
final class Health
{
    /** What the code was when the process began; another now means that it is to be started again. */
    private readonly string $stamp;

    /** Inputs that were taken until a second ago, and until now. */
    private int $before = 0;

    private int $inputs = 0;

    private int $rate = 0;

    /** The latest that a timer was in the last minute, in µs. */
    private int $late = 0;

    public function __construct()
    {
        $this->stamp = Stamp::now();
    }

    public function took(int $inputs): void
    {
        $this->inputs += $inputs;
    }

    public function fired(int $late): void
    {
        $this->late = max($this->late, $late);
    }

    /** A second has passed. */
    public function second(): void
    {
        $this->rate = $this->inputs - $this->before;
        $this->before = $this->inputs;
    }

    public function minute(): void
    {
        $this->late = 0;
    }

    public function isCodeNew(): bool
    {
        return Stamp::now() !== $this->stamp;
    }

    /** @return array<string, mixed> */
    public function told(Resident $rig): array
    {
        return [
            'version' => Stamp::VERSION,
            'set' => $rig->set(),
            'clock' => $rig->clock->now(),
            'hands' => array_map(fn (Hand $hand) => ['name' => $hand->name, 'kind' => $hand->kind->value, 'inputs' => $hand->inputs, 'holds' => array_keys($rig->work()->hands->heldBy($hand, $rig->work()->live->state->hands, $rig->work()->set->rig))], $rig->hands()),
            'eyes' => count($rig->eyes->all),
            'inputs_a_second' => $this->rate,
            'latest_timer_us' => $this->late,
            'memory_bytes' => memory_get_usage(true),
            'new_code' => $this->isCodeNew(),
        ];
    }
}
