<?php

declare(strict_types=1);

namespace Tests\Core\Laws;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Mapping\Behaviour\Behaviours;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Mapping\Output\PlaysMacro;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Device\Keeps;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\MergedDocument;
use Nailrod\Core\Set\Played;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is stored in a device works as the set does, but for what only Nailrod itself can write. */
#[Group('laws')]
final class MappingLawTest extends TestCase
{
    use InWorlds;

    private const RUNS = 3;

    public function test_law_10_what_a_device_keeps_does_alone_what_the_whole_set_does(): void
    {
        $compared = $left = 0;
        $this->inEveryWorld(function (World $world) use (&$compared, &$left): void {
            $device = self::limited($world, $world->set->rig->devices['d']);
            $mapping = DeviceMapping::of($world->set, $device);
            $stored = DeviceMapping::decode($mapping->encode());
            $this->assertSame(
                $mapping->encode(),
                Json::compact(Json::decode(DeviceMapping::read($mapping->encode(), $device)->toJson())),
                'what is stored, read by itself, would be stored the same',
            );
            $kept = BindingSet::of(MergedDocument::of([$stored]), new Rig([$device]), null);
            $inputs = array_values(
                array_filter($world->inputs, fn (Input $input) => str_starts_with($input->port, 'd/')),
            );
            $alone = Machine::start(Compiler::compile($kept));
            $whole = Machine::start($world->program);
            $otherwise = self::drivenOtherwise($world->set, $kept);
            if (isset($otherwise['record macro '])) {
                // What was recorded may be anything.
                return;
            }
            $expected = self::rows([...$whole->feed($inputs), ...$whole->finish()], $otherwise);
            $this->assertSame($expected, self::rows([...$alone->feed($inputs), ...$alone->finish()], $otherwise));
            $compared += count($expected);
            $left += count($otherwise);
        }, runs: self::RUNS);
        $this->assertTried(self::worlds(), min($compared, $left));
    }

    /** Half of the devices keep all that a device can, the others only some parts and kinds, and not many of each. */
    private static function limited(World $world, Device $device): Device
    {
        if ($world->chance(50)) {
            return $device->withFirmware('1.0', Keeps::all(2, 100_000));
        }
        $some = fn (array $all): ?array => $world->chance(40) ? null : array_values(
            array_filter($all, fn () => $world->chance(75)),
        );
        $most = array_map(
            fn () => $world->between(0, 3),
            array_filter(array_flip(['stops', 'layers', 'chords', 'macros', 'lamps']), fn () => $world->chance(40)),
        );

        return $device->withFirmware(
            '1.0',
            new Keeps(
                2,
                100_000,
                $some(Keeps::PARTS),
                $some(array_keys(Behaviours::all())),
                $some(array_keys(Outputs::all())),
                $most,
                $world->chance(30) ? 3 : null,
            ),
        );
    }

    /**
     * @return array<string, true> outputs that a part of the device drives which it does not keep: they are compared on
     *    neither side
     */
    private static function drivenOtherwise(BindingSet $set, BindingSet $kept): array
    {
        $driven = $macros = [];
        $played = Played::of($set);
        $plays = function (string $macro) use (&$drive, &$macros, $played, $set): void {
            $steps = isset($macros[$macro]) ? [] : $played->macros[$macro]->played($set->layouts)->steps;
            $macros[$macro] = true;
            $drive(array_map(fn ($step) => $step->output, $steps));
        };
        $drive = function (iterable $outputs) use (&$driven, $plays): void {
            foreach ($outputs as $output) {
                $said = $output?->toArray() ?? [];
                foreach ([$said['code'] ?? null, ...($said['with'] ?? [])] as $key) {
                    $driven['key '.$key] = true;
                }
                $driven[
                    isset($said['usage'])
                        ? 'consumer '
                        .$said['usage']
                        : ($said['kind'] ?? '')
                        .' '
                        .($said['number'] ?? $said['lamp'] ?? '')
                ] = true;
                $output instanceof PlaysMacro && $plays($output->macro());
            }
        };
        $isKept = fn (Output $output, array $by): bool => in_array(
            $output->toArray(),
            array_map(fn (Output $one) => $one->toArray(), $by),
            false,
        );
        foreach ($played->cells as $layer => $cells) {
            foreach ($cells as $ref => $cell) {
                $is = $kept->cell((string) $layer, (string) $ref);
                $isWhole = $is !== null && ! $is->isNothing();
                foreach ($cell->as === null ? [] : $played->cells as $others) {
                    $drive(($others[$cell->as] ?? null)?->outputsOfEither() ?? []);
                    array_map($plays, ($others[$cell->as] ?? null)?->plays() ?? []);
                }
                $drive(array_filter(
                    $cell->as === null ? $cell->outputsOfEither() : [],
                    fn (Output $output) => ! $isWhole || ! $isKept($output, $is->outputs),
                ));
                array_map($plays, $isWhole ? [] : $cell->plays());
            }
        }
        foreach ($played->chords as $layer => $chords) {
            foreach ($chords as $id => $chord) {
                isset($kept->chords[$layer][$id]) || $drive($chord->outputs);
            }
        }
        foreach (array_diff_key($played->lamps, $kept->lamps) as $rule) {
            $driven += array_fill_keys(array_map(fn (string $lamp) => 'lamp '.$lamp, $rule->lamps()), true);
        }

        return $driven;
    }

    /**
     * @param list<OutputEvent>   $events
     * @param array<string, true> $without outputs that are left out
     *
     * @return array<string, list<string>> what left the device, time and value, by output
     */
    private static function rows(array $events, array $without): array
    {
        $rows = [];
        foreach ($events as $event) {
            $key = $event->kind.' '.$event->target;
            if (
                in_array(
                    $event->kind,
                    [
                        OutputEvent::AXIS, OutputEvent::BUTTON, OutputEvent::HAT, OutputEvent::KEY,
                        OutputEvent::CONSUMER, OutputEvent::LAMP,
                    ],
                    true,
                ) && ! isset($without[$key])
            ) {
                $rows[$key][] = $event->t.' '.$event->value;
            }
        }
        ksort($rows);

        return $rows;
    }
}
