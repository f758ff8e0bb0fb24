<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\SetRecord;
use Illuminate\Foundation\Http\FormRequest;
use Nailrod\Core\Mapping\Axis\Percent;

/** An edit names the revision it was made from; each kind adds its fields. */
abstract class RevisionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['from' => ['required', 'integer', 'min:1']] + $this->fields();
    }

    public function from(): int
    {
        return $this->integer('from');
    }

    /** The set that is open on the page; an edit of the rig may be one of its root. */
    public function open(string $edited): string
    {
        $open = $this->string('open')->toString();

        return SetRecord::shown()->find($open) === null ? $edited : $open;
    }

    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => ':attribute: found nothing, expected a value.',
            'numeric' => ':attribute: found ":input", expected a number.',
            'integer' => ':attribute: found ":input", expected a whole number.',
            'between' => ':attribute: found ":input", expected :min to :max.',
            'min' => ':attribute: found ":input", expected at least :min.',
            'max' => ':attribute: found ":input", expected at most :max.',
            'in' => ':attribute: found ":input", which is not one of the choices.',
            'array' => ':attribute: found ":input", expected a list.',
            'string' => ':attribute: found ":input", expected a text.',
            'regex' => ':attribute: found ":input", which is not a name of the set.',
        ];
    }

    /** @return array<string, string> what the fields are called on the page */
    public function attributes(): array
    {
        return [
            'at' => 'Holds at', 'low' => 'Low end', 'high' => 'High end', 'rest' => 'Rest', 'hold' => 'Holds',
            'used' => 'Used', 'degrees' => 'Lock to lock', 'k' => 'Expo', 'name' => 'Name', 'axes' => 'Acts on',
            'width' => 'Width', 'file' => 'File', 'ref' => 'Control', 'to' => 'To', 'of' => 'Made from',
            'parts' => 'Parts', 'hysteresis' => 'Opens again', 'share' => 'Share', 'sends' => 'Sends',
            'target' => 'Set', 'dead_radius' => 'Dead radius',
            'parts.*' => 'A part', 'to.*' => 'An axis', 'not.*' => 'What was turned down', 'x.*' => 'A point, across',
            'y.*' => 'A point, up', 'at.*' => 'A notch', 'bounds.*' => 'A bound', 'travel' => 'Where the hand is',
        ];
    }

    /** Is it only to be shown what the edit would do, as while a handle is dragged? */
    public function isPreview(): bool
    {
        return $this->boolean('preview');
    }

    /** A field in percent as a part of the whole, 0..1. */
    protected function part(string $field): float
    {
        return Percent::part($this->float($field));
    }

    /** A place in percent, on a centred axis from -100 on. */
    protected function place(string $field): float
    {
        return Percent::partAt($this->float($field), $this->boolean('centred'));
    }

    /** @return list<float> places of a list of fields */
    protected function places(string $field): array
    {
        return array_values(array_map(
            fn (mixed $percent) => Percent::partAt(
                is_numeric($percent) ? (float) $percent : 0.0,
                $this->boolean('centred'),
            ),
            $this->array($field),
        ));
    }
}
