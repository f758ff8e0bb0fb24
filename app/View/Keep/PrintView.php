<?php

declare(strict_types=1);

namespace App\View\Keep;

use App\Models\PrintRecord;
use App\View\Place;
use Illuminate\Support\HtmlString;
use Nailrod\Core\Exchange\Print\Ink;
use Nailrod\Core\Exchange\Print\KneeCard;
use Nailrod\Core\Exchange\Print\Label;
use Nailrod\Core\Exchange\Print\Labels;
use Nailrod\Core\Exchange\Print\LabelSheet;
use Nailrod\Core\Exchange\Print\PrintPage;
use Nailrod\Core\Exchange\Print\SetListPage;
use Nailrod\Core\Exchange\Print\SincePrinted;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\PartPath;

/** The Print place: what comes on paper, as it comes; what does not fit, and what has changed since it was printed. */
final readonly class PrintView
{
    public PrintAsked $asked;

    /** @var list<PrintPage> */
    public array $pages;

    /** @var list<string> what does not fit, and what to do */
    public array $problems;

    /** @var array<string, string> all that is said, to be compared with what was printed */
    public array $says;

    public ?PrintRecord $printed;

    public ?SincePrinted $since;

    /** How many labels have the owner's words, since the others had no room. */
    public int $shortened;

    /** @param array<string, mixed> $asked what the address asks for */
    public function __construct(public Place $place, array $asked)
    {
        $this->asked = new PrintAsked($place->set, $asked, $place->notHere);
        $this->printed = PrintRecord::query()
            ->where('set_id', $place->record->id)
            ->where('what', $this->asked->remembered())
            ->first();
        if ($this->asked->what === PrintAsked::LABELS) {
            $place->picked->device = $this->asked->device->id ?? '';
            $labels = $this->asked->device === null ? [] : Labels::of(
                $place->set,
                $this->asked->device,
                $this->asked->wish(),
            );
            $this->says = array_combine(
                array_map(fn (Label $label) => $label->ref, $labels),
                array_map(fn (Label $label) => $label->says(), $labels),
            );
            $this->since = $this->printed === null ? null : SincePrinted::of($this->printed->says, $this->says);
            $again = array_flip($this->since?->again() ?? []);
            $wanted = $this->asked->isChanged && $this->since !== null ? array_values(
                array_filter($labels, fn (Label $label) => isset($again[$label->ref])),
            ) : $labels;
            $this->problems = array_values(array_filter(array_map(fn (Label $label) => $label->problem(), $wanted)));
            $this->shortened = count(array_filter($wanted, fn (Label $label) => $label->isShortened()));
            $this->pages = LabelSheet::of(
                $wanted,
                $place->record->name.' · '.($this->asked->device?->title() ?? ''),
                $this->asked->sheet(),
                $this->asked->height,
            );

            return;
        }
        $paper = $this->asked->sheet() ?? throw new \LogicException('Only labels are on tape.');
        $printed = $this->asked->what === PrintAsked::CARD ? new KneeCard(
            $place->set,
            $paper,
            $this->asked->isApart,
            $this->asked->isLarge,
        ) : new SetListPage($place->set, $paper, $this->asked->isLarge);
        $this->pages = $printed->pages();
        $this->says = $printed->says();
        $this->since = $this->printed === null ? null : SincePrinted::of($this->printed->says, $this->says);
        $this->problems = [];
        $this->shortened = 0;
    }

    /** Which letters the font does not have, in a sentence; empty if it has all. */
    public function lacking(): string
    {
        $lacking = array_values(
            array_unique(array_merge(...array_map(fn (PrintPage $page): array => $page->lacking(), $this->pages))),
        );

        return $lacking === [] ? '' : sprintf(
            'The font of the labels has no %s%s. A font of this computer draws %s, as large as there is room.',
            implode(' ', array_slice($lacking, 0, 20)),
            count($lacking) > 20 ? ' and '.(count($lacking) - 20).' more' : '',
            count($lacking) === 1 ? 'it' : 'them',
        );
    }

    /** The drawing of a page, from 1 on; null if there is no such page. */
    public function drawing(int $page): ?HtmlString
    {
        return isset($this->pages[$page - 1]) ? new HtmlString(
            $this->pages[$page - 1]->svg((new Ink(! $this->asked->isBlack))->on((string) $page)),
        ) : null;
    }

    /** @return array<string, string> names of the devices that can have labels, by id */
    public function devices(): array
    {
        return array_map(fn (Device $device) => $device->title(), PrintAsked::printable($this->place->set));
    }

    /** What has changed since it was printed, in a sentence; empty if it was not printed. */
    public function changed(): string
    {
        [$one, $many] = $this->asked->what === PrintAsked::LABELS ? ['label', 'labels'] : ['line', 'lines'];

        return $this->printed === null || $this->since === null ? '' : $this->since->inWords(
            $this->printed->updated_at->format('Y-m-d H:i'),
            $one,
            $many,
        );
    }

    /** How large the device is said to be; null if it is as it is drawn. */
    public function size(): ?string
    {
        $part = $this->asked->device === null ? null : PartPath::size($this->asked->device->id);
        $said = $part === null ? null : $this->place->set->merged->value($part);

        return $part === null || $said === null ? null : $this->place->words->value(
            new \Nailrod\Core\Set\PartValue($part, $said),
        );
    }

    /** @return array<string, string> names of the controls of the device, by id */
    public function controls(): array
    {
        $names = [];
        foreach ($this->asked->device->controls ?? [] as $control) {
            $names[$control->id()] = $control->name;
        }

        return $names;
    }

    /**
     * The address of this place as it is asked for, or of something beside it.
     *
     * @param array<string, string> $more
     */
    public function link(string $route = 'print', array $more = []): string
    {
        return route($route, ['set' => $this->place->record->id] + $more + $this->asked->toArray());
    }
}
