<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Forms\LampInput;
use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Lamp\Bands;
use Nailrod\Core\Mapping\Lamp\LampRule;
use Nailrod\Core\Mapping\Lamp\LampRules;
use Nailrod\Core\Mapping\Lamp\Seen;
use Nailrod\Core\Mapping\Lamp\SeenType;
use Nailrod\Core\Rig\Device\Lamp;
use Nailrod\Core\Set\BindingSet;

/** What lights a lamp, or a row of lamps. */
final class LampRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return ['rule' => ['nullable', 'string'], 'kind' => ['required', 'string'], 'say' => ['sometimes', 'array']];
    }

    /** Id of the rule that is changed; empty for a new one. */
    public function id(): string
    {
        return $this->string('rule')->toString();
    }

    /** @throws FormatError if it is not as its kind wants it */
    public function rule(BindingSet $set): LampRule
    {
        $kind = $this->string('kind')->toString();
        $classes = array_values(array_filter(LampRules::all(), fn (string $class) => $class::key() === $kind));
        $class = $classes[0] ?? throw FormatError::at('kind', $kind, 'a rule for lamps');
        $said = [];
        $answers = (new Answers($this->array('say')))->all($class::fields());
        foreach ($class::fields()->all as $name => $field) {
            $value = match (true) {
                $field->type instanceof SeenType => $this->seen($name),
                $field->type instanceof Bands => $this->bands(),
                LampInput::areLamps($field->type) => $field->isRequired
                    ? $this->row($set, $name)
                    : $this->several($name, $said),
                default => $answers[$name] ?? null,
            };
            $said += ($value === null && ! $field->isRequired)
                || $value === ''
                || $value === $field->usual
                ? []
                : [$name => $value];
        }

        return LampRules::read(Node::of($said, 'the rule'));
    }

    private function word(string $input): string
    {
        $said = $this->array('say')[$input] ?? '';

        return is_string($said) ? $said : '';
    }

    /** A number, or what was typed instead, for the reader to refuse. */
    private function figure(string $input): float|string
    {
        return is_numeric($this->word($input)) ? (float) $this->word($input) : $this->word($input);
    }

    /** @return array<string, mixed> */
    private function seen(string $field): array
    {
        [$sort, $name, $is] = [...explode(' ', $this->word($field), 3), '', ''];

        if ($sort === Seen::ALWAYS) {
            return [$sort => true];
        }

        return [$sort => $name] + ($is === '' ? [] : ['is' => $is]) + (
            $sort === 'variable' ? ['from' => $this->figure($field.'_from'), 'to' => $this->figure($field.'_to')] : []
        );
    }

    /** @return list<array{to: float, colour: mixed}> */
    private function bands(): array
    {
        $bands = [];
        $said = $this->array('say');
        $colours = is_array($said['band_colour'] ?? null) ? array_values($said['band_colour']) : [];
        foreach (is_array($said['band'] ?? null) ? array_values($said['band']) : [] as $i => $to) {
            if (is_numeric($to)) {
                $bands[] = ['to' => (float) $to, 'colour' => $colours[$i] ?? ''];
            }
        }

        return $bands;
    }

    /**
     * The lamps that are ticked; one that is chosen already is none of them.
     *
     * @param array<string, mixed> $said
     *
     * @return list<string>
     */
    private function several(string $field, array $said): array
    {
        $ticked = $this->array('say')[$field] ?? [];

        return array_values(array_filter(
            is_array($ticked) ? $ticked : [],
            fn (mixed $lamp) => is_string($lamp) && ! in_array($lamp, $said, true),
        ));
    }

    /**
     * @return list<string> the lamps of one device from the first to the last of the row; backwards if the last comes
     *    first
     */
    private function row(BindingSet $set, string $field): array
    {
        $first = $this->word($field.'_first');
        $device = explode('/', $first, 2)[0];
        $all = array_map(fn (Lamp $lamp) => $device.'/'.$lamp->id, $set->rig->devices[$device]->lamps ?? []);
        $last = $this->word($field.'_last');
        [$from, $to] = [array_search($first, $all, true), array_search($last, $all, true)];
        if (! is_int($from)) {
            throw FormatError::at('first lamp', $first, 'a lamp of the rig');
        }
        if (! is_int($to)) {
            throw FormatError::at('last lamp', $last, 'a lamp of the same device as '.$set->rig->lampNameOf($first));
        }
        $row = array_slice($all, min($from, $to), abs($to - $from) + 1);

        return $from <= $to ? $row : array_reverse($row);
    }
}
