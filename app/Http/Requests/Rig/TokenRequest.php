<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use App\Rig\Scope;
use Illuminate\Foundation\Http\FormRequest;

/** A token that is given to a program: its name, and what it allows. */
final class TokenRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'feeds' => ['array', 'max:64'],
            'feeds.*' => ['string', 'max:60'],
            'games' => ['array', 'max:16'],
            'games.*' => ['string', 'max:60'],
        ];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }

    public function scope(): Scope
    {
        $words = fn (string $name): array => array_values(array_filter($this->array($name), is_string(...)));

        return new Scope(
            see: $this->boolean('see'),
            order: $this->boolean('order'),
            feeds: $words('feeds'),
            games: $words('games'),
        );
    }
}
