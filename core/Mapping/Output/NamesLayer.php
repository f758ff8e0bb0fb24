<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\Names;
use Nailrod\Core\Format\Type\Id;

/** For outputs that lead to one layer, by its id. */
trait NamesLayer
{
    use NamesOnePart;

    public function __construct(public readonly string $layer) {}

    public static function from(FieldValues $given): static
    {
        return new self($given->text('layer'));
    }

    /** @return array{array{string, string}} */
    public function names(): array
    {
        return [[Id::LAYER, $this->layer]];
    }

    /** @return array{layer: string} */
    public function values(): array
    {
        return ['layer' => $this->layer];
    }

    public function inWords(Names $names): string
    {
        return $this->leadsBy().' '.$names->of(Id::LAYER, $this->layer);
    }

    public function leadsTo(string $settled): string
    {
        return $this->layer;
    }

    public function whyNotOn(DeviceByItself $device): ?string
    {
        return null;
    }
}
