<?php

declare(strict_types=1);

use App\Http\Controllers\CellController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\LayerController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ShapeController;
use App\Http\Controllers\StopController;
use App\Http\Controllers\StoreController;
use App\Http\Controllers\WayController;
use Illuminate\Support\Facades\Route;

Route::get('/', [PlaceController::class, 'home'])->name('home');

Route::prefix('sets/{set}')->where(['set' => '[a-z0-9_-]+'])->group(function (): void {
    Route::get('rig', [PlaceController::class, 'rig'])->name('rig');
    Route::get('shape', [PlaceController::class, 'shape'])->name('shape');
    Route::get('assign', [PlaceController::class, 'assign'])->name('assign');
    Route::get('bench', [PlaceController::class, 'bench'])->name('bench');
    Route::get('store', [PlaceController::class, 'store'])->name('store');

    Route::post('shape/{part}', [ShapeController::class, 'save'])->name('shape.save');
    Route::post('stops', [StopController::class, 'save'])->name('stop.save');
    Route::post('stops/remove', [StopController::class, 'remove'])->name('stop.remove');
    Route::post('cells', [CellController::class, 'assign'])->name('cell.assign');
    Route::post('cells/clear', [CellController::class, 'clear'])->name('cell.clear');
    Route::post('cells/in-step', [CellController::class, 'inStep'])->name('cell.in-step');
    Route::post('ways', [WayController::class, 'save'])->name('way.save');
    Route::post('layers', [LayerController::class, 'add'])->name('layer.add');
    Route::post('layers/rename', [LayerController::class, 'rename'])->name('layer.rename');
    Route::post('layers/remove', [LayerController::class, 'remove'])->name('layer.remove');
    Route::post('give-back', [HistoryController::class, 'giveBack'])->name('give-back');
    Route::post('undo', [HistoryController::class, 'undo'])->name('undo');
    Route::post('redo', [HistoryController::class, 'redo'])->name('redo');

    Route::post('store/{device}', [StoreController::class, 'write'])->name('store.write');
    Route::get('file', [FileController::class, 'download'])->name('file.download');
    Route::post('file', [FileController::class, 'upload'])->name('file.upload');
});

Route::get('runs/{run}/file', [RunController::class, 'download'])->name('run.download');
Route::post('runs', [RunController::class, 'upload'])->name('run.upload');
