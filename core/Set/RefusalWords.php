<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Axis\Percent;
use Nailrod\Core\Set\Section\Sections;

/**
 * The refusal of an edit in the words of the page: names for what the document refers to, labels for its fields,
 * lists counted from 1, parts of a travel in percent. A refusal of a file keeps the words of the file.
 */
final readonly class RefusalWords
{
    /** What a field is called; null: what stands before it says enough. */
    private const LABELS = [
        'delay_ms' => 'first after', 'period_ms' => 'then every', 'width_ms' => 'width', 'idle_ms' => 'anew after',
        'long_ms' => 'long from', 'double_ms' => 'double within', 'gap_ms' => 'pause',
        'within_ms' => 'within', 'patience_ms' => 'waits', 'debounce_ms' => 'debounce', 'lag_ms' => 'lag',
        'ms' => 'time', 'most_waiting' => 'most that wait', 'coarse_above' => 'second output above',
        'low' => 'low end', 'high' => 'high end', 'rest' => 'each side of rest',
        'rearm' => 'shuts again this far below', 'hysteresis' => 'changes this far past',
        'dead_radius' => 'dead radius', 'k' => 'expo', 'hold' => 'holds movements up to',
        'of' => 'made from', 'outputs' => 'outputs', 'output' => 'output', 'when' => 'condition', 'code' => 'key',
        'with' => 'keys that are held with it', 'flash_above' => 'flashes above', 'looks_at' => 'looks at',
        'lets_go' => 'lets go',
        'points' => null, 'behaviour' => null, 'axes' => 'acts on', 'events' => 'recording', 't' => 'time',
        'opens' => 'opens by', 'own_curve' => 'its own curve', 'start' => 'start',
    ];

    /** What one entry of a list is called; the place of a pair's figures. */
    private const ENTRIES = [
        'points' => 'point', 'outputs' => 'output', 'at' => 'notch', 'bounds' => 'bound', 'steps' => 'step',
        'lamps' => 'lamp', 'bands' => 'band', 'axes' => 'axis', 'layers' => 'layer', 'names' => 'name',
        'contacts' => 'position', 'of' => 'source', 'with' => 'key', 'none_of' => 'position', 'events' => 'event',
    ];

    /** How parts of a travel are told: places on it, widths of it, or plain shares. */
    private const UNITS = [
        'stops.at' => 'at', 'made.at' => 'at', 'made.to' => 'at', 'made.bounds' => 'at', 'notches.at' => 'at',
        'curve.points' => 'at', 'range.low' => 'at', 'range.high' => 'at',
        'stops.rearm' => 'by', 'made.hysteresis' => 'by', 'notches.width' => 'by', 'notches.hysteresis' => 'by',
        'steady.hold' => 'by', 'dead_zones.low' => 'by', 'dead_zones.high' => 'by', 'dead_zones.rest' => 'by',
        'made.dead_radius' => 'of', 'made.share' => 'of', 'curve.k' => 'of',
    ];

    private const MS = 'ms';

    private Words $words;

    public function __construct(private BindingSet $set)
    {
        $this->words = new Words($set);
    }

    public function of(FormatError $error): string
    {
        [$path, $fields] = $this->split($error->place);
        $part = $path === null ? '' : ($path->section === 'axes' ? (string) $path->inner : $path->section);
        $unit = $error->field?->type->unit() ?? '';
        $unit = $unit !== '' ? $unit : (
            str_ends_with($error->place, self::MS) ? self::MS : self::UNITS[
                $part.'.'.(string) preg_replace('/\[.*/', '', $fields[0] ?? '')
            ] ?? ''
        );
        $centred = $path !== null && $this->isCentred($path);
        $tell = fn (float $figure, string $what): string => match ($what === 'own' ? $unit : $what) {
            'at' => Percent::at($figure, $centred),
            'by' => Percent::by($figure, $centred),
            'of' => Percent::of($figure),
            self::MS => json_encode($figure).' ms',
            default => (string) json_encode($figure),
        };
        $subject = $path === null ? '' : $this->words->subject($path);
        $where = ucfirst(implode(
            ', ',
            array_filter([$subject, ...$this->fields($fields, $error->field)], fn (string $word) => $word !== ''),
        ));
        $found = match (true) {
            is_int($error->value) && $unit === '' => $error->found,
            is_int($error->value), is_float($error->value) => $tell((float) $error->value, 'own'),
            is_string($error->value) && ! str_starts_with($error->expected, 'one of ') => $this->named(
                $error->value,
                str_ends_with($error->place, '.action') ? 'an action that is not in the list' : $error->found,
            ),
            default => $error->found,
        };

        return sprintf(
            '%s%s: found %s, expected %s.',
            $error->source === '' ? '' : ucfirst($error->source).': ',
            $where === '' ? 'The set' : $where,
            $found,
            $error->expectedIn($tell),
        );
    }

    /** @return array{?PartPath, list<string>} the part that a place is in, and the fields within it */
    private function split(string $place): array
    {
        foreach (
            [
                'cells' => $this->set->rig->contacts + $this->set->rig->axes,
                'axes' => $this->set->rig->axes,
            ] as $section => $known
        ) {
            if (preg_match($section === 'cells' ? '/^cells\.([^.]+)\.(.+)$/' : '/^axes()\.(.+)$/', $place, $m) === 1) {
                $fit = array_filter(
                    array_map(strval(...), array_keys($known)),
                    fn (string $ref) => $m[2] === $ref || str_starts_with($m[2], $ref.'.'),
                );
                usort($fit, fn (string $a, string $b) => strlen($b) <=> strlen($a));
                $ref = $fit[0] ?? null;
                if ($ref === null) {
                    return [null, [$m[2]]];
                }
                $fields = array_values(
                    array_filter(explode('.', substr($m[2], strlen($ref) + 1)), fn (string $field) => $field !== ''),
                );

                return $section === 'cells' ? [PartPath::cell($m[1], $ref), $fields] : [
                    PartPath::axis($ref, $fields[0] ?? ''),
                    array_slice($fields, 1),
                ];
            }
        }
        $steps = explode('.', $place);
        if ($steps[0] === 'cells') {
            return [
                null,
                [
                    'Assignments'.(
                        isset(
                            $steps[1],
                            $this->set->layers[$steps[1]],
                        ) ? ' in '.$this->set->layers[$steps[1]]->name : ''
                    ),
                ],
            ];
        }
        $section = Sections::all()[$steps[0]] ?? null;
        if ($section !== null && $section::depth() === 1 && isset($steps[1])) {
            return [new PartPath($steps[0], $steps[1]), array_slice($steps, 2)];
        }
        if ($section !== null && $section::depth() === 2 && isset($steps[2])) {
            return [new PartPath($steps[0], $steps[1], $steps[2]), array_slice($steps, 3)];
        }

        return [null, [self::soughtIn($place) ?? $steps[0], ...array_slice($steps, 1)]];
    }

    /** What an edit calls the thing that it looks for in a section of the set. */
    private static function soughtIn(string $section): ?string
    {
        return match ($section) {
            'axes' => 'axis',
            'controls' => 'control',
            'made' => 'what is made',
            'devices' => 'device',
            'lamps' => 'lamp',
            default => isset(Sections::all()[$section]) ? Sections::all()[$section]::called()[0] : null,
        };
    }

    /**
     * @param list<string> $fields in the words of the file
     * @param ?Field       $last   the last of them, if it is known
     *
     * @return list<string>
     */
    private function fields(array $fields, ?Field $last): array
    {
        $words = array_map($this->field(...), $fields);
        if ($last !== null && $fields !== [] && $fields[count($fields) - 1] === $last->name) {
            array_pop($words);
            $words[] = lcfirst($last->label);
        }

        return $words;
    }

    /** "points[3][1]" as "point 4, up". */
    private function field(string $field): string
    {
        preg_match_all('/\[(\d+)\]/', $field, $found);
        $name = (string) preg_replace('/\[.*/', '', $field);
        $places = array_map(intval(...), $found[1]);
        if ($places === []) {
            return array_key_exists($name, self::LABELS) ? (string) self::LABELS[$name] : str_replace('_', ' ', $name);
        }
        $words = (self::ENTRIES[$name] ?? str_replace('_', ' ', $name)).' '.($places[0] + 1);

        return isset($places[1]) ? $words.', '.(
            $name === 'points' ? ['across', 'up'][$places[1]] ?? '' : (string) ($places[1] + 1)
        ) : $words;
    }

    /** What a reference in the document names; what is no reference stays as it stands there. */
    private function named(string $value, string $found): string
    {
        $names = [
            $this->set->layers[$value]->name
                ?? null, $this->set->stops[$value]->name
                ?? null, $this->set->macros[$value]->name
                ?? null, $this->set->flags[$value]
                ?? null,
            $this->set->catalogue?->action($value)?->name, (
                $this->set->catalogue->variables[$value] ?? null
            )?->name, $this->set->rig->has($value) ? $this->set->rig->nameOf($value) : null,
        ];
        foreach ($names as $name) {
            if ($name !== null && $name !== '') {
                return $name;
            }
        }

        // A reference to a control or a lamp that is not there has no name to tell.
        return preg_match('#^[a-z0-9_-]+/[a-z0-9_./-]+$#', $value) === 1 ? 'something that is not there' : $found;
    }

    private function isCentred(PartPath $path): bool
    {
        $axes = match ($path->section) {
            'axes' => [$path->key],
            'stops' => $this->set->stops[$path->key]->axes ?? [],
            'made' => isset($this->set->made[$path->key]) ? $this->set->made[$path->key]->sources() : [],
            default => [],
        };

        return ($this->set->rig->axes[$axes[0] ?? ''] ?? null)->centred ?? false;
    }
}
