<?php

declare(strict_types=1);

namespace Nailrod\Core\Set;

use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Format\Type\Reference;

/** What the things that a set, its rig and its simulator have are called. */
final readonly class SetNames implements Names
{
    public function __construct(private BindingSet $set) {}

    public function of(string $sort, string $id): string
    {
        return match ($sort) {
            Id::LAYER => $this->set->layers[$id]->name ?? $id,
            Id::STOP => $this->set->stops[$id]->name ?? $id,
            Id::FLAG => $this->set->flags[$id] ?? $id,
            Id::MACRO => $this->set->macros[$id]->name ?? $id,
            Id::VARIABLE => $this->set->catalogue->variables[$id]->name ?? (
                $this->set->catalogue === null ? $id : 'a variable that is not in the list'
            ),
            Id::ACTION => $this->set->catalogue?->action($id)->name ?? (
                $this->set->catalogue === null ? $id : 'an action that is not in the list'
            ),
            Reference::LAMP => $this->set->rig->lampNameOf($id),
            default => $this->set->rig->nameOf($id),
        };
    }

    public function value(string $variable, float $value): string
    {
        return (
            $this->set->catalogue->variables[$variable] ?? null
        )?->word($value) ?? (string) json_encode(round($value, 6));
    }
}
