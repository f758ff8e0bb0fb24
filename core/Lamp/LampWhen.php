<?php

declare(strict_types=1);

namespace Nailrod\Core\Lamp;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Run\Run;

/** A lamp that is lit while a layer is live, a stop open, a flag up, a contact closed, or a variable within a band. */
final readonly class LampWhen implements LampRule
{
    public const SORTS = ['layer', 'stop', 'flag', 'contact', 'variable'];

    /**
     * @param string $sort one of SORTS
     * @param string $name id of it, or reference of the contact
     * @param bool   $is   open, up; false: shut, down
     * @param float  $from of a variable: the least at which it is lit, and $to the most
     */
    private function __construct(public string $lamp, public string $sort, public string $name, public bool $is, public float $from, public float $to, public Look $look) {}

    public static function read(Node $node): self
    {
        $node->only(['lamp', 'while', 'colour', 'brightness']);
        $while = $node->get('while');
        $sorts = array_values(array_filter(self::SORTS, $while->has(...)));
        if (count($sorts) !== 1) {
            throw $while->refuse('one of "layer", "stop", "flag", "contact" and "variable"');
        }
        $sort = $sorts[0];
        $while->only(match ($sort) {
            'stop', 'flag' => [$sort, 'is'],
            'variable' => [$sort, 'from', 'to'],
            default => [$sort],
        });
        $from = $sort === 'variable' ? $while->get('from')->number(-1e9, 1e9) : 0.0;

        return new self(
            $node->get('lamp')->string(120),
            $sort,
            $sort === 'contact' ? $while->get($sort)->string(120) : $while->get($sort)->id(),
            match ($sort) {
                'stop' => $while->get('is')->oneOf(['open', 'shut']) === 'open',
                'flag' => $while->get('is')->oneOf(['up', 'down']) === 'up',
                default => true,
            },
            $from,
            $sort === 'variable' ? $while->get('to')->number($from, 1e9) : 0.0,
            Look::read($node),
        );
    }

    public function lamps(): array
    {
        return [$this->lamp];
    }

    public function lit(Run $run): array
    {
        $is = match ($this->sort) {
            'layer' => $run->program->tables['layers'][$run->layers->live()]['id'] === $this->name,
            'stop' => $run->stops->isOpen($this->name) === $this->is,
            'flag' => $run->holds->isOn('flag', $this->name) === $this->is,
            'contact' => $run->contacts->isClosed($this->name),
            default => $this->isWithin($run->variables->valueOf($this->name)),
        };

        return $is ? [$this->lamp => $this->look] : [];
    }

    /** @return array<string, mixed> what it depends on, in the open format */
    public function while(): array
    {
        return [$this->sort => $this->name] + match ($this->sort) {
            'stop' => ['is' => $this->is ? 'open' : 'shut'],
            'flag' => ['is' => $this->is ? 'up' : 'down'],
            'variable' => ['from' => $this->from, 'to' => $this->to],
            default => [],
        };
    }

    public function toArray(): array
    {
        return ['lamp' => $this->lamp, 'while' => $this->while()] + $this->look->toArray();
    }

    private function isWithin(float $value): bool
    {
        return $value >= $this->from && $value <= $this->to;
    }
}
