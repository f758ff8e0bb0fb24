<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;

/** A place on the travel that holds the value of one or more axes until it is opened. */
final readonly class Stop
{
    public const REARM = 0.005;
    public const PATIENCE_MS = 3000;

    /**
     * @param list<string> $axes     references of the axes it holds
     * @param float        $at       its place on the shaped value, 0..1
     * @param float        $rearm    how far below (above) its place a drawn-back value shuts it, 0..1
     * @param int          $patience how long an open stop waits for the value to go past, in µs; 0: for ever
     */
    private function __construct(
        public string $id,
        public string $name,
        public array $axes,
        public float $at,
        public Side $side,
        public Opening $opening,
        public float $rearm,
        public int $patience,
    ) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('name', 'Name', new Text(60), 'What it is called.', 'Cruise'),
            Field::required('at', 'Holds at', Number::at(), 'Its place on the shaped value.', 0.92),
            Field::required(
                'opens',
                'Opens',
                Choice::of(...array_column(Opening::cases(), 'value')),
                'How it is opened: while it is held, until the value is drawn back, by each press in turn, or shut '
                    .'while it is held.',
                Opening::UntilDrawnBack->value,
            ),
            Field::optional(
                Side::Above->value,
                'side',
                'Side',
                Choice::said(['above' => 'from above', 'below' => 'from below']),
                'From which side it holds the value.',
            ),
            Field::required(
                'axes',
                'Acts on',
                new Several(new Reference(Reference::AXIS), 1, 16, true, 'one or more axes, each once'),
                'The axes that it holds; each shuts by itself.',
            ),
            Field::optional(
                self::REARM,
                'rearm',
                'Shuts again this far below',
                Number::by(0.5),
                'Of one that opens until drawn back: how far the value must come back to shut it.',
            ),
            Field::optional(
                self::PATIENCE_MS,
                'patience_ms',
                'Waits, 0 for ever',
                Number::ms(0, 600_000),
                'Of one that opens until drawn back: how long it waits for the value to go past; 0 for ever.',
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(string $id, Node $node): self
    {
        $given = self::fields()->read($node);

        return new self(
            $id,
            $given->text('name'),
            $given->texts('axes'),
            $given->number('at'),
            Side::from($given->text('side')),
            Opening::from($given->text('opens')),
            $given->number('rearm'),
            $given->us('patience_ms'),
        );
    }

    /** @return array<string, mixed> in the open format, every field said */
    public function toArray(): array
    {
        return [
            'name' => $this->name, 'at' => $this->at, 'opens' => $this->opening->value, 'side' => $this->side->value,
            'axes' => $this->axes, 'rearm' => $this->rearm, 'patience_ms' => $this->patience / 1000,
        ];
    }

    /** The same without an axis: it holds nothing, and never opens. */
    public function holdingNothing(): self
    {
        return new self(
            $this->id,
            $this->name,
            [],
            $this->at,
            $this->side,
            $this->opening,
            $this->rearm,
            $this->patience,
        );
    }

    /** Is the value strictly on the far side? */
    public function isPast(float $value): bool
    {
        return $this->side === Side::Above ? $value > $this->at : $value < $this->at;
    }

    /** Has the value come back far enough to shut the stop again? */
    public function isDrawnBack(float $value, Range $range): bool
    {
        return $this->side === Side::Above
            ? $value <= max($range->low, $this->at - $this->rearm)
            : $value >= min($range->high, $this->at + $this->rearm);
    }

    public function hold(float $value): float
    {
        return $this->side === Side::Above ? min($value, $this->at) : max($value, $this->at);
    }

    /**
     * @param string $axes    names of the axes it holds, as a person reads them
     * @param string $opener  name of the contact that opens it, empty if there is none
     * @param bool   $centred do the percentages count from the centre?
     */
    public function inWords(string $axes, string $opener, bool $centred): string
    {
        $holds = sprintf(
            'Keeps %s at or %s %s',
            $axes,
            $this->side === Side::Above ? 'below' : 'above',
            Percent::at($this->at, $centred),
        );
        $by = $opener === '' ? 'a contact (none is chosen yet)' : $opener;
        if ($this->opening !== Opening::UntilDrawnBack) {
            return $holds.match ($this->opening) {
                Opening::Held => ' unless '.$by.' is held.',
                Opening::Flip => '; each press of '.$by.' opens or shuts it.',
                default => ' while '.$by.' is held; it is open otherwise.',
            };
        }
        $shutsAt = $this->side === Side::Above
            ? max(0.0, $this->at - $this->rearm)
            : min(1.0, $this->at + $this->rearm);
        $patience = $this->patience > 0 ? ', or after '.($this->patience / 1000).' ms if not passed' : '';

        return $holds.' until '.$by.' opens it; it shuts again when drawn back to '
            .Percent::at($shutsAt, $centred)
            .$patience
            .'.';
    }
}
