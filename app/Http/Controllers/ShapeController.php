<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShapeRequest;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Set\Edits;

final class ShapeController
{
    use EditsSets;

    public function save(ShapeRequest $request, string $set, string $part): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->shape($request->string('axis')->toString(), $part, $request->value()));
    }
}
