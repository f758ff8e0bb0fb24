<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamesNothing;
use Nailrod\Core\Format\Type\Type;

/** Which numbers are the positions of a control, as its owner says. */
final readonly class Positions implements Type
{
    use NamesNothing;

    /** @return list<Node> */
    public function read(Node $node): array
    {
        (new ControlReader('-', true))->contacts($node, '-/-');

        return $node->list();
    }

    public function schema(): array
    {
        return ControlReader::contactsType(true)->schema();
    }

    public function inWords(): string
    {
        return 'a list of positions';
    }

    public function unit(): string
    {
        return '';
    }

    /** @return list<array<string, mixed>> */
    public function example(): array
    {
        return [['id' => 'up', 'number' => 5]];
    }
}
