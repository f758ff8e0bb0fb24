<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Engine\Survey\ShapeProposal;

/** What of the proposal for a measured axis is taken. */
final class MeasuredRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return ['parts' => ['required', 'array'], 'parts.*' => ['string', 'in:'.implode(',', ShapeProposal::PARTS)]];
    }

    /** @return list<string> of ShapeProposal::PARTS */
    public function parts(): array
    {
        return array_values(array_filter($this->array('parts'), is_string(...)));
    }
}
