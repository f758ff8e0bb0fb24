<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Sets\Layouts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\TypingTest;
use Nailrod\Core\Rig\Device\KeyCodes;

/** What keys that were sent would type in a layout: the sheet of paper on the Bench asks for it. */
final class PaperController
{
    private const MOST = 600;

    public function __invoke(Request $request): JsonResponse
    {
        $layout = Layouts::find($request->string('layout')->toString()) ?? throw FormatError::told(
            'Typed on',
            'no such layout',
            'one of '.implode(', ', Layouts::names()),
        );
        $paper = new TypingTest($layout);
        foreach (array_slice(explode(',', $request->string('keys')->toString()), -self::MOST) as $key) {
            [$code, $isDown] = [...explode('.', $key, 2), ''];
            if (KeyCodes::known($code)) {
                $paper->key($code, $isDown === '1');
            }
        }

        return new JsonResponse(['text' => $paper->text()]);
    }
}
