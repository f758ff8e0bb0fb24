<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\Action;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Mapping\Axis\Stop;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Made\MadeDevice;
use Nailrod\Core\Mapping\Output\MeansAction;
use Nailrod\Core\Mapping\Output\OpensStop;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Device\Setting;
use Nailrod\Core\Rig\Panel\Panel;
use Nailrod\Core\Set\Section\Sections;

/** A merged set read against the rig and the simulator: all of it typed, and free of contradictions. */
final readonly class BindingSet
{
    /**
     * @param array<string, Layer>               $layers   by id, the base layer first
     * @param array<string, Shaping>             $shapings by reference, for every axis of the rig
     * @param array<string, Made>                $made     what is made from axes, by id, in file order
     * @param array<string, Stop>                $stops    by id, in file order
     * @param array<string, string>              $flags    names by id
     * @param array<string, Macro>               $macros   by id
     * @param array<string, array<string, Chord>> $chords  by layer, then by id
     * @param array<string, array<string, Cell>> $cells    by layer, then by reference
     * @param array<string, Output>              $ways     by action
     * @param list<string>                       $missing  references of the set that the rig does not have
     * @param array<string, KeyLayout>           $layouts  those that macros are typed for, by id
     * @param array<string, LampRule>            $lamps    what lights lamps, by id, in file order
     * @param array<string, array<string, bool|float|int|string>> $settings what
     *                                         devices shall be like, by device and setting: only what is said
     * @param array<string, array<string, Panel>> $panels that owners have drawn, by device and id
     */
    private function __construct(
        public MergedDocument $merged,
        public Rig $rig,
        public ?Catalogue $catalogue,
        public array $layers,
        public array $shapings,
        public array $made,
        public array $stops,
        public array $flags,
        public array $macros,
        public array $chords,
        public array $cells,
        public array $ways,
        public array $missing,
        public array $layouts,
        public array $lamps,
        public array $settings = [],
        public array $panels = [],
    ) {}

    /**
     * @param list<string>             $missing references that are known to be missing already
     * @param array<string, KeyLayout> $layouts those that macros are typed for, by id
     * @param ?self                    $before  another state of the set: cells
     *                                         that have not changed since are not read again
     *
     * @throws FormatError with the path of the part that does not fit
     */
    public static function of(
        MergedDocument $merged,
        Rig $rig,
        ?Catalogue $catalogue,
        array $missing = [],
        array $layouts = [],
        ?self $before = null,
    ): self {
        $panels = PanelReading::of($merged, $rig, $missing);
        $settings = SettingReading::of($merged, $panels->rig, $missing);
        $parts = $settings->over(PartReading::shapingParts($merged));
        $rig = $settings->rig();
        $shapings = PartReading::shapings($parts, $rig->axes);
        $made = PartReading::made($merged, $shapings, $parts, $missing);
        $rig = $rig->with(MadeDevice::of($made));
        array_push($missing, ...array_map(strval(...), array_keys(array_diff_key($parts, $rig->axes))));
        $layers = PartReading::layers($merged);
        $stops = PartReading::stops($merged, $rig, $missing);
        $ways = [];
        foreach ($merged->section('ways') as $part) {
            $ways[$part->path->key] = Outputs::read(PartReading::node($part));
        }
        $flags = $macros = [];
        foreach ($merged->section('flags') as $part) {
            $flags[$part->path->key] = PartReading::node($part)->get('name')->string(60);
        }
        foreach ($merged->section('macros') as $part) {
            $macros[$part->path->key] = Macro::read($part->path->key, PartReading::node($part));
        }
        $lamps = [];
        foreach ($merged->section('lamps') as $part) {
            $lamps[$part->path->key] = LampRules::read(PartReading::node($part));
        }
        $set = new self(
            $merged,
            $rig,
            $catalogue,
            $layers,
            $shapings,
            $made,
            $stops,
            $flags,
            $macros,
            [],
            [],
            $ways,
            $missing,
            $layouts,
            $lamps,
            $settings->said,
            $panels->panels,
        );

        $reading = new CellReading($set, $before !== null && $before->isLike($set) ? $before : null, $missing);
        $reading->checkNamed();
        $cells = $reading->cells();
        $chords = $reading->chords();
        $lamps = $reading->lamps();

        return new self(
            $merged,
            $rig,
            $catalogue,
            $layers,
            $shapings,
            $made,
            $stops,
            $flags,
            $macros,
            $chords,
            $cells,
            $ways,
            array_values(array_unique($missing)),
            $layouts,
            $lamps,
            $settings->said,
            $panels->panels,
        );
    }

    /** The same set with this rig and this simulator, which were kept beside it: they are the larger half of it. */
    public function on(Rig $rig, ?Catalogue $catalogue): self
    {
        return new self(
            $this->merged,
            $rig,
            $catalogue,
            $this->layers,
            $this->shapings,
            $this->made,
            $this->stops,
            $this->flags,
            $this->macros,
            $this->chords,
            $this->cells,
            $this->ways,
            $this->missing,
            $this->layouts,
            $this->lamps,
            $this->settings,
            $this->panels,
        );
    }

    /**
     * The same set as it is played: see Played.
     *
     * @param array<string, Made>                 $made
     * @param array<string, Stop>                 $stops
     * @param array<string, Macro>                $macros
     * @param array<string, array<string, Chord>> $chords
     * @param array<string, array<string, Cell>>  $cells
     * @param array<string, LampRule>             $lamps
     */
    public function playing(array $made, array $stops, array $macros, array $chords, array $cells, array $lamps): self
    {
        return new self(
            $this->merged,
            $this->rig->with(MadeDevice::of($made)),
            $this->catalogue,
            $this->layers,
            $this->shapings,
            $made,
            $stops,
            $this->flags,
            $macros,
            $chords,
            $cells,
            $this->ways,
            $this->missing,
            $this->layouts,
            $lamps,
            $this->settings,
            $this->panels,
        );
    }

    /** What a setting of a device is: what the set says, else what is usual; null if the device does not have it. */
    public function setting(string $device, string $id): bool|float|int|string|null
    {
        return $this->settings[$device][$id] ?? ($this->rig->devices[$device] ?? null)?->setting($id)?->usual;
    }

    /**
     * A device with the inputs that are wired, as its setting says: the others are neither drawn, counted, listed nor
     * planned for.
     */
    public function wired(Device $device): Device
    {
        $wired = $this->setting($device->id, Setting::WIRED);

        return is_numeric($wired) ? $device->wired((int) $wired) : $device;
    }

    /**
     * @return array<string, int> contacts and axes of the inputs that are not wired, and how many inputs of their
     *    device are, by reference
     */
    public function unwired(): array
    {
        $unwired = [];
        foreach ($this->rig->devices as $device) {
            $wired = count($this->wired($device)->controls);
            foreach (array_slice($device->controls, $wired) as $control) {
                foreach ([...$control->axes, ...$control->contacts] as $input) {
                    $unwired[$input->ref] = $wired;
                }
            }
        }

        return $unwired;
    }

    /** Is this part set aside: kept, and doing nothing? */
    public function isAside(PartPath $part): bool
    {
        return $this->merged->isAside($part);
    }

    /**
     * @return array<string, Chord> chords that a contact is part of in a layer, by id; it does what its cell says only
     *    when it is pressed alone
     */
    public function chordsWith(string $layer, string $ref): array
    {
        return array_filter($this->chords[$layer] ?? [], fn (Chord $chord): bool => in_array($ref, $chord->of, true));
    }

    /** "part of chord Both thumbs"; empty if it is part of none in that layer. */
    public function chordWords(string $layer, string $ref): string
    {
        $names = array_map(fn (Chord $chord): string => $chord->name, array_values($this->chordsWith($layer, $ref)));

        return $names === [] ? '' : 'part of chord '.implode(' and ', $names);
    }

    /** Is all the same but cells, chords and lamps, so that a cell that fits the one fits the other? */
    private function isLike(self $other): bool
    {
        foreach (array_diff(Sections::names(), ['cells', 'chords', 'lamps']) as $section) {
            foreach ($this->merged->chain as $i => $document) {
                if (
                    ! isset($other->merged->chain[$i])
                        || $document->said($section) !== $other->merged->chain[$i]->said($section)
                ) {
                    return false;
                }
            }
        }

        return count($this->merged->chain) === count($other->merged->chain)
            && $this->merged->devices === $other->merged->devices
            && $this->rig == $other->rig
            && $this->catalogue == $other->catalogue;
    }

    /** The way by which an action is reached: what the set says, else the simulator's own key. */
    public function wayOf(string $action): ?Output
    {
        return $this->ways[$action] ?? $this->catalogue?->action($action)?->key;
    }

    /**
     * What an output is when it leaves: the way of an action, else itself; null if there is none, or its action has no
     * way yet.
     */
    public function leaving(?Output $output): ?Output
    {
        return $output instanceof MeansAction ? $this->wayOf($output->action()) : $output;
    }

    /** The action that an output stands for; null if it is none of the simulator's. */
    public function actionOf(?Output $output): ?Action
    {
        return $output instanceof MeansAction ? $this->catalogue?->action($output->action()) : null;
    }

    public function cell(string $layer, string $ref): ?Cell
    {
        return $this->cells[$layer][$ref] ?? null;
    }

    /** @return array<string, Stop> the stops that act on an axis, in file order */
    public function stopsOf(string $axis): array
    {
        return array_filter($this->stops, fn (Stop $stop) => in_array($axis, $stop->axes, true));
    }

    /** @return array<string, Stop> those of them that are not set aside */
    public function stopsHolding(string $axis): array
    {
        return array_filter($this->stopsOf($axis), fn (Stop $stop) => ! $this->isAside(PartPath::stop($stop->id)));
    }

    /** @return list<string> references of the contacts that open a stop, in any layer */
    public function openersOf(string $stop): array
    {
        return $this->contactsWith(fn (Output $output) => $output instanceof OpensStop && $output->stop() === $stop);
    }

    /**
     * @param callable(Output): bool $wanted
     *
     * @return list<string>
     */
    private function contactsWith(callable $wanted): array
    {
        $found = [];
        foreach ($this->cells as $cells) {
            foreach ($cells as $ref => $cell) {
                if (array_filter($cell->outputsOfEither(), $wanted) !== []) {
                    $found[$ref] = $ref;
                }
            }
        }

        return array_values($found);
    }
}
