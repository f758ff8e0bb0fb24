<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\NamesNothing;
use Nailrod\Core\Format\Type\Type;

/** The version of a firmware: two or three numbers with points between, "2.4". */
final readonly class Version implements Type
{
    use NamesNothing;

    private const FORM = '^\d{1,4}(\.\d{1,4}){1,2}$';

    /** @throws FormatError */
    public function read(Node $node): string
    {
        $version = $node->string(16);

        return preg_match('/'.self::FORM.'/D', $version) === 1 ? $version : throw $node->refuse($this->inWords());
    }

    /** Is a version older than another? What says none is older than all. */
    public static function isOlder(?string $version, string $than): bool
    {
        return $version === null || version_compare($version, $than, '<');
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => self::FORM];
    }

    public function inWords(): string
    {
        return 'a version such as "2.4"';
    }

    public function unit(): string
    {
        return '';
    }

    public function example(): string
    {
        return '2.4';
    }
}
