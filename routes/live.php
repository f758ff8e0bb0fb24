<?php

declare(strict_types=1);

use App\Http\Controllers\LiveController;
use App\Http\Controllers\RecordingController;
use Illuminate\Support\Facades\Route;

// The live loop: many times a second, so without cookies and session; SameOrigin keeps other pages out.
Route::post('live', [LiveController::class, 'open'])->name('live.open');
Route::prefix('live/{session}')->where(['session' => '[0-9a-f]{32}'])->group(function (): void {
    Route::post('/', [LiveController::class, 'step'])->name('live.step');
    Route::post('resume', [LiveController::class, 'resume'])->name('live.resume');
    Route::post('record', [LiveController::class, 'record'])->name('live.record');
    Route::post('keep', [LiveController::class, 'keep'])->name('live.keep');
    Route::post('survey', [LiveController::class, 'survey'])->name('live.survey');
    Route::post('macro', [LiveController::class, 'tryMacro'])->name('live.macro');
    Route::post('leave', [LiveController::class, 'leave'])->name('live.leave');
    Route::post('close', [LiveController::class, 'close'])->name('live.close');
});
Route::post('live/pads', [LiveController::class, 'pads'])->name('live.pads');
Route::post('recordings/{recording}/piece', [RecordingController::class, 'piece'])->where('recording', '[0-9a-f]{16}')->name('recording.piece');
