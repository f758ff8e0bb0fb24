<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Device;
use Nailrod\Core\Rig\Wiring\DeviceReader;

/**
 * What is in the memory of a device, as a file: the device as it says itself, and its banks. Format `nailrod-copy`,
 * version 1.
 */
final readonly class MemoryCopy
{
    public const FORMAT = 'nailrod-copy';

    private const MOST_BANKS = 8;

    /** @param list<?Bank> $banks null where nothing valid was stored */
    private function __construct(public Device $device, public array $banks) {}

    /**
     * @param array<array-key, mixed> $device  its document in the open format
     * @param ?string                 $board    that the unit has
     * @param ?string                 $firmware that is in the unit
     * @param list<?Bank>             $banks
     */
    public static function write(array $device, ?string $board, ?string $firmware, array $banks): string
    {
        return Json::encode(
            ['format' => self::FORMAT, 'version' => 1, 'device' => $device] + array_filter(
                ['board' => $board, 'firmware' => $firmware],
                fn (?string $said) => $said !== null,
            ) + [
                'banks' => array_map(
                    fn (?Bank $bank): ?array => $bank === null ? null : [
                        'count' => $bank->count,
                        'content' => base64_encode($bank->content),
                        'checksum' => $bank->checksum(),
                    ],
                    $banks,
                ),
            ],
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(string $text): self
    {
        $node = Node::of(Json::decodeStrictly($text))->only(
            ['format', 'version', 'device', 'board', 'firmware', 'banks'],
        );
        $node->get('format')->oneOf([self::FORMAT]);
        $node->get('version')->int(1, 1);
        $node->maybe('board')?->string(20);
        $node->maybe('firmware')?->string(16);
        $banks = [];
        foreach ($node->get('banks')->list(self::MOST_BANKS) as $number => $bank) {
            $banks[] = $bank->value === null ? null : self::bank(
                $number,
                $bank->only(['count', 'content', 'checksum']),
            );
        }

        return new self(DeviceReader::read($node->get('device')), $banks);
    }

    /** @return ?Bank the one that was in force; null if none was valid */
    public function inForce(): ?Bank
    {
        return Bank::latest($this->banks);
    }

    private static function bank(int $number, Node $node): Bank
    {
        $content = base64_decode($node->get('content')->string(2_000_000), true);
        $bank = $content === false ? null : new Bank($number, $node->get('count')->int(1, PHP_INT_MAX), $content);
        if ($bank?->checksum() !== $node->get('checksum')->string(8)) {
            throw $node->get('content')->refuse('bytes that fit their checksum, so the copy is damaged');
        }

        return $bank;
    }
}
