<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

/**
 * Two hundred files that nobody should take: broken, of wrong types, too deep, too long, in wrong encodings, or made to
 * do harm.
 */
final class HostileFiles
{
    private const DEMO = __DIR__.'/../../../demo/';

    /** @return array<string, string> content by what is wrong with it */
    public static function all(): array
    {
        $set = (string) file_get_contents(self::DEMO.'sets/skerrywing.set.json');
        $catalogue = (string) file_get_contents(self::DEMO.'catalogues/quay-cable.catalogue.json');
        $device = (string) file_get_contents(self::DEMO.'devices/fennel.device.json');
        $bundle = (string) json_encode(
            json_decode($set, true) + ['with' => ['devices' => [json_decode($device, true)]]],
        );
        $files = self::byHand($set, $catalogue);
        mt_srand(20261126);
        $originals = ['set' => $set, 'catalogue' => $catalogue, 'file with a device' => $bundle];
        for ($n = 1; count($files) < 200; $n++) {
            $kind = array_keys($originals)[$n % 3];
            $files[$n % 4 === 0 ? 'a '.$kind.' cut off, '.$n : 'a '.$kind.' with a wrong type, '.$n] = $n % 4 === 0
                ? substr($originals[$kind], 0, mt_rand(1, strlen(rtrim($originals[$kind])) - 1))
                : self::wrongType($originals[$kind]);
        }

        return $files;
    }

    /** @return array<string, string> */
    private static function byHand(string $set, string $catalogue): array
    {
        $bomb = '<?xml version="1.0"?><!DOCTYPE a [<!ENTITY b "bbbbbbbbbb"><!ENTITY c '
            .'"&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;"><!ENTITY d "&c;&c;&c;&c;&c;&c;&c;&c;&c;&c;">]><a>&d;</a>';

        return [
            'nothing' => '', 'spaces' => "  \n\t", 'one brace' => '{', 'a number' => '17', 'null' => 'null',
            'a list' => '[]', 'an empty object' => '{}', 'an entity bomb' => $bomb,
            'an outer entity' => '<!DOCTYPE a [<!ENTITY x SYSTEM "file:///etc/passwd">]><a>&x;</a>',
            'a page' => '<!doctype html><html><body>Not found</body></html>',
            'no JSON after a set' => $set
                .'}', 'two sets' => $set
                .$set, 'a comment' => '// a set'
                ."\n"
                .$set, 'single quotes' => str_replace('"', "'", $set),
            'UTF-16' => (string) mb_convert_encoding($set, 'UTF-16LE', 'UTF-8'), 'Latin 1' => str_replace(
                'Skerrywing',
                "Sk\xE9rry",
                $set,
            ), 'a zero byte' => str_replace('Skerrywing', "Sk\0rry", $set),
            'half a surrogate' => str_replace('Skerrywing', '\ud83d', $set),
            'random bytes' => random_bytes(4000), 'a picture' => "\x89PNG\r\n\x1a\n"
                .random_bytes(300), 'an archive' => "PK\x03\x04"
                .random_bytes(300),
            'fifty thousand levels' => str_repeat('[', 50_000), 'a hundred levels, closed' => '{"format":'
                .str_repeat('{"a":', 100)
                .'1'
                .str_repeat('}', 101), 'objects without end' => '{"format":"nailrod-set","x":['
                .str_repeat('{},', 200_000)
                .'{}]}', 'lists without end' => '['
                .str_repeat('[],', 400_000)
                .'[]]',
            'a name of a megabyte' => str_replace(
                'Skerrywing',
                str_repeat('A', 1_000_000),
                $set,
            ), 'an id of a megabyte' => str_replace(
                '"skerrywing"',
                '"'.str_repeat('a', 1_000_000).'"',
                $set,
            ), 'more than two megabytes' => str_repeat(' ', 2_100_000).$set,
            'a name twice' =>
                '{"format":"nailrod-set","format":"nailrod-set","version":1,"id":"x","name":"X"}',
                'a cell twice' => (string) preg_replace(
                    '/"fennel\/right-lever":/',
                    '"fennel/left-lever":',
                    $set,
                    1,
                ), 'an escaped name twice' => '{"format":"nailrod-set","version":1,'
            .'"id":"x","name":"X","n\u0061me":"Y"}',
            'another format' => str_replace(
                'nailrod-set',
                'other-set',
                $set,
            ), 'no format' => '{"version":1,"id":"x","name":"X"}',
            'a format that is a list' => '{"format":["nailrod-set"]}',
            'a later version' => str_replace(
                '"version": 1',
                '"version": 2',
                $set,
            ), 'an unknown field' => '{"format":"nailrod-set","version":1,"id":"x","name":"X","__proto__":{}}',
            'an id with dots' => str_replace(
                '"id": "skerrywing"',
                '"id": "../../etc"',
                $set,
            ), 'an id with a quote' => str_replace(
                '"id": "skerrywing"',
                '"id": "a\'; drop table sets;--"',
                $set,
            ), 'a number too large' => str_replace(
                '"number": 1',
                '"number": 1e99',
                $set,
            ), 'a number below zero' => str_replace('"number": 1', '"number": -1', $set), 'not a number' => str_replace(
                '"number": 1',
                '"number": NaN',
                $set,
            ),
            'a frame of nothing' => str_replace(
                '"frame_us": 16667',
                '"frame_us": 0',
                $catalogue,
            ), 'a variable upside down' => (string) preg_replace(
                '/"low": -35,/',
                '"low": 99,',
                $catalogue,
            ), 'an action twice' => str_replace(
                '"helm-left"',
                '"helm-right"',
                $catalogue,
            ), 'a key that is none' => str_replace(
                '"KeyD"',
                '"KeyDD"',
                $catalogue,
            ), 'an effect on nothing' => str_replace(
                '"variable": "helm"',
                '"variable": "nothing"',
                $catalogue,
            ), 'no variables' => (string) json_encode(['variables' => []] + json_decode($catalogue, true)),
            'a device that is a set' => (string) json_encode(
                json_decode($set, true) + ['with' => ['devices' => [json_decode($set, true)]]],
            ), 'with nothing' => (string) json_encode(
                json_decode($set, true) + ['with' => ['devices' => 'all']],
            ), 'too many parents' => (string) json_encode(
                json_decode($set, true) + ['with' => ['sets' => array_fill(0, 40, json_decode($set, true))]],
            ),
            'a binding list' => '{"format":"nailrod-bindings","version":1,"simulator":"skerrywing","bindings":{}}',
            'a table without actions' => "group,key\nA,L\n",
            'a table with a quote left open' => "action,key\n\"A,L\nB,M\n",
            'a table with short rows' => "action,key\nA,L\nB\n",
            'a table of a hundred columns' => implode(',', range(1, 100))
                ."\n", 'a table without end' => "action\n"
                .str_repeat("A\n", 5000), 'a table in another encoding' => "action\nK\xFChler\n",
                'a table with another key' => "action,key,key\nA,L,M\n",
                'a line without end' => str_repeat('x', 900_000),
        ];
    }

    /** One value somewhere in the document is something else altogether. */
    private static function wrongType(string $json): string
    {
        $document = json_decode($json, true);
        $at = &$document;
        $wrong = [['x' => [[]]], [['y' => 1]], ['nothing' => 'no', 'x' => 2]][mt_rand(0, 2)];
        $depth = mt_rand(1, 4);
        $path = [];
        for ($i = 0; $i < $depth && is_array($at) && $at !== []; $i++) {
            // A part of a document that may be taken away by saying null is not chosen by its name but replaced.
            $key = array_rand($at);
            $path[] = $key;
            $at = &$at[$key];
        }
        $at = is_array($at) && $depth > 1 ? 'a text where none belongs' : $wrong;

        return (string) json_encode($document);
    }
}
