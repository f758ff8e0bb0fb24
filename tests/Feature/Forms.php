<?php

declare(strict_types=1);

namespace Tests\Feature;

/**
 * Forms as the pages send them, by the address below a set: what a request is before something strange is put into it.
 */
final class Forms
{
    private const MARK = ['layer' => 'base', 'ref' => 'fennel/mark'];
    private const AXIS = ['axis' => 'fennel/left-lever', 'centred' => '0'];

    private const PANEL = ['device' => 'clover', 'panel' => 'mail', 'onto' => '1'];

    /** @return list<array{string, array<string, mixed>}> */
    public static function all(): array
    {
        $cell = self::MARK + ['behaviour' => 'follow'];

        return [
            ['cells', $cell + ['does' => 'button', 'output' => ['number' => '5']]],
            [
                'cells',
                $cell + ['does' => 'key', 'beside' => '1', 'output' => ['code' => 'KeyT', 'with' => ['ShiftLeft']]],
            ],
            [
                'cells',
                $cell + [
                    'does' => 'step variable',
                    'output' => [
                        'name' => 'trim', 'by-step-variable' => '1', 'low' => '0', 'high' => '5', 'at_limit' => 'wraps',
                    ],
                ],
            ],
            [
                'cells',
                $cell + ['does' => 'swap variable', 'output' => ['name' => 'flaps', 'first' => '1', 'second' => '2']],
            ],
            ['cells', $cell + ['does' => 'mouse wheel', 'output' => ['by' => '2']]],
            ['cells', $cell + ['does' => 'consumer control', 'output' => ['usage' => '233']]],
            ['cells/everywhere', $cell], ['cells/only', $cell],
            ['cells/pair', $cell + ['keys' => 'ControlLeft+KeyJ', 'apart' => '120', 'asked' => '']],
            ['cells', $cell + ['does' => 'hat', 'output' => ['number-hat' => '1', 'direction' => 'north']]],
            [
                'cells',
                [
                    'behaviour' => 'pulse', 'does' => 'set variable', 'output' => ['name' => 'flaps', 'to' => '2'],
                    'behave' => ['width_ms' => '40', 'on' => 'both'],
                ] + self::MARK,
            ],
            [
                'cells',
                self::MARK + [
                    'does' => 'step layer',
                    'output' => ['direction-step-layer' => 'next', 'layers' => ['base', 'water']],
                ],
            ],
            [
                'cells',
                [
                    'layer' => 'base', 'ref' => 'fennel/right-lever', 'does' => 'axis variable',
                    'output' => ['name' => 'flaps', 'low-axis-variable' => '0', 'high-axis-variable' => '3'],
                ],
            ],
            ['cells', self::MARK + ['does' => 'action', 'output' => ['action' => 'anchor-light']]],
            ['cells', self::MARK + ['does' => 'nothing']],
            [
                'cells/behave',
                self::MARK + [
                    'behaviour' => 'repeat',
                    'behave' => ['delay_ms' => '450', 'period_ms' => '125', 'width_ms' => '60', 'while' => 'held'],
                ],
            ],
            [
                'cells/behave',
                self::MARK + [
                    'behaviour' => 'cycle', 'behave' => ['idle_ms' => '100', 'width_ms' => '60', 'direction' => 'back'],
                ],
            ],
            [
                'cells/behave',
                self::MARK + [
                    'behaviour' => 'short/long/double',
                    'behave' => [
                        'preset' => 'tap and hold', 'long_ms' => '400', 'double_ms' => '250', 'width_ms' => '50',
                    ],
                ],
            ],
            [
                'cells/depend',
                self::MARK + [
                    'when' => ['variable flaps ≥', 'layer water live'], 'when_to' => ['2'], 'when_how' => 'any',
                ],
            ],
            ['cells', self::MARK + ['does' => 'button', 'output' => ['number' => '9'], 'else' => '1']],
            ['cells/as', ['as' => 'gorse/button-3'] + self::MARK],
            ['cells/chord/time', ['chord' => 'none', 'within' => '50', 'held' => '1000'] + self::MARK],
            [
                'cells/chord',
                [
                    'together' => 'gorse/button-3', 'within' => '50', 'held' => '0', 'does' => 'button',
                    'output' => ['number' => '9'],
                ] + self::MARK,
            ],
            ['cells/outputs/remove', self::MARK + ['index' => '0']], ['cells/clear', self::MARK],
            [
                'cells/hand-over',
                ['layer' => 'base', 'ref' => 'fennel/left-lever', 'leaving' => 'return to rest', 'taking' => 'pick up'],
            ],
            [
                'cells/transfer',
                self::MARK + ['what' => 'row', 'how' => 'swap', 'to_layer' => 'water', 'to_ref' => 'gorse/button-4'],
            ],
            [
                'stops',
                [
                    'stop' => 'stop-1', 'name' => 'Stop', 'at' => '92', 'side' => 'above', 'opens' => 'flip',
                    'axes' => ['fennel/left-lever'], 'opener' => 'fennel/left-thumb', 'rearm' => '0.5',
                    'patience_ms' => '3000',
                ],
            ],
            ['stops/remove', ['stop' => 'stop-1']], ['shape/curve', self::AXIS + ['k' => '20']],
            ['shape/curve', self::AXIS + ['kind' => 'points', 'x' => ['0', '50', '100'], 'y' => ['0', '30', '100']]],
            ['shape/range', self::AXIS + ['low' => '10', 'high' => '90']],
            ['shape/dead_zones', self::AXIS + ['low' => '3', 'high' => '2']],
            [
                'shape/notches',
                self::AXIS + ['kind' => 'flat', 'at' => ['40', '60'], 'width' => '2', 'hysteresis' => '1'],
            ],
            ['shape/calibrate', self::AXIS + ['low' => '100', 'high' => '60000', 'rest' => '', 'reverse' => '1']],
            ['shape/rotation', ['axis' => 'rowan/wheel', 'degrees' => '1080', 'used' => '540']],
            ['shape/steady', self::AXIS + ['hold' => '3', 'spikes' => '1']],
            ['shape/add', self::AXIS + ['what' => 'threshold', 'travel' => '0.5', 'other' => '']],
            [
                'shape/add',
                ['axis' => 'gorse/stick.x', 'what' => 'four directions', 'travel' => '0.5', 'other' => 'gorse/stick.y'],
            ],
            ['shape/fit', self::AXIS + ['travel' => '0.5', 'sends' => '40', 'both' => '0']],
            ['shape/remove', self::AXIS + ['what' => 'notch', 'index' => '0']],
            ['shape/begin', self::AXIS + ['what' => 'throttle']],
            [
                'shape/made',
                [
                    'id' => 'threshold', 'name' => 'Threshold', 'kind' => 'between', 'of' => ['fennel/left-lever'],
                    'looks_at' => 'travel', 'at' => '40', 'to' => '60', 'hysteresis' => '2', 'centred' => '0',
                ],
            ],
            [
                'shape/made',
                [
                    'id' => 'zones', 'name' => 'Zones', 'kind' => 'zones', 'of' => ['fennel/left-lever'],
                    'bounds' => ['30', '60'], 'names' => ['a', 'b', 'c'], 'hysteresis' => '1', 'centred' => '0',
                ],
            ],
            [
                'shape/copy',
                [
                    'axis' => 'fennel/left-lever', 'parts' => ['curve'], 'to' => ['fennel/right-lever'],
                    'target' => 'skerrywing',
                ],
            ],
            ['layers', ['name' => 'Radio', 'holder' => 'gorse/button-6']],
            ['layers/say', ['layer' => 'water', 'name' => 'Water', 'colour' => '3', 'lets_go' => '1']],
            ['layers/shift', ['layer' => 'water', 'way' => 'up']],
            ['layers/rename', ['layer' => 'water', 'name' => 'Wet']], ['layers/remove', ['layer' => 'radio']],
            ['flags', ['name' => 'Armed']], ['macros', ['name' => 'Call']],
            [
                'macros/say',
                [
                    'id' => 'call', 'plays' => 'while held', 'on_release' => 'stop', 'on_second_press' => 'ignore',
                    'when' => '', 'name' => 'Call',
                ],
            ],
            ['macros/say', ['id' => 'call', 'pause' => '30']],
            [
                'macros/bars',
                [
                    'id' => 'call', 'does' => 'key', 'lasts' => '40',
                    'output' => ['code' => 'F5', 'with' => ['ShiftLeft']],
                ],
            ],
            ['macros/bars', ['id' => 'call', 'does' => 'type', 'text' => 'Hi', 'layout' => 'german', 'key_ms' => '10']],
            ['macros/bars/move', ['id' => 'call', 'bar' => '0', 'starts' => '200', 'lasts' => '25']],
            ['macros/bars/remove', ['id' => 'call', 'bar' => '0']],
            [
                'macros/record',
                [
                    'id' => 'call',
                    'events' =>
                        '[{"t":1,"kind":"key","target":"KeyA","on":true},'
                            .'{"t":9000,"kind":"key","target":"KeyA","on":false}]',
                ],
            ],
            ['macros/copy', ['id' => 'call']], ['macros/remove', ['id' => 'call']],
            [
                'lamps',
                [
                    'rule' => '', 'kind' => 'while',
                    'say' => [
                        'lamp' => 'fennel/lamp-4', 'while' => 'contact fennel/mark', 'colour' => 'amber',
                        'brightness' => '40',
                    ],
                ],
            ],
            [
                'lamps',
                [
                    'rule' => '', 'kind' => 'shows',
                    'say' => [
                        'lamps_first' => 'rowan/rev-1', 'lamps_last' => 'rowan/rev-4', 'shows' => 'flaps',
                        'from' => '0', 'to' => '90', 'band' => ['30', '', '90'],
                        'band_colour' => ['green', 'amber', 'red'], 'coloured' => 'whole', 'flash_above' => '80',
                        'brightness' => '100',
                    ],
                ],
            ],
            ['lamps/remove', ['rule' => 'anchor']],
            ['ways', ['action' => 'drop-sack', 'way' => '{"kind":"key","code":"KeyD"}']],
            ['plan', ['propose' => 'water', 'only' => '', 'not' => ['x']]],
            ['plan/press', ['action' => 'squelch', 'layer' => 'base', 'ref' => 'rowan/button-1']],
            ['mend', ['finding' => 'half-pair:x']],
            ['meant', ['finding' => 'half-a-pair:cast-off', 'why' => 'By hand', 'in' => 'house']],
            ['meant', ['finding' => 'half-a-pair:cast-off', 'why' => '', 'in' => '', 'again' => '1']],
            ['carry', ['carry' => 'hairpin-ladder', 'old' => '', 'new' => '', 'only' => '']],
            ['carry', ['old' => 'bracken', 'new' => 'teasel', 'only' => '']],
            ['roles', ['role' => 'horn', 'layer' => 'base', 'ref' => 'rowan/button-9', 'only' => 'skerrywing']],
            ['aside', ['path' => 'cells/base/fennel/mark']], ['aside', ['path' => 'macros/three-sacks']],
            ['give-back', ['path' => 'cells/base/fennel/mark']], ['actions/change', []],
            ['actions/undo', ['list' => 'skerrywing', 'seen' => '3']],
            ['actions/redo', ['list' => 'skerrywing', 'seen' => '3']], ['undo', []], ['redo', []],
            ['rig/flipped', ['open' => 'skerrywing']],
            ['rig/measured', ['parts' => ['calibrate']]],
            [
                'rig/note',
                [
                    'control' => 'fennel/mark', 'name' => 'Sack', 'label' => 'SACK', 'kind' => 'button', 'x' => '700',
                    'y' => '240', 'debounce' => '20',
                ],
            ],
            [
                'rig/draw',
                [
                    'kind' => 'button box', 'name' => 'Bin', 'counts' => ['button' => '12', 'two_way' => '4'],
                    'open' => 'skerrywing',
                ],
            ],
            ['steps', ['skip' => 'try']], ['steps', ['away' => '1']],
            ['shelf/put', ['thing' => 'macro|three-sacks', 'name' => 'Sacks', 'about' => 'Three']],
            ['shelf/take', ['item' => 'on-water', 'on' => ['throttle-1' => 'fennel', 'stick-1' => 'gorse']]],
            ['shelf/take', ['item' => 'shape-flaps', 'axis' => 'fennel/left-lever']],
            ['shelf/remove', ['item' => 'own-1']], ['print/done', []],
            ['print/size', ['device' => 'fennel', 'control' => 'left-lever', 'other' => 'right-lever', 'mm' => '48']],
            ['rig/turn', ['control' => 'fennel/encoder', 'turns' => 'round', 'places' => '8']],
            ['rig/give-back', ['control' => 'fennel/mark']], ['rig/devices/remove', ['device' => 'burdock']],
            ['store/fennel', ['unit' => '']],
            ['store/fennel/fault', ['fault' => 'cut', 'after' => '50', 'unit' => '']],
            ['store/fennel/itself', ['itself' => '1']],
            ['settings', ['device' => 'rowan', 'setting' => 'spring', 'value' => '50']],
            ['desk/teasel/unit', ['serial' => 'TS-0231']], ['desk/teasel/slide', ['mode' => 'controller']],
            ['desk/teasel/press', []],
            ['panel/add', ['device' => 'clover', 'panel' => '', 'name' => 'Mail']],
            ['panel/tiles', self::PANEL + ['kind' => 'press', 'column' => '3', 'row' => '1']],
            ['panel/tiles', self::PANEL + ['kind' => 'slide']],
            [
                'panel/tiles/say',
                self::PANEL + [
                    'tile' => 'press', 'kind' => 'locks on', 'label' => 'Pump', 'colour' => 'moss', 'opacity' => '80',
                    'on_lifting' => '1',
                ],
            ],
            [
                'panel/tiles/say',
                self::PANEL + ['tile' => 'press', 'kind' => 'only shows', 'text' => 'Altimeter {altimeter}'],
            ],
            ['panel/tiles/move', self::PANEL + ['tile' => 'press', 'column' => '0', 'row' => '2']],
            ['panel/tiles/size', self::PANEL + ['tile' => 'press', 'across' => '2', 'down' => '1']],
            ['panel/tiles/copy', self::PANEL + ['tile' => 'press']],
            ['panel/tiles/give', self::PANEL + ['tile' => 'press', 'action' => 'horn']],
            ['panel/pages', self::PANEL],
            [
                'panel/pages/say',
                ['onto' => '2'] + self::PANEL + ['name' => 'Dock', 'columns' => '3', 'rows' => '3', 'layer' => 'water'],
            ],
            ['panel/pages/propose', self::PANEL + ['group' => 'engine']],
            ['panel/tiles/remove', self::PANEL + ['tile' => 'press']], ['panel/pages/remove', self::PANEL],
            ['panel/pick', ['panel' => ''] + self::PANEL], ['panel/rename', self::PANEL + ['name' => 'Route']],
            ['panel/pair', ['device' => 'clover']],
            ['panel/phones/give', ['phone' => 'none', 'gets' => 'look', 'sure' => '1']],
            ['panel/phones/remove', ['phone' => 'none']], ['panel/phones/remove-all', ['device' => 'clover']],
            ['panel/remove', self::PANEL], ['store', []], ['store/fennel/read', []],
            ['store/fennel/back', ['copy' => '1']], ['sets/new', ['name' => 'Mine', 'simulator' => '']],
            ['sets/duplicate', ['name' => 'Copy']], ['sets/rename', ['name' => 'Renamed']],
            ['sets/bring-back', ['id' => 'skerrywing']],
        ];
    }
}
