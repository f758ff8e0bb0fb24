<?php

declare(strict_types=1);

namespace App\View\Rig;

use App\Http\Requests\Rig\TurnRequest;
use App\Memory\Memories;
use App\Memory\Unit;
use App\Models\TokenRecord;
use App\Rig\PageLine;
use App\View\Place;
use Nailrod\Core\Mapping\Axis\AxisParts;
use Nailrod\Core\Rig\Device\AxisInput;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Kind\ControlKind;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Rig\Device\PhraseList;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Device\Rotary;
use Nailrod\Core\Set\PartPath;

/** The Rig place: every device, the faceplate of the one that is picked, and one thing to do with it. */
final readonly class RigView
{
    /** What can be done with a device, by its word in the address, and what the side of the page is called then. */
    public const TASKS = [
        'inputs' => 'Inputs',
        'try' => 'Try out',
        'measure' => 'Measure',
        'arrange' => 'Name & place',
        'settings' => 'Settings',
        'hands' => 'Hands',
    ];

    /** The device that is picked; null if the set has none. */
    public ?Device $device;

    /** One of TASKS. */
    public string $task;

    /** The control that is named or taught; null if none is picked. */
    public ?Control $control;

    /** The axis that is measured; null if the device has none. */
    public ?AxisInput $axis;

    /** What a sweep of that axis has shown; null if there is none. */
    public ?MeasuredView $measured;

    /** Page of the faceplate, from 1 on. */
    public int $page;

    /** The rig as its devices report now, in the modes that hands have put them into. */
    private Rig $inMode;

    public function __construct(
        public Place $place,
        string $device,
        string $task,
        string $ref,
        int $page,
        PageLine $line,
        string $measured,
        public bool $isTurned = false,
    ) {
        $rig = $place->set->rig;
        $control = $rig->controlOf($ref) ?? $rig->deviceOf($ref)?->control(
            (string) preg_replace('#^[^/]*/#', '', $ref),
        );
        $picked = $rig->deviceOf($ref) ?? $rig->devices[$device] ?? (array_values($rig->devices)[0] ?? null);
        $this->device = $picked === null ? null : $place->set->wired($picked);
        $this->task = isset(self::TASKS[$task]) ? $task : 'inputs';
        $this->control = $this->task === 'arrange' ? $control : null;
        $this->axis = $this->task === 'measure' ? $rig->axes[$ref] ?? ($this->device?->axes()[0] ?? null) : null;
        $this->measured = $this->axis === null || $measured !== $this->axis->ref ? null : MeasuredView::of(
            $place,
            $this->axis,
            $line->survey()?->survey->sweep,
        );
        $modes = Memories::modes($rig);
        $this->inMode = $modes === [] ? $rig : new Rig(
            array_map(
                fn (Device $one) => $one->inMode($one->mode($modes[$one->id] ?? '')),
                array_values($rig->devices),
            ),
            $rig->made,
        );
        $at = $place->notHere;
        $at->ask(
            'device',
            $device,
            isset($rig->devices[$device]) || $this->device?->id === $device,
            $this->device->name ?? '',
        );
        $at->ask(
            'control',
            $ref,
            $control !== null || $rig->deviceOf($ref)?->id === $ref || isset($rig->axes[$ref]),
            $this->device->name ?? '',
        );
        $at->ask('part of the rig', $task, isset(self::TASKS[$task]), self::TASKS[$this->task]);
        $at->ask('page', $page > 0 ? (string) $page : '', $page <= ($this->device?->pages() ?? 1), 'The last page');
        $this->page = max(1, min($this->device?->pages() ?? 1, $page > 0 ? $page : $control->page ?? 1));
        $place->picked->at = $this->task === 'inputs' ? 'rig' : 'rig?do='.$this->task;
        $place->picked->device = $this->device->id ?? '';
        $place->picked->ref = $control === null && ! isset($rig->axes[$ref]) ? '' : $ref;
    }

    /** Is the device that is picked a list of phrases, which is written rather than arranged? */
    public function isPhraseList(): bool
    {
        return $this->device?->kind === PhraseList::KIND;
    }

    /** @return list<TokenRecord> of programs that may talk to the rig */
    public function tokens(): array
    {
        return array_values(
            TokenRecord::query()->orderBy('created_at')->get()->filter(
                fn (TokenRecord $token) => $token->panelOf() === '',
            )->all(),
        );
    }

    /** @param array<string, int|string> $more */
    public function link(array $more = []): string
    {
        return route(
            'rig',
            array_filter([
                'set' => $this->place->record->id,
                'device' => $this->device?->id,
                'do' => $this->task === 'inputs' ? null : $this->task,
                ...$more,
            ]),
        );
    }

    /** What a device has, in words: "3 axes, 14 contacts, 1 encoder". */
    public static function counts(Device $device): string
    {
        $encoders = count(array_filter($device->controls, fn (Control $control) => $control->encoder !== null));
        $hats = count(array_filter($device->controls, fn (Control $control) => $control->hat !== null));
        $contacts = count(array_filter(
            $device->contacts(),
            fn (ContactInput $contact) => $contact->isReported() && $contact->hat === null,
        ));
        $words = [];
        foreach (
            [
                [count($device->axes()), 'axis', 'axes'],
                [$contacts, 'contact', 'contacts'],
                [$hats, 'hat', 'hats'],
                [$encoders, 'encoder', 'encoders'],
            ] as [$count, $one, $many]
        ) {
            if ($count > 0) {
                $words[] = $count.' '.($count === 1 ? $one : $many);
            }
        }

        return implode(', ', $words);
    }

    /** @return list<array{ref: string, number: string, name: string, what: string, state: string, ticks: bool}> */
    public function inputs(): array
    {
        $rig = $this->place->set->rig;
        $inputs = [];
        foreach ($this->device->controls ?? [] as $control) {
            $kind = $control->kind->inWords();
            foreach ($control->axes as $axis) {
                $inputs[] = $this->input(
                    $axis->ref,
                    $kind.', '.$axis->min.' to '.$axis->max,
                    $this->isCalibrated($axis) ? 'calibrated' : 'not calibrated',
                );
            }
            foreach ($control->encoder === null ? $control->contacts : [] as $contact) {
                $inputs[] = $this->input($contact->ref, match (true) {
                    $contact->opposite !== null => 'opposite of '.$this->inMode->contacts[$contact->opposite]->number,
                    $contact->noneOf !== [] => 'none of '.implode(
                        ' and ',
                        array_map(fn (string $of) => $this->inMode->contacts[$of]->number, $contact->noneOf),
                    ),
                    $contact->rotary !== null => 'counted from its positions',
                    default => $kind,
                });
            }
            if ($control->encoder !== null) {
                $inputs[] = $this->input(
                    $control->ref,
                    $kind.($control->rotary() === null ? '' : ', also '.count($control->rotary()->contacts).' places'),
                );
            }
        }

        return $inputs;
    }

    /** @return array{ref: string, number: string, name: string, what: string, state: string, ticks: bool} */
    private function input(string $ref, string $what, string $state = ''): array
    {
        $rig = $this->place->set->rig;

        return [
            'ref' => $ref,
            'number' => $this->inMode->numberOf($ref),
            'name' => $rig->nameOf($ref),
            'what' => $what,
            'state' => $state,
            'ticks' => ! isset($rig->axes[$ref]) && ! isset($rig->contacts[$ref]),
        ];
    }

    public function isCalibrated(AxisInput $axis): bool
    {
        return $this->place->set->merged->value(PartPath::axis($axis->ref, 'calibrate')) !== null;
    }

    /** @return array<string, string> kinds that the picked control can be, in words by their value */
    public function kinds(): array
    {
        $reports = $this->control?->reports();
        $fitting = array_filter(
            ControlKinds::all(),
            fn (ControlKind $kind): bool => $reports !== null && $kind->fits($reports),
        );

        return array_map(fn (ControlKind $kind): string => $kind->inWords(), $fitting);
    }

    /**
     * @return array<string, string> what the picked control can also be used as, by the word of the form; empty if it
     *    does not turn
     */
    public function turns(): array
    {
        return match (true) {
            $this->control === null || ! Rotary::isFor($this->control) => [],
            $this->control->encoder !== null => [
                TurnRequest::NOT => 'ticks only',
                TurnRequest::ENDS => 'places with ends',
                TurnRequest::ROUND => 'places going round',
            ],
            default => [
                TurnRequest::NOT => 'positions only',
                TurnRequest::ENDS => 'ticks with ends',
                TurnRequest::ROUND => 'ticks going round',
            ],
        };
    }

    /** What the picked control gives by being used the other way. */
    public function turned(): string
    {
        $rotary = $this->control?->rotary();
        $isDial = $this->control?->encoder === null;

        return match (true) {
            $isDial && $rotary === null =>
                'Its positions can also be counted: one tick for each that is passed, so that the dial steps through '
                    .'something.',
            $isDial => 'Each position that is passed also gives a tick, + or −'.(
                $rotary->round ? ', the shorter way round.' : '.'
            ),
            $rotary === null =>
                'Its ticks can also move through places, like the positions of a dial: one is closed, a tick goes to '
                    .'the next.',
            default => 'Each tick also goes to the next of '
                .count($rotary->contacts)
                .' places, of which one is closed; it begins at the first'
                .(
                    $rotary->round ? '.' : ' and stops at the ends.'
                ),
        };
    }

    /** Can the picked control be taught as a switch? */
    public function canBeTaught(): bool
    {
        return $this->control !== null && $this->control->hat === null && $this->control->reported() !== [];
    }

    /** Has its owner said something of the control? */
    public function isNoted(Control $control): bool
    {
        return $this->place->set->merged->value(PartPath::control($control->ref)) !== null;
    }

    /** What is said of the positions of the picked control, one for each contact. */
    public function positions(): string
    {
        $rig = $this->place->set->rig;
        $words = [];
        foreach ($this->control?->positions() ?? [] as $contact) {
            $words[] = ($contact->name === '' ? 'it' : $contact->name).' is '.$rig->numberOf($contact->ref);
        }

        return $words === [] ? '' : ucfirst(implode(', ', $words)).'.';
    }

    /** @return list<array{AxisInput, Device}> every axis that can be measured, with its device */
    public function axes(): array
    {
        $axes = [];
        foreach ($this->place->set->rig->devices as $device) {
            foreach ($device->axes() as $axis) {
                $axes[] = [$axis, $device];
            }
        }

        return $axes;
    }

    /** How an axis is shaped as far as the device is concerned, in words. */
    public function shapedAs(AxisInput $axis): string
    {
        $shaping = $this->place->set->shapings[$axis->ref];

        return trim($shaping->calibration->inWords(false).' '.$shaping->steady->inWords($shaping->axis->centred));
    }

    /**
     * @return list<string> names of the parts that the open set itself says of an axis, so that the root set does not
     *    hold there
     */
    public function ownParts(AxisInput $axis): array
    {
        if ($this->place->edited->id === $this->place->record->id) {
            return [];
        }
        $parts = array_filter(
            AxisParts::shaping(),
            fn (string $part) => $this->place->saysItself(PartPath::axis($axis->ref, $part)),
        );

        return array_values(array_map(
            fn (string $part) => str_replace(
                ['_', 'calibrate', 'steady'],
                [' ', 'calibration', 'steadying'],
                $part,
            ),
            array_diff($parts, ['curve', 'range']),
        ));
    }

    /** The unit of the picked device that is in use. */
    public function unit(): Unit
    {
        return Memories::unit($this->device ?? throw new \LogicException('No device is picked.'));
    }

    /** Has the picked device something at its back that a hand moves? */
    public function hasBack(): bool
    {
        $onboard = $this->device?->onboard;

        return $this->device?->standIn === true && ($onboard?->unlock !== null || count($onboard->modes ?? []) > 1);
    }

    /** How the onboard memory of a device stands to the set, in words; empty if it has none. */
    public function stored(Device $device): string
    {
        if ($device->keeps() === null) {
            return 'keeps nothing itself';
        }
        [$standing, $parts] = Memories::standing($this->place->set, Memories::unit($device));

        return 'memory: '.$standing->inWords($parts);
    }
}
