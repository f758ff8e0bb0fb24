<?php

declare(strict_types=1);

namespace App\Http\Requests\Rig;

use Illuminate\Foundation\Http\FormRequest;

/** The controllers that a browser sees now, and those that have just gone. */
final class PadsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'set' => ['required', 'string'],
            'pads' => ['present', 'array', 'max:16'],
            'pads.*.slot' => ['required', 'integer', 'between:0,255'],
            'pads.*.model' => ['required', 'string', 'max:300'],
            'pads.*.mapping' => ['present', 'nullable', 'string', 'max:40'],
            'pads.*.buttons' => ['required', 'integer', 'between:0,256'],
            'pads.*.axes' => ['present', 'array', 'max:128'],
            'pads.*.axes.*' => ['numeric', 'between:-2,2'],
            'pads.*.device' => ['nullable', 'string', 'max:60'],
            'gone' => ['present', 'array', 'max:16'],
            'gone.*.device' => ['required', 'string', 'max:60'],
            'gone.*.axes' => ['present', 'array', 'max:128'],
            'gone.*.axes.*' => ['numeric', 'between:-2,2'],
        ];
    }

    /**
     * @return list<array{slot: int, model: string, standard: bool, buttons: int, axes: list<float>, device: ?string}>
     *    by slot
     */
    public function pads(): array
    {
        $pads = [];
        foreach ($this->array('pads') as $pad) {
            $pads[] = [
                'slot' => (int) $pad['slot'], 'model' => (string) $pad['model'],
                'standard' => $pad['mapping'] === 'standard', 'buttons' => (int) $pad['buttons'],
                'axes' => array_map(
                    floatval(...),
                    array_values($pad['axes']),
                ), 'device' => isset($pad['device']) ? (string) $pad['device'] : null,
            ];
        }
        usort($pads, fn (array $a, array $b) => $a['slot'] <=> $b['slot']);

        return $pads;
    }

    /** @return array<string, list<float>> last axes by device */
    public function gone(): array
    {
        $gone = [];
        foreach ($this->array('gone') as $pad) {
            $gone[(string) $pad['device']] = array_map(floatval(...), array_values($pad['axes']));
        }

        return $gone;
    }
}
