<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Survey;

use Nailrod\Core\Engine\Survey\Survey;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\DeviceReader;

/** Hands on a rig of demo devices, with a survey that watches. Time runs on by itself, in ms. */
final class Hands
{
    public readonly Rig $rig;

    public readonly Survey $survey;

    /** @var array<string, int> */
    public array $values = [];

    public int $ms = 0;

    /** @param array<string, int> $found values other than at rest */
    public function __construct(string $devices, array $found = [])
    {
        $this->rig = new Rig(array_map(
            fn (string $id) => DeviceReader::read(Node::of(
                Json::decode((string) file_get_contents(__DIR__.'/../../../../demo/devices/'.$id.'.device.json')),
            )),
            explode(' ', $devices),
        ));
        foreach ($this->rig->axes as $axis) {
            $this->values[$axis->ref] = $axis->standInRest();
        }
        $this->values = $found + $this->values;
        $this->survey = new Survey;
        $this->survey->begin($this->values, $this->rig);
    }

    public function put(string $port, int $value, int $afterMs = 20): void
    {
        $this->ms += $afterMs;
        $this->survey->take(new Input(1000 * $this->ms, $port, $value), $this->values[$port] ?? null, $this->rig);
        if ($this->rig->controlOf($port)?->encoder === null) {
            $this->values[$port] = $value;
        }
    }

    public function press(string $port, int $heldMs = 80): void
    {
        $this->put($port, 1);
        $this->put($port, 0, $heldMs);
    }

    /** An axis trembles where it stands. */
    public function tremble(string $port, int $readings, int $noise, ?int $at = null): void
    {
        $middle = $at ?? $this->values[$port];
        for ($i = 0; $i < $readings; $i++) {
            $this->put($port, $middle + mt_rand(-$noise, $noise), 8);
        }
    }
}
