<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Advice\Check\FindingsReport;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;

/**
 * What the checks tell of parts of a set, in their sentences, for the places that show such parts; worked out when it
 * is asked for.
 */
final class PartFindings
{
    /** @var array<string, array<string, list<Finding>>> by section, then by the path of the part */
    private array $bySection = [];

    public function __construct(private readonly BindingSet $set) {}

    /** @return list<string> of one part */
    public function of(PartPath $part): array
    {
        return array_map(
            fn (Finding $finding): string => $finding->sentence,
            $this->byPart($part->section)[(string) $part] ?? [],
        );
    }

    /** @return list<string> of all parts of a section with this key, as those of a device, each once */
    public function ofKey(string $section, string $key): array
    {
        $of = array_filter(
            $this->byPart($section),
            fn (string $path): bool => str_starts_with($path, $section.'/'.$key.'/'),
            ARRAY_FILTER_USE_KEY,
        );

        return $this->sentences($of);
    }

    /**
     * @return list<string> of one part, and of others of its section what a contact or an axis has to do with, each
     *    once
     */
    public function ofCell(PartPath $part, string $layer, string $ref): array
    {
        $of = fn (array $findings): array => array_values(
            array_filter(
                $findings,
                fn (Finding $finding): bool => in_array($part, $finding->parts, false)
                    || $finding->isAbout($layer, $ref),
            ),
        );

        return $this->sentences(array_map($of, $this->byPart($part->section)));
    }

    /** @return list<string> of all parts of a section, each once */
    public function in(string $section): array
    {
        return $this->sentences($this->byPart($section));
    }

    /**
     * @param array<string, list<Finding>> $byPart
     *
     * @return list<string>
     */
    private function sentences(array $byPart): array
    {
        return array_values(
            array_unique(
                array_map(fn (Finding $finding): string => $finding->sentence, array_merge(...array_values($byPart))),
            ),
        );
    }

    /** @return array<string, list<Finding>> */
    private function byPart(string $section): array
    {
        return $this->bySection[$section] ??= FindingsReport::byPart($this->set, $section);
    }
}
