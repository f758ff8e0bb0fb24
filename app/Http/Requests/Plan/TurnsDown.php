<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

/** A request that names the proposals that were turned down, in the fields `not`. */
trait TurnsDown
{
    private const NOT = ['not' => ['array', 'max:400'], 'not.*' => ['string', 'max:200']];

    /** @return list<string> see Proposal::refusal() */
    public function not(): array
    {
        return array_values(array_filter($this->array('not'), is_string(...)));
    }
}
