<?php

declare(strict_types=1);

namespace App\Structure;

/** Who imports whom, read from the code: folders of the core and of the application, by their `use` lines. */
final readonly class Imports
{
    /** @param array<string, array<string, int>> $counts how many lines import a namespace, by who imports */
    private function __construct(public array $counts) {}

    /** @param string $root of the project */
    public static function of(string $root): self
    {
        $counts = [];
        foreach (['core' => 'Nailrod\\Core\\', 'app' => 'App\\'] as $folder => $prefix) {
            /** @var \SplFileInfo $file */
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root.'/'.$folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
                $own = self::boxOf($prefix.str_replace('/', '\\', substr($file->getPathname(), strlen($root.'/'.$folder) + 1)));
                if ($file->getExtension() !== 'php' || $own === null) {
                    continue;
                }
                $counts[$own] ??= [];
                preg_match_all('/^use ([\w\\\\]+)(?: as \w+)?;/m', (string) file_get_contents($file->getPathname()), $found);
                foreach ($found[1] as $class) {
                    $other = self::boxOf($class);
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

    /** @return list<list<string>> boxes of the core that import each other in a circle */
    public function circles(): array
    {
        $circles = [];
        foreach (array_keys($this->counts) as $box) {
            $around = self::isOfCore($box) ? array_filter($this->reached($box), fn (string $other) => in_array($box, $this->reached($other), true)) : [];
            sort($around);
            if ($around !== [] && ! in_array($around, $circles, true)) {
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
                    if (isset($layers[$other]) && $layers[$box] <= $layers[$other] && ! in_array($box, $this->reached($other), true)) {
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

    /** "core/Run" of a class of it; null for what is neither of the core nor of the application, or lies in no folder. */
    private static function boxOf(string $class): ?string
    {
        return preg_match('/^(Nailrod\\\\Core|App)\\\\(\w+)\\\\/', $class, $m) === 1 ? ($m[1] === 'App' ? 'app/' : 'core/').$m[2] : null;
    }
}
