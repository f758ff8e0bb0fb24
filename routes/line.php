<?php

declare(strict_types=1);

use App\Http\Controllers\Make\PhoneController;
use App\Http\Controllers\Rig\LineController;
use Illuminate\Support\Facades\Route;

// Asked by scripts of the pages, without cookies and session; SameOrigin keeps other pages out.
Route::post('token', [LineController::class, 'token'])->name('line.token');
Route::post('hid', [LineController::class, 'hid'])->name('line.hid');
Route::post('pads', [LineController::class, 'pads'])->name('line.pads');
Route::post(
    'panel/{device}/token',
    [PhoneController::class, 'token'],
)->where(['device' => '[a-z0-9_-]+'])->name('line.panel');
