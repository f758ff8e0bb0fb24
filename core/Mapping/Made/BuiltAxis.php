<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Made;

use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\IsKind;
use Nailrod\Core\Mapping\Axis\Shaping;
use Nailrod\Core\Rig\Device\AxisInput;

/** An axis that is built from the travels of others, with dead zones to stops of its own. */
abstract readonly class BuiltAxis implements BuildsAxes
{
    use IsKind;
    use MadeFromAxes;

    /**
     * @param non-empty-list<string> $of
     * @param bool                   $centred does the built axis rest at its centre?
     * @param float                  $share   of the first axis, 0..1, where they share something
     */
    final private function __construct(
        protected string $id,
        protected string $name,
        protected array $of,
        public bool $centred,
        public float $share = 0.5,
    ) {}

    public static function title(): string
    {
        return static::kind();
    }

    public static function takes(): int
    {
        return 2;
    }

    public static function fields(): Fields
    {
        return Fields::of(self::nameField(), self::ofField());
    }

    public static function from(FieldValues $given): static
    {
        $of = $given->texts('of');
        assert($of !== []);

        return new static(
            $given->id,
            $given->text('name'),
            $of,
            false,
            $given->has('share') ? $given->number('share') : 0.5,
        );
    }

    public function values(): array
    {
        return ['name' => $this->name, 'of' => $this->of];
    }

    public function over(array $sources): static
    {
        return new static($this->id, $this->name, $this->of, $this->centredOver($sources), $this->share);
    }

    /** @param list<Shaping> $sources */
    protected function centredOver(array $sources): bool
    {
        return ($sources[0] ?? null)?->axis->centred === true;
    }

    public function axes(): array
    {
        return [self::axis(self::DEVICE.'/'.$this->id, '', $this->centred)];
    }

    public function contacts(): array
    {
        return [];
    }

    public function refuses(array $sources): ?string
    {
        return array_filter(
            $sources,
            fn (Shaping $source) => $source->axis->centred !== $sources[0]->axis->centred,
        ) === [] ? null : 'two axes that are both centred, or both not';
    }

    protected static function axis(string $ref, string $name, bool $centred): AxisInput
    {
        return new AxisInput($ref, $name, 0, 0, self::READINGS, $centred, built: true);
    }
}
