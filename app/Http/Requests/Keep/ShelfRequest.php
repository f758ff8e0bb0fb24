<?php

declare(strict_types=1);

namespace App\Http\Requests\Keep;

use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Exchange\Shelf\ShelfItem;

/** Something is put on the shelf, or taken from it. */
final class ShelfRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'thing' => ['nullable', 'string', 'max:200'],
            'item' => ['nullable', 'string', 'max:100'],
            'name' => ['nullable', 'required_with:thing', 'string', 'max:'.ShelfItem::LONGEST_NAME],
            'about' => ['nullable', 'string', 'max:'.ShelfItem::LONGEST_ABOUT],
            'on' => ['nullable', 'array', 'max:20'],
            'on.*' => ['nullable', 'string', 'max:60'],
            'axis' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function thing(): string
    {
        return $this->string('thing')->toString();
    }

    public function item(): string
    {
        return $this->string('item')->toString();
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }

    public function about(): string
    {
        return $this->string('about')->trim()->toString();
    }

    /** @return array<string, string> devices here that stand for those of the file */
    public function devices(): array
    {
        $devices = [];
        foreach ($this->array('on') as $there => $here) {
            $devices[(string) $there] = is_string($here) ? $here : '';
        }

        return $devices;
    }

    public function axis(): ?string
    {
        return $this->filled('axis') ? $this->string('axis')->toString() : null;
    }

    public function messages(): array
    {
        return ['required_with' => ':attribute: found nothing, expected what it is called.'] + parent::messages();
    }
}
