<?php

declare(strict_types=1);

use App\Http\Controllers\AlreadyController;
use App\Http\Controllers\BeginController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\Keep\FileController;
use App\Http\Controllers\Keep\ImportController;
use App\Http\Controllers\Keep\PaperController;
use App\Http\Controllers\Keep\PrintController;
use App\Http\Controllers\Keep\SetsController;
use App\Http\Controllers\Keep\ShelfController;
use App\Http\Controllers\Keep\StoreController;
use App\Http\Controllers\Make\AsideController;
use App\Http\Controllers\Make\CellController;
use App\Http\Controllers\Make\HandController;
use App\Http\Controllers\Make\LampController;
use App\Http\Controllers\Make\LayerController;
use App\Http\Controllers\Make\MacroController;
use App\Http\Controllers\Make\PairingController;
use App\Http\Controllers\Make\PanelController;
use App\Http\Controllers\Make\PhoneController;
use App\Http\Controllers\Make\ShapeController;
use App\Http\Controllers\Make\StopController;
use App\Http\Controllers\Plan\CarryController;
use App\Http\Controllers\Plan\ListController;
use App\Http\Controllers\Plan\PlanController;
use App\Http\Controllers\Plan\RolesController;
use App\Http\Controllers\Plan\WayController;
use App\Http\Controllers\Prove\RecordingController;
use App\Http\Controllers\Rig\DeskController;
use App\Http\Controllers\Rig\DrawController;
use App\Http\Controllers\Rig\RigController;
use App\Http\Controllers\Rig\TokenController;
use App\View\Places;
use Illuminate\Support\Facades\Route;

Route::get('/', [BeginController::class, 'home'])->name('home');
Route::get('help/{page}.png', [HelpController::class, 'picture'])->name('help.picture')->where('page', '[a-z-]+');
Route::get('first', [BeginController::class, 'first'])->name('first');
Route::post('first/demo', [BeginController::class, 'look'])->name('first.demo');
Route::post('first/own', [BeginController::class, 'begin'])->name('first.own');
Route::post('first/put-away', [BeginController::class, 'putAway'])->name('demo.put-away');
Route::post('first/bring-back', [BeginController::class, 'bringBack'])->name('demo.bring-back');
Route::post('first/list', [BeginController::class, 'list'])->name('first.list');

Route::prefix('sets/{set}')->where(['set' => '[a-z0-9_-]+'])->group(function (): void {
    foreach (Places::pages() as $page => $shownBy) {
        Route::get($page, $shownBy)->name($page);
    }

    Route::post('plan', [PlanController::class, 'take'])->name('plan.take');
    Route::post('plan/press', [PlanController::class, 'press'])->name('plan.press');
    Route::get('typed', PaperController::class)->name('typed');
    Route::get('already', AlreadyController::class)->name('already');
    Route::get('find', FindController::class)->name('find');
    Route::get('help/{page}', [HelpController::class, 'show'])->name('help')->where('page', '[a-z-]+');
    Route::get('told', [PlanController::class, 'told'])->name('told');
    Route::post('mend', [PlanController::class, 'mend'])->name('mend');
    Route::post('meant', [PlanController::class, 'meant'])->name('meant');
    Route::post('actions/change', [ListController::class, 'begin'])->name('list.begin');
    Route::post('actions/undo', [ListController::class, 'undo'])->name('list.undo');
    Route::post('actions/redo', [ListController::class, 'redo'])->name('list.redo');
    Route::post('roles', [RolesController::class, 'bring'])->name('roles.bring');
    Route::post('carry', [CarryController::class, 'take'])->name('carry.take');

    Route::post('macros', [MacroController::class, 'add'])->name('macro.add');
    Route::post('macros/say', [MacroController::class, 'say'])->name('macro.say');
    Route::post('macros/copy', [MacroController::class, 'copy'])->name('macro.copy');
    Route::post('macros/remove', [MacroController::class, 'remove'])->name('macro.remove');
    Route::post('macros/bars', [MacroController::class, 'addBar'])->name('macro.bar');
    Route::post('macros/bars/move', [MacroController::class, 'moveBar'])->name('macro.move-bar');
    Route::post('macros/bars/type', [MacroController::class, 'retype'])->name('macro.retype');
    Route::post('macros/bars/remove', [MacroController::class, 'removeBar'])->name('macro.remove-bar');
    Route::post('macros/record', [MacroController::class, 'record'])->name('macro.record');
    Route::post('lamps', [LampController::class, 'save'])->name('lamp.save');
    Route::post('lamps/remove', [LampController::class, 'remove'])->name('lamp.remove');

    Route::post('shelf/put', [ShelfController::class, 'put'])->name('shelf.put');
    Route::post('shelf/take', [ShelfController::class, 'take'])->name('shelf.take');
    Route::post('shelf/bring', [ShelfController::class, 'bring'])->name('shelf.bring');
    Route::post('shelf/remove', [ShelfController::class, 'remove'])->name('shelf.remove');
    Route::get(
        'shelf/{item}/file',
        [ShelfController::class, 'file'],
    )->name('shelf.file')->where('item', '[a-z0-9-]{1,80}');
    Route::get('print/{page}', [PrintController::class, 'page'])->name('print.page')->where('page', '[0-9]{1,4}');
    Route::post('print/done', [PrintController::class, 'done'])->name('print.done');
    Route::post('print/size', [PrintController::class, 'size'])->name('print.size');

    Route::post('panel/add', [PanelController::class, 'add'])->name('panel.add');
    Route::post('panel/pick', [PanelController::class, 'pick'])->name('panel.pick');
    Route::post('panel/rename', [PanelController::class, 'rename'])->name('panel.rename');
    Route::post('panel/remove', [PanelController::class, 'remove'])->name('panel.remove');
    Route::post('panel/pages', [PanelController::class, 'addPage'])->name('panel.add-page');
    Route::post('panel/pages/say', [PanelController::class, 'page'])->name('panel.page');
    Route::post('panel/pages/remove', [PanelController::class, 'removePage'])->name('panel.remove-page');
    Route::post('panel/pages/propose', [PanelController::class, 'propose'])->name('panel.propose');
    Route::post('panel/pair', [PairingController::class, 'begin'])->name('panel.pair');
    Route::post('panel/phones/give', [PairingController::class, 'give'])->name('panel.give-phone');
    Route::post('panel/phones/remove', [PairingController::class, 'takeAway'])->name('panel.phone');
    Route::post('panel/phones/remove-all', [PairingController::class, 'takeAllAway'])->name('panel.phones');
    Route::get('panel/file', [PanelController::class, 'file'])->name('panel.file');
    Route::post('panel/tiles', [PanelController::class, 'addTile'])->name('panel.add-tile');
    Route::post('panel/tiles/say', [PanelController::class, 'tile'])->name('panel.tile');
    Route::post('panel/tiles/move', [PanelController::class, 'move'])->name('panel.move');
    Route::post('panel/tiles/size', [PanelController::class, 'size'])->name('panel.size');
    Route::post('panel/tiles/give', [PanelController::class, 'give'])->name('panel.give');
    Route::post('panel/tiles/copy', [PanelController::class, 'copy'])->name('panel.copy');
    Route::post('panel/tiles/remove', [PanelController::class, 'removeTile'])->name('panel.remove-tile');
    Route::post('settings', [DeskController::class, 'setting'])->name('settings');
    Route::post('desk/{device}/unit', [DeskController::class, 'unit'])->name('desk.unit');
    Route::post('desk/{device}/slide', [DeskController::class, 'slide'])->name('desk.slide');
    Route::post('desk/{device}/press', [DeskController::class, 'press'])->name('desk.press');
    Route::post('rig/tokens', [TokenController::class, 'add'])->name('token.add');
    Route::post('rig/tokens/remove', [TokenController::class, 'remove'])->name('token.remove');
    Route::post('steps', [BeginController::class, 'step'])->name('steps');
    Route::get('rig/draw', [DrawController::class, 'show'])->name('rig.draw');
    Route::post('rig/draw', [DrawController::class, 'take'])->name('rig.drawn');
    Route::post('rig/note', [RigController::class, 'note'])->name('rig.note');
    Route::post('rig/turn', [RigController::class, 'turn'])->name('rig.turn');
    Route::post('rig/give-back', [RigController::class, 'giveBack'])->name('rig.give-back');
    Route::post('rig/flipped', [RigController::class, 'flipped'])->name('rig.flipped');
    Route::post('rig/teach', [RigController::class, 'teach'])->name('rig.teach');
    Route::post('rig/measured', [RigController::class, 'measured'])->name('rig.measured');
    Route::post('rig/devices', [RigController::class, 'add'])->name('rig.add');
    Route::post('rig/own', [RigController::class, 'own'])->name('rig.own');
    Route::post('rig/phrases', [RigController::class, 'addPhrase'])->name('rig.add-phrase');
    Route::post('rig/phrases/remove', [RigController::class, 'removePhrase'])->name('rig.remove-phrase');
    Route::post('rig/devices/remove', [RigController::class, 'remove'])->name('rig.remove');

    Route::post('shape/add', [ShapeController::class, 'add'])->name('shape.add');
    Route::post('shape/remove', [ShapeController::class, 'remove'])->name('shape.remove');
    Route::post('shape/begin', [ShapeController::class, 'begin'])->name('shape.begin');
    Route::post('shape/fit', [ShapeController::class, 'fit'])->name('shape.fit');
    Route::post('shape/bite', [ShapeController::class, 'bite'])->name('shape.bite');
    Route::post('shape/made', [ShapeController::class, 'made'])->name('shape.made');
    Route::post('shape/copy', [ShapeController::class, 'copy'])->name('shape.copy');
    Route::post('shape/{part}', [ShapeController::class, 'save'])->name('shape.save');
    Route::post('stops', [StopController::class, 'save'])->name('stop.save');
    Route::post('stops/remove', [StopController::class, 'remove'])->name('stop.remove');
    Route::post('cells', [CellController::class, 'assign'])->name('cell.assign');
    Route::post('cells/everywhere', [CellController::class, 'everywhere'])->name('cell.everywhere');
    Route::post('cells/only', [CellController::class, 'only'])->name('cell.only');
    Route::post('cells/pair', [CellController::class, 'pair'])->name('cell.pair');
    Route::post('cells/outputs/remove', [CellController::class, 'removeOutput'])->name('cell.remove-output');
    Route::post('cells/behave', [CellController::class, 'behave'])->name('cell.behave');
    Route::post('cells/depend', [CellController::class, 'dependOn'])->name('cell.depend');
    Route::post('cells/chord', [CellController::class, 'chord'])->name('cell.chord');
    Route::post('cells/as', [CellController::class, 'doAs'])->name('cell.as');
    Route::post('cells/chord/time', [CellController::class, 'timeChord'])->name('cell.time-chord');
    Route::post('cells/chord/remove', [CellController::class, 'removeChord'])->name('cell.remove-chord');
    Route::post('flags', [CellController::class, 'addFlag'])->name('flag.add');
    Route::post('cells/hand-over', [CellController::class, 'handOver'])->name('cell.hand-over');
    Route::post('cells/clear', [CellController::class, 'clear'])->name('cell.clear');
    Route::post('cells/transfer', [CellController::class, 'transfer'])->name('cell.transfer');
    Route::post('cells/in-step', [CellController::class, 'inStep'])->name('cell.in-step');
    Route::post('ways', [WayController::class, 'save'])->name('way.save');
    Route::post('layers', [LayerController::class, 'add'])->name('layer.add');
    Route::post('layers/say', [LayerController::class, 'say'])->name('layer.say');
    Route::post('layers/shift', [LayerController::class, 'shift'])->name('layer.shift');
    Route::post('layers/rename', [LayerController::class, 'rename'])->name('layer.rename');
    Route::post('layers/remove', [LayerController::class, 'remove'])->name('layer.remove');
    Route::post('aside', AsideController::class)->name('aside');
    Route::post('give-back', [HistoryController::class, 'giveBack'])->name('give-back');
    Route::post('undo', [HistoryController::class, 'undo'])->name('undo');
    Route::post('redo', [HistoryController::class, 'redo'])->name('redo');

    Route::post('store', [StoreController::class, 'writeAll'])->name('store.write-all');
    Route::post('store/{device}', [StoreController::class, 'write'])->name('store.write');
    Route::post('store/{device}/read', [StoreController::class, 'read'])->name('store.read');
    Route::post('store/{device}/fault', [StoreController::class, 'fault'])->name('store.fault');
    Route::post('store/{device}/firmware', [StoreController::class, 'lookAt'])->name('store.look-at');
    Route::post('store/{device}/firmware/give', [StoreController::class, 'firmware'])->name('store.firmware');
    Route::post('store/{device}/itself', [StoreController::class, 'itself'])->name('store.itself');
    Route::get('store/{device}/copy', [StoreController::class, 'copy'])->name('store.copy');
    Route::post('store/{device}/back', [StoreController::class, 'back'])->name('store.back');
    Route::post('store/{device}/file', [StoreController::class, 'bring'])->name('store.bring');
    Route::get('file', [FileController::class, 'download'])->name('file.download');
    Route::post('file', [FileController::class, 'upload'])->name('file.upload');
    Route::get('with-parents', [FileController::class, 'bundle'])->name('file.bundle');
    Route::get('bindings', [FileController::class, 'bindings'])->name('file.bindings');
    Route::post('bindings', [FileController::class, 'takeBindings'])->name('file.take-bindings');
    Route::get('keys', [FileController::class, 'keys'])->name('file.keys');
    Route::get('summary', [FileController::class, 'summary'])->name('file.summary');

    Route::post('sets/new', [SetsController::class, 'begin'])->name('sets.new');
    Route::post('sets/duplicate', [SetsController::class, 'duplicate'])->name('sets.duplicate');
    Route::post('sets/rename', [SetsController::class, 'rename'])->name('sets.rename');
    Route::post('sets/remove', [SetsController::class, 'remove'])->name('sets.remove');
    Route::post('sets/bring-back', [SetsController::class, 'bringBack'])->name('sets.bring-back');
});

Route::get(
    'panel/{device}/manifest',
    [HandController::class, 'manifest'],
)->where('device', '[a-z0-9_-]+')->name('hand.manifest');
Route::get('panel/{device}', [HandController::class, 'show'])->where('device', '[a-z0-9_-]+')->name('hand');
Route::post('memory/{device}', [StoreController::class, 'fresh'])->where('device', '[a-z0-9_-]+')->name('store.fresh');
Route::post('import', [ImportController::class, 'bring'])->name('import.bring');
Route::get('import/{import}', [ImportController::class, 'show'])->where('import', '[0-9a-f]{16}')->name('import.show');
Route::post('import/{import}', [ImportController::class, 'take'])->where('import', '[0-9a-f]{16}')->name('import.take');
Route::post(
    'import/{import}/panel',
    [ImportController::class, 'takePanel'],
)->where('import', '[0-9a-f]{16}')->name('import.panel');
Route::post(
    'import/{import}/list',
    [ListController::class, 'take'],
)->where('import', '[0-9a-f]{16}')->name('list.take');
Route::post('import/{import}/said', [ListController::class, 'say'])->where('import', '[0-9a-f]{16}')->name('list.say');

Route::get(
    'recordings/{recording}/file',
    [RecordingController::class, 'download'],
)->where('recording', '[0-9a-f]{16}')->name('recording.download');
Route::post(
    'recordings/{recording}/cut',
    [RecordingController::class, 'cut'],
)->where('recording', '[0-9a-f]{16}')->name('recording.cut');
Route::post(
    'recordings/{recording}/remove',
    [RecordingController::class, 'remove'],
)->where('recording', '[0-9a-f]{16}')->name('recording.remove');
Route::post(
    'recordings/{recording}/bring-back',
    [RecordingController::class, 'bringBack'],
)->where('recording', '[0-9a-f]{16}')->name('recording.bring-back');
Route::post('recordings', [RecordingController::class, 'upload'])->name('recording.upload');

if (config('nailrod.bench')) {
    // To measure against: what a page costs that does nothing.
    Route::get('bench-empty-page', fn () => '');
}
Route::get('pair', [PhoneController::class, 'show'])->name('phone.show');
Route::post('pair', [PhoneController::class, 'pair'])->name('phone.pair');
