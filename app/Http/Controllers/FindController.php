<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Sets\SetStore;
use App\View\Findables;
use App\View\Places;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Set\Findable;
use Nailrod\Core\Set\Finder;

/** Anything is found by a part of its name. */
final class FindController
{
    private const MOST = 40;

    public function __invoke(Request $request, SetStore $sets, string $set): JsonResponse
    {
        $at = $request->input('at');
        $all = Findables::of($sets, $sets->open($set), is_string($at) && isset(Places::pages()[$at]) ? $at : 'rig');
        $found = (new Finder($all))->find($request->string('q')->toString(), self::MOST);

        return new JsonResponse([
            'found' => array_map(
                fn (Findable $one): array => [
                    'kind' => $one->kind,
                    'name' => $one->name,
                    'more' => $one->more,
                    'to' => $one->to,
                ],
                $found,
            ),
        ]);
    }
}
