<?php

declare(strict_types=1);

namespace App\View\Keep;

use App\View\NotHere;
use Nailrod\Core\Exchange\Print\LabelText;
use Nailrod\Core\Exchange\Print\LabelWish;
use Nailrod\Core\Exchange\Print\Paper;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Set\BindingSet;

/** What is to be printed, as an address asks for it; what it does not say, or says wrongly, is as usual. */
final readonly class PrintAsked
{
    public const LABELS = 'labels';
    public const CARD = 'card';
    public const LIST = 'list';

    public const WHAT = [self::LABELS => 'Labels', self::CARD => 'Card for the knee', self::LIST => 'List'];

    /** Kinds of devices on which no label is put. */
    private const WITHOUT = ['touch panel', 'keyboard', 'mouse', 'phrase list'];

    /** The tape itself, rather than a sheet. */
    public const TAPE = 'tape';

    /** What each is printed on, the usual first. */
    private const PAPERS = [
        self::LABELS => ['a4', 'letter', self::TAPE],
        self::CARD => ['a5', 'a6', 'a4-folded'],
        self::LIST => ['a4', 'letter'],
    ];

    public string $what;

    public ?Device $device;

    public string $paper;

    public int $height;

    public LabelText $text;

    /** @var list<string> ids of the layers that stand on a label */
    public array $layers;

    /** A label for each position, or a page of the card for each layer. */
    public bool $isApart;

    public bool $isLarge;

    public bool $isBlack;

    /** Only the labels that have changed since they were printed? */
    public bool $isChanged;

    /** @param array<string, mixed> $asked what the address asks for */
    public function __construct(BindingSet $set, array $asked, NotHere $notHere)
    {
        $one = fn (string $name): string => is_string($asked[$name] ?? null) ? $asked[$name] : '';
        $this->what = isset(self::WHAT[$one('what')]) ? $one('what') : self::LABELS;
        $notHere->ask('thing to print', $one('what'), isset(self::WHAT[$one('what')]), self::WHAT[$this->what]);
        $devices = self::printable($set);
        $this->device = $devices[$one('device')] ?? self::fullest($set, $devices);
        $notHere->ask('device', $one('device'), isset($set->rig->devices[$one('device')]), $this->device->name ?? '');
        $papers = self::PAPERS[$this->what];
        $this->paper = in_array($one('paper'), $papers, true) ? $one('paper') : $papers[0];
        $this->height = in_array((int) $one('height'), Paper::TAPES, true) ? (int) $one('height') : 12;
        $this->text = LabelText::tryFrom($one('text')) ?? LabelText::Action;
        $used = $this->used($set);
        $layers = is_array($asked['layers'] ?? null) ? array_values(
            array_filter($asked['layers'], is_string(...)),
        ) : [];
        $chosen = array_values(array_intersect(Keys::of($set->layers), $layers));
        $this->layers = array_slice($chosen === [] ? $used : $chosen, 0, LabelWish::MOST_LAYERS);
        $this->isApart = $one('apart') === '1';
        $this->isLarge = $one('large') === '1';
        $this->isBlack = $one('black') === '1';
        $this->isChanged = $one('changed') === '1';
    }

    /**
     * @return array<string, Device> devices that can have labels, by id: what is a screen, or has the marks of its
     *    maker, has none
     */
    public static function printable(BindingSet $set): array
    {
        return array_filter(
            array_map($set->wired(...), $set->rig->devices),
            fn (Device $device) => ! in_array($device->kind, self::WITHOUT, true) && $device->controls !== [],
        );
    }

    /**
     * The device that most is said of: whoever prints begins there.
     *
     * @param array<string, Device> $devices
     */
    private static function fullest(BindingSet $set, array $devices): ?Device
    {
        $cells = array_map(fn (Device $device) => 0, $devices);
        foreach ($set->cells as $ofLayer) {
            foreach (Keys::of($ofLayer) as $ref) {
                $id = explode('/', $ref, 2)[0];
                $cells[$id] = isset($cells[$id]) ? $cells[$id] + 1 : 0;
            }
        }
        arsort($cells);

        return $devices[array_key_first(array_intersect_key($cells, $devices)) ?? ''] ?? null;
    }

    /** @return list<string> layers in which the device does something, the base layer at least */
    private function used(BindingSet $set): array
    {
        $isOfDevice = fn (string $ref): bool => $this->device !== null && str_starts_with($ref, $this->device->id.'/');
        $used = array_values(array_filter(
            Keys::of($set->layers),
            fn (string $layer) => array_filter(Keys::of($set->cells[$layer] ?? []), $isOfDevice) !== [],
        ));

        return $used === [] ? array_slice(Keys::of($set->layers), 0, 1) : $used;
    }

    /** @return array<string, string> what it can be printed on, by the word in the address */
    public function papers(): array
    {
        return array_merge(...array_map(
            fn (string $paper) => $paper === self::TAPE ? [self::TAPE => 'the tape itself'] : Paper::names($paper),
            self::PAPERS[$this->what],
        ));
    }

    /** Null for the tape itself. */
    public function sheet(): ?Paper
    {
        return $this->paper === self::TAPE ? null : Paper::of($this->paper);
    }

    public function wish(): LabelWish
    {
        return new LabelWish($this->text, $this->layers, $this->isApart, $this->height, $this->isLarge);
    }

    /** Under which word it is remembered that it was printed. */
    public function remembered(): string
    {
        return $this->what === self::LABELS ? self::LABELS.' '.($this->device->id ?? '') : $this->what;
    }

    /** @return array<string, mixed> for an address, without what is as usual */
    public function toArray(): array
    {
        return array_filter([
            'what' => $this->what, 'device' => $this->what === self::LABELS
                ? $this->device->id
                ?? ''
                : '', 'paper' => $this->paper, 'height' => $this->what === self::LABELS
                ? (string) $this->height
                : '',
            'text' => $this->what === self::LABELS
                ? $this->text->value
                : '', 'layers' => $this->what === self::LABELS
                ? $this->layers
                : [],
            'apart' => $this->isApart ? '1'
                : '', 'large' => $this->isLarge
                ? '1'
                : '', 'black' => $this->isBlack
                ? '1'
                : '', 'changed' => $this->isChanged
                ? '1'
                : '',
        ]);
    }
}
