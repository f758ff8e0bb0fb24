<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Begins, carries on or ends a part of the survey of a rig. */
final class SurveyRequest extends FormRequest
{
    public const WHAT = ['sheet', 'teach', 'measure', 'next', 'end'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['what' => ['required', 'in:'.implode(',', self::WHAT)], 'ref' => ['nullable', 'string', 'max:200'], 'set' => ['required', 'string'], 'to' => ['required', 'integer', 'min:0'], 'look' => ['nullable', 'string', 'max:60']];
    }
}
