<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\ActionOutput;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Heard;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SaysParts;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;

/**
 * What is in the memory of a device, taken into a set. It is compared with what the set would write there now: what is
 * equal stays as the set says it (actions, texts, what is inherited), and what the device does not keep is not touched.
 */
final class ReadBack
{
    use SaysParts;

    /**
     * Sections of which a part goes where the device does not have it, those first that name others; layers, flags and
     * macros are of the whole set.
     */
    private const GONE = ['cells', 'chords', 'lamps', 'stops', 'axes', 'made', 'settings'];

    /** @var list<string> a sentence for each part that stays as the set says it, though the device has it otherwise */
    public array $left = [];

    private readonly SetDocument $now;

    private readonly Heard $heard;

    private readonly Words $words;

    public function __construct(private readonly BindingSet $set, private readonly Device $device)
    {
        $this->now = DeviceMapping::of($set, $device)->document;
        $this->heard = new Heard($set);
        $this->words = new Words($set);
    }

    /** What the set says with what is stored; the same document if that is what it would write. */
    public function into(SetDocument $stored): SetDocument
    {
        $this->left = [];
        $own = $this->own();
        $gone = array_fill_keys(self::GONE, []);
        foreach ($stored->parts() + $this->now->parts() as $part) {
            $path = $part->path;
            [$is, $was] = [self::plain($stored, $path), self::plain($this->now, $path)];
            if ($is !== null && ! self::isSame($is, $was)) {
                $own = $this->with($own, $path, $is, $was);
            } elseif ($is === null && isset($gone[$path->section])) {
                $gone[$path->section][] = $path;
            }
        }

        return $this->without($own, array_merge(...array_values($gone)));
    }

    /**
     * @param array<string, mixed>  $is  what is stored
     * @param ?array<string, mixed> $was what the set would write; null if nothing
     */
    private function with(SetDocument $own, PartPath $path, array $is, ?array $was): SetDocument
    {
        $said = $this->set->merged->value($path) === null ? null : Node::of($this->set->merged->value($path))->plain();
        // What is of the whole set is there, though the device would not need it now.
        $was ??= match ($said === null ? '' : $path->section) {
            'layers', 'flags' => $said,
            'macros' => DeviceMacros::held($this->set, $path->key),
            default => null,
        };
        if ($was === null && $said !== null && $path->section !== 'axes') {
            $this->left[] = $this->words->subject($path)
                .': the device has it otherwise, but what this set says of it the device cannot keep';

            return $own;
        }
        $next = $this->merged($path, $is, $was ?? [], $said ?? []);

        return self::isSame($next, $said) ? $own : $own->with($path, $next);
    }

    /**
     * Field by field: what is equal stays as the set says it.
     *
     * @param array<string, mixed> $is
     * @param array<string, mixed> $was
     * @param array<string, mixed> $said
     *
     * @return array<string, mixed>
     */
    private function merged(PartPath $path, array $is, array $was, array $said): array
    {
        if (($is['nothing'] ?? false) === true) {
            return $is;
        }
        $next = $said;
        foreach (Keys::each($is + $was) as $field => $ignored) {
            [$new, $old] = [$is[$field] ?? null, $was[$field] ?? null];
            if (self::isSame($new, $old)) {
                continue;
            }
            $next[$field] = match (true) {
                $new === null => null,
                $field === 'outputs' => $this->outputs(
                    self::list($new),
                    self::list($old),
                    self::list($said[$field] ?? null),
                ),
                $field === 'steps' && $path->section === 'macros' => $this->steps(self::list($new)),
                $field === 'axes' && $path->section === 'stops' => [
                    ...self::list($new),
                    ...$this->axesOfOthers(self::list($said[$field] ?? null)),
                ],
                default => $new,
            };
        }

        return array_filter($next, fn (mixed $value) => $value !== null);
    }

    /**
     * Outputs as the set says them where they are the same, actions where the set has one for them, and those that the
     * device does not keep after them.
     *
     * @param list<mixed> $is
     * @param list<mixed> $was  what the device would keep of the set's
     * @param list<mixed> $said
     *
     * @return list<mixed>
     */
    private function outputs(array $is, array $was, array $said): array
    {
        $kept = $beside = [];
        foreach ($said as $output) {
            $way = $this->set->leaving(Outputs::read(Node::of($output)))?->toArray();
            if ($way !== null && array_filter($was, fn (mixed $one) => self::isSame($one, $way)) !== []) {
                $kept[Json::compact($way)] = $output;
            } else {
                $beside[] = $output;
            }
        }

        return [
            ...array_map(
                fn (mixed $output) => $kept[Json::compact(Node::of($output)->plain())] ?? $this->output($output),
                $is,
            ),
            ...$beside,
        ];
    }

    /** @return mixed the one action of the set that is reached so, else the output as it is */
    private function output(mixed $output): mixed
    {
        $action = $this->heard->only(Outputs::read(Node::of($output)));

        return $action === null ? $output : (new ActionOutput($action->id))->toArray();
    }

    /**
     * @param list<mixed> $steps of a macro
     *
     * @return list<mixed>
     */
    private function steps(array $steps): array
    {
        return array_map(function (mixed $step): mixed {
            $plain = Node::of($step)->plain();

            return isset($plain['output']) ? ['output' => $this->output($plain['output'])] + $plain : $plain;
        }, $steps);
    }

    /**
     * What the device does not have any more goes, where nothing else of the set needs it.
     *
     * @param list<PartPath> $gone
     */
    private function without(SetDocument $own, array $gone): SetDocument
    {
        foreach ($gone as $path) {
            $rest = $this->rest($path);
            $next = $rest === null ? $this->takeAway($own, $path) : $own->with($path, $rest);
            if ($this->fits($next)) {
                $own = $next;
            } else {
                $this->left[] = $this->words->subject($path)
                    .': the device does not have it any more, but something else of this set needs it';
            }
        }

        return $own;
    }

    /** @return ?array<string, mixed> what of a part the device never kept, so that it stays; null if nothing */
    private function rest(PartPath $path): ?array
    {
        $said = Node::of($this->set->merged->value($path))->plain();
        $rest = match ($path->section) {
            'cells' => $this->outputs(
                [],
                self::list((self::plain($this->now, $path) ?? [])['outputs'] ?? null),
                self::list($said['outputs'] ?? null),
            ),
            'stops' => $this->axesOfOthers(self::list($said['axes'] ?? null)),
            default => [],
        };

        return $rest === [] ? null : [$path->section === 'cells' ? 'outputs' : 'axes' => $rest] + $said;
    }

    /**
     * @param list<mixed> $axes
     *
     * @return list<mixed>
     */
    private function axesOfOthers(array $axes): array
    {
        return array_values(array_filter(
            $axes,
            fn (mixed $axis) => ! is_string($axis) || ! str_starts_with($axis, $this->device->id.'/'),
        ));
    }

    /** Does the set hold together with this? */
    private function fits(SetDocument $own): bool
    {
        try {
            BindingSet::of(
                MergedDocument::of([...array_slice($this->set->merged->chain, 0, -1), $own]),
                new Rig(array_values($this->set->rig->devices)),
                $this->set->catalogue,
                [],
                $this->set->layouts,
            );
        } catch (FormatError) {
            return false;
        }

        return true;
    }

    /** @return ?array<string, mixed> */
    private static function plain(SetDocument $document, PartPath $path): ?array
    {
        $value = $document->value($path);

        return $value === null ? null : Node::of($value)->plain();
    }

    /** @return list<mixed> */
    private static function list(mixed $value): array
    {
        return is_array($value) ? array_values($value) : [];
    }

    private static function isSame(mixed $one, mixed $other): bool
    {
        return Json::compact([$one]) === Json::compact([$other]);
    }
}
