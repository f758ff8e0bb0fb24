<?php

declare(strict_types=1);

namespace App\Bench;

/**
 * Figures of two versions, measured in turn: of each line the best of its rounds, since whatever else runs only makes
 * it
 * worse.
 */
final class VersionComparison
{
    /** By so much more than the other a version is slower. */
    public const ALLOWED = 1.1;

    /** Of these less is better; the other lines count what was done, and are no times. */
    private const LESS_IS_BETTER = ['ms', 's', 'µs', 'ns', 'MB', 'KB', 'cores', '%'];

    /** Less than so much is nobody's wait, in the unit of the line: a clock of milliseconds cannot tell it. */
    private const LEAST = ['ms' => 0.05, 's' => 0.05, 'MB' => 0.5, 'cores' => 0.02, '%' => 0.3];

    /** @var array<string, array{unit: string, here: list<float>, there: list<float>}> by name */
    private array $lines = [];

    /** What a part of `bin/bench` has printed, of the version that is here or of the other. */
    public function add(bool $isHere, string $printed): void
    {
        foreach (explode("\n", $printed) as $line) {
            $isFigure = preg_match('/^(\S.*?)\s{2,}(\d[\d ]*(?:\.\d+)?)\s+(\S+)/', $line, $match) === 1;
            if ($isFigure && in_array($match[3], self::LESS_IS_BETTER, true)) {
                $this->lines[$match[1]] ??= ['unit' => $match[3], 'here' => [], 'there' => []];
                $this->lines[$match[1]][$isHere ? 'here' : 'there'][] = (float) str_replace(' ', '', $match[2]);
            }
        }
    }

    /** @return list<string> names of the lines that are slower here by more than is allowed */
    public function slower(): array
    {
        return array_values(array_filter($this->both(), function (string $name): bool {
            [$here, $there] = $this->best($name);

            return $here > $there * self::ALLOWED && $here - $there > (self::LEAST[$this->lines[$name]['unit']] ?? 0.0);
        }));
    }

    /** @return list<string> a line for each figure that both have: there, here, and how many times as much */
    public function table(): array
    {
        $slower = $this->slower();
        $table = [sprintf('%-58s %12s %12s %8s', 'best of its rounds', 'there', 'here', 'times')];
        foreach ($this->both() as $name) {
            [$here, $there] = $this->best($name);
            $table[] = sprintf(
                '%s %12s %12s %8s%s',
                $name.str_repeat(' ', max(0, 58 - mb_strlen($name))),
                self::figure($there),
                self::figure($here).' '.$this->lines[$name]['unit'],
                $there > 0.0 ? sprintf('%.2f', $here / $there) : '-',
                in_array($name, $slower, true) ? '  slower' : '',
            );
        }

        return $table;
    }

    /** @return list<string> names of the lines that both versions have printed */
    public function both(): array
    {
        return array_keys(
            array_filter($this->lines, fn (array $line): bool => $line['here'] !== [] && $line['there'] !== []),
        );
    }

    /** @return array{float, float} here and there */
    private function best(string $name): array
    {
        return [min($this->lines[$name]['here'] ?: [0.0]), min($this->lines[$name]['there'] ?: [0.0])];
    }

    private static function figure(float $value): string
    {
        return number_format($value, $value < 100 ? 2 : 0, '.', ' ');
    }
}
