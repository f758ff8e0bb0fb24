<?php

declare(strict_types=1);

namespace Nailrod\Core\Made;

use Nailrod\Core\Axis\Percent;
use Nailrod\Core\Device\ContactInput;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/**
 * A place on an axis where a contact closes: *above* closes at >= p and opens at < p - h, *below* is the mirror image,
 * *between* closes from p to q, with h on both sides. Its opposite is a contact too.
 */
final readonly class Threshold implements MadeContacts
{
    use MadeFromAxes;

    public const HYSTERESIS = 0.01;
    private const CLOSED = 0;
    private const UNDER = -1;
    private const OVER = 1;

    /**
     * @param non-empty-list<string> $of
     * @param float                  $at         where it closes, 0..1; of *between* the lower of the two
     * @param float                  $to         of *between* the higher one, else as $at
     * @param float                  $hysteresis how far it must come back to open, 0..1
     */
    private function __construct(
        private string $id,
        private string $name,
        private string $kind,
        private array $of,
        private string $looksAt,
        public float $at,
        public float $to,
        public float $hysteresis,
    ) {}

    public static function kinds(): array
    {
        return ['above', 'below', 'between'];
    }

    public static function read(string $id, Node $node): self
    {
        $kind = $node->get('kind')->oneOf(self::kinds());
        $node->only(['kind', 'name', 'of', 'looks_at', 'at', 'hysteresis', ...($kind === 'between' ? ['to'] : [])]);
        $at = $node->get('at')->number(0, 1);
        $to = $kind === 'between' ? $node->get('to')->number($at, 1) : $at;
        $h = $node->maybe('hysteresis')?->number(0, 0.5) ?? self::HYSTERESIS;
        $opensBelow = $kind !== 'below' && $at - $h > 0.0;
        $opensAbove = $kind !== 'above' && $to + $h < 1.0;
        if (! $opensBelow && ! $opensAbove) {
            throw $node->get('at')->refuse('a place from which it can open again: '.FormatError::figure($h, 'by').' '.($kind === 'above' ? 'below' : 'above').' it lies beyond the end');
        }

        return new self(
            $id,
            $node->get('name')->string(60),
            $kind,
            MadeKinds::sources($node, 1),
            $node->maybe('looks_at')?->oneOf([self::TRAVEL, self::SHAPED]) ?? self::TRAVEL,
            $at,
            $to,
            $h,
        );
    }

    public function axes(): array
    {
        return [];
    }

    public function contacts(): array
    {
        $ref = self::DEVICE.'/'.$this->id;
        $at = Percent::figure($this->at);
        $mark = match ($this->kind) {
            'above' => '≥'.$at,
            'below' => '≤'.$at,
            default => $at.'–'.Percent::figure($this->to),
        };

        return [ContactInput::ofAxis($ref, '', $mark), ContactInput::opposite($ref.'.not', 'not', $ref)];
    }

    public function refuses(array $sources): ?string
    {
        return null;
    }

    public function looksAt(): string
    {
        return $this->looksAt;
    }

    public function next(?int $was, array $values): int
    {
        $value = $values[0];
        $under = $this->kind === 'below' ? false : $value < $this->at;
        $over = $this->kind === 'above' ? false : $value > $this->to;
        if ($was === self::CLOSED) {
            return match (true) {
                $this->kind !== 'below' && $value < round($this->at - $this->hysteresis, 9) => self::UNDER,
                $this->kind !== 'above' && $value > round($this->to + $this->hysteresis, 9) => self::OVER,
                default => self::CLOSED,
            };
        }

        return $under ? self::UNDER : ($over ? self::OVER : self::CLOSED);
    }

    public function closed(int $stands): array
    {
        return [$stands === self::CLOSED];
    }

    public function inWords(array $sources, bool $centred): string
    {
        $what = $this->looksAt === self::TRAVEL ? 'the travel of '.$sources[0] : 'what '.$sources[0].' gives after its curve';
        $h = $this->hysteresis;

        return match ($this->kind) {
            'above' => sprintf('Closes when %s comes to %s or above, and opens below %s.', $what, Percent::at($this->at, $centred), Percent::at($this->at - $h, $centred)),
            'below' => sprintf('Closes when %s comes to %s or below, and opens above %s.', $what, Percent::at($this->at, $centred), Percent::at($this->at + $h, $centred)),
            default => sprintf('Closes while %s is between %s and %s, and opens %s outside.', $what, Percent::at($this->at, $centred), Percent::at($this->to, $centred), Percent::by($h, $centred)),
        };
    }
}
