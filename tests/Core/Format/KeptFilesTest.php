<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Recording\OutputWriter;
use Nailrod\Core\Engine\Recording\RecordingReader;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Simulator\GameBindings;
use Nailrod\Core\Exchange\KeyList;
use Nailrod\Core\Exchange\Memory\BankMemory;
use Nailrod\Core\Exchange\Memory\DeviceMapping;
use Nailrod\Core\Exchange\Summary;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\KeyLayout;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Library;
use Nailrod\Core\Set\SetBundle;
use Nailrod\Core\Set\SetDocument;
use Nailrod\Core\Set\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Exchange\Memory\CablePort;

/** What an earlier version wrote is read, and means what it meant (`tests/Kept/README.md`). */
final class KeptFilesTest extends TestCase implements Library
{
    private const KEPT = __DIR__.'/../../Kept/';

    /**
     * @return iterable<string, array{string, string, string}> file of the set, of the run, and what begins the names of
     *    what it gave
     */
    public static function sets(): iterable
    {
        foreach (glob(self::KEPT.'sets/*.set.json') ?: [] as $file) {
            yield basename($file) => [
                $file, self::KEPT.'recordings/first-flight.csv', substr($file, 0, -strlen('.set.json')),
            ];
        }
        foreach (glob(self::KEPT.'worlds/*.set.json') ?: [] as $file) {
            $start = substr($file, 0, -strlen('.set.json'));
            yield 'world '.basename($file) => [$file, $start.'.csv', $start];
        }
    }

    #[DataProvider('sets')]
    public function test_a_set_gives_what_it_gave_and_is_said_as_it_was(string $file, string $run, string $start): void
    {
        $set = $this->assembled(self::content($file));
        $machine = Machine::start(Compiler::compile($set), true);
        $out = OutputWriter::HEADER."\n";
        foreach (RecordingReader::batches(explode("\n", trim(self::content($run)))) as $batch) {
            $out .= implode('', array_map(OutputWriter::line(...), $machine->feed($batch)));
        }
        $out .= implode('', array_map(OutputWriter::line(...), $machine->finish()));

        $this->assertSame(self::content($start.'.out.csv'), $out);
        $this->assertSame(self::content($start.'.words.txt'), $this->inWords($set));
    }

    #[DataProvider('sets')]
    public function test_a_set_is_written_as_it_was(string $file): void
    {
        $json = self::content($file);
        $own = Node::of(Json::decode($json))->without(['with']);

        $this->assertEquals(
            json_decode(Json::encode(Node::of($own->value)->plain())),
            json_decode(SetDocument::read($own)->toJson()),
        );
    }

    public function test_devices_catalogues_lists_and_recordings_are_read(): void
    {
        foreach (glob(self::KEPT.'devices/*.json') ?: [] as $file) {
            $this->assertSame(basename($file, '.device.json'), DeviceReader::read(self::node($file))->id);
        }
        foreach (glob(self::KEPT.'catalogues/*.json') ?: [] as $file) {
            $id = basename($file, '.catalogue.json');
            $catalogue = Catalogue::read(self::node($file));
            $set = $this->assembled(self::content(self::KEPT.'sets/'.$id.'.set.json'));
            $this->assertSame($id, $catalogue->id);
            $this->assertSame(
                self::content(self::KEPT.'lists/'.$id.'.bindings.json'),
                GameBindings::of($set, $catalogue)->toJson(),
            );
            $this->assertEquals(
                GameBindings::of($set, $catalogue),
                GameBindings::read(self::content(self::KEPT.'lists/'.$id.'.bindings.json'), $catalogue),
            );
            $this->assertSame(self::content(self::KEPT.'lists/'.$id.'.keys.csv'), KeyList::write($set, $catalogue));
            $this->assertEquals(
                KeyList::read(KeyList::write($set, $catalogue), $catalogue),
                KeyList::read(self::content(self::KEPT.'lists/'.$id.'.keys.csv'), $catalogue),
            );
            $this->assertSame(self::content(self::KEPT.'lists/'.$id.'.summary.txt'), Summary::of($set));
        }
        $bundle = SetBundle::read(self::content(self::KEPT.'lists/skerrywing.bundle.json'), $this);
        $this->assertSame('skerrywing', $bundle->set->id);
    }

    /** @return iterable<string, array{string, string}> set and device */
    public static function memories(): iterable
    {
        foreach (glob(self::KEPT.'memories/*.memory.gz') ?: [] as $file) {
            yield basename($file) => explode('-', basename($file, '.memory.gz'), 2);
        }
    }

    #[DataProvider('memories')]
    public function test_a_memory_is_read_and_written_as_it_was(string $set, string $id): void
    {
        $start = self::KEPT.'memories/'.$set.'-'.$id;
        $bytes = (string) gzdecode((string) file_get_contents($start.'.memory.gz'));
        $assembled = $this->assembled(self::content(self::KEPT.'sets/'.$set.'.set.json'));
        $device = $assembled->rig->devices[$id];
        $this->assertNotNull($device->keeps());
        $port = new CablePort($device->keeps()->banks * $device->keeps()->bankBytes, $device->keeps()->banks);
        $port->write(0, $bytes);

        $mapping = DeviceMapping::decode((string) (new BankMemory($port))->read());
        $this->assertSame(self::content($start.'.set.json'), $mapping->toJson());

        $now = DeviceMapping::of($assembled, $device);
        // Layers and flags that nothing in the device needs are not written any more.
        $this->assertSame(
            DeviceMapping::read((string) (new BankMemory($port))->read(), $device)->toJson(),
            $now->document->toJson(),
        );
        $this->assertSame(self::content($start.'.left-out.json'), Json::encode($now->leftOut));
    }

    private function inWords(BindingSet $set): string
    {
        $words = new Words($set);
        $text = '';
        foreach ($set->merged->parts() as $part) {
            $text .= $words->subject($part->path, $part).': '.$words->value($part)."\n";
        }
        foreach ($set->cells as $layer => $cells) {
            foreach (array_keys($cells) as $ref) {
                $text .= $words->sentenceOf((string) $layer, (string) $ref)."\n";
            }
        }

        return $text;
    }

    private function assembled(string $json): BindingSet
    {
        $bundle = SetBundle::read($json, $this);

        return (new Assembly($bundle))->assemble($bundle->set);
    }

    private static function content(string $file): string
    {
        return is_file($file) ? (string) file_get_contents($file)
            : (string) gzdecode((string) file_get_contents($file.'.gz'));
    }

    private static function node(string $file): Node
    {
        return Node::of(Json::decode(self::content($file)));
    }

    public function set(string $id): ?SetDocument
    {
        return SetDocument::read(self::node(self::KEPT.'sets/'.$id.'.set.json'));
    }

    public function device(string $id): ?Device
    {
        return DeviceReader::read(self::node(self::KEPT.'devices/'.$id.'.device.json'));
    }

    public function catalogue(string $id): ?Catalogue
    {
        return Catalogue::read(self::node(self::KEPT.'catalogues/'.$id.'.catalogue.json'));
    }

    public function layout(string $id): ?KeyLayout
    {
        return KeyLayout::fromJson(self::content(__DIR__.'/../../../layouts/'.$id.'.layout.json'));
    }
}
