<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Output\MeansAction;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\WritesVariable;

/**
 * What goes from a set: layers, stops, macros, flags, and what is made from axes, with its contacts and axes; and from
 * under it: actions and variables that its simulator no longer has.
 */
final readonly class Gone
{
    /** What can be named, by the section that it is a part of. */
    private const SORTS = [
        'layers' => NamesPart::LAYER,
        'stops' => NamesPart::STOP,
        'macros' => NamesPart::MACRO,
        'flags' => NamesPart::FLAG,
        'made' => Made::DEVICE,
    ];

    /** @param array<string, array<string, true>> $ids by sort */
    private function __construct(private array $ids) {}

    public static function nothing(): self
    {
        return new self([]);
    }

    /** @param string $sort one of the constants of NamesPart */
    public static function part(string $sort, string $id): self
    {
        return new self([$sort => [$id => true]]);
    }

    /**
     * @param list<string> $actions   of the simulator
     * @param list<string> $variables of it
     */
    public static function ofSimulator(array $actions, array $variables): self
    {
        return new self(
            [Id::ACTION => array_fill_keys($actions, true), Id::VARIABLE => array_fill_keys($variables, true)],
        );
    }

    public static function made(string $id): self
    {
        return self::part(Made::DEVICE, $id);
    }

    /** With a part that goes too, if it is one that others can name. */
    public function and(PartPath $path): self
    {
        $sort = self::SORTS[$path->section] ?? null;

        return $sort === null ? $this : new self(
            [$sort => [$path->key => true] + ($this->ids[$sort] ?? [])] + $this->ids,
        );
    }

    public function isPart(string $sort, string $id): bool
    {
        return isset($this->ids[$sort][$id]);
    }

    public function isMade(string $id): bool
    {
        return $this->isPart(Made::DEVICE, $id);
    }

    /** Is this a contact or an axis of something made that goes? */
    public function isInput(string $ref): bool
    {
        [$device, $control] = [...explode('/', $ref, 2), ''];

        return $device === Made::DEVICE && $this->isMade(explode('.', $control, 2)[0]);
    }

    /** What is left of an output: itself if it names nothing that goes; null if nothing is left of it. */
    public function leaves(?Output $output): ?Output
    {
        if (($output instanceof MeansAction && $this->isPart(Id::ACTION, $output->action())) || (
            $output instanceof WritesVariable && $this->isPart(Id::VARIABLE, $output->variable())
        )) {
            return null;
        }
        foreach ($this->ids as $sort => $ids) {
            foreach (Keys::of($ids) as $id) {
                $output = $output instanceof NamesPart ? $output->without($sort, $id) : $output;
            }
        }

        return $output;
    }

    /** @return Condition|bool what is left of a condition; true: it always holds then; false: it never does */
    public function leavesOf(?Condition $when): Condition|bool
    {
        return $when === null ? true : $when->left($this->isPart(...));
    }
}
