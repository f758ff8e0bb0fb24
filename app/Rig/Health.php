<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Hand\InputSource;

/** How the rig is: what is in play, who is there, how much comes, how late timers were. */
final class Health
{
    /** How often it is looked whether the code is another, in seconds. */
    private const LOOKS = 10;

    private const MINUTE = 60;

    /** What the code was when the process began; another now means that it is to be started again. */
    private readonly string $stamp;

    /** It is looked once in ten seconds. */
    private bool $isNew = false;

    private int $seconds = 0;

    /** Inputs that were taken until a second ago. */
    private int $before = 0;

    private int $rate = 0;

    /** @var array<string, int> inputs of each hand until a second ago */
    private array $of = [];

    /**
     * @var array<int, int> the latest that a timer was in each second of the last minute in which it was late, in µs
     */
    private array $late = [];

    public function __construct()
    {
        $this->stamp = Stamp::now();
    }

    /** @param int $late how long ago a timer was due, in µs; below 0 if it is not yet */
    public function late(int $late): void
    {
        $this->late[$this->seconds] = max($this->late[$this->seconds] ?? 0, $late);
    }

    /** A second has passed. */
    public function second(RigService $rig): void
    {
        [$this->rate, $this->before] = [$rig->taken - $this->before, $rig->taken];
        if (++$this->seconds % self::LOOKS === 0) {
            $this->isNew = Stamp::now() !== $this->stamp;
        }
        unset($this->late[$this->seconds - self::MINUTE]);
    }

    public function isCodeNew(): bool
    {
        return $this->isNew;
    }

    /**
     * Who is there, in words.
     *
     * @return array{hands: list<array{name: string, kind: string, rate: int, delay: ?int, holds: list<string>}>,
     *     eyes: int} inputs a second, and how much later than at best the last batch came, in µs
     */
    public function here(RigService $rig): array
    {
        $hands = [];
        foreach ($rig->hands() as $hand) {
            $hands[] = [
                'name' => $hand->name,
                'kind' => $hand->kind->inWords(),
                'rate' => $hand->inputs - ($this->of[$hand->id] ?? 0),
                'delay' => $hand->clock->late(),
                'holds' => array_map($rig->work()->set->rig->fullNameOf(...), $rig->work()->holds($hand)),
            ];
        }
        $this->of = array_column(
            array_map(fn (InputSource $hand): array => [$hand->id, $hand->inputs], $rig->hands()),
            1,
            0,
        );

        return ['hands' => $hands, 'eyes' => count($rig->eyes->all)];
    }

    /** @return array<string, mixed> */
    public function told(RigService $rig): array
    {
        return [
            'version' => Stamp::VERSION,
            'set' => $rig->set(),
            'clock' => $rig->clock->now(),
            'hands' => array_map(
                fn (InputSource $hand) => [
                    'name' => $hand->name,
                    'kind' => $hand->kind->value,
                    'inputs' => $hand->inputs,
                    'holds' => $rig->work()->holds($hand),
                ],
                $rig->hands(),
            ),
            'eyes' => count($rig->eyes->all),
            'inputs_a_second' => $this->rate,
            'latest_timer_us' => max([0, ...$this->late]),
            'memory_bytes' => memory_get_usage(true),
            'new_code' => $this->isCodeNew(),
        ];
    }
}
