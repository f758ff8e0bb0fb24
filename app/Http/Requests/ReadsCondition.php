<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Nailrod\Core\Condition\Condition;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** Reads the condition that was chosen from `App\View\Conditions`. */
trait ReadsCondition
{
    /** What it is to depend on; null for nothing. */
    public function condition(): ?Condition
    {
        [$sort, $name, $is] = [...explode(' ', $this->string('when')->toString(), 3), '', ''];
        if ($sort === '' || $sort === 'always') {
            return null;
        }

        if (! in_array($sort, Condition::SORTS, true)) {
            throw FormatError::at('Works', $this->string('when')->toString(), 'a flag, a stop or a variable that it depends on');
        }

        return Condition::read(Node::of([$sort => $name, 'is' => $is] + ($sort === 'variable' ? ['to' => $this->float('when_to')] : []), 'the condition'));
    }
}
