<?php

declare(strict_types=1);

namespace Nailrod\Core\Exchange\Memory;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Hex;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Rig\Device\Keeps;
use Nailrod\Core\Rig\Device\Version;

/**
 * A firmware of a device as a file, format `nailrod-firmware`, version 1: a head in JSON on one line, a line feed, and
 * then the bytes. The head says for which board it is, and what a device with it keeps.
 */
final readonly class FirmwareFile
{
    public const FORMAT = 'nailrod-firmware';

    /** In bytes. */
    private const LONGEST = 4_194_304;

    /** @param string $content head and bytes, as they stand in the file */
    private function __construct(
        public string $board,
        public string $version,
        public Keeps $keeps,
        public string $content,
    ) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('format', 'Format', Choice::of(self::FORMAT), 'What the file is.'),
            Field::required('version', 'Version', new Whole(1, 1), 'The version of the format.'),
            Field::required('board', 'Board', new Text(20), 'For which circuit board it is.', 'B'),
            Field::required('firmware', 'Firmware', new Version, 'Which version of the firmware it is.', '2.6'),
            Field::required(
                'length',
                'Length',
                new Whole(1, self::LONGEST, 'bytes'),
                'How many bytes follow the head and its line feed.',
                4096,
            ),
            Field::required(
                'crc32',
                'Checksum',
                new Hex('a CRC-32', 4),
                'The CRC-32 (ISO 3309) of these bytes, as eight hex digits.',
                'cbf43926',
            ),
            Field::required(
                'keeps',
                'Keeps',
                new Thing(Keeps::fields(), 'what it keeps'),
                'What a device with it keeps, as in a device file.',
            ),
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(string $content): self
    {
        $end = strpos($content, "\n");
        $head = substr($content, 0, (int) $end);
        $bytes = substr($content, (int) $end + 1);
        if ($end === false || ! str_starts_with($head, '{')) {
            throw FormatError::told(
                'the file',
                'no head in its first line',
                'a firmware: a head in JSON on one line, then its bytes',
            );
        }
        $node = Node::of(Json::decodeStrictly($head), 'head');
        $given = self::fields()->read($node);
        $keeps = Keeps::of($given->thing('keeps')) ?? throw $given->lacks('keeps');
        if (strlen($bytes) !== $given->whole('length')) {
            throw $node->get('length')->refuse(
                sprintf('%d, since so many bytes are in the file; it is cut off or damaged', strlen($bytes)),
            );
        }
        if (sprintf('%08x', crc32($bytes)) !== strtolower($given->text('crc32'))) {
            throw $node->get('crc32')->refuse('the checksum of its bytes, so the file is damaged');
        }

        return new self($given->text('board'), $given->text('firmware'), $keeps, $content);
    }

    /**
     * @param array<string, mixed> $keeps in the open format
     * @param string               $bytes what the device runs
     */
    public static function write(string $board, string $version, array $keeps, string $bytes): string
    {
        return Json::compact([
            'format' => self::FORMAT,
            'version' => 1,
            'board' => $board,
            'firmware' => $version,
            'length' => strlen($bytes),
            'crc32' => sprintf('%08x', crc32($bytes)),
            'keeps' => $keeps,
        ])."\n".$bytes;
    }

    /** Why a unit does not take it; null if it does. */
    public function whyNot(UnitIdentity $told): ?string
    {
        return match (true) {
            $told->board !== $this->board => sprintf(
                'This firmware is for board %s, and the device has board %s. Nothing was sent to it.',
                $this->board,
                $told->board ?? 'that it does not name',
            ),
            $told->firmware !== null && Version::isOlder($this->version, $told->firmware) => sprintf(
                'This firmware is %s, and the device has the newer %s. Nothing was sent to it.',
                $this->version,
                $told->firmware,
            ),
            default => null,
        };
    }

    /** @return list<string> what a device can keep more or less with it: "Macros: 2 → 8" */
    public function changes(?Keeps $before): array
    {
        return $before === null ? [] : $this->keeps->since($before);
    }
}
