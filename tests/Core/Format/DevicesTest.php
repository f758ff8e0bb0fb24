<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Rig\Device\Kind\Stick;
use Nailrod\Core\Rig\Device\Rig;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DevicesTest extends TestCase
{
    private const DEMO = __DIR__.'/../../../demo/';

    /** @return array<array-key, mixed> */
    private static function file(string $name): array
    {
        return Json::decode((string) file_get_contents(self::DEMO.$name));
    }

    public function test_fennel_has_the_controls_of_the_demo_rig(): void
    {
        $fennel = DeviceReader::read(Node::of(self::file('devices/fennel.device.json')));
        $kinds = array_count_values(array_map(fn ($control) => $control->kind::kind(), $fennel->controls));
        $this->assertSame(
            ['lever' => 2, 'slider' => 1, 'button' => 4, 'two-way' => 3, 'three-way' => 1, 'dial' => 1, 'encoder' => 1],
            $kinds,
        );
        $this->assertSame(2, $fennel->keeps()?->banks);
        $this->assertCount(3, $fennel->axes());
        $this->assertSame(65535, $fennel->axes()[0]->max);
        $this->assertCount(5, $fennel->lamps);
        $opposites = array_filter($fennel->contacts(), fn ($contact) => $contact->opposite !== null);
        $this->assertCount(3, $opposites);
    }

    public function test_a_rig_knows_its_inputs_by_reference_and_by_name(): void
    {
        $rig = new Rig([DeviceReader::read(Node::of(self::file('devices/gorse.device.json')))]);
        $this->assertSame('Stick X', $rig->nameOf('gorse/stick.x'));
        $this->assertSame('Hat north', $rig->nameOf('gorse/hat.north'));
        $this->assertSame('gorse/none', $rig->nameOf('gorse/none'));
        $this->assertSame('Gorse', $rig->deviceNameOf('gorse/hat.north'));
        $this->assertInstanceOf(Stick::class, $rig->controlOf('gorse/stick.y')?->kind);
        $this->assertTrue($rig->axes['gorse/stick.x']->centred);
        $this->assertSame(2048, $rig->axes['gorse/stick.x']->restReading());
    }

    /** @return iterable<string, array{callable(array<array-key, mixed>): array<array-key, mixed>, string}> */
    public static function brokenDevices(): iterable
    {
        yield 'an unknown field' => [
            fn ($d) => $d + ['colour' => 'red'], 'colour: found a field that this format does not have',
        ];
        yield 'another format' => [
            fn ($d) => ['format' => 'x'] + $d, 'format: found "x", expected one of nailrod-device.',
        ];
        yield 'a newer version' => [
            fn ($d) => ['version' => 2] + $d, 'version: found 2, expected a whole number from 1 to 1.',
        ];
        yield 'the name of the game' => [fn ($d) => ['id' => 'sim'] + $d, 'id: found "sim", expected another name'];
        yield 'a number twice' => [
            fn ($d) => self::with($d, 4, 'contacts', [['number' => 1]]),
            'controls[4].contacts[0].number: found 1, expected a number that is free (fennel/left-thumb has it).',
        ];
        yield 'an axis number twice' => [
            fn ($d) => self::with($d, 1, 'axes', [['number' => 1, 'min' => 0, 'max' => 9]]),
            'controls[1].axes[0].number: found 1, expected a number that is free',
        ];
        yield 'a range upside down' => [
            fn ($d) => self::with($d, 0, 'axes', [['number' => 1, 'min' => 9, 'max' => 9]]),
            'controls[0].axes[0].max: found 9, expected a whole number from 10',
        ];
        yield 'an opposite of nothing' => [
            fn ($d) => self::with($d, 7, 'contacts', [['id' => 'down', 'opposite' => 'up']]),
            'controls[7].contacts[0].opposite: found "up", expected a reported position of the same control, listed '
                .'before.',
        ];
        yield 'a control that reports nothing' => [
            fn ($d) => self::with($d, 0, 'axes', []), 'controls[0]: found no field',
        ];
        yield 'a place with one number' => [
            fn ($d) => self::with($d, 0, 'at', [3]),
            'controls[0].at: found a list of 1, expected two numbers, across and down.',
        ];
        yield 'one control twice' => [fn ($d) => self::with($d, 1, 'id', 'left-lever'), 'controls[1]'];
    }

    /**
     * @param array<array-key, mixed> $device
     *
     * @return array<array-key, mixed>
     */
    private static function with(array $device, int $control, string $field, mixed $value): array
    {
        $device['controls'][$control][$field] = $value;

        return $device;
    }

    /** @param callable(array<array-key, mixed>): array<array-key, mixed> $break */
    #[DataProvider('brokenDevices')]
    public function test_a_device_file_that_does_not_fit_is_refused_by_its_path(callable $break, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        DeviceReader::read(Node::of($break(self::file('devices/fennel.device.json'))));
    }

    public function test_the_catalogue_has_40_or_more_actions_in_groups(): void
    {
        $catalogue = Catalogue::read(Node::of(self::file('catalogues/skerrywing.catalogue.json')));
        $this->assertGreaterThanOrEqual(40, count($catalogue->actions));
        $this->assertSame(count($catalogue->actions), array_sum(array_map(count(...), $catalogue->byGroup())));
        $this->assertSame([128, 8, 16667], [$catalogue->buttons, $catalogue->axes, $catalogue->frame]);
        $this->assertSame('anchor', $catalogue->action('anchor')?->effect->variable);
        $this->assertSame('made fast', $catalogue->variables['mooring']->show(1.0));
        $this->assertSame('92.0 %', $catalogue->variables['power']->show(92.0));
    }

    /** @return iterable<string, array{callable(array<array-key, mixed>): array<array-key, mixed>, string}> */
    public static function brokenCatalogues(): iterable
    {
        yield 'an action twice' => [
            fn ($c) => self::action($c, 'id', 'power'),
            'actions[1].id: found "power", expected a name that no other action has.',
        ];
        yield 'a variable that is not there' => [
            fn ($c) => self::action($c, 'effect', ['do' => 'follow', 'variable' => 'none']),
            'actions[1].effect.variable: found "none", expected a variable of this catalogue.',
        ];
        yield 'an axis that steps' => [
            fn ($c) => self::action($c, 'effect', ['do' => 'flip', 'variable' => 'power']),
            'actions[1].effect.do: found "flip", expected "follow" for an axis and only for an axis.',
        ];
        yield 'a key that is not one' => [
            fn ($c) => self::action($c, 'key', ['kind' => 'key', 'code' => 'L']),
            'actions[1].key.code: found "L", expected a key by its W3C code',
        ];
        yield 'a group that is not there' => [
            fn ($c) => self::action($c, 'group', 'none'), 'actions[1].group: found "none", expected one of engine',
        ];
    }

    /**
     * @param array<array-key, mixed> $catalogue
     *
     * @return array<array-key, mixed>
     */
    private static function action(array $catalogue, string $field, mixed $value): array
    {
        $catalogue['actions'][1][$field] = $value;

        return $catalogue;
    }

    /** @param callable(array<array-key, mixed>): array<array-key, mixed> $break */
    #[DataProvider('brokenCatalogues')]
    public function test_a_catalogue_that_does_not_fit_is_refused_by_its_path(callable $break, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        Catalogue::read(Node::of($break(self::file('catalogues/skerrywing.catalogue.json'))));
    }
}
