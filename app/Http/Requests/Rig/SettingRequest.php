<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use App\Http\Requests\RevisionRequest;
use Nailrod\Core\Rig\Device\Setting;

/** What a device shall be like: one setting of it. */
final class SettingRequest extends RevisionRequest
{
    protected function fields(): array
    {
        return [
            'device' => ['required', 'string'],
            'setting' => ['required', 'string'],
            'value' => ['sometimes', 'nullable', 'string', 'max:60'],
        ];
    }

    public function device(): string
    {
        return $this->string('device')->toString();
    }

    public function setting(): string
    {
        return $this->string('setting')->toString();
    }

    /** What was said, as it stands in a file. */
    public function value(?Setting $setting): mixed
    {
        $said = $this->string('value')->toString();

        return match (true) {
            $setting?->isNumber() === true => is_numeric($said) ? (float) $said : $said,
            $setting?->isOnOff() === true => $said !== '',
            default => $said,
        };
    }

    public function attributes(): array
    {
        return ['value' => 'Setting'] + parent::attributes();
    }
}
