<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Nailrod\Core\Run\Input;

/** A batch of timed inputs: `n`, `to` (µs), `inputs` as [t, port, value], `plugs` by device. Read by hand, since it comes many times a second. */
final class LiveRequest extends FormRequest
{
    private const MOST = 5000;

    /** The latest time, in µs: some thirty years. */
    private const LATEST = 1_000_000_000_000_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['n' => ['required', 'integer', 'min:1'], 'to' => ['required', 'integer', 'min:0', 'max:'.self::LATEST], 'set' => ['required', 'string'], 'inputs' => ['array', 'max:'.self::MOST], 'plugs' => ['array', 'max:64']];
    }

    public function set(): string
    {
        return $this->string('set')->toString();
    }

    /** @return list<Input> what is not shaped like an input is refused with its place */
    public function inputs(): array
    {
        $inputs = [];
        foreach ($this->array('inputs') as $i => $row) {
            if (! is_array($row) || ! isset($row[0], $row[1], $row[2]) || ! is_int($row[0]) || $row[0] < 0 || $row[0] > self::LATEST || ! is_string($row[1]) || ! (is_int($row[2]) || is_float($row[2]))) {
                abort(422, sprintf('inputs[%s]: found %s, expected [time in µs, "device/control", number].', $i, mb_strimwidth((string) json_encode($row), 0, 60, '...')));
            }
            $inputs[] = new Input($row[0], $row[1], $row[2]);
        }

        return $inputs;
    }

    /** @return array<string, bool> */
    public function plugs(): array
    {
        return array_map(boolval(...), $this->array('plugs'));
    }
}
