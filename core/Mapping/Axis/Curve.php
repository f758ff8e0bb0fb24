<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Axis;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Rig\Device\AxisInput;

/** How the value goes between its ends: a curve of one kind. */
final readonly class Curve implements AxisPart
{
    use IsAxisPart;

    private function __construct(public Stage $stage) {}

    public static function part(): string
    {
        return 'curve';
    }

    public static function title(): string
    {
        return 'curve';
    }

    public static function about(): string
    {
        return 'How the value goes between its ends.';
    }

    /** The kind; each kind has its own beside it. */
    public static function fields(?AxisInput $axis): Fields
    {
        return Fields::of(
            Field::required('kind', 'Kind', Choice::of(...Keys::of(Curves::all())), 'The kind of the curve.'),
        );
    }

    public static function read(?Node $node, AxisInput $axis, ?Range $range = null): self
    {
        return new self($node === null ? Expo::of(0.0, $axis->centred) : Curves::read($node)->over($axis->centred));
    }

    public static function schema(): array
    {
        return ['description' => self::about(), 'oneOf' => Curves::schemas()];
    }

    public static function check(Node $node): void
    {
        Curves::read($node);
    }

    public function isStraight(): bool
    {
        return $this->stage instanceof Expo && $this->stage->k === 0.0;
    }

    public function asItComes(AxisInput $axis): string
    {
        return 'A straight line.';
    }

    public function values(): array
    {
        return $this->stage instanceof CurveKind
            && ! $this->isStraight()
            ? $this->stage->toArray()
            : ['kind' => Straight::kind()];
    }

    public function inWords(bool $centred): string
    {
        return $this->stage->inWords($centred);
    }
}
