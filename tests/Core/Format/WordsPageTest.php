<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use PHPUnit\Framework\TestCase;

/** docs/words.md names what is there. */
final class WordsPageTest extends TestCase
{
    private const ROOT = __DIR__.'/../../../';

    /** @return list<array{string, string, string}> what people read, class, key in files */
    private static function rows(): array
    {
        preg_match_all(
            '/^\|([^|]+)\|([^|]*)\|([^|]*)\|$/m',
            (string) file_get_contents(self::ROOT.'docs/words.md'),
            $found,
            PREG_SET_ORDER,
        );
        $rows = array_map(fn (array $row): array => [trim($row[1]), trim($row[2], ' `'), trim($row[3], ' `')], $found);

        return array_slice($rows, 2);
    }

    public function test_each_class_is_there_and_each_key_is_one_of_a_schema(): void
    {
        $classes = self::shortNames();
        $keys = [];
        foreach (glob(self::ROOT.'schema/*.json') ?: [] as $schema) {
            preg_match_all('/"(\w+)":/', (string) file_get_contents($schema), $found);
            array_push($keys, ...$found[1]);
        }
        $rows = self::rows();
        $this->assertGreaterThan(40, count($rows));
        foreach ($rows as [$word, $class, $key]) {
            $class === '' || $this->assertContains($class, $classes, $word);
            $key === '' || $this->assertContains($key, $keys, $word);
            $this->assertNotSame('', $class.$key, $word);
        }
    }

    public function test_one_name_is_one_thing(): void
    {
        $words = array_column(self::rows(), 0);
        $this->assertSame(array_unique($words), $words);
        $classes = array_values(array_filter(array_column(self::rows(), 1)));
        $this->assertSame(array_unique($classes), $classes);
        $this->assertSame(
            [],
            array_keys(array_filter(array_count_values(self::shortNames()), fn (int $count): bool => $count > 1)),
            'two classes of one short name',
        );
    }

    /** @return list<string> of the classes of core/ and app/, without their folders */
    private static function shortNames(): array
    {
        $names = [];
        foreach (['core', 'app'] as $folder) {
            $below = new \RecursiveDirectoryIterator(self::ROOT.$folder, \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($below) as $file) {
                if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                    $names[] = $file->getBasename('.php');
                }
            }
        }

        return $names;
    }
}
