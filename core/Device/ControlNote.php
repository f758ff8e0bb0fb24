<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

use Nailrod\Core\Format\Node;

/**
 * What the owner of a device says of one of its controls, over what the device file says: what it is called, what kind
 * it is, where it lies, which numbers are its positions. A part of a set, `controls/DEVICE/CONTROL`.
 */
final readonly class ControlNote
{
    public const FIELDS = ['name', 'label', 'kind', 'at', 'contacts', 'debounce_ms'];

    private function __construct(public Node $node) {}

    /** Reads what can be read without the device; the rest is checked when the note is laid over it. */
    public static function read(Node $node): self
    {
        $node->only(self::FIELDS);
        $node->maybe('name')?->string(60);
        $node->maybe('label')?->string(20);
        $node->maybe('kind')?->oneOf(array_column(ControlKind::cases(), 'value'));
        $node->maybe('debounce_ms')?->number(0, 1000);
        if ($node->has('at')) {
            ControlReader::place($node->get('at'));
        }
        (new ControlReader('-', true))->contacts($node->maybe('contacts'), '-/-');

        return new self($node);
    }

    /** The control as its owner says it is. */
    public function over(Control $control): Control
    {
        $note = $this->node;
        [$x, $y] = $note->has('at') ? ControlReader::place($note->get('at')) : [$control->x, $control->y];
        $name = $note->maybe('name')?->string(60) ?? $control->name;
        $noted = new Control(
            $control->ref,
            $name,
            $note->maybe('label')?->string(20) ?? ($note->has('name') ? mb_substr($name, 0, 20) : $control->label),
            $note->has('kind') ? ControlKind::from($note->get('kind')->string()) : $control->kind,
            $control->axes,
            $this->debounced($note->has('contacts') ? $this->contacts($control) : $control->contacts),
            $x,
            $y,
            $control->hat,
            $control->encoder,
            $control->page,
        );
        ControlReader::checkKind($noted, $note->maybe('kind') ?? $note);

        return $noted;
    }

    /**
     * @param list<ContactInput> $contacts
     *
     * @return list<ContactInput>
     */
    private function debounced(array $contacts): array
    {
        $time = (int) round(1000 * ($this->node->maybe('debounce_ms')?->number(0, 1000) ?? 0.0));

        return $time === 0 ? $contacts : array_map(fn (ContactInput $contact) => $contact->isReported() ? $contact->debounced($time) : $contact, $contacts);
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
}
