<?php

declare(strict_types=1);

namespace App\Rig;

use Nailrod\Core\Engine\Hand\RigAtWork;
use Nailrod\Core\Engine\Live\LiveStep;
use Nailrod\Core\Engine\Live\Telling;
use Nailrod\Core\Engine\Simulator\GameEvent;
use Nailrod\Core\Engine\Tape\OutputWords;
use Nailrod\Core\Engine\Tape\Sentence;
use Nailrod\Core\Mapping\Output\OutputEvent;

/**
 * All eyes on the rig, and what they are told: first a whole picture, then what changed. What happens within a short
 * time is told together. The last ten seconds are kept, for an eye that was cut off.
 */
final class Subscribers
{
    public const KINDS = ['rows', 'game', 'tape', 'picture'];

    /** What is told in less than this is told together, in µs. */
    public const JOINED = 16_000;

    /**
     * Rows of one telling: the lanes show ten seconds, and who was away needs no more than what can be drawn of them.
     */
    public const MOST_ROWS = 2000;

    private const KEPT = 10_000_000;

    /** Bytes of what is kept; who missed more is told the whole picture. */
    private const MOST_KEPT = 4_194_304;

    /** Sheets of devices that one eye can look at. */
    private const MOST_SHEETS = 16;

    /** So many notices wait for a page. */
    private const MOST_UNHEARD = 5;

    /** @var list<string> notices that no page has shown yet */
    private array $unheard = [];

    /** @var array<string, Subscriber> by id */
    public array $all = [];

    /**
     * @var array<int, array{int, array<string, string>}> what was told: when, and each kind of it as JSON, by number
     */
    private array $told = [];

    private int $number = 0;

    private int $bytes = 0;

    private ?RigPicture $before = null;

    /** @var array<string, string> the sheet that was told last, by eye and device */
    private array $sheets = [];

    /** @var array{rows: list<array<string, mixed>>, game: list<array<string, mixed>>, tape: list<mixed>} */
    private array $waiting = ['rows' => [], 'game' => [], 'tape' => []];

    public function __construct(private readonly string $boot) {}

    /**
     * A new eye is told where it is, what is on, the whole picture, and the sheets that it looks at; one that comes
     * back what it has missed.
     *
     * @param string $last id of the event that it saw last; empty if it is new
     */
    public function open(Subscriber $eye, RigAtWork $work, RigPicture $picture, int $now, string $last = ''): void
    {
        // What has happened until now is not told to it, but in the picture.
        $this->flush($work, $picture, $now);
        $this->all[$eye->id] = $eye;
        $from = str_starts_with($last, $this->boot.'-') ? (int) substr($last, strlen($this->boot) + 1) : -1;
        $goesOn = $eye->panel === '' && $from >= 0 && $from <= $this->number && (
            $from === $this->number || isset($this->told[$from + 1])
        );
        ($eye->write)(self::event(
            'hello',
            self::json(['eye' => $eye->id, 'boot' => $this->boot, 'clock' => $now, 'whole' => ! $goesOn]),
        ));
        if (! $goesOn && in_array('rows', $eye->sees, true)) {
            // Whoever takes outputs holds on to nothing that the rig has let go of while it was away.
            $rows = array_map(
                fn (OutputEvent $event): array => self::row($event, new OutputWords($work->set)) + ['now' => true],
                $work->live->sentNow(),
            );
            ($eye->write)(self::event('rows', self::json($rows), $this->boot.'-'.$this->number));
        }
        if ($eye->panel !== '') {
            // What was told before was told to others; a panel that comes back is told the whole anew.
            ($eye->write)(self::event(
                'picture',
                self::json(
                    ['now' => $now, 'whole' => true] + PanelSight::of($work->set, $eye)->in($picture->whole()),
                ),
            ));
        } elseif ($goesOn) {
            for ($number = $from + 1; $number <= $this->number; $number++) {
                ($eye->write)($this->frames($eye, $this->told[$number][1], $number));
            }
        } elseif (in_array('picture', $eye->sees, true)) {
            ($eye->write)(self::event(
                'picture',
                self::json(['now' => $now, 'whole' => true] + $picture->whole()),
                $this->boot.'-'.$this->number,
            ));
        }
        $this->sheet($eye, $work, true);
        $unheard = $this->unheard;
        $this->unheard = [];
        $this->notice(...$unheard);
    }

    public function close(Subscriber $eye): void
    {
        unset($this->all[$eye->id]);
        $this->sheets = array_filter(
            $this->sheets,
            fn (string $key): bool => ! str_starts_with($key, $eye->id.' '),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** Sentences that every page shows for a while; where there is none, the next one that comes. */
    public function notice(string ...$said): void
    {
        if ($this->all === []) {
            $this->unheard = array_slice([...$this->unheard, ...array_values($said)], -self::MOST_UNHEARD);
        }
        foreach ($said as $one) {
            $this->say('said', ['said' => $one]);
        }
    }

    /** Something that all eyes are told, whatever they see; a panel only that the rig is there. */
    public function say(string $kind, mixed $what): void
    {
        $event = self::event($kind, self::json($what));
        foreach ($this->all as $eye) {
            if ($eye->panel === '' || $kind === 'beat') {
                ($eye->write)($event);
            }
        }
    }

    /**
     * What a step gave waits until it is told.
     *
     * @param string $by name of the hand that did it; empty if that need not be said
     */
    public function keep(LiveStep $step, RigAtWork $work, string $by = ''): void
    {
        $words = new OutputWords($work->set);
        foreach ($step->outputs as $event) {
            $this->waiting['rows'][] = self::row($event, $words) + (
                Telling::isLampByItself($event) ? ['by_itself' => true] : []
            );
        }
        foreach ($step->game as $event) {
            // A key that its window takes changes nothing in it: the line of the tape says so.
            if ($event->variable !== GameEvent::TAKEN) {
                $this->waiting['game'][] = $this->game($event, $words);
            }
        }
        foreach ($step->sentences as $line) {
            $this->waiting['tape'][] = $this->line($line, $by);
        }
        $this->waiting['rows'] = self::latest(
            $this->waiting['rows'],
            fn (array $row): string => $row['kind'].' '.$row['target'],
        );
        $this->waiting['game'] = self::latest($this->waiting['game'], fn (array $row): string => $row['variable']);
        foreach ($step->problems as $problem) {
            $this->waiting['tape'][] = $this->line(
                new Sentence($work->latest(), '', [$problem], false, []),
                $by,
            ) + ['problem' => true];
        }
    }

    /** Everything that has changed since the last time is told. */
    public function flush(RigAtWork $work, RigPicture $picture, int $now): void
    {
        $parts = array_map(self::json(...), array_filter($this->waiting, fn (array $rows): bool => $rows !== []));
        $clock = ['now' => $now, 'due' => $work->live->nextDue(), 'moving' => $work->live->isGameMoving()];
        $changes = $this->before === null ? $picture->whole() : $picture->since($this->before);
        if ($parts !== [] || $changes !== []) {
            $parts['picture'] = self::json($clock + $changes);
        }
        $this->waiting = ['rows' => [], 'game' => [], 'tape' => []];
        $this->before = $picture;
        if ($parts !== []) {
            $this->told[++$this->number] = [$now, $parts];
            $this->bytes += strlen(implode('', $parts));
        }
        while (($oldest = array_key_first($this->told)) !== null && (
            $this->told[$oldest][0] < $now - self::KEPT || $this->bytes > self::MOST_KEPT
        )) {
            $this->bytes -= strlen(implode('', $this->told[$oldest][1]));
            unset($this->told[$oldest]);
        }
        $frames = [];
        foreach ($this->all as $eye) {
            $frame = $frames[$eye->sort()] ??= $eye->panel === ''
                ? $this->frames($eye, $parts, $this->number)
                : self::toPanel(
                    $clock,
                    PanelSight::of($work->set, $eye)->in($changes),
                );
            if ($frame !== '') {
                ($eye->write)($frame);
            }
            $this->sheet($eye, $work, false);
        }
    }

    /** The sheet that an eye looks at, if it is another than it was. */
    public function sheet(Subscriber $eye, RigAtWork $work, bool $isNew): void
    {
        foreach ($eye->look === '' ? [] : array_slice(explode(',', $eye->look), 0, self::MOST_SHEETS) as $device) {
            $sheet = self::json(SurveyPicture::sheet($work->live->state->survey, $device, $work->set));
            if ($isNew || ($this->sheets[$eye->id.' '.$device] ?? '') !== $sheet) {
                $this->sheets[$eye->id.' '.$device] = $sheet;
                ($eye->write)(self::event('sheet', $sheet));
            }
        }
    }

    /** @return array{t: int, kind: string, target: string, value: int|float|string, name: string} */
    private static function row(OutputEvent $event, OutputWords $words): array
    {
        return [
            't' => $event->t,
            'kind' => $event->kind,
            'target' => $event->target,
            'value' => $event->value,
            'name' => $words->nameOf($event),
        ];
    }

    /**
     * Of too many rows the latest, and of those before them the last of each that it is about: how it ends is always
     * told.
     *
     * @param list<array<string, mixed>>             $rows
     * @param \Closure(array<string, mixed>): string $of   what a row is about
     *
     * @return list<array<string, mixed>>
     */
    private static function latest(array $rows, \Closure $of): array
    {
        if (count($rows) <= self::MOST_ROWS) {
            return $rows;
        }
        $late = array_slice($rows, -intdiv(self::MOST_ROWS, 2));
        $before = [];
        foreach (array_slice($rows, 0, -intdiv(self::MOST_ROWS, 2)) as $row) {
            unset($before[$of($row)]);
            $before[$of($row)] = $row;
        }

        return [...array_values($before), ...$late];
    }

    /** @param array<string, string> $parts */
    private function frames(Subscriber $eye, array $parts, int $number): string
    {
        $frames = '';
        foreach (self::KINDS as $kind) {
            if (isset($parts[$kind]) && in_array($kind, $eye->sees, true)) {
                $frames .= self::event($kind, $parts[$kind], $this->boot.'-'.$number);
            }
        }

        return $frames;
    }

    /**
     * @param array<string, mixed> $clock
     * @param array<string, mixed> $changes that the panel may see
     */
    private static function toPanel(array $clock, array $changes): string
    {
        return $changes === [] ? '' : self::event('picture', self::json($clock + $changes));
    }

    /** @return array<string, mixed> */
    private function line(Sentence $line, string $by): array
    {
        return [
            't' => $line->t,
            'about' => $line->about,
            'parts' => $line->parts,
            'ends' => $line->ends,
            'keys' => $line->keys,
            'game' => $line->game,
            'line' => $line->line,
            'of' => $line->of,
        ] + ($by === '' ? [] : ['by' => $by]);
    }

    /** @return array<string, mixed> */
    private function game(GameEvent $event, OutputWords $words): array
    {
        return [
            't' => $event->t,
            'variable' => $event->variable,
            'value' => $event->value,
            ...$words->game($event),
            'by' => $event->by?->key(),
        ];
    }

    private static function event(string $kind, string $data, string $id = ''): string
    {
        return ($id === '' ? '' : 'id: '.$id."\n").'event: '.$kind."\ndata: ".$data."\n\n";
    }

    private static function json(mixed $value): string
    {
        return json_encode(
            $value,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
