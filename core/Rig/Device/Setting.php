<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Scalar;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Type;
use Nailrod\Core\Format\Type\YesNo;

/** Something about a device that can be set: its centring spring, how far it turns, how bright its lamps are. */
final readonly class Setting
{
    /** How far a wheel turns lock to lock, in degrees. */
    public const ROTATION = 'rotation';
    /** The force with which it goes back to its middle, in percent. */
    public const SPRING = 'spring';
    /** The force of the end-stop beyond the rotation, in percent. */
    public const END_STOP = 'end-stop';
    /** Of its lamps, in percent. */
    public const BRIGHTNESS = 'brightness';
    /** How long a change that follows another one does not count, in ms. */
    public const DEBOUNCE = 'debounce';
    /** Of a touch panel: the id of the panel of the set that it shows. */
    public const PANEL = 'panel';
    /** How many inputs are wired. */
    public const WIRED = 'wired';

    private const NUMBER = 'number';
    private const CHOICE = 'choice';
    private const ON_OFF = 'on-off';
    private const COLOUR = 'colour';

    /** Of a panel, by its id; no device file has it. */
    private const ID = 'id';

    /** Of a lamp that is dark. */
    private const DARK = 'off';

    /**
     * @param list<string>          $choices of a choice
     * @param bool|float|int|string $usual   what it is if nobody says anything
     * @param ?string               $needs   the least firmware that knows it; null: any
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $unit,
        public float $least,
        public float $most,
        public float $step,
        public array $choices,
        public bool|float|int|string $usual,
        public ?string $needs,
    ) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required(
                'id',
                'Id',
                new NewId('rotation'),
                'Its own name on the device. Some are known: rotation (degrees lock to lock), spring and end-stop '
                    .'(percent), brightness (percent), debounce (ms), wired (inputs).',
            ),
            Field::required('name', 'Name', new Text(60), 'What it is called.', 'Rotation'),
            Field::required(
                'kind',
                'Kind',
                Choice::of(self::NUMBER, self::CHOICE, self::ON_OFF, self::COLOUR),
                'What can be said of it.',
            ),
            Field::optional('', 'unit', 'Unit', new Text(12, true), 'Of a number: what it counts.', '°'),
            Field::optional(0, 'least', 'Least', new Number, 'Of a number: the least.', 180),
            Field::optional(100, 'most', 'Most', new Number, 'Of a number: the most.', 1080),
            Field::optional(
                1,
                'step',
                'Step',
                new Number(0.001, 1e6),
                'Of a number: it goes by steps of this, from the least on.',
                10,
            ),
            Field::optional(
                [],
                'choices',
                'Choices',
                new Several(new Text(40), 0, 40, true, 'choices, each once'),
                'Of a choice: what it can be.',
                ['16', '24', '40'],
            ),
            Field::required('usual', 'Usual', new Scalar, 'What it is if nobody says anything.', 1080),
            Field::optional(null, 'needs', 'Needs', new Version, 'The least firmware that knows it.', '2.6'),
        );
    }

    public static function type(): Thing
    {
        return new Thing(self::fields(), 'a setting', self::read(...));
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);
        $kind = $given->text('kind');
        if ($kind === self::CHOICE && $given->texts('choices') === []) {
            throw $given->refuse('choices', 'one choice or more');
        }
        if ($kind === self::NUMBER && $given->number('least') > $given->number('most')) {
            throw $given->refuse('least', 'no more than the most');
        }
        $usual = $node->get('usual')->value;
        assert(is_scalar($usual));
        $setting = new self(
            $given->text('id'),
            $given->text('name'),
            $kind,
            self::unitOf($given),
            $given->number('least'),
            $given->number('most'),
            $given->number('step'),
            $given->texts('choices'),
            $usual,
            $given->textOrNull('needs'),
        );
        $setting->value($node->get('usual'));

        return $setting;
    }

    private static function unitOf(FieldValues $given): string
    {
        return $given->text('unit');
    }

    /** The panel that a touch panel shows, which its set has. */
    public static function ofPanel(): self
    {
        return new self(self::PANEL, 'Panel', self::ID, '', 0, 0, 1, [], '', null);
    }

    /** What can be said of it. */
    public function said(): Type
    {
        return match ($this->kind) {
            self::NUMBER => new Number($this->least, $this->most, $this->unit),
            self::CHOICE => Choice::of(...$this->choices),
            self::COLOUR => Choice::of(self::DARK, ...Lamp::COLOURS),
            self::ID => new Text(60),
            default => new YesNo,
        };
    }

    public function isOnOff(): bool
    {
        return $this->kind === self::ON_OFF;
    }

    /** @return array<string, string> what it can be, by what stands in the file; empty for a number */
    public function words(): array
    {
        $type = $this->said();

        return $type instanceof Choice ? $type->words : [];
    }

    public function isNumber(): bool
    {
        return $this->kind === self::NUMBER;
    }

    /**
     * A value as it stands in a file.
     *
     * @throws FormatError if it cannot be this
     */
    public function value(Node $node): bool|float|int|string
    {
        $value = $this->said()->read($node);
        if (! is_float($value)) {
            return is_bool($value) || is_string($value) ? $value : throw $node->refuse($this->said()->inWords());
        }
        $steps = ($value - $this->least) / $this->step;
        if (abs($steps - round($steps)) > 1e-6) {
            throw $node->refuse(sprintf(
                'a number from %s on in steps of %s',
                json_encode($this->plain($this->least)),
                json_encode($this->plain($this->step)),
            ));
        }

        return $this->plain($value);
    }

    /** "480 °", "on", "green". */
    public function inWords(bool|float|int|string $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'on' : 'off',
            is_string($value) => $value,
            default => trim(json_encode($value).' '.$this->unit),
        };
    }

    /** Does a firmware know it? */
    public function isKnownTo(?string $firmware): bool
    {
        return $this->needs === null || ! Version::isOlder($firmware, $this->needs);
    }

    private function plain(float $number): int|float
    {
        return floor($number) === $number ? (int) $number : $number;
    }
}
