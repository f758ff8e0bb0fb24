<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Set\Edits;

final class WayController
{
    use EditsSets;

    public function save(EditRequest $request, string $set): RedirectResponse
    {
        $way = Outputs::read(Node::of(Json::decode($request->word('way')), 'the way'));

        return $this->edit($request, $set, fn (Edits $edits) => $edits->way($request->word('action'), $way));
    }
}
