<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rig;

use App\Http\Requests\Rig\TokenRequest;
use App\Models\TokenRecord;
use App\Rig\Tokens;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Tokens of programs that talk to the rig: given and taken away. */
final class TokenController
{
    public function add(TokenRequest $request, Tokens $tokens): RedirectResponse
    {
        return back(303)->with(
            'token',
            $tokens->forProgram($request->name(), $request->scope()),
        )->with('said', sprintf('A token for %s.', $request->name()));
    }

    public function remove(Request $request): RedirectResponse
    {
        $token = TokenRecord::query()->find($request->string('token')->toString());
        $token?->delete();

        return back(303)->with(
            'said',
            $token === null ? 'That token is gone already.' : sprintf('%s has no token any more.', $token->name),
        );
    }
}
