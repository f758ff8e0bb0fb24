<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Type;

/** Which numbers are the positions of a control, as its owner says. */
final readonly class Positions implements Type
{
    /** @return list<Node> */
    public function read(Node $node): array
    {
        (new ControlReader('-', true))->contacts($node, '-/-');

        return $node->list(64);
    }

    public function schema(): array
    {
        $id = ['$ref' => '#/$defs/id'];
        $ref = ['type' => 'string', 'minLength' => 1, 'maxLength' => 60];
        $position = fn (string $about, string $key, array $fields): array => [
            'description' => $about,
            'type' => 'object',
            'properties' => ['id' => $id, 'name' => ['description' => 'What it is called.', 'type' => 'string', 'minLength' => 1, 'maxLength' => 40]] + $fields + ['keeps' => ['description' => 'The reference that it had on the device before it was taught.'] + $ref],
            'required' => [$key],
            'additionalProperties' => false,
        ];

        return ['type' => 'array', 'maxItems' => 64, 'items' => ['oneOf' => [
            $position('One that the device reports.', 'number', ['number' => ['description' => 'Its number.', 'type' => 'integer', 'minimum' => 0, 'maximum' => 65535], 'page' => ['description' => 'Of which page of its reports.', 'enum' => ['button', 'key', 'consumer']]]),
            $position('The opposite of another one.', 'opposite', ['opposite' => ['description' => 'Id of the other one.'] + $ref]),
            $position('None of others.', 'none_of', ['none_of' => ['description' => 'Ids of the others.', 'type' => 'array', 'minItems' => 1, 'maxItems' => 16, 'items' => $ref], 'settle_ms' => ['description' => 'How long none of them must be closed.', 'type' => 'integer', 'minimum' => 0, 'maximum' => 2000]]),
        ]]];
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
