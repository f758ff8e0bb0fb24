<?php

declare(strict_types=1);

namespace App\Http\Requests\Prove;

use Illuminate\Foundation\Http\FormRequest;

/** A piece of a recording, in seconds, and the name it gets. */
final class CutRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'start' => ['required', 'numeric', 'min:0'],
            'end' => ['required', 'numeric', 'gt:start'],
            'name' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'end.gt' => 'End: found ":input" s, expected a time after the start.',
            'numeric' => ':attribute: found ":input", expected seconds.',
            'required' => ':attribute: found nothing, expected seconds.',
            'min' => ':attribute: found ":input", expected 0 s or later.',
        ];
    }

    /** @return array{int, int} start and end in µs */
    public function times(): array
    {
        return [(int) round(1e6 * $this->float('start')), (int) round(1e6 * $this->float('end'))];
    }
}
