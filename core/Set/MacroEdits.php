<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Macro\Bar;
use Nailrod\Core\Mapping\Macro\Macro;
use Nailrod\Core\Mapping\Macro\Timeline;
use Nailrod\Core\Mapping\Output\NamesPart;

/** What a person does to the macros of a set. */
final readonly class MacroEdits
{
    use SaysParts;

    /** @param array<string, KeyLayout> $layouts that are at hand, by id */
    public function __construct(private BindingSet $set, private array $layouts) {}

    public function add(string $name): SetDocument
    {
        return $this->own()->with(PartPath::macro($this->freeId($name)), ['name' => $name, 'steps' => []]);
    }

    /** The id that a new macro of this name gets. */
    public function freeId(string $name): string
    {
        return $this->free($name, $this->set->macros, 'macro');
    }

    /** @param array<string, mixed> $fields of a macro in the open format, but its steps; null takes one away */
    public function say(string $id, array $fields): SetDocument
    {
        return $this->put(
            $id,
            array_filter($fields + $this->macro($id)->toArray(), fn (mixed $value) => $value !== null),
        );
    }

    public function copy(string $id): SetDocument
    {
        $macro = $this->macro($id);
        $name = mb_strimwidth($macro->name, 0, 53).' copy';

        return $this->put($this->free($name, $this->set->macros), ['name' => $name] + $macro->toArray());
    }

    /** Takes a macro away, and what plays, starts and stops it. */
    public function remove(string $id): SetDocument
    {
        $this->macro($id);

        return (new Removal($this->set))->of(Gone::part(NamesPart::MACRO, $id));
    }

    /** One more bar after all others, or where it says. */
    public function addBar(string $id, Bar $bar): SetDocument
    {
        return $this->line($id, fn (Timeline $line) => $line->with($bar));
    }

    /**
     * What was recorded from the rig, in the place of all that the macro did.
     *
     * @param list<Bar> $bars
     */
    public function record(string $id, array $bars): SetDocument
    {
        return $this->line($id, fn (): Timeline => Timeline::from((new Recorded($this->set))->bars($bars)));
    }

    /**
     * The bars of a recording, after all that the macro does already.
     *
     * @param list<Bar> $bars
     */
    public function addBars(string $id, array $bars): SetDocument
    {
        return $this->line($id, function (Timeline $line) use ($bars): Timeline {
            $from = $line->length;
            foreach ((new Recorded($this->set))->bars($bars) as $bar) {
                $line = $line->with($bar->at($from + $bar->from, $from + $bar->to));
            }

            return $line;
        });
    }

    /** @param int $from in µs, and so is $to */
    public function moveBar(string $id, int $index, int $from, int $to): SetDocument
    {
        return $this->line($id, fn (Timeline $line) => $line->moved($this->index($line, $index), $from, $to));
    }

    public function removeBar(string $id, int $index): SetDocument
    {
        return $this->line($id, fn (Timeline $line) => $line->without($this->index($line, $index)));
    }

    /** Another text, layout or speed in the place of one. */
    public function retype(string $id, int $index, string $text, string $layout, int $width): SetDocument
    {
        return $this->line($id, function (Timeline $line) use ($index, $text, $layout, $width): Timeline {
            $before = $line->bars[$this->index($line, $index)];
            $pause = $line->pause();

            return $line->without($index)->with($this->typing($text, $layout, $width, $before->from))->lasting($pause);
        });
    }

    /**
     * A text as a bar, which takes as long as its keys do.
     *
     * @throws FormatError
     */
    public function typing(string $text, string $layout, int $width, int $from): Bar
    {
        $known = $this->layouts[$layout] ?? throw FormatError::at(
            'layout',
            $layout,
            'a keyboard layout that is at hand: '.implode(', ', Keys::of($this->layouts)),
        );

        return Bar::typing($text, $layout, $width, $from, $from + 2 * $width * count($known->strokes($text)));
    }

    /** @param int $pause at the end, in µs */
    public function pause(string $id, int $pause): SetDocument
    {
        return $this->line($id, fn (Timeline $line) => $line->lasting($pause));
    }

    /** Where a bar comes that is added without a place: at the end. */
    public function end(string $id): int
    {
        return Timeline::of($this->macro($id), $this->layouts)->length;
    }

    /** @param callable(Timeline): Timeline $change */
    private function line(string $id, callable $change): SetDocument
    {
        $macro = $this->macro($id);
        $macro = $macro->withSteps($change(Timeline::of($macro, $this->layouts))->steps());
        $own = $this->put($id, $macro->toArray());
        foreach ($macro->steps as $step) {
            $own = $step->output === null ? $own : (new Edits($this->set))->withWay($own, $step->output);
        }

        return $own;
    }

    /** @param array<string, mixed> $macro */
    private function put(string $id, array $macro): SetDocument
    {
        return $this->own()->with(PartPath::macro($id), $macro);
    }

    private function macro(string $id): Macro
    {
        return $this->set->macros[$id] ?? throw FormatError::at('macros', $id, 'a macro of the set');
    }

    private function index(Timeline $line, int $index): int
    {
        return isset($line->bars[$index]) ? $index : throw FormatError::at(
            'macros',
            $index,
            'the number of a bar, 0 to '.(count($line->bars) - 1),
        );
    }
}
