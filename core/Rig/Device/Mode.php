<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\ByKey;
use Nailrod\Core\Format\Type\Hex;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\YesNo;

/**
 * One of the modes that a device can be put into, which only a hand can do. In another mode than its first it may
 * report otherwise: the same contacts have other numbers then, and references stay.
 */
final readonly class Mode
{
    /** In bytes. */
    private const LONGEST_DESCRIPTOR = 4096;

    /**
     * @param string                            $setBy      what the hand must do: "the slide at the back to the right"
     * @param bool                              $writable   does the device take a write in this mode?
     * @param ?string                           $descriptor its report
     *                                         descriptor in this mode, as hex digits; null if it reports as in the
     *                                         first
     * @param array<string, array{string, int}> $numbers    page and number in this mode, by those of the first: "key 4"
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $setBy,
        public bool $writable,
        public ?string $descriptor = null,
        public array $numbers = [],
    ) {}

    public static function fields(): Fields
    {
        $reports = Fields::of(
            Field::required(
                'descriptor',
                'Descriptor',
                new Hex('a report descriptor', self::LONGEST_DESCRIPTOR),
                'The report descriptor in this mode (HID 1.11, 6.2.2).',
                '05010905a1010509190129011500250175019501810295078103c0',
            ),
            Field::required(
                'numbers',
                'Numbers',
                new ByKey(new Text(80), new ModeNumber),
                'What contacts and axes are in its reports, by their references without the device.',
            ),
        );

        return Fields::of(
            Field::required('id', 'Id', new NewId('keys'), 'Its own name on the device.'),
            Field::required('name', 'Name', new Text(60), 'What it is called.', 'Sends keys'),
            Field::required(
                'set_by',
                'Set by',
                new Text(160),
                'What the hand must do to put the device into it.',
                'the slide at the back to the left',
            ),
            Field::optional(true, 'writable', 'Writable', new YesNo, 'Does the device take a write in this mode?'),
            Field::optional(
                null,
                'reports',
                'Reports',
                new Thing($reports, 'how it reports'),
                'How it reports in this mode; as in the first one if nothing is said.',
            ),
        );
    }

    /**
     * @param list<Control> $controls of the device, as they are in its first mode
     *
     * @throws FormatError with the place of what is wrong
     */
    public static function read(Node $node, string $device, array $controls): self
    {
        $given = self::fields()->read($node);
        $reports = $given->thing('reports');
        if ($reports === null) {
            return new self($given->text('id'), $given->text('name'), $given->text('set_by'), $given->yes('writable'));
        }
        $own = self::inputs($controls);
        $numbers = [];
        foreach (Keys::each($node->get('reports')->get('numbers')->map()) as $ref => $number) {
            $key = $own[$device.'/'.$ref] ?? throw $number->refuse(
                'the reference of a contact or an axis of the device, without the device; '.$ref.' is none',
            );
            $numbers[$key] = (new ModeNumber)->read($number);
        }

        return new self(
            $given->text('id'),
            $given->text('name'),
            $given->text('set_by'),
            $given->yes('writable'),
            $reports->text('descriptor'),
            $numbers,
        );
    }

    /**
     * @param list<Control> $controls
     *
     * @return array<string, string> page and number of what can be reported otherwise, by reference
     */
    private static function inputs(array $controls): array
    {
        $inputs = [];
        foreach ($controls as $control) {
            foreach ($control->axes as $axis) {
                $inputs[$axis->ref] = ModeNumber::AXIS.' '.$axis->number;
            }
            foreach ($control->contacts as $contact) {
                if ($contact->number !== null && $contact->hat === null) {
                    $inputs[$contact->ref] = $contact->page->value.' '.$contact->number;
                }
            }
        }

        return $inputs;
    }

    /** A control as it reports in this mode; what the mode does not name is as in the first. */
    public function over(Control $control): Control
    {
        $axes = array_map(function (AxisInput $axis): AxisInput {
            $number = $this->numbers[ModeNumber::AXIS.' '.$axis->number] ?? null;

            return $number === null ? $axis : $axis->numbered($number[1]);
        }, $control->axes);
        $contacts = array_map(function (ContactInput $contact): ContactInput {
            $number = $contact->number === null || $contact->hat !== null ? null : $this->numbers[
                $contact->page->value.' '.$contact->number
            ] ?? null;

            return $number === null ? $contact : $contact->numbered(InputPage::from($number[0]), $number[1]);
        }, $control->contacts);

        return $control->withInputs($axes, $contacts);
    }
}
