<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\PartChange;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\PartValue;
use Nailrod\Core\Set\Section\Aside;
use Nailrod\Core\Set\Section\Sections;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;

/**
 * The part of a set that one device can do by itself: its own axes and contacts, actions replaced by their ways.
 * Variables and the mouse are left out, since the simulator is not at the other end of its cable, and so is what other
 * devices have a part in: their stops, their lamps, flags that only they raise. It is a set document that needs no
 * parent, kept as compact JSON.
 */
final readonly class DeviceMapping
{
    /**
     * @param list<string>          $leftOut a sentence for each thing that
     *                                       Nailrod does while it runs, since the device cannot
     * @param array<string, string> $macros  why it does not hold macros that its contacts play, by id
     * @param list<string>          $toGame  a sentence for each action without a way, which is left to the game
     */
    private function __construct(
        public SetDocument $document,
        public array $leftOut,
        public array $macros,
        public array $toGame,
    ) {}

    public static function of(BindingSet $kept, Device $device): self
    {
        [$document, $leftOut, $macros, $toGame] = Split::of($kept, $device);

        return new self(
            $document,
            [...self::aside($kept, new DeviceAlone($kept, $device)), ...$leftOut],
            $macros,
            $toGame,
        );
    }

    /** @return list<string> a sentence for each part of the device's own that is set aside */
    private static function aside(BindingSet $set, DeviceAlone $alone): array
    {
        $words = new Words($set);
        $isOwn = fn (PartPath $path): bool => match ($path->section) {
            'cells' => $alone->isOwn((string) $path->inner),
            'stops' => $alone->hasStop($path->key),
            'made' => $alone->isOwn(Made::DEVICE.'/'.$path->key),
            'lamps' => array_filter(($set->lamps[$path->key] ?? null)?->lamps() ?? [], $alone->isOwn(...)) !== [],
            default => false,
        };
        $aside = array_map(
            fn (PartValue $part) => Aside::target($part->path),
            array_filter($set->merged->section(Aside::name()), fn (PartValue $part) => $part->value !== null),
        );

        return array_values(
            array_map(fn (PartPath $path) => $words->subject($path).': it is set aside', array_filter($aside, $isOwn)),
        );
    }

    /** A mapping that says nothing, to compare with. */
    public function empty(): SetDocument
    {
        $document = $this->document;
        foreach ($document->parts() as $part) {
            $document = $document->without($part->path);
        }

        return $document;
    }

    /** @throws FormatError if it is no mapping */
    public static function decode(string $content): SetDocument
    {
        return SetDocument::fromJson($content);
    }

    /**
     * What is stored in a device, said as this version would say it, so that two that mean the same are the same.
     *
     * @throws FormatError if it is no mapping, or one of another device
     */
    public static function read(string $content, Device $device): SetDocument
    {
        $stored = self::ofDevice(self::decode($content), $device);
        try {
            return self::assembled($stored, $device);
        } catch (FormatError) {
            return $stored;
        }
    }

    /**
     * What is to be written to a device as it is must be a mapping that works there, whole.
     *
     * @throws FormatError if it is no mapping, one of another device, or one that cannot be put together
     */
    public static function check(string $content, Device $device): void
    {
        self::assembled(self::ofDevice(self::decode($content), $device), $device);
    }

    /** @throws FormatError if it cannot be put together */
    private static function assembled(SetDocument $stored, Device $device): SetDocument
    {
        return self::of(BindingSet::of(MergedDocument::of([$stored]), new Rig([$device]), null), $device)->document;
    }

    /** @throws FormatError if it says that it is of another device */
    private static function ofDevice(SetDocument $stored, Device $device): SetDocument
    {
        if ($stored->devices !== null && $stored->devices !== [$device->id]) {
            throw FormatError::told(
                'The mapping',
                $stored->devices === [] ? 'one of no device'
                    : 'one of another device ('
                    .implode(', ', $stored->devices)
                    .')',
                'one of '.$device->name,
            );
        }

        return $stored;
    }

    /**
     * @return list<PartChange> in what parts another mapping differs from this one; of which set it is does not count
     */
    public function since(SetDocument $before): array
    {
        return array_values(array_filter(
            SetDiff::between($before, $this->document),
            fn (PartChange $change) => isset(Sections::all()[$change->path->section]),
        ));
    }

    /** @return list<Output> what the device sends by itself, each as often as something sends it */
    public function sends(): array
    {
        $sends = [];
        foreach ($this->document->parts() as $part) {
            $said = Node::of($part->value)->plain();
            foreach (is_array($said['outputs'] ?? null) ? $said['outputs'] : [] as $output) {
                $sends[] = Outputs::read(Node::of($output));
            }
        }

        return $sends;
    }

    public function encode(): string
    {
        return Json::compact(Json::decode($this->document->toJson()));
    }
}
