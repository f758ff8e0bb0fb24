<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\Conditions;
use Nailrod\Core\Mapping\Condition\Joined;

/** Reads the condition that was chosen from `App\View\ConditionChoices`. */
trait ReadsCondition
{
    /**
     * What it is to depend on; null for nothing.
     *
     * @throws FormatError
     */
    public function condition(): ?Condition
    {
        $to = $this->array('when_to');
        $questions = [];
        foreach ($this->array('when') as $i => $chosen) {
            $said = is_string($chosen) ? $this->question($chosen, array_key_exists($i, $to) ? $to[$i] : 0) : null;
            if ($said !== null && ! in_array($said, $questions, true)) {
                $questions[] = $said;
            }
        }
        $how = $this->string('when_how')->toString() === Joined::ANY ? Joined::ANY : Joined::ALL;

        return $questions === [] ? null : Conditions::read(
            Node::of(count($questions) === 1 ? $questions[0] : [$how => $questions], 'the condition'),
        );
    }

    /**
     * @return ?array<string, mixed> one question in the open format; null for none
     *
     * @throws FormatError
     */
    private function question(string $chosen, mixed $to): ?array
    {
        [$sort, $name, $is] = [...explode(' ', $chosen, 3), '', ''];
        if ($sort === '' || $sort === 'always') {
            return null;
        }
        $class = Conditions::all()[$sort] ?? throw FormatError::at(
            'Works',
            $chosen,
            'a flag, a stop, a layer or a variable that it depends on',
        );

        if (! isset($class::fields()->all['to'])) {
            return [$sort => $name, 'is' => $is];
        }
        if (! is_numeric($to)) {
            throw FormatError::told('Than', is_string($to) ? $to : 'nothing', 'a number');
        }

        return [$sort => $name, 'is' => $is, 'to' => (float) $to];
    }
}
