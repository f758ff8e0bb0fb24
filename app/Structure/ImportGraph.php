<?php

declare(strict_types=1);

namespace App\Structure;

/**
 * Who imports whom, read from the code by its `use` lines: rooms of the core, or the folders in them, and folders of
 * the application.
 */
final readonly class ImportGraph
{
    /** @param array<string, array<string, int>> $counts how many lines import a namespace, by who imports */
    private function __construct(public array $counts) {}

    /**
     * @param string $root     of the project
     * @param bool   $isByRoom false: each folder of a room by itself
     */
    public static function of(string $root, bool $isByRoom = true): self
    {
        $counts = [];
        foreach (['core' => 'Nailrod\\Core\\', 'app' => 'App\\'] as $folder => $prefix) {
            /** @var \SplFileInfo $file */
            foreach (
                new \RecursiveIteratorIterator(
                    new \RecursiveDirectoryIterator($root.'/'.$folder, \FilesystemIterator::SKIP_DOTS),
                ) as $file
            ) {
                $own = self::boxOf(
                    $prefix.str_replace('/', '\\', substr($file->getPathname(), strlen($root.'/'.$folder) + 1)),
                    $isByRoom,
                );
                if ($file->getExtension() !== 'php' || $own === null) {
                    continue;
                }
                $counts[$own] ??= [];
                preg_match_all(
                    '/^use ([\w\\\\]+)(?: as \w+)?;/m',
                    (string) file_get_contents($file->getPathname()),
                    $found,
                );
                foreach ($found[1] as $class) {
                    $other = self::boxOf($class, $isByRoom);
                    if ($other !== null && $other !== $own) {
                        $counts[$own][$other] = ($counts[$own][$other] ?? 0) + 1;
                    }
                }
            }
        }
        ksort($counts);

        return new self(array_map(function (array $of): array {
            ksort($of);

            return $of;
        }, $counts));
    }

    /**
     * @return list<list<string>> boxes of the core that import each other in a circle; a folder and what lies in it
     *    belong together
     */
    public function circles(): array
    {
        $circles = [];
        foreach (array_keys($this->counts) as $box) {
            $around = self::isOfCore($box) ? array_filter(
                $this->reached($box),
                fn (string $other) => in_array($box, $this->reached($other), true),
            ) : [];
            sort($around);
            $isOne = array_filter($around, fn (string $one) => ! str_starts_with($one.'/', $around[0].'/')) === [];
            if (! $isOne && ! in_array($around, $circles, true)) {
                $circles[] = $around;
            }
        }

        return $circles;
    }

    /** @return array<string, int> how high each box stands: above all that it imports; those of a circle stand alike */
    public function layers(): array
    {
        $layers = array_fill_keys(array_keys($this->counts), 0);
        // No way without a circle is longer than there are boxes.
        for ($round = 0; $round < count($layers); $round++) {
            foreach ($this->counts as $box => $of) {
                foreach (array_keys($of) as $other) {
                    if (
                        isset($layers[$other])
                            && $layers[$box] <= $layers[$other]
                            && ! in_array($box, $this->reached($other), true)
                    ) {
                        $layers[$box] = $layers[$other] + 1;
                    }
                }
            }
        }

        return $layers;
    }

    public static function isOfCore(string $box): bool
    {
        return str_starts_with($box, 'core/');
    }

    /** @return list<string> all that a box imports, however far */
    private function reached(string $box): array
    {
        $reached = [];
        $next = array_keys($this->counts[$box] ?? []);
        while ($next !== []) {
            $one = array_pop($next);
            if (! isset($reached[$one])) {
                $reached[$one] = $one;
                array_push($next, ...array_keys($this->counts[$one] ?? []));
            }
        }

        return array_values($reached);
    }

    /**
     * "core/Engine/Run" of a class of it; null for what is neither of the core nor of the application, or lies in no
     * folder.
     */
    private static function boxOf(string $class, bool $isByRoom): ?string
    {
        if (preg_match('/^(Nailrod\\\\Core|App)\\\\(\w+)\\\\(?:(\w+)\\\\)?/', $class, $m) !== 1) {
            return null;
        }

        return $m[1] === 'App' ? 'app/'.$m[2] : 'core/'.$m[2].($isByRoom || ! isset($m[3]) ? '' : '/'.$m[3]);
    }
}
