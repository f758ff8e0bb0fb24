<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Plan;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Mapping\Behaviour\Behaviour;
use Nailrod\Core\Mapping\Behaviour\PlaysItsMacro;
use Nailrod\Core\Mapping\Output\KeyStroke;
use Nailrod\Core\Mapping\Output\NamesLamp;
use Nailrod\Core\Mapping\Output\NamesPart;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\PressesKeys;
use Nailrod\Core\Mapping\Output\WritesVariable;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Mention;
use Nailrod\Core\Set\References;
use Nailrod\Core\Set\Words;

/**
 * What everything that can be chosen does already, to be said before it is chosen for something else; and what a
 * control stands for when it is pressed instead: the layer that it leads to, the stop that it opens, the action that it
 * does.
 */
final class Already
{
    /** What a control is asked for by. */
    public const CONTROL = 'control';
    public const KEY = 'key';

    /** How it is said that the game itself has a key for an action. */
    public const TAKEN_FOR = 'the game takes it for ';

    /** So many uses are said; the others are counted. */
    private const SAID = 2;

    /** @var array<string, array<string, list<string>>> uses in words, by sort and id */
    private array $uses = [];

    /**
     * @var array<string, array<string, array{string, string}>> sort and id of what a control leads to, by its reference
     */
    private array $leads = [];

    private readonly Words $words;

    private function __construct(private readonly BindingSet $set)
    {
        $this->words = new Words($set);
    }

    public static function of(BindingSet $set): self
    {
        $already = new self($set);
        $already->controls();
        foreach ((new References($set))->all() as $use) {
            $already->use($use);
        }
        $already->game();
        $already->lamps();

        return $already;
    }

    /**
     * What it does already, in a short sentence part, by sort and by id; what does nothing is not in it.
     *
     * @return array<string, array<string, string>>
     */
    public function said(): array
    {
        return array_map(fn (array $uses): array => array_map(function (array $words): string {
            $words = array_values(array_unique($words));

            return implode('; ', array_slice($words, 0, self::SAID)).(
                count($words) > self::SAID ? sprintf('; and %d more', count($words) - self::SAID) : ''
            );
        }, $uses), $this->uses);
    }

    /**
     * @return list<string> what a key does already, in short sentence parts; what the game takes it for, and who keeps
     *    it, first
     */
    public function ofKey(KeyStroke $key): array
    {
        return array_values(array_unique($this->uses[self::KEY][$key->codes()] ?? []));
    }

    /**
     * @return array<string, list<array{string, string}>> sort and id of all that a control leads to, by its reference
     */
    public function leads(): array
    {
        return array_map(array_values(...), $this->leads);
    }

    /** What every contact and axis does, in which layer. */
    private function controls(): void
    {
        foreach (Keys::each($this->set->cells) as $layer => $cells) {
            foreach (Keys::each($cells) as $ref => $cell) {
                $this->uses[self::CONTROL][$ref][] = $this->set->layers[$layer]->name.': '.$this->words->brief($cell);
            }
        }
        foreach (Keys::each($this->set->chords) as $layer => $chords) {
            foreach ($chords as $chord) {
                foreach ($chord->of as $ref) {
                    $this->uses[self::CONTROL][$ref][] = $this->set->layers[$layer]->name
                        .': '
                        .$this->words->chord($chord);
                }
            }
        }
    }

    private function use(Mention $use): void
    {
        $does = $use->does;
        $way = $does instanceof Output ? $this->set->leaving($does) : null;
        if ($way instanceof PressesKeys) {
            $this->uses[self::KEY][$way->keys()->codes()][] = 'sent by '.$use->inWords($this->set);
        }
        foreach ($this->names($does) as [$sort, $id]) {
            $this->uses[$sort][$id][] = 'by '.$use->inWords($this->set);
            if ($use->ref !== '') {
                $this->leads[$use->ref][$sort.' '.$id] = [$sort, $id];
            }
        }
    }

    /** @return list<array{string, string}> sort and id of all that it acts on */
    private function names(Output|Behaviour $does): array
    {
        $action = $does instanceof Output ? $this->set->actionOf($does) : null;

        return [
            ...$does instanceof NamesPart ? $does->names() : [],
            ...$does instanceof PlaysItsMacro ? [[Id::MACRO, $does->macro()]] : [],
            ...$action === null ? [] : [[Id::ACTION, $action->id], [Id::VARIABLE, $action->effect->variable]],
            ...$does instanceof WritesVariable ? [[Id::VARIABLE, $does->variable()]] : [],
            ...$does instanceof NamesLamp ? [[Reference::LAMP, $does->lamp()]] : [],
        ];
    }

    /** Keys that the game takes, and those that it or the desktop keeps: said first. */
    private function game(): void
    {
        foreach ($this->set->catalogue->actions ?? [] as $action) {
            if ($action->key !== null) {
                $this->first($action->key, self::TAKEN_FOR.$action->name);
            }
        }
        foreach ($this->set->catalogue->reserved ?? [] as $kept) {
            $this->first($kept->key, $kept->inWords());
        }
    }

    private function first(KeyStroke $key, string $words): void
    {
        $this->uses[self::KEY][$key->codes()] = [$words, ...$this->uses[self::KEY][$key->codes()] ?? []];
    }

    private function lamps(): void
    {
        foreach ($this->set->lamps as $rule) {
            foreach ($rule->lamps() as $lamp) {
                $this->uses[Reference::LAMP][$lamp][] = $this->words->lampRule($rule);
            }
        }
    }
}
