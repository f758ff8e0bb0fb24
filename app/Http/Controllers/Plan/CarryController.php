<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Http\Controllers\EditsSets;
use App\Http\Requests\Plan\CarryRequest;
use App\View\Place;
use App\View\Plan\CarryView;
use App\View\Plan\PlanView;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Nailrod\Core\Advice\Plan\CarryOver;
use Nailrod\Core\Advice\Plan\DeviceMatch;
use Nailrod\Core\Advice\Plan\PlanEdits;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\Edits;
use Nailrod\Core\Set\SetDocument;

/** Carries over what a set reaches to another game, or what a device does to another device. */
final class CarryController
{
    use EditsSets;

    public function show(Request $request, string $set): View
    {
        return view('plan.carry', ['view' => new CarryView(
            Place::open($this->sets, $set, 'carry'),
            $this->sets,
            $request->string('from')->toString(),
            $request->string('old')->toString(),
            $request->string('new')->toString(),
            array_values(array_filter($request->array('not'), is_string(...))),
        )]);
    }

    public function take(CarryRequest $request, string $set): RedirectResponse
    {
        $only = $request->string('only')->toString();

        return $this->edit(
            $request,
            $set,
            function (Edits $edits, BindingSet $base) use ($request, $only): SetDocument {
                if ($request->filled('carry')) {
                    $chosen = CarryOver::between(
                        $this->sets->current($this->sets->open($request->string('carry')->toString())),
                        $base,
                        PlanView::refused($request->not()),
                    )->chosen($only === '' ? null : [$only]);

                    return $chosen === [] ? throw self::gone() : (new PlanEdits($base))->take($chosen);
                }
                $devices = $base->rig->devices;
                [$old, $new] = [
                    $devices[$request->string('old')->toString()] ?? null,
                    $devices[$request->string('new')->toString()] ?? null,
                ];
                if ($old === null || $new === null) {
                    throw FormatError::told('device', 'none of that name', 'two devices of the rig');
                }
                $carry = CarryView::carry($base, $old, $new, $this->sets);
                $matches = array_values(array_filter(
                    $carry->matches(),
                    fn (DeviceMatch $match) =>
                        $match->refs !== [] && ($only === '' || $match->control->ref === $only),
                ));

                return $matches === [] ? throw self::gone() : $carry->take($matches);
            },
        );
    }

    private static function gone(): FormatError
    {
        return FormatError::told('proposal', 'nothing', 'one that is on the page; the set may have changed since');
    }
}
