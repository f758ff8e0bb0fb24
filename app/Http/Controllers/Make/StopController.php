<?php

declare(strict_types=1);

namespace App\Http\Controllers\Make;

use App\Http\Requests\EditRequest;
use App\Http\Requests\Make\StopRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Nailrod\Core\Set\Edits;

final class StopController
{
    use PreviewsShapes;

    public function save(StopRequest $request, string $set): RedirectResponse|Response
    {
        $opener = $request->has('opener') ? $request->string('opener')->toString() : null;

        return $this->editOrShow(
            $request,
            $set,
            fn (Edits $edits) => $edits->stop($request->string('stop')->toString(), $request->value(), $opener),
        );
    }

    public function remove(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, fn (Edits $edits) => $edits->removeStop($request->word('stop')));
    }
}
