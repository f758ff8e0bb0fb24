<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamesNothing;
use Nailrod\Core\Format\Type\Type;

/** What an input is in the reports of another mode: a page and a number, `["button", 3]`. */
final readonly class ModeNumber implements Type
{
    use NamesNothing;

    public const AXIS = 'axis';

    private const MOST = 65535;

    /**
     * @return array{string, int}
     *
     * @throws FormatError
     */
    public function read(Node $node): array
    {
        $both = $node->list(2);
        if (count($both) !== 2) {
            throw $node->refuse($this->inWords());
        }

        return [$both[0]->oneOf(self::pages()), $both[1]->int(1, self::MOST)];
    }

    /** @return list<string> */
    private static function pages(): array
    {
        return [...array_column(InputPage::cases(), 'value'), self::AXIS];
    }

    public function schema(): array
    {
        return [
            'type' => 'array',
            'prefixItems' => [
                ['enum' => self::pages()],
                ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST],
            ],
            'items' => false,
            'minItems' => 2,
        ];
    }

    public function inWords(): string
    {
        return 'a page and a number, such as ["button", 3]';
    }

    public function unit(): string
    {
        return '';
    }

    /** @return list<mixed> */
    public function example(): array
    {
        return ['button', 3];
    }
}
