<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Survey;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Rig\Device\Rig;

/**
 * All that is found out about a rig while it is used: what was touched, what has been seen, what is being taught or
 * measured.
 */
final class Survey
{
    public const ORDERS = ['sheet', 'teach', 'measure', 'next', 'flip', 'forget', 'end'];

    public TouchFinder $finder;

    public Sheet $sheet;

    public ?Teaching $teaching = null;

    public ?Sweep $sweep = null;

    public ?Flips $flips = null;

    public function __construct()
    {
        $this->finder = new TouchFinder;
        $this->sheet = new Sheet;
    }

    /** @param array<string, int> $hands how the rig is found, by port */
    public function begin(array $hands, Rig $rig): void
    {
        $this->finder->begin($hands, $rig);
        $this->sheet->begin($hands, $rig);
    }

    /** @param ?int $before the value of the port until now */
    public function take(Input $input, ?int $before, Rig $rig): void
    {
        if (! $rig->reports($input->port) || ! is_int($input->value)) {
            return;
        }
        $this->finder->take($input, $before, $rig);
        $this->sheet->take($input, $before, $rig);
        $this->teaching?->take($input, $before);
        if ($this->sweep?->axis === $input->port) {
            $this->sweep->take($input->value, $input->t);
        }
        if ($this->flips?->axis === $input->port) {
            $this->flips->take($rig->axes[$input->port], $input->value, $input->t);
        }
    }

    /**
     * Begins, carries on or ends a part of the survey.
     *
     * @param string             $what  one of ORDERS
     * @param string             $ref   of the axis that is measured, or the control or device that is taught
     * @param array<string, int> $hands how the rig is, by port
     * @param int                $now   in µs
     *
     * @return bool false if there is nothing of that name to do it with
     */
    public function order(string $what, string $ref, array $hands, Rig $rig, int $now): bool
    {
        $axis = $rig->axes[$what === 'next' ? $this->sweep->axis ?? '' : $ref] ?? null;
        $device = $rig->deviceOf($ref);
        match (true) {
            $what === 'sheet' => $this->sheet->begin($hands, $rig),
            $what === 'teach' && $device !== null => $this->teaching = new Teaching(
                $device->id,
                str_contains($ref, '/') ? $ref : '',
                $hands,
            ),
            $what === 'measure' && $axis !== null => $this->sweep = new Sweep(
                $ref,
                $hands[$ref] ?? $axis->restReading(),
                $now,
            ),
            $what === 'flip' && $axis !== null => $this->flips = new Flips(
                $ref,
                $hands[$ref] ?? $axis->restReading(),
                $now,
            ),
            $what === 'next' && $axis !== null => $this->sweep?->next($axis, $now),
            $what === 'forget' && $device !== null => $this->finder->forget($ref),
            $what === 'end' => $this->end(),
            default => $axis = false,
        };

        return $axis !== false;
    }

    /**
     * What is measured goes on to its next step by itself.
     *
     * @param int $now in µs
     *
     * @return bool may there be something to tell?
     */
    public function goOn(Rig $rig, int $now): bool
    {
        $axis = $rig->axes[$this->sweep->axis ?? ''] ?? null;

        if ($this->flips?->isLeft($now) === true) {
            $this->flips = null;

            return true;
        }

        // Of a switch that is flipped another position counts as seen once it has stood there.
        return $this->flips !== null || ($axis !== null && $this->sweep?->goOn($axis, $now) === true);
    }

    public function isMeasuring(): bool
    {
        return $this->flips !== null || ($this->sweep !== null && ! $this->sweep->isDone);
    }

    private function end(): void
    {
        $this->teaching = $this->sweep = $this->flips = null;
    }

    public function write(): string
    {
        return serialize($this);
    }

    /** @throws \UnexpectedValueException if it is not what write() gave */
    public static function restore(string $written): self
    {
        $survey = unserialize(
            $written,
            [
                'allowed_classes' => [
                    self::class,
                    TouchFinder::class,
                    Sheet::class,
                    InputRecord::class,
                    Tremble::class,
                    Teaching::class,
                    Sweep::class,
                    SweepPhase::class,
                    Flips::class,
                ],
            ],
        );

        return $survey instanceof self ? $survey : throw new \UnexpectedValueException(
            'The survey could not be read back: expected what Survey::write() gave.',
        );
    }
}
