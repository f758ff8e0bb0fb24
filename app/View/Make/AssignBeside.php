<?php

declare(strict_types=1);

namespace App\View\Make;

use App\Forms\FieldInput;
use App\Forms\KindForm;
use App\Forms\Offered;
use Nailrod\Core\Rig\Device\ContactInput;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Chord;

/** What the picked contact of Assign does together with others, and as which it can do. */
final readonly class AssignBeside
{
    /** @param string $device id of the one that is shown */
    public function __construct(
        private BindingSet $set,
        private string $device,
        private string $layer,
        private string $ref,
        private FieldInput $input,
    ) {}

    /** @return array<string, Chord> chords of the picked layer that the picked contact is part of, by id */
    public function chords(): array
    {
        return $this->set->chordsWith($this->layer, $this->ref);
    }

    /**
     * @return array<string, string> contacts that can be pressed together with the picked one, those of its device
     *    first, by reference
     */
    public function others(): array
    {
        return $this->named(fn (ContactInput $contact) => $contact->isReported() && $contact->encoder === null);
    }

    /**
     * @return array<string, string> contacts as which the picked one can do, those of its device first, by reference
     */
    public function examples(): array
    {
        return $this->named(fn (ContactInput $contact) => true);
    }

    /** What contacts that are pressed together can do. */
    public function chordForm(): KindForm
    {
        return new KindForm(
            array_diff_key(Offered::toChords($this->set), ['action' => 0]),
            Offered::all(),
            'output',
            'does',
            $this->input,
            $this->set->catalogue === null ? [] : ['action' => 'an action'],
        );
    }

    /**
     * @param callable(ContactInput): bool $wanted
     *
     * @return array<string, string>
     */
    private function named(callable $wanted): array
    {
        $own = $away = [];
        foreach (array_diff_key($this->set->rig->contacts, $this->set->unwired()) as $ref => $contact) {
            if ($ref === $this->ref || ! $wanted($contact)) {
                continue;
            }
            if (str_starts_with($ref, $this->device.'/')) {
                $own[$ref] = $this->set->rig->nameOf($ref);
            } else {
                $away[$ref] = $this->set->rig->fullNameOf($ref, ' · ');
            }
        }

        // Those of other devices come with the box that opens beside the list.
        return $own === [] ? $away : $own;
    }
}
