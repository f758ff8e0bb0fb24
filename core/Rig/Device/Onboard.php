<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;

/** What a device says of itself beside its controls: what it is built of, its modes, what can be set, what it keeps. */
final readonly class Onboard
{
    private const MOST_MODES = 8;
    private const MOST_SETTINGS = 64;
    private const MOST_UNITS = 8;

    /**
     * @param ?string                $board    which circuit board it has; a firmware is for one
     * @param ?string                $firmware version, as it left the works
     * @param list<string>           $serials  of a stand-in there can be
     *                                         several units; what is no stand-in has one or none
     * @param array<string, Mode>    $modes    by id, the one that the rest of
     *                                         the file speaks of first; empty if it has but one
     * @param array<string, Setting> $settings by id
     */
    public function __construct(
        public ?string $board = null,
        public ?string $firmware = null,
        public array $serials = [],
        public array $modes = [],
        public ?Unlock $unlock = null,
        public array $settings = [],
        public ?Keeps $keeps = null,
    ) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        $memory = Fields::of(...Keeps::memory());

        return [
            Field::optional(
                null,
                'memory',
                'Memory',
                new Thing($memory, 'its memory'),
                'The memory that mappings are stored in: keeps that says no more than this.',
            ),
            Field::optional(
                null,
                'keeps',
                'Keeps',
                new Thing(Keeps::fields(), 'what it keeps'),
                'What goes into its memory; it has none if nothing is said.',
            ),
            Field::optional(
                null,
                'board',
                'Board',
                new Text(20),
                'Which circuit board it has: a firmware is for one.',
                'B',
            ),
            Field::optional(null, 'firmware', 'Firmware', new Version, 'The version of its firmware.'),
            Field::optional(null, 'serial', 'Serial', new Text(40), 'The serial of this unit.', 'TS-0147'),
            Field::optional(
                [],
                'more_serials',
                'More serials',
                new Several(new Text(40), 0, self::MOST_UNITS - 1, true, 'serials, each once'),
                'Of a stand-in: the serials of further units of it that lie on the desk.',
                ['TS-0231'],
            ),
            Field::optional(
                [],
                'modes',
                'Modes',
                new Several(new Thing(Mode::fields(), 'a mode'), 0, self::MOST_MODES),
                'The modes that it can be put into; the rest of the file speaks of the first.',
            ),
            Field::optional(
                null,
                'unlock',
                'Unlock',
                new Thing(Unlock::fields(), 'what lets a write in'),
                'What a hand does so that it takes a write; nothing if nothing is said.',
            ),
            Field::optional(
                [],
                'settings',
                'Settings',
                new Several(Setting::type(), 0, self::MOST_SETTINGS),
                'What can be set.',
            ),
        ];
    }

    /**
     * @param list<Control> $controls as they are in the first mode
     * @param FieldValues         $given    of the whole device
     * @param Node          $node     of the whole device
     *
     * @throws FormatError with the place of what is wrong
     */
    public static function read(FieldValues $given, Node $node, string $device, array $controls): self
    {
        $serials = array_filter(
            [$given->textOrNull('serial'), ...$given->texts('more_serials')],
            fn (?string $serial) => $serial !== null,
        );
        if (count(array_unique($serials)) !== count($serials)) {
            throw $given->refuse('more_serials', 'serials of other units');
        }
        $modes = [];
        foreach ($node->maybe('modes')?->list(self::MOST_MODES) ?? [] as $i => $mode) {
            $read = Mode::read($mode, $device, $controls);
            if (isset($modes[$read->id]) || ($i === 0 && $read->descriptor !== null)) {
                throw $mode->refuse(
                    isset($modes[$read->id])
                        ? 'an id that no other mode has'
                        : 'no other reports, since the device file speaks of the first mode',
                );
            }
            $modes[$read->id] = $read;
        }
        $settings = [];
        foreach ($given->objects('settings', Setting::class) as $i => $setting) {
            $settings[$setting->id] = isset($settings[$setting->id]) ? throw $given->refuseEntry(
                'settings',
                $i,
                'an id that no other setting has',
            ) : $setting;
        }

        return new self(
            $given->textOrNull('board'),
            $given->textOrNull('firmware'),
            array_values($serials),
            $modes,
            Unlock::of($given->thing('unlock')),
            $settings,
            self::keeps($given, $modes),
        );
    }

    /** @param array<string, Mode> $modes by id */
    private static function keeps(FieldValues $given, array $modes): ?Keeps
    {
        $keeps = Keeps::of($given->thing('keeps'));
        $macros = $given->thing('limits')?->wholeOrNull('macros');
        $memory = $given->thing('memory');
        if ($keeps !== null && ($memory !== null || $macros !== null)) {
            throw $given->refuse(
                $memory === null ? 'limits' : 'memory',
                'nothing of the memory beside "keeps", which says it all',
            );
        }
        if ($keeps?->mode !== null && ! isset($modes[$keeps->mode])) {
            throw $given->node('keeps')->get('mode')->refuse('the id of a mode of the device');
        }

        return $memory === null ? $keeps : Keeps::all($memory->whole('banks'), $memory->whole('bank_bytes'), $macros);
    }

    /** The same with another firmware in it, which keeps what it says. */
    public function with(string $firmware, Keeps $keeps): self
    {
        return new self($this->board, $firmware, $this->serials, $this->modes, $this->unlock, $this->settings, $keeps);
    }
}
