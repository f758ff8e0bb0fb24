<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rig;

use App\Http\AsksTheRig;
use App\Http\Controllers\EditsSets;
use App\Http\Requests\EditRequest;
use App\Http\Requests\RevisionRequest;
use App\Http\Requests\Rig\DescriptorRequest;
use App\Http\Requests\Rig\MeasuredRequest;
use App\Http\Requests\Rig\NoteRequest;
use App\Http\Requests\Rig\PhraseRequest;
use App\Http\Requests\Rig\TurnRequest;
use App\Models\DeviceRecord;
use App\Rig\PageLine;
use App\Sets\Devices;
use App\Sets\SetStore;
use Illuminate\Http\RedirectResponse;
use Nailrod\Core\Engine\Survey\AxisReport;
use Nailrod\Core\Engine\Survey\ShapeProposal;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Layer;
use Nailrod\Core\Mapping\Made\Made;
use Nailrod\Core\Rig\Device\OwnDevices;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\RigEdits;
use Nailrod\Core\Set\ShapeEdits;

/** What is said of the rig itself. The set is the root set, so that it holds for every simulator. */
final class RigController
{
    use EditsSets;

    public function __construct(
        private readonly SetStore $sets,
        private readonly PageLine $line,
        private readonly Devices $devices,
    ) {}

    public function note(NoteRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))->note($request->control(), $request->note()),
        );
    }

    /** A dial is used as ticks too, an encoder as places, or no longer. */
    public function turn(TurnRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))->turn(
                $request->control(),
                $request->isBothWays(),
                $request->isRound(),
                $request->count(),
            ),
        );
    }

    /** Everything about a control is as the device says again. */
    public function giveBack(NoteRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))->giveBack($request->control()),
        );
    }

    /** Takes what a switch was found to be while it was flipped. */
    #[AsksTheRig]
    public function teach(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($request) {
            $state = $this->line->survey();
            $teaching = $state?->survey->teaching;
            $device = $teaching === null ? null : $base->rig->devices[$teaching->device] ?? null;
            $taught = $device === null ? null : $teaching->taught($device, $state->run->now + 1_000_000);
            $taught = $request->boolean('turned') ? $taught?->turnedRound() : $taught;
            if ($taught === null || ! $taught->isDone || $taught->control === null) {
                throw FormatError::told(
                    'positions',
                    $taught === null ? 'no switch that is being taught' : lcfirst(rtrim($taught->sentence, '.')),
                    'a switch that was flipped through its positions',
                );
            }

            return (new RigEdits($base))->note($taught->control->ref, $taught->note());
        });
    }

    /**
     * A switch that arrives as an axis was flipped: it gets as many zones as it has positions, and the first of them is
     * picked.
     */
    #[AsksTheRig]
    public function flipped(EditRequest $request, string $set): RedirectResponse
    {
        $axis = '';
        $done = $this->edit($request, $set, function (Edits $edits, BindingSet $base) use (&$axis) {
            $state = $this->line->survey();
            $axis = $state->survey->flips->axis ?? '';
            $zones = $state === null || ! isset($base->shapings[$axis]) ? null : $state->survey->flips?->zones(
                $base->shapings[$axis],
                $state->run->now + 1_000_000,
            );

            return (new ShapeEdits($base))->zonesOf(
                $axis,
                $zones ?? throw FormatError::told(
                    'positions',
                    'fewer than two',
                    'a switch that was flipped through its positions, a moment at each',
                ),
            );
        });
        $first = ShapeEdits::zonesOn($this->sets->current($this->sets->open($set)), $axis)?->contacts()[0]->ref;

        return $done->setTargetUrl(
            route(
                'assign',
                ['set' => $request->open($set), 'device' => Made::DEVICE, 'layer' => Layer::BASE, 'ref' => $first],
            ),
        );
    }

    /** Takes the proposal for an axis that was measured, those of its parts that are ticked, in one revision. */
    #[AsksTheRig]
    public function measured(MeasuredRequest $request, string $set): RedirectResponse
    {
        return $this->edit($request, $set, function (Edits $edits, BindingSet $base) use ($request) {
            $sweep = $this->line->survey()?->survey->sweep;
            $axis = $sweep === null ? null : $base->rig->axes[$sweep->axis] ?? null;
            if ($sweep === null || $axis === null || ! $sweep->isDone) {
                throw FormatError::told(
                    'axis',
                    'no axis that was measured to the end',
                    'one that went through all four steps',
                );
            }
            $proposal = ShapeProposal::of(AxisReport::of($sweep, $axis), $sweep);

            return (new RigEdits($base))->shape($axis->ref, $proposal->partsAndFindings($request->parts()));
        });
    }

    public function add(DescriptorRequest $request, string $set): RedirectResponse
    {
        $device = $this->devices->fromFile(
            $request->content(),
            $request->name(),
            $request->kind(),
            $request->fileName(),
        );

        return $this->added($request, $set, $device);
    }

    /** What needs no plug and no file becomes a device of the rig: the keyboard, the mouse, a list of phrases. */
    public function own(EditRequest $request, string $set): RedirectResponse
    {
        $own = OwnDevices::ALL[$request->word('own')] ?? throw FormatError::at(
            'Device',
            $request->word('own'),
            implode(' or ', array_keys(OwnDevices::ALL)),
        );
        $device = $this->devices->own($own);

        return $this->added($request, $set, $device);
    }

    /** A device that comes is the one that is shown. */
    private function added(RevisionRequest $request, string $set, DeviceRecord $device): RedirectResponse
    {
        $done = $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))->addDevice($device->id),
        );

        return $done->setTargetUrl(route('rig', ['set' => $request->open($set), 'device' => $device->id]));
    }

    public function addPhrase(PhraseRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))
                ->addPhrase($request->device(), $request->phrase()),
        );
    }

    /** A phrase goes: one that the list was made with is left out, one that was added is gone. */
    public function removePhrase(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))->removePhrase($request->word('control')),
        );
    }

    public function remove(EditRequest $request, string $set): RedirectResponse
    {
        return $this->edit(
            $request,
            $set,
            fn (Edits $edits, BindingSet $base) => (new RigEdits($base))->removeDevice($request->word('device')),
        );
    }
}
