<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Families;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;

/** What goes into the memory of a device: how much, which parts, which kinds of them, and how many. */
final readonly class Keeps
{
    public const CALIBRATION = 'calibration';
    public const SHAPING = 'shaping';
    public const STOPS = 'stops';
    public const LAYERS = 'layers';
    public const CHORDS = 'chords';
    public const MACROS = 'macros';
    public const LAMPS = 'lamps';
    public const SETTINGS = 'settings';

    public const PARTS = [
        self::CALIBRATION,
        self::SHAPING,
        self::STOPS,
        self::LAYERS,
        self::CHORDS,
        self::MACROS,
        self::LAMPS,
        self::SETTINGS,
    ];

    /** Of these there can be a limit. */
    private const COUNTED = [self::STOPS, self::LAYERS, self::CHORDS, self::MACROS, self::LAMPS];

    /**
     * @param int               $bankBytes  of one bank
     * @param ?list<string>     $parts      null: all
     * @param ?list<string>     $behaviours kinds that its firmware knows; null: all
     * @param ?list<string>     $outputs    kinds that it can send; null: all that can be stored on a device
     * @param array<string, int> $most      how many of a part, where there is a limit
     * @param ?int              $name       longest name that it holds; null: any
     * @param ?string           $firmware   least version for a write; null: any
     * @param ?string           $mode       id of the mode that it must be in for a write; null: any that is writable
     */
    public function __construct(
        public int $banks,
        public int $bankBytes,
        public ?array $parts = null,
        public ?array $behaviours = null,
        public ?array $outputs = null,
        public array $most = [],
        public ?int $name = null,
        public ?string $firmware = null,
        public ?string $mode = null,
    ) {}

    /** @return list<Field> how much goes into it */
    public static function memory(): array
    {
        return [
            Field::required('banks', 'Banks', new Whole(2, 8), 'How many versions of a mapping it keeps.', 2),
            Field::required(
                'bank_bytes',
                'Bytes',
                new Whole(64, 1_048_576, 'bytes'),
                'How long a mapping can be.',
                16_384,
            ),
        ];
    }

    public static function fields(): Fields
    {
        $most = Fields::of(...array_map(
            fn (string $part): Field => Field::optional(
                null,
                $part,
                ucfirst($part),
                new Whole(0, 1000),
                'How many '.$part.' it holds.',
                8,
            ),
            self::COUNTED,
        ));

        return Fields::of(...[
            ...self::memory(),
            Field::optional(
                null,
                'parts',
                'Parts',
                self::kinds(self::PARTS),
                'Which parts go into it; all if nothing is said.',
                self::PARTS,
            ),
            Field::optional(
                null,
                'behaviours',
                'Behaviours',
                self::kinds(Families::kindsOf(Families::BEHAVIOURS)),
                'Which behaviours its firmware knows; all if nothing is said.',
                ['follow'],
            ),
            Field::optional(
                null,
                'outputs',
                'Outputs',
                self::kinds(Families::kindsOf(Families::OUTPUTS)),
                'Which outputs it can send; all that a device can if nothing is said.',
                ['button'],
            ),
            Field::optional(
                null,
                'most',
                'At most',
                new Thing($most, 'how many of each'),
                'How many of each it holds; no limit if nothing is said.',
            ),
            Field::optional(null, 'name', 'Names', new Whole(0, 60), 'How many characters of a name it holds.', 16),
            Field::optional(null, 'firmware', 'Firmware', new Version, 'The least firmware for a write.', '2.0'),
            Field::optional(
                null,
                'mode',
                'Mode',
                new Text(40),
                'The id of the mode that the device must be in for a write.',
                'keys',
            ),
        ]);
    }

    /** @param list<string> $kinds */
    private static function kinds(array $kinds): Several
    {
        return new Several(Choice::of(...$kinds), 0, count($kinds), true, 'kinds that there are, each once');
    }

    public static function of(?FieldValues $given): ?self
    {
        if ($given === null) {
            return null;
        }
        $limits = $given->thing('most');
        $most = $limits === null ? [] : array_map(
            $limits->wholeOrNull(...),
            array_combine(self::COUNTED, self::COUNTED),
        );
        $most = array_filter($most, fn (?int $count) => $count !== null);
        $some = fn (string $field): ?array => $given->says($field) ? $given->texts($field) : null;

        return new self(
            $given->whole('banks'),
            $given->whole('bank_bytes'),
            $some('parts'),
            $some('behaviours'),
            $some('outputs'),
            $most,
            $given->wholeOrNull('name'),
            $given->textOrNull('firmware'),
            $given->textOrNull('mode'),
        );
    }

    /**
     * A memory that takes every part.
     *
     * @param ?int $macros how many of them at most
     */
    public static function all(int $banks, int $bankBytes, ?int $macros = null): self
    {
        return new self($banks, $bankBytes, most: $macros === null ? [] : [self::MACROS => $macros]);
    }

    public function keeps(string $part): bool
    {
        return $this->parts === null || in_array($part, $this->parts, true);
    }

    /** Why one more of a part does not go into it; null if it does. */
    public function whyNot(string $part, int $held): ?string
    {
        return match (true) {
            ! $this->keeps($part) => 'the device keeps no '.$part,
            $held >= ($this->most[$part] ?? PHP_INT_MAX) => sprintf('the device has room for %d', $this->most[$part]),
            default => null,
        };
    }

    /** Is there a limit to how many of a part it holds? */
    public function isLimited(string $part): bool
    {
        return isset($this->most[$part]);
    }

    /** Does its firmware know a behaviour of this kind? */
    public function knows(string $behaviour): bool
    {
        return $this->behaviours === null || in_array($behaviour, $this->behaviours, true);
    }

    /** Can it send an output of this kind? */
    public function sends(string $output): bool
    {
        return $this->outputs === null || in_array($output, $this->outputs, true);
    }

    /** As much of a name as it holds. */
    public function named(string $name): string
    {
        return $this->name === null ? $name : mb_substr($name, 0, $this->name);
    }

    /** @param ?list<string> $kinds */
    private static function listed(?array $kinds): string
    {
        return match ($kinds) {
            null => 'all',
            [] => 'none',
            default => implode(', ', $kinds),
        };
    }

    /** @return list<string> what this keeps otherwise than another: "Macros: 2 → 8" */
    public function since(self $before): array
    {
        $many = fn (?int $count): string => $count === null ? 'any number' : (string) $count;
        $said = [
            ['Banks', $before->banks, $this->banks],
            ['Bytes in a bank', $before->bankBytes, $this->bankBytes],
            ['Parts', self::listed($before->parts), self::listed($this->parts)],
            ['Behaviours', self::listed($before->behaviours), self::listed($this->behaviours)],
            ['Outputs', self::listed($before->outputs), self::listed($this->outputs)],
            ['Characters of a name', $many($before->name), $many($this->name)],
        ];
        foreach (self::COUNTED as $part) {
            $said[] = [ucfirst($part), $many($before->most[$part] ?? null), $many($this->most[$part] ?? null)];
        }

        return array_map(
            fn (array $line) => $line[0].': '.$line[1].' → '.$line[2],
            array_values(array_filter($said, fn (array $line) => $line[1] !== $line[2])),
        );
    }
}
