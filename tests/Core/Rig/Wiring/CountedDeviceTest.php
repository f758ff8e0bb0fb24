<?php

declare(strict_types=1);

namespace Tests\Core\Rig\Wiring;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Control;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Rig\Wiring\CountedDevice;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A device that is drawn by counting its controls. */
final class CountedDeviceTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(CountedDevice::USUAL) as $kind) {
            yield $kind => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_every_kind_can_be_drawn_as_it_usually_is_and_with_one_and_many_of_each(string $kind): void
    {
        $usual = CountedDevice::USUAL[$kind];
        foreach ([$usual, array_map(fn () => 1, $usual), array_map(fn () => 9, $usual)] as $counts) {
            $device = DeviceReader::read(Node::of(CountedDevice::document('mine', 'My own', $kind, $counts)));
            $this->assertTrue($device->standIn);
            $this->assertCount(array_sum($counts), $device->controls);
            $found = array_count_values(array_map(fn (Control $control) => $control->kind::kind(), $device->controls));
            $this->assertEquals(array_filter($counts), $found);
            // Every input has a number of its own, and every control a place of its own on the face.
            $numbers = array_filter(
                array_map(
                    fn ($contact) => $contact->number === null
                        ? null
                        : $contact->page->value
                        .$contact->number
                        .$contact->hat,
                    $device->contacts(),
                ),
                fn ($number) => $number !== null && ! str_contains($number, 'hat'),
            );
            $this->assertSame(count($numbers), count(array_unique($numbers)));
            $this->assertCount(
                count($device->axes()),
                array_unique(array_map(fn ($axis) => $axis->number, $device->axes())),
            );
            foreach ($device->controls as $i => $control) {
                $this->assertTrue(
                    $control->x > 0 && $control->x < $device->width && $control->y > 0 && $control->y < $device->height,
                    $control->name,
                );
                foreach (array_slice($device->controls, $i + 1) as $other) {
                    $this->assertGreaterThan(
                        90,
                        hypot($control->x - $other->x, $control->y - $other->y),
                        $control->name.' and '.$other->name,
                    );
                }
            }
            $this->assertCount(
                count($device->controls),
                array_unique(array_map(fn (Control $control) => $control->name, $device->controls)),
            );
        }
    }

    public function test_a_box_of_24_inputs_has_24_numbers(): void
    {
        $device = DeviceReader::read(
            Node::of(CountedDevice::document('box', 'Box', 'button box', ['button' => 12, 'two-way' => 12])),
        );
        $this->assertSame(
            range(1, 24),
            array_values(array_filter(array_map(fn ($contact) => $contact->number, $device->contacts()))),
        );
        $this->assertSame(['Button 1', 'Two-way switch 12'], [$device->controls[0]->name, $device->controls[23]->name]);
    }

    public function test_what_cannot_be_drawn_is_refused(): void
    {
        foreach (
            [
                ['button box', []], ['button box', ['button' => 0]], ['button box', ['lever' => 4]],
                ['sofa', ['button' => 3]],
            ] as [$kind, $counts]
        ) {
            try {
                CountedDevice::document('x', 'Mine', $kind, $counts);
                $this->fail('It was drawn.');
            } catch (FormatError $error) {
                $this->assertNotSame('', $error->getMessage());
            }
        }
        $this->assertCount(
            CountedDevice::MOST,
            CountedDevice::document('x', 'Mine', 'button box', ['button' => 4000])['controls'],
        );
    }

    public function test_what_is_counted_has_a_name_in_words(): void
    {
        $this->assertSame(
            ['push buttons', 'two-way switches', 'levers', 'encoders'],
            array_map(
                fn (string $kind) => ControlKinds::of($kind)->several(),
                ['button', 'two-way', 'lever', 'encoder'],
            ),
        );
        foreach (CountedDevice::USUAL as $usual) {
            foreach (array_keys($usual) as $kind) {
                $this->assertMatchesRegularExpression('/^[a-z -]+s$/', ControlKinds::of($kind)->several());
            }
        }
    }
}
