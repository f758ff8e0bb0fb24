<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Nailrod\Core\Device\Lamp;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Lamp\LampRule;
use Nailrod\Core\Lamp\LampRules;
use Nailrod\Core\Set\BindingSet;

/** What lights a lamp, or a row of lamps. */
final class LampRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'rule' => ['nullable', 'string'],
            'lamp' => ['sometimes', 'required', 'string'],
            'last' => ['sometimes', 'required', 'string'],
            'while' => ['sometimes', 'required', 'string'],
            'shows' => ['sometimes', 'required', 'string'],
            'low' => ['nullable', 'numeric'], 'high' => ['nullable', 'numeric'],
            'colour' => ['nullable', 'in:'.implode(',', Lamp::COLOURS)],
            'brightness' => ['sometimes', 'required', 'integer', 'between:1,100'],
            'coloured' => ['sometimes', 'in:each,whole'],
            'flash' => ['nullable', 'numeric'],
            'band' => ['sometimes', 'array'], 'band.*' => ['nullable', 'numeric'],
            'band_colour' => ['sometimes', 'array'], 'band_colour.*' => ['in:'.implode(',', Lamp::COLOURS)],
        ];
    }

    public function attributes(): array
    {
        return ['low' => 'From', 'high' => 'To', 'flash' => 'Flashes above', 'band.*' => 'Up to', 'brightness' => 'Brightness', 'while' => 'Lit while', 'shows' => 'Shows', 'lamp' => 'Lamp', 'last' => 'Last lamp'] + parent::attributes();
    }

    /** Id of the rule that is changed; empty for a new one. */
    public function id(): string
    {
        return $this->string('rule')->toString();
    }

    public function rule(BindingSet $set): LampRule
    {
        $look = $this->integer('brightness', 100) === 100 ? [] : ['brightness' => $this->integer('brightness')];

        return LampRules::read(Node::of(($this->has('shows') ? $this->bar($set) : $this->one()) + $look, 'the rule'));
    }

    /** @return array<string, mixed> */
    private function one(): array
    {
        [$sort, $name, $is] = [...explode(' ', $this->string('while')->toString(), 3), '', ''];
        $while = [$sort => $name] + ($is === '' ? [] : ['is' => $is]) + ($sort === 'variable' ? ['from' => $this->float('low'), 'to' => $this->float('high')] : []);

        return ['lamp' => $this->string('lamp')->toString(), 'while' => $while] + ($this->filled('colour') ? ['colour' => $this->string('colour')->toString()] : []);
    }

    /** @return array<string, mixed> */
    private function bar(BindingSet $set): array
    {
        $bands = [];
        $colours = array_values($this->array('band_colour'));
        foreach (array_values($this->array('band')) as $i => $to) {
            if (is_numeric($to)) {
                $bands[] = ['to' => (float) $to, 'colour' => $colours[$i] ?? ''];
            }
        }

        return ['lamps' => $this->row($set), 'shows' => $this->string('shows')->toString(), 'from' => $this->float('low'), 'to' => $this->float('high')]
            + ($bands === [] ? [] : ['bands' => $bands])
            + ($this->string('coloured')->toString() === 'whole' ? ['coloured' => 'whole'] : [])
            + ($this->filled('flash') ? ['flash_above' => $this->float('flash')] : []);
    }

    /** @return list<string> the lamps of one device from the first to the last of the bar; backwards if the last comes first */
    private function row(BindingSet $set): array
    {
        $first = $this->string('lamp')->toString();
        $device = explode('/', $first, 2)[0];
        $all = array_map(fn (Lamp $lamp) => $device.'/'.$lamp->id, $set->rig->devices[$device]->lamps ?? []);
        $last = $this->string('last')->toString();
        [$from, $to] = [array_search($first, $all, true), array_search($last, $all, true)];
        if (! is_int($from) || ! is_int($to)) {
            throw FormatError::at('last', $last, 'a lamp of the same device as '.$set->rig->lampNameOf($first));
        }
        $row = array_slice($all, min($from, $to), abs($to - $from) + 1);

        return $from <= $to ? $row : array_reverse($row);
    }
}
