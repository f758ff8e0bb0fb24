<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Macro;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\ConditionType;
use Nailrod\Core\Mapping\KeyLayout;

/** Steps that are played in time: presses, releases, taps, texts, waits. Once, or again and again while it is held. */
final readonly class Macro
{
    public const MOST_STEPS = 500;
    /** Steps of a macro whose texts have become keys. */
    public const MOST_PLAYED = 50_000;
    public const ONCE = 'once';
    public const WHILE_HELD = 'while held';
    public const FINISH = 'finish the round';
    public const STOP = 'stop';
    public const IGNORE = 'ignore';
    public const RESTART = 'restart';

    /**
     * @param list<MacroStep> $steps
     * @param bool            $repeats   again and again while it is held
     * @param bool            $stopsAtRelease or finishes the round
     * @param string          $again     what a second press does: IGNORE, RESTART or STOP
     * @param ?Condition      $when      judged when it is started; null: always
     * @param string          $about     what it is for; empty if nobody has said
     */
    private function __construct(
        public string $id,
        public string $name,
        public array $steps,
        public bool $repeats,
        public bool $stopsAtRelease,
        public string $again,
        public ?Condition $when,
        public string $about,
    ) {}

    /** What becomes of it in the course of a press; its form has these. */
    public static function howItPlays(): Fields
    {
        return Fields::of(
            Field::optional(
                self::ONCE,
                'plays',
                'Plays',
                Choice::said([self::ONCE => 'once', self::WHILE_HELD => 'again while held']),
                'Once, or again and again while it is held.',
            ),
            Field::optional(
                self::FINISH,
                'on_release',
                'Let go early',
                Choice::said([self::FINISH => 'finishes the round', self::STOP => 'stops at once']),
                'What becomes of it when it is let go of.',
            ),
            Field::optional(
                self::IGNORE,
                'on_second_press',
                'Pressed again',
                Choice::said([self::IGNORE => 'goes on', self::RESTART => 'starts anew', self::STOP => 'stops']),
                'What a second press does while it plays.',
            ),
        );
    }

    public static function fields(int $mostSteps = self::MOST_STEPS): Fields
    {
        return Fields::of(
            Field::required('name', 'Name', new Text(60), 'What it is called.'),
            Field::optional(
                null,
                'about',
                'What it is for',
                new Text(200),
                'What it is for, in words.',
                'Mail for three islands.',
            ),
            Field::required(
                'steps',
                'Steps',
                new Several(new StepType, 0, $mostSteps),
                'Its steps, one after the other.',
            ),
            ...array_values(self::howItPlays()->all),
            ...[
                Field::optional(
                    null,
                    'when',
                    'Works',
                    new ConditionType,
                    'What it depends on, judged when it is started.',
                    ['flag' => 'armed', 'is' => 'up'],
                ),
            ],
        );
    }

    /**
     * @param bool $isPlayed the steps are those of `played()`
     *
     * @throws FormatError with the place of what is wrong
     */
    public static function read(string $id, Node $node, bool $isPlayed = false): self
    {
        $given = self::fields($isPlayed ? self::MOST_PLAYED : self::MOST_STEPS)->read($node);
        $steps = $given->objects('steps', MacroStep::class);
        $repeats = $given->text('plays') === self::WHILE_HELD;
        $macro = new self(
            $id,
            $given->text('name'),
            $steps,
            $repeats,
            $given->text('on_release') === self::STOP,
            $given->text('on_second_press'),
            $given->object('when', Condition::class),
            $given->textOrNull('about') ?? '',
        );
        if ($repeats && array_filter($steps, fn (MacroStep $step) => $step->time > 0) === []) {
            throw $node->get('steps')->refuse('steps that take some time, since they are repeated');
        }

        return $macro;
    }

    /** @return array<string, mixed> the macro in the open format; what is usual is left out */
    public function toArray(): array
    {
        return ['name' => $this->name] + ($this->about === '' ? [] : ['about' => $this->about]) + [
            'steps' => array_map(fn (MacroStep $step) => $step->toArray(), $this->steps),
        ]
            + ($this->repeats ? ['plays' => self::WHILE_HELD] : [])
            + ($this->stopsAtRelease ? ['on_release' => self::STOP] : [])
            + ($this->again === self::IGNORE ? [] : ['on_second_press' => $this->again])
            + ($this->when === null ? [] : ['when' => $this->when->toArray()]);
    }

    /**
     * The macro as it is played: its texts have become keys.
     *
     * @param array<string, KeyLayout> $layouts by id
     */
    public function played(array $layouts): self
    {
        $steps = [];
        foreach ($this->steps as $step) {
            array_push($steps, ...$step->played($layouts));
        }

        return $this->withSteps($steps);
    }

    /** @param list<MacroStep> $steps */
    public function withSteps(array $steps): self
    {
        return new self(
            $this->id,
            $this->name,
            $steps,
            $this->repeats,
            $this->stopsAtRelease,
            $this->again,
            $this->when,
            $this->about,
        );
    }

    /**
     * How long one round takes, in µs.
     *
     * @param array<string, KeyLayout> $layouts by id
     */
    public function length(array $layouts = []): int
    {
        return array_sum(array_map(fn (MacroStep $step) => $step->length($layouts), $this->steps));
    }

    /** @return list<string> ids of the keyboard layouts that its texts are typed for */
    public function layouts(): array
    {
        return array_values(array_unique(array_filter(array_map(fn (MacroStep $step) => $step->layout, $this->steps))));
    }

    public function inWords(): string
    {
        return sprintf(
            '%d %s%s',
            count($this->steps),
            count($this->steps) === 1 ? 'step' : 'steps',
            $this->repeats ? ', while held' : '',
        );
    }
}
