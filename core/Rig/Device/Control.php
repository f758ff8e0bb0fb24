<?php

declare(strict_types=1);

namespace Nailrod\Core\Rig\Device;

use Nailrod\Core\Rig\Device\Kind\ControlKind;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Rig\Device\Kind\Reports;

/** One thing on a device that a hand moves, with what it reports and where it is drawn. */
final readonly class Control
{
    /**
     * @param list<AxisInput>    $axes
     * @param list<ContactInput> $contacts
     * @param int                $x        place of its middle on the faceplate, in grid units of 1/10 mm
     * @param int                $y        the same, downwards
     * @param ?int               $hat      input number of the hat, if it is one
     * @param ?int               $encoder  input number of the encoder, if it is one
     * @param int                $page     of the faceplate, from 1 on
     */
    public function __construct(
        public string $ref,
        public string $name,
        public string $label,
        public ControlKind $kind,
        public array $axes,
        public array $contacts,
        public int $x,
        public int $y,
        public ?int $hat = null,
        public ?int $encoder = null,
        public int $page = 1,
    ) {}

    /** @return list<mixed> in the order of the constructor, in plain values: a rig has hundreds of these */
    public function __serialize(): array
    {
        return [
            $this->ref,
            $this->name,
            $this->label,
            $this->kind::kind(),
            $this->axes,
            array_map(fn (ContactInput $contact) => $contact->toRow(), $this->contacts),
            $this->x,
            $this->y,
            $this->hat,
            $this->encoder,
            $this->page,
        ];
    }

    /**
     * @param array{string, string, string, string, list<AxisInput>, list<array{string, string, ?int, ?string, ?string,
     *    int, 6?: string, 7?: list<string>, 8?: int, 9?: ?string, 10?: ?string, 11?: int, 12?: ?array{string,
     *    list<string>, bool}}>, int, int, ?int, ?int, int} $written
     */
    public function __unserialize(array $written): void
    {
        $contacts = [];
        foreach ($written[5] as $row) {
            $contacts[] = ContactInput::ofRow($row);
        }
        self::__construct(
            $written[0],
            $written[1],
            $written[2],
            ControlKinds::of($written[3]),
            $written[4],
            $contacts,
            $written[6],
            $written[7],
            $written[8],
            $written[9],
            $written[10],
        );
    }

    /** Its name within the device: "switch-1". */
    public function id(): string
    {
        return explode('/', $this->ref, 2)[1];
    }

    /** Does this axis go back to its rest when nobody holds it? */
    public function springsBack(AxisInput $axis): bool
    {
        return $this->kind->returns($axis);
    }

    /** @return list<ContactInput> those that the device reports, itself or through a hat */
    public function reported(): array
    {
        return array_values(array_filter($this->contacts, fn (ContactInput $contact) => $contact->isReported()));
    }

    /** How much it reports of each sort. */
    public function reports(): Reports
    {
        return new Reports(
            count($this->axes),
            $this->hat === null ? count($this->reported()) : 0,
            $this->hat !== null,
            $this->encoder !== null,
        );
    }

    /**
     * @return list<ContactInput> those that it has by itself: neither the ticks of a dial nor the places of an encoder
     */
    public function positions(): array
    {
        return array_values(array_filter($this->contacts, fn (ContactInput $contact) => $contact->rotary === null));
    }

    /** What of it is used the other way: a dial as ticks, an encoder as places; null if nothing is. */
    public function rotary(): ?Rotary
    {
        return array_values(
            array_filter(array_map(fn (ContactInput $contact) => $contact->rotary, $this->contacts)),
        )[0] ?? null;
    }

    /**
     * The same, with contacts that take no change for a while after one.
     *
     * @param int $time in µs
     */
    public function debounced(int $time): self
    {
        return $this->withContacts(array_map(
            fn (ContactInput $contact) => $contact->isReported() ? $contact->debounced($time) : $contact,
            $this->contacts,
        ));
    }

    /**
     * @param list<AxisInput>    $axes
     * @param list<ContactInput> $contacts
     */
    public function withInputs(array $axes, array $contacts): self
    {
        return new self(
            $this->ref,
            $this->name,
            $this->label,
            $this->kind,
            $axes,
            $contacts,
            $this->x,
            $this->y,
            $this->hat,
            $this->encoder,
            $this->page,
        );
    }

    /** @param list<ContactInput> $contacts */
    public function withContacts(array $contacts): self
    {
        return new self(
            $this->ref,
            $this->name,
            $this->label,
            $this->kind,
            $this->axes,
            $contacts,
            $this->x,
            $this->y,
            $this->hat,
            $this->encoder,
            $this->page,
        );
    }
}
