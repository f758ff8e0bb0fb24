<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Nailrod\Core\Engine\Recording\RecordingReader;
use Nailrod\Core\Format\Cause\InputError;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever is in a file: it is read, or refused with a place. */
final class FuzzTest extends TestCase
{
    private const DEMO = __DIR__.'/../../../demo/';

    /** @return iterable<string, array{string, callable(string): mixed}> */
    public static function readers(): iterable
    {
        yield 'device' => [
            'devices/fennel.device.json', fn (string $text) => DeviceReader::read(Node::of(Json::decode($text))),
        ];
        yield 'catalogue' => [
            'catalogues/skerrywing.catalogue.json', fn (string $text) => Catalogue::read(Node::of(Json::decode($text))),
        ];
        yield 'house set' => ['sets/house.set.json', SetDocument::fromJson(...)];
        yield 'simulator set' => ['sets/skerrywing.set.json', SetDocument::fromJson(...)];
        yield 'run' => [
            'runs/first-flight.csv',
            fn (string $text) => iterator_to_array(RecordingReader::batches(explode("\n", $text)), false),
        ];
    }

    /** @param callable(string): mixed $read */
    #[DataProvider('readers')]
    public function test_spoilt_bytes_end_in_a_document_or_a_clear_error(string $file, callable $read): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $text = (string) file_get_contents(self::DEMO.$file);
        $refused = 0;
        for ($i = 0; $i < 400; $i++) {
            $spoilt = $text;
            for ($n = $dice->getInt(1, 4); $n > 0; $n--) {
                $at = $dice->getInt(0, strlen($spoilt) - 1);
                $spoilt = match ($dice->getInt(0, 3)) {
                    0 => substr($spoilt, 0, $at),
                    1 => substr_replace(
                        $spoilt,
                        substr($dice->shuffleBytes('{}[]",:0129-.eEtfn'."\n\xC3"), 0, $dice->getInt(1, 3)),
                        $at,
                        1,
                    ),
                    2 => substr_replace($spoilt, '', $at, $dice->getInt(1, 30)),
                    default => substr_replace(
                        $spoilt,
                        substr($spoilt, $dice->getInt(0, strlen($spoilt) - 1), 20),
                        $at,
                        0,
                    ),
                };
                if ($spoilt === '') {
                    break;
                }
            }
            try {
                $read($spoilt);
            } catch (FormatError|InputError $error) {
                $refused++;
                $this->assertMatchesRegularExpression('/^.+: found .+, expected .+\.$/su', $error->getMessage());
            }
        }
        $this->assertGreaterThan(100, $refused);
    }

    /** @return iterable<string, array{string, callable(string): mixed}> */
    public static function documents(): iterable
    {
        foreach (self::readers() as $name => $case) {
            if ($name !== 'run') {
                yield $name => $case;
            }
        }
    }

    /** @param callable(string): mixed $read */
    #[DataProvider('documents')]
    public function test_values_of_another_type_end_in_a_document_or_a_clear_error(string $file, callable $read): void
    {
        $dice = new Randomizer(new Mt19937(13));
        $refused = 0;
        $document = Json::decode((string) file_get_contents(self::DEMO.$file));
        $others = [null, true, -1, 1e300, '', 'x', [], [1], ['a' => 1], str_repeat('é', 300)];
        for ($i = 0; $i < 400; $i++) {
            $spoilt = $document;
            $this->spoil($spoilt, $dice, $others);
            try {
                $read(json_encode($spoilt, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
            } catch (FormatError $error) {
                $refused++;
                $this->assertMatchesRegularExpression('/^.+: found .+, expected .+\.$/su', $error->getMessage());
            }
        }
        $this->assertGreaterThan(200, $refused);
    }

    /**
     * Puts another value somewhere into the document.
     *
     * @param array<array-key, mixed> $value
     * @param list<mixed>             $others
     */
    private function spoil(array &$value, Randomizer $dice, array $others): void
    {
        $keys = array_keys($value);
        if ($keys === []) {
            return;
        }
        $key = $keys[$dice->getInt(0, count($keys) - 1)];
        if (is_array($value[$key]) && $value[$key] !== [] && $dice->getInt(0, 3) > 0) {
            $this->spoil($value[$key], $dice, $others);
        } else {
            $value[$key] = $others[$dice->getInt(0, count($others) - 1)];
        }
    }
}
