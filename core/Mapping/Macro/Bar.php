<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Macro;

use Nailrod\Core\Mapping\Output\Output;

/** A stretch of a macro's time line: an output that is down from one instant to another, or a text that is typed. */
final readonly class Bar
{
    /**
     * @param ?Output $output null for a text
     * @param int     $from   in µs since the macro began
     * @param int     $to     in µs; of a text that depends on its layout, where it ends
     * @param string  $text   that is typed
     * @param string  $layout id of its keyboard layout
     * @param int     $width  of the keys of a text, in µs
     */
    private function __construct(
        public ?Output $output,
        public int $from,
        public int $to,
        public string $text,
        public string $layout,
        public int $width,
    ) {}

    public static function of(Output $output, int $from, int $to): self
    {
        return new self($output, max(0, $from), max(0, $from, $to), '', '', 0);
    }

    public static function typing(string $text, string $layout, int $width, int $from, int $to): self
    {
        return new self(null, max(0, $from), max(0, $from, $to), $text, $layout, $width);
    }

    public function isText(): bool
    {
        return $this->output === null;
    }

    public function isSame(self $other): bool
    {
        return $this->output !== null && $this->output->toArray() === $other->output?->toArray();
    }

    public function at(int $from, int $to): self
    {
        return new self($this->output, max(0, $from), max(0, $from, $to), $this->text, $this->layout, $this->width);
    }
}
