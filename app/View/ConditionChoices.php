<?php

declare(strict_types=1);

namespace App\View;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Action\Variable;
use Nailrod\Core\Mapping\Condition\Condition;
use Nailrod\Core\Mapping\Condition\Conditions as Questions;
use Nailrod\Core\Mapping\Condition\Joined;
use Nailrod\Core\Mapping\Condition\Question;
use Nailrod\Core\Mapping\Condition\VariableIs;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetNames;

/**
 * What something can be made to depend on, to choose from; `App\Http\Requests\Make\ReadsCondition` reads what was
 * chosen.
 */
final readonly class ConditionChoices
{
    public function __construct(private BindingSet $set, public ?Condition $when) {}

    /** @return array<string, string> all that can be asked, in words by what the form sends */
    public function offered(): array
    {
        $offered = [];
        $names = new SetNames($this->set);
        foreach (Questions::all() as $sort => $class) {
            // A large set has hundreds of them: what is the same for all of a sort is asked once.
            $fields = $class::fields();
            $asked = Questions::asksFor($class);
            $is = $fields->all['is']->type;
            $words = $is instanceof Choice ? Keys::of($is->words) : [];
            foreach ($this->things($asked) as $id) {
                $name = isset($fields->all['to']) ? $names->of($asked, $id) : null;
                foreach ($words as $word) {
                    $offered[$sort.' '.$id.' '.$word] = 'only while '.(
                        $name === null ? $class::from(
                            $fields->read(Node::of([$sort => $id, 'is' => $word])),
                        )->inWords($names) : $name.' '.$word
                    );
                }
            }
        }

        return $offered;
    }

    /** @return list<string> ids of what the set or its simulator has of a sort */
    private function things(string $sort): array
    {
        return Keys::of(match ($sort) {
            Id::FLAG => $this->set->flags,
            Id::STOP => $this->set->stops,
            Id::LAYER => count($this->set->layers) > 1 ? $this->set->layers : [],
            default => array_filter(
                $this->set->catalogue->variables ?? [],
                fn (Variable $variable) => $variable->gauge === null,
            ),
        });
    }

    /** @return list<?Question> the rows of the form: what is asked, and one more */
    public function rows(): array
    {
        return array_slice([...$this->when?->questions() ?? [], null], 0, Joined::MOST);
    }

    /** What the form sends for this one; empty for none. */
    public static function chosen(?Question $question): string
    {
        return $question === null ? '' : implode(' ', [$question::sort(), $question->name(), $question->is()]);
    }

    /** The number that it compares with; null if it compares with none. */
    public static function number(?Question $question): ?float
    {
        return $question instanceof VariableIs ? $question->to() : null;
    }

    /** How several are joined; null if they are not several. */
    public function how(): ?string
    {
        return $this->when instanceof Joined ? $this->when->how() : null;
    }
}
