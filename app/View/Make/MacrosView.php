<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Forms\Choices;
use App\Forms\FieldInput;
use App\Forms\KindForm;
use App\Forms\Offered;
use App\Forms\Options;
use App\Memory\Memories;
use App\Sets\Layouts;
use App\View\ConditionChoices;
use App\View\Origin;
use App\View\Place;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\Timeline;
use Nailrod\Core\Mapping\Output\ActionOutput;
use Nailrod\Core\Mapping\Output\LetGo;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Set\MacroUse;
use Nailrod\Core\Set\OutputUse;
use Nailrod\Core\Set\PartPath;

/** The Macros place: all macros of the set, and one of them as bars on a time line. */
final readonly class MacrosView
{
    /** Height of a lane of the drawing, in px. */
    public const LANE = 30;

    /** The macro that is picked; null if the set has none. */
    public ?Macro $macro;

    public Timeline $line;

    /** @var array<string, string> keyboard layouts by id, by name */
    public array $layouts;

    public MacroUse $use;

    public function __construct(public Place $place, string $macro)
    {
        $this->layouts = Layouts::names();
        $this->macro = $place->set->macros[$macro] ?? (array_values($place->set->macros)[0] ?? null);
        $place->notHere->ask('macro', $macro, isset($place->set->macros[$macro]), $this->macro->name ?? '');
        $this->line = $this->macro === null ? Timeline::from([]) : Timeline::of($this->macro, $place->set->layouts);
        $this->use = new MacroUse($place->set);
    }

    public function origin(): ?Origin
    {
        return $this->macro === null ? null : $this->place->originOf(PartPath::macro($this->macro->id));
    }

    /** How long a macro takes: "240 ms", "3.2 s". */
    public function time(int $us): string
    {
        return $us < 1_000_000 ? json_encode($us / 1000).' ms' : round($us / 1_000_000, 2).' s';
    }

    public function timeOf(Macro $macro): string
    {
        return $this->time($macro->length($this->place->set->layouts));
    }

    /** @return list<array{name: string, bars: array<int, Bar>}> one lane for each output, one for all texts */
    public function lanes(): array
    {
        $lanes = [];
        foreach ($this->line->bars as $i => $bar) {
            $name = $bar->output === null ? 'types' : $this->place->words->output($bar->output);
            $lanes[$name] ??= ['name' => $name, 'bars' => []];
            $lanes[$name]['bars'][$i] = $bar;
        }

        return array_values($lanes);
    }

    /** Time that the drawing shows, in µs: somewhat more than the macro takes, so that there is room to drag. */
    public function shown(): int
    {
        return max(200_000, (int) round(1.15 * $this->line->length));
    }

    /** @return list<int> times of the grid in µs, about eight of them */
    public function grid(): array
    {
        $step = 10_000;
        foreach ([20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000, 20_000, 50_000, 100_000] as $ms) {
            $step = $this->shown() / $step > 9 ? 1000 * $ms : $step;
        }

        return range(0, intdiv($this->shown(), $step) * $step, $step);
    }

    /** A place on the time line in percent of its width. */
    public function across(int $us): string
    {
        return round(100 * $us / $this->shown(), 3).'%';
    }

    public function nameOf(Bar $bar): string
    {
        return $bar->output === null ? '“'
            .str_replace("\n", '↵', $bar->text)
            .'”'
            : $this->place->words->output($bar->output);
    }

    /** @return list<string> which devices that play the macro cannot keep it, and why */
    public function leftOut(): array
    {
        $sentences = [];
        $played = array_fill_keys(
            array_map(
                fn (array $use) => explode('/', $use['ref'])[0],
                $this->macro === null ? [] : $this->use->of($this->macro->id),
            ),
            true,
        );
        foreach (array_intersect_key($this->place->set->rig->devices, $played) as $device) {
            $why = $device->keeps() === null || $this->macro === null ? null : DeviceMapping::of(
                $this->place->set,
                Memories::unit($device)->device,
            )->macros[$this->macro->id] ?? null;
            if ($why !== null) {
                $sentences[] = $device->name.' cannot keep it: '.$why.'.';
            }
        }

        return $sentences;
    }

    /** What the macro depends on, and can be made to. */
    public function conditions(): ConditionChoices
    {
        return new ConditionChoices($this->place->set, $this->macro?->when);
    }

    public function fieldInput(): FieldInput
    {
        return new FieldInput(new Choices($this->place->set), class: 'field');
    }

    /** What a step can press; a text is typed by a step of its own. */
    public function outputForm(): KindForm
    {
        $own = array_diff_key(Outputs::ofContacts(), [LetGo::kind() => 0]);
        $action = $this->place->set->catalogue === null ? [] : [ActionOutput::kind() => ActionOutput::class];

        return new KindForm(
            $own + $action,
            Offered::all(),
            'output',
            'does',
            new FieldInput(new Choices($this->place->set)),
            ['type' => 'a text to type'],
        );
    }

    /**
     * @return array<string, array<string, mixed>> what the fields of something new begin with, by kind, then by field
     */
    public function begins(): array
    {
        return Options::begins(new OutputUse($this->place->set));
    }
}
