<?php

declare(strict_types=1);

namespace Nailrod\Core\Device;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;

/** Reads the controls of one device; a number that a control has is not free for another. */
final class ControlReader
{
    private const HAT_NAMES = ['north', 'east', 'south', 'west'];
    private const MOST = 256;

    /** @var array<string, string> the reference that has an input number, by sort and number */
    private array $taken = [];

    /** @param bool $ofOwner do the positions come from an owner's note, so that one may keep the name it had before? */
    public function __construct(private readonly string $device, private readonly bool $ofOwner = false) {}

    /**
     * @return list<Control>
     *
     * @throws FormatError
     */
    public function controls(Node $nodes): array
    {
        $controls = [];
        foreach ($nodes->list(self::MOST) as $node) {
            $control = $this->control($node);
            if (isset($controls[$control->ref])) {
                throw $node->get('id')->refuse('a name that no other control of the device has');
            }
            $controls[$control->ref] = $control;
        }

        return array_values($controls);
    }

    private function control(Node $node): Control
    {
        $node->only(['id', 'name', 'label', 'kind', 'at', 'page', 'axes', 'contacts', 'hat', 'encoder']);
        $ref = $this->device.'/'.$node->get('id')->id();
        [$x, $y] = self::place($node->get('at'));
        $name = $node->get('name')->string(60);
        $hat = $node->has('hat') ? $this->free('hat', $node->get('hat'), 255, $ref) : null;
        $contacts = $hat === null
            ? $this->contacts($node->maybe('contacts'), $ref)
            : array_map(fn (int $d) => ContactInput::direction($ref.'.'.self::HAT_NAMES[$d], self::HAT_NAMES[$d], $ref, $hat, $d), range(0, 3));
        $axes = array_map(fn (Node $axis) => $this->axis($axis, $ref), $node->maybe('axes')?->list(4) ?? []);
        $encoder = $node->has('encoder') ? $this->free('encoder', $node->get('encoder'), 65535, $ref) : null;
        if ($encoder !== null && $contacts === []) {
            $contacts = [ContactInput::tick($ref.'.plus', '+', $ref, 1), ContactInput::tick($ref.'.minus', '−', $ref, -1)];
        }
        if ($axes === [] && $contacts === []) {
            throw FormatError::missing($node->path, 'axes", "contacts", "hat" or "encoder');
        }
        $control = new Control(
            $ref,
            $name,
            $node->maybe('label')?->string(20) ?? mb_substr($name, 0, 20),
            ControlKind::from($node->get('kind')->oneOf(array_column(ControlKind::cases(), 'value'))),
            $axes,
            $contacts,
            $x,
            $y,
            $hat,
            $encoder,
            $node->maybe('page')?->int(1, 16) ?? 1,
        );
        self::checkKind($control, $node->get('kind'));

        return $control;
    }

    /** @throws FormatError if a control that reports this cannot be of its kind */
    public static function checkKind(Control $control, Node $kind): void
    {
        $reported = $control->hat === null ? count($control->reported()) : 0;
        if (! $control->kind->fits(count($control->axes), $reported, $control->hat !== null, $control->encoder !== null)) {
            throw $kind->refuse(sprintf('a kind that fits what it reports: %d axes, %d contacts%s%s', count($control->axes), $reported, $control->hat === null ? '' : ', a hat', $control->encoder === null ? '' : ', an encoder'));
        }
    }

    private function axis(Node $node, string $control): AxisInput
    {
        $node->only(['id', 'name', 'number', 'min', 'max', 'centred', 'degrees', 'jumps', 'stand_in']);
        $min = $node->get('min')->int(-2_147_483_648, 2_147_483_646);
        $ref = self::sub($node, $control);
        $play = $node->maybe('stand_in')?->only(['from', 'to', 'noise']);
        $from = $play?->maybe('from')?->number(0, 0.99) ?? 0.0;

        return new AxisInput(
            $ref,
            $node->maybe('name')?->string(40) ?? '',
            $this->free('axis', $node->get('number'), 65535, $ref),
            $min,
            $node->get('max')->int($min + 1, $min + 65535),
            $node->maybe('centred')?->bool() ?? false,
            $node->maybe('degrees')?->int(30, 3600),
            $node->maybe('jumps')?->int(2, 8),
            $play === null ? null : new Play($from, $play->maybe('to')?->number($from + 0.01, 1) ?? 1.0, $play->maybe('noise')?->int(0, 65535) ?? 0),
        );
    }

    /**
     * @return list<ContactInput>
     *
     * @throws FormatError
     */
    public function contacts(?Node $nodes, string $control): array
    {
        $contacts = [];
        foreach ($nodes?->list(64) ?? [] as $node) {
            $node->only(['id', 'name', 'number', 'page', 'opposite', 'none_of', 'settle_ms', ...($this->ofOwner ? ['keeps'] : [])]);
            $ref = $node->has('keeps') ? $this->device.'/'.$node->get('keeps')->string(60) : self::sub($node, $control);
            if (isset($contacts[$ref])) {
                throw $node->refuse('a position that is not there yet');
            }
            $contacts[$ref] = $this->contact($node, $ref, $control, $contacts);
        }

        return array_values($contacts);
    }

    /** @param array<string, ContactInput> $before those of the same control that were read already */
    private function contact(Node $node, string $ref, string $control, array $before): ContactInput
    {
        $name = $node->maybe('name')?->string(40) ?? '';
        $settle = $node->maybe('settle_ms');
        if ($node->has('none_of')) {
            $sources = array_map(fn (Node $of) => self::source($of, $control, $before), $node->get('none_of')->list(16));

            return $sources === [] ? throw $node->get('none_of')->refuse('at least one position') : ContactInput::noneOf($ref, $name, $sources, 1000 * ($settle?->int(0, 2000) ?? ContactInput::SETTLE_MS));
        }
        if ($settle !== null) {
            throw $settle->refuse('no settle time, since it is not one that closes while none of others is closed');
        }
        if ($node->has('opposite')) {
            return ContactInput::opposite($ref, $name, self::source($node->get('opposite'), $control, $before));
        }
        $page = InputPage::from($node->maybe('page')?->oneOf(array_column(InputPage::cases(), 'value')) ?? InputPage::Button->value);

        return ContactInput::reported($ref, $name, $this->free($page->value, $node->get('number'), 65535, $ref), $page);
    }

    /** @param array<string, ContactInput> $before */
    private static function source(Node $node, string $control, array $before): string
    {
        $id = $node->value === '' ? '' : $node->string(60);
        $of = $control.($id === '' ? '' : '.'.$id);
        if (! isset($before[$of]) && $id !== '') {
            $of = explode('/', $control, 2)[0].'/'.$id;
        }

        return isset($before[$of]) && $before[$of]->isReported() ? $of : throw $node->refuse('a reported position of the same control, listed before');
    }

    private function free(string $sort, Node $number, int $most, string $ref): int
    {
        $key = $sort.' '.$number->int(0, $most);
        if (isset($this->taken[$key])) {
            throw $number->refuse('a number that is free ('.$this->taken[$key].' has it)');
        }
        $this->taken[$key] = $ref;

        return $number->int(0, $most);
    }

    private static function sub(Node $node, string $control): string
    {
        $id = $node->maybe('id')?->id();

        return $id === null ? $control : $control.'.'.$id;
    }

    /**
     * @return array{int, int}
     *
     * @throws FormatError
     */
    public static function place(Node $node): array
    {
        $pair = $node->list(2);
        if (count($pair) !== 2) {
            throw $node->refuse('two numbers, across and down');
        }

        return [$pair[0]->int(0, 4000), $pair[1]->int(0, 4000)];
    }
}
