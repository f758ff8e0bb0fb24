<?php

declare(strict_types=1);

namespace Tests\Kinds;

use App\Sets\SetStore;
use App\View\Place;
use Illuminate\Contracts\View\View;

/** Shows a place that only the tests know. */
final class Weather
{
    public function show(SetStore $sets, string $set): View
    {
        return view('weather', ['place' => Place::open($sets, $set, 'weather')]);
    }
}
