<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Panel;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamesNothing;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Type;

/** One of the icons by its name; empty for none. */
final readonly class IconName implements Type
{
    use NamesNothing;

    /** @throws FormatError if there is no icon of that name */
    public function read(Node $node): string
    {
        $name = (new Text(40, true))->read($node);

        return $name === '' || Icons::has($name) ? $name : throw $node->refuse(
            'the name of one of the icons, as "anchor"',
        );
    }

    public function schema(): array
    {
        return ['enum' => ['', ...array_keys(Icons::words())]];
    }

    public function inWords(): string
    {
        return 'the name of one of the icons that the schema lists';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return 'anchor';
    }
}
