<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Macro;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Mapping\Output\ContactOutput;
use Nailrod\Core\Mapping\Output\MeansAction;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;

/**
 * One step of a macro: an output is pressed, released, or tapped for a while; a text is typed; or nothing but a wait.
 */
final readonly class MacroStep
{
    public const PRESS = 'press';
    public const RELEASE = 'release';
    public const TAP = 'tap';
    public const WAIT = 'wait';
    public const TYPE = 'type';
    public const TAP_MS = 30.0;
    public const KEY_MS = 20.0;
    public const LONGEST_TEXT = 500;

    /**
     * @param ?Output $output of a press, a release and a tap
     * @param int     $time   that passes until the next step, in µs: the width of a tap, the
     *                        length of a wait; of a text, how
     *                        long each of its keys is down, and up before the next
     * @param string  $text   that is typed
     * @param string  $layout id of the keyboard layout for which it is typed
     */
    private function __construct(
        public string $does,
        public ?Output $output,
        public int $time,
        public string $text = '',
        public string $layout = '',
    ) {}

    public static function press(Output $output): self
    {
        return new self(self::PRESS, $output, 0);
    }

    public static function release(Output $output): self
    {
        return new self(self::RELEASE, $output, 0);
    }

    /** @param int $width in µs */
    public static function tap(Output $output, int $width): self
    {
        return new self(self::TAP, $output, $width);
    }

    /** The same step with another output. */
    public function driving(Output $output): self
    {
        return new self($this->does, $output, $this->time, $this->text, $this->layout);
    }

    /** @param int $time in µs */
    public static function wait(int $time): self
    {
        return new self(self::WAIT, null, $time);
    }

    /** @param int $width how long each key is down, and up before the next, in µs */
    public static function type(string $text, string $layout, int $width): self
    {
        return new self(self::TYPE, null, $width, $text, $layout);
    }

    /** @return array<string, mixed> in JSON Schema */
    public static function schema(): array
    {
        $output = ['output' => ['description' => 'What is pressed or let go of.', '$ref' => '#/$defs/output']];
        $ms = fn (string $help, float $least, float $most): array => [
            'ms' => ['description' => $help] + Number::ms($least, $most)->schema(),
        ];
        $step = fn (string $about, array $does, array $fields, array $may = []): array => [
            'description' => $about, 'type' => 'object', 'properties' => ['do' => ['enum' => $does]]
                + $fields
                + $may, 'required' => ['do', ...array_keys($fields)], 'additionalProperties' => false,
        ];

        return ['oneOf' => [
            $step('Presses something, or lets go of it.', [self::PRESS, self::RELEASE], $output),
            $step('Presses something for a while.', [self::TAP], $output, $ms('How long it is on.', 1, 600_000)),
            $step('Waits.', [self::WAIT], $ms('How long.', 0, 600_000)),
            $step(
                'Types a text.',
                [self::TYPE],
                [
                    'text' => [
                        'description' => 'What is typed; a new line is Enter.',
                    ] + (new Text(self::LONGEST_TEXT))->schema(),
                    'layout' => [
                        'description' => 'Id of the keyboard layout for which it is typed.',
                        '$ref' => '#/$defs/id',
                    ],
                ],
                $ms('How long each key is down, and up before the next.', 1, 1000),
            ),
        ]];
    }

    /** @throws FormatError */
    public static function read(Node $node): self
    {
        $does = $node->get('do')->oneOf([self::PRESS, self::RELEASE, self::TAP, self::WAIT, self::TYPE]);
        $node->only(['do', ...match ($does) {
            self::WAIT => ['ms'],
            self::TAP => ['output', 'ms'],
            self::TYPE => ['text', 'layout', 'ms'],
            default => ['output'],
        }]);
        if ($does === self::WAIT) {
            return self::wait(self::us($node->get('ms')->number(0, 600_000)));
        }
        if ($does === self::TYPE) {
            return self::type(
                self::text($node->get('text')),
                $node->get('layout')->id(),
                self::us($node->maybe('ms')?->number(1, 1_000) ?? self::KEY_MS),
            );
        }
        $output = Outputs::read($node->get('output'));
        if (! $output instanceof MeansAction && (
            ! $output instanceof ContactOutput || (! $output->isHeld() && $does !== self::TAP)
        )) {
            throw $node->get('output')->refuse(
                $does === self::TAP ? 'an output that a contact can drive' : 'an output that can be held',
            );
        }

        return new self(
            $does,
            $output,
            $does === self::TAP ? self::us($node->maybe('ms')?->number(1, 600_000) ?? self::TAP_MS) : 0,
        );
    }

    /** @return array<string, mixed> the step in the open format */
    public function toArray(): array
    {
        return ['do' => $this->does]
            + ($this->output === null ? [] : ['output' => $this->output->toArray()])
            + ($this->does === self::TYPE ? ['text' => $this->text, 'layout' => $this->layout] : [])
            + ($this->output === null || $this->does === self::TAP ? ['ms' => self::ms($this->time)] : []);
    }

    /**
     * What is played: a text as its keys, one after the other; any other step as it is.
     *
     * @param array<string, KeyLayout> $layouts by id
     *
     * @return list<self>
     */
    public function played(array $layouts): array
    {
        if ($this->does !== self::TYPE) {
            return [$this];
        }
        $steps = [];
        foreach (($layouts[$this->layout] ?? null)?->strokes($this->text) ?? [] as $stroke) {
            array_push($steps, self::tap($stroke, $this->time), self::wait($this->time));
        }

        return $steps;
    }

    /**
     * How long it takes, in µs.
     *
     * @param array<string, KeyLayout> $layouts by id
     */
    public function length(array $layouts): int
    {
        return array_sum(array_map(fn (self $step) => $step->time, $this->played($layouts)));
    }

    private static function text(Node $node): string
    {
        $text = str_replace(["\r\n", "\r"], "\n", $node->string(self::LONGEST_TEXT));
        if (preg_match('/[^\P{C}\n\t]/u', $text) === 1) {
            throw $node->refuse('a text of characters that can be seen, spaces, tabs and line ends');
        }

        return $text;
    }

    private static function us(float $ms): int
    {
        return (int) round(1000 * $ms);
    }

    private static function ms(int $us): float|int
    {
        return $us % 1000 === 0 ? intdiv($us, 1000) : $us / 1000;
    }
}
