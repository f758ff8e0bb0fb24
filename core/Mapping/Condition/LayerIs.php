<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Id;
use Nailrod\Core\Mapping\Output\DeviceByItself;

final readonly class LayerIs implements Question
{
    use AsksOne;

    private const WAYS = ['live', 'not live'];

    public static function sort(): string
    {
        return Id::LAYER;
    }

    public static function about(): string
    {
        return 'A layer is live or not.';
    }

    public function holds(RunView $run): bool
    {
        return ($run->liveLayer() === $this->name) === ($this->is === 'live');
    }

    public function inWords(Names $names): string
    {
        return 'layer '.$names->of(Id::LAYER, $this->name).' is '.$this->is;
    }

    public function whyNotOn(DeviceByItself $device): string
    {
        return 'it depends on a layer, which the device does not judge by';
    }
}
