<?php

declare(strict_types=1);

namespace App\View\Make\Shape;

use Nailrod\Core\Advice\Tuner;
use Nailrod\Core\Mapping\Axis\Percent;

/** The tuner's figures in words. */
final readonly class Figures
{
    public function __construct(public Tuner $tuner) {}

    /** @return array<string, string> figure by what it is */
    public function rows(): array
    {
        $gains = $this->tuner->response->gains();
        $centred = $this->tuner->shaping->axis->centred;
        $fromRest = $this->tuner->response->fromRest();
        $rows = ['Gain at rest' => self::gain($gains['rest'])];
        if ($centred) {
            $rows['Gain at the low end'] = self::gain($gains['low']);
        }
        $rows['Gain at the high end'] = self::gain($gains['high']);
        $rows['From rest until something is sent'] = $fromRest === null ? 'nothing ever is' : $this->travel($fromRest);
        $rows['Finest movement that counts'] = $this->travel($this->tuner->response->finest());
        $rows['Values it can send'] = sprintf(
            '%s of 65 536',
            number_format($this->tuner->response->distinct(), 0, '.', ' '),
        );
        foreach ($this->tuner->reached() as $place => $lost) {
            $rows[ucfirst($place)] = $lost === null ? 'is reached' : 'is lost in '.$lost;
        }
        $rows['Delay by steadying'] = $this->delay();

        return $rows;
    }

    private function delay(): string
    {
        $delay = $this->tuner->delay();

        return match (true) {
            $delay === 0.0 => 'none',
            $delay === null => 'one reading, at most 20 ms',
            default => json_encode(round($delay, 1)).' ms, one reading',
        };
    }

    /** A movement of the hand: in percent, of a wheel in degrees too. */
    private function travel(float $part): string
    {
        $percent = 100.0 * $part * ($this->tuner->shaping->axis->centred ? 2 : 1);
        $words = $percent < 0.095 ? 'under 0.1 %' : Percent::figure($percent / 100).' %';
        $rotation = $this->tuner->shaping->rotation;
        $degrees = $rotation->used ?? $rotation->degrees;

        return $degrees === null || $this->tuner->shaping->axis->isBuilt()
            ? $words
            : $words
            .sprintf(', %.1f°', $part * $degrees);
    }

    private static function gain(float $gain): string
    {
        return $gain > 99 ? 'over 99' : number_format($gain, 2, '.', '');
    }
}
