<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** A lamp on a device, and where it is drawn. */
final readonly class Lamp
{
    public const COLOURS = ['white', 'green', 'amber', 'red', 'blue'];

    /** @param non-empty-list<string> $colours it can show, the usual one first */
    private function __construct(public string $id, public string $name, public int $x, public int $y, public array $colours) {}

    /** @throws FormatError */
    public static function read(Node $node): self
    {
        $node->only(['id', 'name', 'at', 'colours']);
        [$x, $y] = ControlReader::place($node->get('at'));
        $colours = array_map(fn (Node $colour) => $colour->oneOf(self::COLOURS), $node->maybe('colours')?->list(5) ?? []);
        if ($node->has('colours') && ($colours === [] || count(array_unique($colours)) < count($colours))) {
            throw $node->get('colours')->refuse('one or more colours, each once');
        }
        $id = $node->get('id')->id();

        return new self($id, $node->maybe('name')?->string(60) ?? ucfirst(str_replace('-', ' ', $id)), $x, $y, $colours === [] ? ['white'] : $colours);
    }
}
