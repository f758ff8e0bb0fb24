<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FieldValues;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\NewId;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Several;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Thing;
use Nailrod\Core\Format\Type\Variants;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;

/** Reads the controls of one device; a number that a control has is not free for another. */
final class ControlReader
{
    private const HAT_NAMES = ['north', 'east', 'south', 'west'];
    private const SOURCE = 'a reported position of the same control, listed before';

    /** @var array<string, string> the reference that has an input number, by sort and number */
    private array $taken = [];

    /** @param bool $ofOwner do the positions come from an owner's note, so that one may keep the name it had before? */
    public function __construct(private readonly string $device, private readonly bool $ofOwner = false) {}

    /** A control; it reports something. */
    public static function type(): Thing
    {
        $some = fn (string $field): array => ['required' => [$field], 'properties' => [$field => ['minItems' => 1]]];

        return new Thing(
            self::fields(),
            'a control',
            null,
            ['anyOf' => [$some('axes'), $some('contacts'), ['required' => ['hat']], ['required' => ['encoder']]]],
        );
    }

    public static function fields(): Fields
    {
        return Fields::of(
            Field::required('id', 'Id', new NewId('left-lever'), 'Its own name on the device.'),
            Field::required('name', 'Name', new Text(60), 'What it is called.'),
            Field::optional(
                null,
                'label',
                'Label',
                new Text(20),
                'What stands beside it on the faceplate; the first 20 characters of its name if nothing is said.',
                'Left',
            ),
            Field::required(
                'kind',
                'Kind',
                Choice::of(...ControlKinds::words()),
                'How it is drawn and worked; it must fit what the control reports.',
                'lever',
            ),
            Field::required('at', 'At', new FacePosition, 'Where its middle is drawn.'),
            Field::optional(1, 'page', 'Page', new Whole(1, 16), 'The page of the faceplate.'),
            Field::optional(
                [],
                'axes',
                'Axes',
                new Several(new Thing(self::axisFields(), 'an axis'), 0, 4),
                'The axes that it reports.',
            ),
            Field::optional(
                [],
                'contacts',
                'Contacts',
                self::contactsType(false),
                'The contacts that it reports, and those that are made from them.',
            ),
            Field::optional(
                null,
                'hat',
                'Hat',
                new Whole(0, 255),
                'The number under which it is reported, of a hat: its contacts are north, east, south and west.',
                0,
            ),
            Field::optional(
                null,
                'encoder',
                'Encoder',
                new Whole(0, 65535),
                'The number under which its ticks are reported, of an encoder; without contacts of its own it has '
                    .'plus and minus.',
                0,
            ),
        );
    }

    public static function axisFields(): Fields
    {
        $play = Fields::of(
            Field::optional(0.0, 'from', 'From', Number::of(0.0, 0.99), 'Where its travel begins.'),
            Field::optional(1.0, 'to', 'To', Number::of(0.01, 1.0), 'Where it ends.'),
            Field::optional(
                0,
                'noise',
                'Noise',
                new Whole(0, 65535, 'readings'),
                'How far a reading can lie beside the true one.',
            ),
        );

        return Fields::of(
            Field::optional(null, 'id', 'Id', new NewId('x'), 'Its own name, of a control that has several.'),
            Field::optional(
                null,
                'name',
                'Name',
                new Text(40),
                'What it is called, of a control that has several.',
                'X',
            ),
            Field::required('number', 'Number', new Whole(0, 65535), 'The number under which it is reported.'),
            Field::required('min', 'Lowest', new Whole(-2_147_483_648, 2_147_483_646), 'Its lowest reading.', 0),
            Field::required(
                'max',
                'Highest',
                new Whole(-2_147_483_647, 2_147_549_181),
                'Its highest reading, at most 65535 above the lowest.',
                65535,
            ),
            Field::optional(false, 'centred', 'Centred', new YesNo, 'Does it rest in its middle?'),
            Field::optional(
                null,
                'degrees',
                'Lock to lock',
                new Whole(30, 3600, '°'),
                'Of a wheel: from lock to lock.',
                900,
            ),
            Field::optional(
                null,
                'jumps',
                'Jumps',
                new Whole(2, 8),
                'Of a switch that arrives as an axis: how many positions it has.',
                3,
            ),
            Field::optional(
                null,
                'stand_in',
                'Stand-in',
                new Thing($play, 'what is not perfect about it'),
                'What is not perfect about an axis of a stand-in.',
            ),
        );
    }

    /** @param bool $ofOwner are they from an owner's note, so that one may keep the name it had before? */
    public static function contactsType(bool $ofOwner): Several
    {
        $own = [
            Field::optional(null, 'id', 'Id', new NewId('up'), 'Its own name, of a control that has several.'),
            Field::optional(
                null,
                'name',
                'Name',
                new Text(40),
                'What it is called, of a control that has several.',
                'up',
            ),
            ...(
                $ofOwner ? [
                    Field::optional(
                        null,
                        'keeps',
                        'Keeps',
                        new Text(60),
                        'The control and position whose name it keeps.',
                        'left-thumb',
                    ),
                ] : []
            ),
        ];
        $position = new Text(60, true);

        return new Several(new Variants([
            'number' => new Thing(Fields::of(...[
                ...$own,
                Field::required('number', 'Number', new Whole(0, 65535), 'The number under which it is reported.'),
                Field::optional(
                    InputPage::Button->value,
                    'page',
                    'Page',
                    Choice::of(...array_column(InputPage::cases(), 'value')),
                    'The page of the HID usage tables that the number belongs to.',
                ),
            ]), 'one that is reported'),
            'opposite' => new Thing(Fields::of(...[
                ...$own,
                Field::required(
                    'opposite',
                    'Opposite',
                    $position,
                    'It is closed while this reported position of the same control, listed before, is open; an empty '
                        .'text names the control itself.',
                    'up',
                ),
            ]), 'one that is closed while another is open'),
            'none_of' => new Thing(Fields::of(...[
                ...$own,
                Field::required(
                    'none_of',
                    'None of',
                    new Several($position, 1, 16, false, 'at least one position'),
                    'It is closed while all these reported positions of the same control, listed before, are open.',
                    ['up', 'down'],
                ),
                Field::optional(
                    ContactInput::SETTLE_MS,
                    'settle_ms',
                    'Settles in',
                    new Whole(0, 2000, 'ms'),
                    'How long they are open before it closes.',
                ),
            ]), 'one that is closed while none of others is'),
        ]), 0, 64);
    }

    /**
     * @param list<FieldValues> $said as its fields read them
     *
     * @return list<Control>
     *
     * @throws FormatError
     */
    public function controls(array $said): array
    {
        $controls = [];
        foreach ($said as $given) {
            $control = $this->control($given);
            if (isset($controls[$control->ref])) {
                throw $given->refuse('id', 'a name that no other control of the device has');
            }
            $controls[$control->ref] = $control;
        }

        return array_values($controls);
    }

    private function control(FieldValues $given): Control
    {
        $ref = $this->device.'/'.$given->text('id');
        [$x, $y] = $given->place('at');
        $name = $given->text('name');
        $hat = $given->says('hat') ? $this->free('hat', $given, 'hat', $ref) : null;
        $contacts = $hat === null
            ? $this->contactsOf($given->things('contacts'), $ref)
            : array_map(
                fn (int $d) => ContactInput::direction(
                    $ref.'.'.self::HAT_NAMES[$d],
                    self::HAT_NAMES[$d],
                    $ref,
                    $hat,
                    $d,
                ),
                range(0, 3),
            );
        $axes = array_map(fn (FieldValues $axis) => $this->axis($axis, $ref), $given->things('axes'));
        $encoder = $given->says('encoder') ? $this->free('encoder', $given, 'encoder', $ref) : null;
        if ($encoder !== null && $contacts === []) {
            $contacts = [
                ContactInput::tick($ref.'.plus', '+', $ref, 1),
                ContactInput::tick($ref.'.minus', '−', $ref, -1),
            ];
        }
        if ($axes === [] && $contacts === []) {
            throw $given->lacks('axes", "contacts", "hat" or "encoder');
        }
        $control = new Control(
            $ref,
            $name,
            $given->textOrNull('label') ?? mb_substr($name, 0, 20),
            ControlKinds::of($given->text('kind')),
            $axes,
            $contacts,
            $x,
            $y,
            $hat,
            $encoder,
            $given->whole('page'),
        );
        self::checkKind($control, $given->node('kind'));

        return $control;
    }

    /** @throws FormatError if a control that reports this cannot be of its kind */
    public static function checkKind(Control $control, Node $kind): void
    {
        $reports = $control->reports();
        if (! $control->kind->fits($reports)) {
            throw $kind->refuse('a kind that fits what it reports: '.$reports->inWords());
        }
    }

    private function axis(FieldValues $given, string $control): AxisInput
    {
        $min = $given->whole('min');
        $given->node('max')->int($min + 1, $min + 65535);
        $ref = self::sub($given, $control);
        $play = $given->thing('stand_in');
        if ($play?->says('to') === true) {
            $play->node('to')->number($play->number('from') + 0.01, 1);
        }

        return new AxisInput(
            $ref,
            $given->textOrNull('name') ?? '',
            $this->free('axis', $given, 'number', $ref),
            $min,
            $given->whole('max'),
            $given->yes('centred'),
            $given->wholeOrNull('degrees'),
            $given->wholeOrNull('jumps'),
            $play === null ? null : new Play($play->number('from'), $play->number('to'), $play->whole('noise')),
        );
    }

    /**
     * @return list<ContactInput>
     *
     * @throws FormatError
     */
    public function contacts(?Node $nodes, string $control): array
    {
        $said = $nodes === null ? [] : self::contactsType($this->ofOwner)->read($nodes);

        return $this->contactsOf(
            array_values(array_filter($said, fn (mixed $one): bool => $one instanceof FieldValues)),
            $control,
        );
    }

    /**
     * @param list<FieldValues> $said
     *
     * @return list<ContactInput>
     */
    private function contactsOf(array $said, string $control): array
    {
        $contacts = [];
        foreach ($said as $given) {
            $ref = $given->has('keeps') && $given->says('keeps')
                ? $this->device
                .'/'
                .$given->text('keeps')
                : self::sub($given, $control);
            if (isset($contacts[$ref])) {
                throw $given->refuseAll('a position that is not there yet');
            }
            $contacts[$ref] = $this->contact($given, $ref, $control, $contacts);
        }

        return array_values($contacts);
    }

    /** @param array<string, ContactInput> $before those of the same control that were read already */
    private function contact(FieldValues $given, string $ref, string $control, array $before): ContactInput
    {
        $name = $given->textOrNull('name') ?? '';
        if ($given->has('none_of')) {
            $sources = [];
            foreach ($given->texts('none_of') as $i => $of) {
                $sources[] = self::source($of, $control, $before)
                    ?? throw $given->refuseEntry('none_of', $i, self::SOURCE);
            }

            return ContactInput::noneOf($ref, $name, $sources, 1000 * $given->whole('settle_ms'));
        }
        if ($given->has('opposite')) {
            return ContactInput::opposite(
                $ref,
                $name,
                self::source(
                    $given->text('opposite'),
                    $control,
                    $before,
                ) ?? throw $given->refuse('opposite', self::SOURCE),
            );
        }
        $page = InputPage::from($given->text('page'));

        return ContactInput::reported($ref, $name, $this->free($page->value, $given, 'number', $ref), $page);
    }

    /** @param array<string, ContactInput> $before */
    private static function source(string $id, string $control, array $before): ?string
    {
        $of = $control.($id === '' ? '' : '.'.$id);
        if (! isset($before[$of]) && $id !== '') {
            $of = explode('/', $control, 2)[0].'/'.$id;
        }

        return isset($before[$of]) && $before[$of]->isReported() ? $of : null;
    }

    private function free(string $sort, FieldValues $given, string $field, string $ref): int
    {
        $key = $sort.' '.$given->whole($field);
        if (isset($this->taken[$key])) {
            throw $given->refuse($field, 'a number that is free ('.$this->taken[$key].' has it)');
        }
        $this->taken[$key] = $ref;

        return $given->whole($field);
    }

    private static function sub(FieldValues $given, string $control): string
    {
        $id = $given->textOrNull('id');

        return $id === null ? $control : $control.'.'.$id;
    }
}
