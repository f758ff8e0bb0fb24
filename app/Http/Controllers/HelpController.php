<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Sets\SetStore;
use App\View\HelpPages;
use App\View\Place;
use Illuminate\Contracts\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Why and how of each place. */
final class HelpController
{
    public function __construct(private readonly SetStore $sets) {}

    public function show(string $set, string $page): View
    {
        [$label, $address] = HelpPages::all()[$page] ?? abort(404);

        return view(
            'places.help',
            [
                'place' => Place::open($this->sets, $set, 'rig'),
                'page' => $page,
                'label' => $label,
                'address' => $address,
            ],
        );
    }

    public function picture(string $page): BinaryFileResponse
    {
        return response()->file(
            isset(HelpPages::all()[$page]) ? HelpPages::picture($page) : abort(404),
            ['Cache-Control' => 'max-age=3600'],
        );
    }
}
