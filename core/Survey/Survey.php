<?php

declare(strict_types=1);

namespace Nailrod\Core\Survey;

use Nailrod\Core\Cause\Input;
use Nailrod\Core\Device\Rig;

/** All that is found out about a rig while it is used: what was touched, what has been seen, what is being taught or measured. */
final class Survey
{
    public Finder $finder;

    public Sheet $sheet;

    public ?Teaching $teaching = null;

    public ?Sweep $sweep = null;

    public function __construct()
    {
        $this->finder = new Finder;
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
    }

    public function write(): string
    {
        return serialize($this);
    }

    /** @throws \UnexpectedValueException if it is not what write() gave */
    public static function restore(string $written): self
    {
        $survey = unserialize($written, ['allowed_classes' => [self::class, Finder::class, Sheet::class, InputRecord::class, Tremble::class, Teaching::class, Sweep::class, SweepPhase::class]]);

        return $survey instanceof self ? $survey : throw new \UnexpectedValueException('The survey could not be read back: expected what Survey::write() gave.');
    }
}
