<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Lamp;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\Condition\Joined;
use Nailrod\Core\Mapping\Condition\RunView;
use Nailrod\Core\Mapping\Output\DeviceByItself;
use Nailrod\Core\Mapping\Output\NamesPart;

/**
 * What a lamp shows of a run: that a layer is live, a stop open, a flag up, a contact closed, a variable within a band;
 * or nothing, so that it is always lit. What is a question to a run is asked as a condition asks it.
 */
final readonly class Seen
{
    public const CONTACT = 'contact';

    public const ALWAYS = 'always';

    public const SORTS = [Id::LAYER, Id::STOP, Id::FLAG, self::CONTACT, Id::VARIABLE, self::ALWAYS];

    /**
     * @param string     $sort one of SORTS
     * @param string     $name id of it, or reference of the contact; empty for always
     * @param string     $is   "open" or "shut" of a stop, "up" or "down" of a flag; empty for others
     * @param float      $from of a variable: the least at which it is lit, and $to the most
     * @param ?Condition $asks null where it is no question
     */
    private function __construct(
        private string $sort,
        private string $name,
        private string $is,
        private float $from,
        private float $to,
        private ?Condition $asks,
    ) {}

    public static function always(): self
    {
        return new self(self::ALWAYS, '', '', 0.0, 0.0, null);
    }

    public static function flag(string $flag, string $is = 'up'): self
    {
        return new self(Id::FLAG, $flag, $is, 0.0, 0.0, self::condition([Id::FLAG => $flag, 'is' => $is]));
    }

    public static function band(string $variable, float $from, float $to): self
    {
        $ends = array_filter(['≥' => $from, '≤' => $to], is_finite(...));
        $asks = array_map(
            fn (string $is, float $end): array => [Id::VARIABLE => $variable, 'is' => $is, 'to' => $end],
            array_keys($ends),
            $ends,
        );

        return new self(
            Id::VARIABLE,
            $variable,
            '',
            $from,
            $to,
            self::condition(count($asks) === 1 ? $asks[0] : [Joined::ALL => $asks]),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $sorts = array_values(array_filter(self::SORTS, $node->has(...)));
        if (count($sorts) !== 1) {
            throw $node->refuse('one of "'.implode('", "', array_slice(self::SORTS, 0, -1)).'" and "'.self::ALWAYS.'"');
        }
        $sort = $sorts[0];
        $node->only(match ($sort) {
            Id::STOP, Id::FLAG => [$sort, 'is'],
            Id::VARIABLE => [$sort, 'from', 'to'],
            default => [$sort],
        });

        return match ($sort) {
            self::ALWAYS => $node->get($sort)->bool() ? self::always() : throw $node->get($sort)->refuse('true'),
            self::CONTACT => new self($sort, $node->get($sort)->string(120), '', 0.0, 0.0, null),
            Id::VARIABLE => self::band(
                $node->get($sort)->id(),
                $from = $node->get('from')->number(-1e9, 1e9),
                $node->get('to')->number($from, 1e9),
            ),
            Id::LAYER => new self(
                $sort,
                $node->get($sort)->id(),
                '',
                0.0,
                0.0,
                self::condition([$sort => $node->get($sort)->id(), 'is' => 'live']),
            ),
            default => new self(
                $sort,
                $node->get($sort)->id(),
                $node->get('is')->oneOf($sort === Id::STOP ? ['open', 'shut'] : ['up', 'down']),
                0.0,
                0.0,
                Conditions::read($node),
            ),
        };
    }

    /** Is it so just now? */
    public function holds(RunView $run): bool
    {
        return $this->sort === self::CONTACT
            ? $run->isClosed($this->name)
            : $this->asks === null
            || $this->asks->holds($run);
    }

    /** Is this so whenever the other is? */
    public function covers(self $other): bool
    {
        return $this->sort === self::ALWAYS
            || (
                $this->isOf($other) && $this->is === $other->is
                    && $this->from <= $other->from
                    && $this->to >= $other->to
            );
    }

    /** Are both so at some values of one variable, though neither whenever the other is? */
    public function overlaps(self $other): bool
    {
        return $this->sort === Id::VARIABLE && $this->isOf($other)
            && max($this->from, $other->from) <= min($this->to, $other->to)
            && ! $this->covers($other) && ! $other->covers($this);
    }

    /** @return list<array{string, string}> sort (see NamesPart) and id of the part of the set that it names */
    public function names(): array
    {
        $parts = [NamesPart::LAYER, NamesPart::STOP, NamesPart::FLAG];

        return in_array($this->sort, $parts, true) ? [[$this->sort, $this->name]] : [];
    }

    /** Reference of the contact that it looks at; null if it looks at none. */
    public function contact(): ?string
    {
        return $this->sort === self::CONTACT ? $this->name : null;
    }

    /** Id of the variable of the simulator that it looks at; null if it looks at none. */
    public function variable(): ?string
    {
        return $this->sort === Id::VARIABLE ? $this->name : null;
    }

    /** Why a device cannot know it by itself; null if it can. */
    public function whyNotOn(DeviceByItself $device): ?string
    {
        return match (true) {
            $this->sort === Id::LAYER && ! $device->decidesLayers() =>
                'it shows a layer, and which one is live the device does not decide alone',
            $this->sort === Id::VARIABLE => 'only Nailrod itself knows the variable that it shows',
            $this->sort === self::CONTACT && ! $device->isOwn($this->name) => 'it shows a contact of another device',
            $this->sort === Id::STOP && ! $device->hasStop($this->name) =>
                'it shows a stop that the device does not keep',
            $this->sort === Id::FLAG && ! $device->raises($this->name) =>
                'it shows a flag that is not the device\'s alone',
            default => null,
        };
    }

    /** "layer On water is live"; empty for always. */
    public function inWords(Names $names): string
    {
        return match ($this->sort) {
            self::CONTACT => $names->of(self::CONTACT, $this->name).' is closed',
            Id::VARIABLE => $names->of($this->sort, $this->name).' is '.($this->from === $this->to
                ? $names->value($this->name, $this->from)
                : 'from '.json_encode($this->from).' to '.json_encode($this->to)),
            default => $this->asks?->inWords($names) ?? '',
        };
    }

    /** @return array<string, mixed> in the open format */
    public function toArray(): array
    {
        return [$this->sort => $this->sort === self::ALWAYS ? true : $this->name] + match ($this->sort) {
            Id::STOP, Id::FLAG => ['is' => $this->is],
            Id::VARIABLE => ['from' => $this->from, 'to' => $this->to],
            default => [],
        };
    }

    private function isOf(self $other): bool
    {
        return $this->sort === $other->sort && $this->name === $other->name;
    }

    /** @param array<string, mixed> $said as in a file; what is wrong with it is a fault of this class */
    private static function condition(array $said): Condition
    {
        return Conditions::read(Node::of($said, 'what a lamp shows'));
    }
}
