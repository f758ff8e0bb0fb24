<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Format\Article;
use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Number;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Format\Type\Whole;
use Nailrod\Core\Format\Type\YesNo;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;

/**
 * What the owner of a device says of one of its controls, over what the device file says: what it is called, what kind
 * it is, where it lies, which numbers are its positions. In a list of phrases it can add one. A part of a set,
 * `controls/DEVICE/CONTROL`.
 */
final readonly class ControlNote
{
    private function __construct(public Node $node) {}

    public static function fields(): Fields
    {
        return Fields::of(
            Field::optional(null, 'name', 'Name', new Text(60), 'What it is called.', 'Wipers'),
            Field::optional(null, 'label', 'Label', new Text(20), 'What stands beside it on the drawing.', 'Wip'),
            Field::optional(
                null,
                'kind',
                'Kind',
                Choice::of(...ControlKinds::words()),
                'What kind of control it is; it must fit what it reports.',
                'button',
            ),
            Field::optional(null, 'at', 'Place', new FacePosition, 'Where it lies on the drawing: across and down.'),
            Field::optional(null, 'contacts', 'Positions', new Positions, 'Which numbers are its positions.'),
            Field::optional(false, 'left_out', 'Left out', new YesNo, 'Is it as if the device did not have it?'),
            Field::optional(
                false,
                'ticks',
                'Also as ticks',
                new YesNo,
                'Of a dial: does each position that is passed also give a tick?',
            ),
            Field::optional(
                null,
                'places',
                'Also as places',
                new Whole(Rotary::FEWEST_PLACES, Rotary::MOST_PLACES),
                'Of an encoder: how many places it also has, of which the one is closed that it was turned to.',
                6,
            ),
            Field::optional(
                false,
                'round',
                'Goes round',
                new YesNo,
                'Of a dial with ticks or an encoder with places: does the first follow the last?',
            ),
            Field::optional(
                null,
                'debounce_ms',
                'Debounce',
                Number::ms(0, 1000),
                'How long a change that follows another one does not count.',
                5,
            ),
        );
    }

    /**
     * Reads what can be read without the device; the rest is checked when the note is laid over it.
     *
     * @throws FormatError with the place of what is wrong
     */
    public static function read(Node $node): self
    {
        self::fields()->read($node);

        return new self($node);
    }

    /** Is the control left out, as if the device did not have it? */
    public function leavesOut(): bool
    {
        return $this->node->maybe('left_out')?->bool() === true;
    }

    /** The control as its owner says it is. */
    public function over(Control $control): Control
    {
        $note = $this->node;
        [$x, $y] = $note->has('at') ? (new FacePosition)->read($note->get('at')) : [$control->x, $control->y];
        $name = $note->maybe('name')?->string(60) ?? $control->name;
        $noted = new Control(
            $control->ref,
            $name,
            $note->maybe('label')?->string(20) ?? ($note->has('name') ? mb_substr($name, 0, 20) : $control->label),
            $note->has('kind') ? ControlKinds::of($note->get('kind')->string()) : $control->kind,
            $control->axes,
            $this->debounced($note->has('contacts') ? $this->contacts($control) : $control->contacts),
            $x,
            $y,
            $control->hat,
            $control->encoder,
            $control->page,
        );
        ControlReader::checkKind($noted, $note->maybe('kind') ?? $note);

        return $noted->withContacts([...$noted->contacts, ...$this->turned($noted)]);
    }

    /** @return list<ContactInput> what a dial has as ticks, an encoder as places */
    private function turned(Control $control): array
    {
        $note = $this->node;
        $round = $note->maybe('round')?->bool() ?? false;

        return [
            ...($note->maybe('ticks')?->bool() === true ? Rotary::ticks($control, $round, $note->get('ticks')) : []),
            ...(
                $note->has('places') ? Rotary::places(
                    $control,
                    $note->get('places')->int(Rotary::FEWEST_PLACES, Rotary::MOST_PLACES),
                    $round,
                    $note->get('places'),
                ) : []
            ),
        ];
    }

    /**
     * @param list<ContactInput> $contacts
     *
     * @return list<ContactInput>
     */
    private function debounced(array $contacts): array
    {
        $time = (int) round(1000 * ($this->node->maybe('debounce_ms')?->number(0, 1000) ?? 0.0));

        return $time === 0 ? $contacts : array_map(
            fn (ContactInput $contact) => $contact->isReported() ? $contact->debounced($time) : $contact,
            $contacts,
        );
    }

    /** @return list<ContactInput> the contacts that this note claims for its control, each with its page and number */
    public function claims(): array
    {
        $claims = (new ControlReader('-', true))->contacts($this->node->maybe('contacts'), '-/-');

        return array_values(array_filter($claims, fn (ContactInput $contact) => $contact->isReported()));
    }

    /** @return list<ContactInput> */
    private function contacts(Control $control): array
    {
        $contacts = $this->node->get('contacts');
        if ($control->hat !== null || $control->encoder !== null || $control->axes !== []) {
            throw $contacts->refuse('no positions, since this control is no switch');
        }

        return (new ControlReader(explode('/', $control->ref, 2)[0], true))->contacts($contacts, $control->ref);
    }

    public function inWords(): string
    {
        $words = [];
        $note = $this->node;
        if ($this->leavesOut()) {
            return 'left out';
        }
        foreach (Keys::each($note->plain()) as $field => $value) {
            $words[] = match ($field) {
                'name' => 'named "'.$note->get('name')->string().'"',
                'debounce_ms' => 'debounced '.json_encode($note->get('debounce_ms')->number(0, 1000)).' ms',
                'label' => 'label "'.$note->get('label')->string().'"',
                'left_out' => 'there',
                'ticks' => $note->get('ticks')->bool() ? 'also as ticks' : 'no ticks',
                'places' => 'also as '.$note->get('places')->int(0, Rotary::MOST_PLACES).' places',
                'round' => $note->get('round')->bool() ? 'goes round' : 'has ends',
                'kind' => Article::before(ControlKinds::of($note->get('kind')->string())->inWords()),
                'at' => 'at '.implode(', ', array_map(fn (Node $n) => $n->int(0, 4000), $note->get('at')->list())),
                default => 'positions '.implode(', ', array_map(self::position(...), $note->get('contacts')->list())),
            };
        }

        return $words === [] ? 'as the device says' : implode(', ', $words);
    }

    private static function position(Node $contact): string
    {
        $name = $contact->maybe('name')?->string() ?? '';

        return trim($name.' '.($contact->has('number') ? $contact->get('number')->int(0, 65535) : 'by none'));
    }
}
