<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use Illuminate\Foundation\Http\FormRequest;
use Nailrod\Core\Format\Signs;

/** A code that was typed on a phone, and what the phone is called. */
final class CodeRequest extends FormRequest
{
    private const PLAIN = 'Phone';

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['nullable', 'string', 'max:20'], 'name' => ['nullable', 'string', 'max:40']];
    }

    /** Its digits, however they were set apart. */
    public function code(): string
    {
        return (string) preg_replace('/\D/', '', $this->string('code')->toString());
    }

    public function name(): string
    {
        $name = Signs::asName($this->string('name')->toString(), 40);

        return $name === '' ? self::PLAIN : $name;
    }
}
