<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Rig\Device\Kind\Phrase;

/**
 * A list of phrases as a device: each is a contact that closes when it is said. Its owner writes the list: a note on a
 * control that the device does not have adds a phrase.
 */
final class PhraseList implements OwnDevice
{
    public const KIND = 'phrase list';

    /** Where phrases are drawn, in grid units: in two columns, row under row. */
    private const COLUMNS = [240, 660];
    private const FIRST = 90;
    private const ROW = 100;
    private const WIDTH = 900;

    /** Room below the last row. */
    private const FOOT = 90;

    public static function id(): string
    {
        return 'phrases';
    }

    public static function offer(): string
    {
        return 'A list of phrases: each one that is said, or typed, is a contact';
    }

    public static function document(): array
    {
        return [
            'format' => 'nailrod-device',
            'version' => 1,
            'id' => self::id(),
            'name' => 'Phrase list',
            'kind' => self::KIND,
            'face' => ['width' => self::WIDTH, 'height' => self::FIRST + self::FOOT],
            'controls' => [],
        ];
    }

    public static function isIn(Rig $rig): bool
    {
        return self::of($rig) !== null;
    }

    /** The list of the rig; null if it has none. */
    public static function of(Rig $rig): ?Device
    {
        foreach ($rig->devices as $device) {
            if ($device->kind === self::KIND) {
                return $device;
            }
        }

        return null;
    }

    /**
     * What adds a phrase to a list, at the first place and under the lowest number that are free.
     *
     * @param list<string> $noted ids of controls of which something is said already: what
     *                            stood for another phrase does not stand for this one
     *
     * @return array{string, array<string, mixed>} the id of its control, and the note
     */
    public static function note(Device $list, string $phrase, array $noted): array
    {
        $numbers = array_flip(array_map(fn (ContactInput $contact): int => (int) $contact->number, $list->contacts()));
        $taken = array_flip(array_map(fn (Control $control): string => $control->x.' '.$control->y, $list->controls));
        for (
            $number = 1; isset($numbers[$number])
                || in_array('phrase-'.$number, $noted, true)
                || $list->control('phrase-'.$number) !== null; $number++
        );
        for ($at = 0; isset($taken[self::COLUMNS[$at % 2].' '.(self::FIRST + self::ROW * intdiv($at, 2))]); $at++);

        return [
            'phrase-'.$number,
            [
                'name' => $phrase,
                'at' => [self::COLUMNS[$at % 2], self::FIRST + self::ROW * intdiv($at, 2)],
                'contacts' => [['number' => $number]],
            ],
        ];
    }

    /**
     * The phrase that a note adds.
     *
     * @throws FormatError if it does not say what it is, where it is drawn and which number it has
     */
    public static function added(Device $list, string $id, ControlNote $note): Control
    {
        [$x, $y] = (new FacePosition)->read($note->node->get('at'));
        $name = $note->node->get('name')->string(60);
        $control = new Control($list->id.'/'.$id, $name, mb_substr($name, 0, 20), new Phrase, [], [], $x, $y);
        $control = $control->withContacts(
            (new ControlReader($list->id))->contacts($note->node->get('contacts'), $control->ref),
        );
        ControlReader::checkKind($control, $note->node);

        return $control;
    }

    /** How high its faceplate has to be for all its phrases, in grid units. */
    public static function height(Device $list): int
    {
        return max(
            [$list->height, ...array_map(fn (Control $control): int => $control->y + self::FOOT, $list->controls)],
        );
    }
}
