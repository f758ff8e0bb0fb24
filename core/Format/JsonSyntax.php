<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/** Finds the place where a text stops being JSON (RFC 8259); PHP's own decoder only says that it does. */
final class JsonSyntax
{
    private int $at = 0;

    /** @var ?array{int, string} line and name of the first name that stands twice in its object */
    private ?array $twice = null;

    private function __construct(private readonly string $text) {}

    /**
     * @return ?array{int, string} line and name of the first name that stands twice in one object; null if none does
     */
    public static function nameTwice(string $text): ?array
    {
        $scan = new self($text);
        $scan->value(0);

        return $scan->twice;
    }

    /** @return int line of the first error, counted from 1 */
    public static function errorLine(string $text): int
    {
        $scan = new self($text);
        if ($scan->value(0)) {
            $scan->space();
        }

        return substr_count($text, "\n", 0, min($scan->at, strlen($text))) + 1;
    }

    private function value(int $depth): bool
    {
        $this->space();

        return match ($this->text[$this->at] ?? '') {
            '{' => $depth < 64 && $this->group($depth, '}', true),
            '[' => $depth < 64 && $this->group($depth, ']', false),
            '"' => $this->token('/\G"(?:[^"\\\\\x00-\x1f]|\\\\(?:["\\\\\/bfnrt]|u[0-9a-fA-F]{4}))*+"/'),
            default => $this->token('/\G(?:true|false|null|-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?)/'),
        };
    }

    private function group(int $depth, string $end, bool $named): bool
    {
        $this->at++;
        $this->space();
        if (($this->text[$this->at] ?? '') === $end) {
            $this->at++;

            return true;
        }
        $names = [];
        while (true) {
            $this->space();
            $from = $this->at;
            if ($named && (($this->text[$from] ?? '') !== '"' || ! $this->value($depth))) {
                return false;
            }
            if ($named) {
                $name = json_decode(substr($this->text, $from, $this->at - $from));
                $name = is_string($name) ? $name : '';
                $this->twice ??= isset($names[$name]) ? [substr_count($this->text, "\n", 0, $from) + 1, $name] : null;
                $names[$name] = true;
            }
            if ($named && ! $this->colon()) {
                return false;
            }
            if (! $this->value($depth + 1)) {
                return false;
            }
            $this->space();
            $next = $this->text[$this->at] ?? '';
            if ($next !== ',' && $next !== $end) {
                return false;
            }
            $this->at++;
            if ($next === $end) {
                return true;
            }
        }
    }

    private function colon(): bool
    {
        $this->space();

        return $this->token('/\G:/');
    }

    private function token(string $pattern): bool
    {
        if (preg_match($pattern, $this->text, $match, 0, $this->at) !== 1) {
            return false;
        }
        $this->at += strlen($match[0]);

        return true;
    }

    private function space(): void
    {
        $this->at += strspn($this->text, " \t\r\n", $this->at);
    }
}
