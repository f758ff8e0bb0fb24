<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Nailrod\Core\Engine\Program\Compiler;
use Nailrod\Core\Engine\Run\Machine;
use Nailrod\Core\Engine\Simulator\GameBindings;
use Nailrod\Core\Engine\Simulator\GameEvent;
use Nailrod\Core\Engine\Simulator\GameState;
use Nailrod\Core\Engine\Simulator\StandInGame;
use Nailrod\Core\Exchange\CatalogueTable;
use Nailrod\Core\Exchange\ImportedFile;
use Nailrod\Core\Exchange\KeyList;
use Nailrod\Core\Exchange\Summary;
use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Mapping\Action\ActionKind;
use Nailrod\Core\Mapping\Action\Pairs;
use Nailrod\Core\Mapping\Output\KeyNames;
use Nailrod\Core\Mapping\Output\OutputEvent;
use Nailrod\Core\Rig\Device\KeyCodes;
use Nailrod\Core\Set\Assembly;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\SetBundle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\DemoSets;
use Tests\Core\Desk;

/** What goes out can be read again, and means the same. */
final class ExchangeTest extends TestCase
{
    private static function demo(string $id): BindingSet
    {
        return (new Assembly(new DemoSets))->assemble((new DemoSets)->set($id) ?? throw new \LogicException($id));
    }

    /** @return iterable<string, array{string}> */
    public static function games(): iterable
    {
        foreach (['skerrywing', 'dunlin', 'knot', 'hairpin-ladder', 'marl', 'quay-cable'] as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('games')]
    public function test_a_game_that_reads_the_binding_list_does_the_same_as_with_the_set(string $id): void
    {
        $set = self::demo($id);
        $catalogue = $set->catalogue ?? throw new \LogicException;
        $list = GameBindings::of($set, $catalogue);
        $read = GameBindings::read($list->toJson(), $catalogue);
        $this->assertEquals($list, $read);
        $inputs = [];
        foreach (array_keys($set->cells['base']) as $i => $ref) {
            if (
                isset($set->rig->contacts[$ref])
                    && $set->rig->contacts[$ref]->isReported()
                    && $set->rig->contacts[$ref]->hat === null
            ) {
                $inputs[] = new Input(200_000 * ($i + 1), $ref, 1);
                $inputs[] = new Input(200_000 * ($i + 1) + 90_000, $ref, 0);
            }
        }
        $outputs = Machine::start(Compiler::compile($set))->feed($inputs);
        $play = fn (GameBindings $bindings): array => array_map(
            fn (GameEvent $event) => [$event->t, $event->variable, $event->value],
            (new StandInGame($catalogue, $bindings, new GameState))->play($outputs, 30_000_000),
        );
        $this->assertNotSame([], $play($read));
        $this->assertSame($play($list), $play($read));
    }

    public function test_a_binding_list_that_does_not_fit_is_refused_with_its_path(): void
    {
        $catalogue = self::demo('hairpin-ladder')->catalogue ?? throw new \LogicException;
        $list = fn (array $bindings, string $game = 'hairpin-ladder'): string => (string) json_encode(
            ['format' => 'nailrod-bindings', 'version' => 1, 'simulator' => $game, 'bindings' => $bindings],
        );
        foreach ([
            'simulator: found "other"' => $list(['horn' => ['kind' => 'button', 'number' => 1]], 'other'),
            'bindings.hoot: found "hoot", expected an action of Hairpin Ladder' => $list(
                ['hoot' => ['kind' => 'button', 'number' => 1]],
            ),
            'bindings.horn.kind: found "lamp"' => $list(['horn' => ['kind' => 'lamp']]),
            'bindings.steer.kind: found "button", expected axis' => $list(
                ['steer' => ['kind' => 'button', 'number' => 1]],
            ),
        ] as $message => $json) {
            try {
                GameBindings::read($json, $catalogue);
                $this->fail($message);
            } catch (FormatError $error) {
                $this->assertStringContainsString($message, $error->getMessage());
            }
        }
    }

    public function test_a_kept_key_opens_a_window_of_the_game_and_the_desktop_takes_its_own(): void
    {
        $set = self::demo('quay-cable');
        $catalogue = $set->catalogue ?? throw new \LogicException;
        $game = new StandInGame($catalogue, GameBindings::of($set, $catalogue), new GameState);
        $cause = new \Nailrod\Core\Format\Cause\Cause('start');
        $key = fn (int $ms, string $code, int $down): OutputEvent => new OutputEvent(
            1000 * $ms,
            OutputEvent::KEY,
            $code,
            $down,
            $cause,
        );
        $tap = fn (int $ms, string $code): array => [$key($ms, $code, 1), $key($ms + 20, $code, 0)];
        $played = $game->play(
            [
                ...$tap(100, 'KeyM'),
                ...$tap(200, 'KeyX'),
                ...$tap(300, 'Escape'),
                ...$tap(400, 'KeyX'),
                $key(500, 'AltLeft', 1),
                ...$tap(510, 'Tab'),
                $key(540, 'AltLeft', 0),
                ...$tap(600, 'Tab'),
                ...$tap(700, 'Tab'),
            ],
            2_000_000,
        );
        $this->assertSame([
            '100 its own window 1 harbour map', '200 taken 1 harbour map', '300 its own window 0 ',
            '400 winch_brake 0 ', '510 taken 1 ', '600 its own window 1 crew list', '700 its own window 0 ',
        ], array_map(
            fn (GameEvent $event) => intdiv($event->t, 1000).' '.$event->variable.' '.$event->value.' '.$event->window,
            $played,
        ), 'the winch brake hears nothing while the map is open; Alt+Tab never comes');
    }

    public function test_a_pulse_shorter_than_a_frame_is_sometimes_missed_and_an_output_past_the_last_never_seen(): void
    {
        $set = self::demo('hairpin-ladder');
        $catalogue = $set->catalogue ?? throw new \LogicException;
        $seen = ['to_road' => 0, 'photo' => 0, 'restart' => 0, GameEvent::MISSED => 0];
        for ($case = 0; $case < 40; $case++) {
            $game = new StandInGame($catalogue, GameBindings::of($set, $catalogue), new GameState);
            $machine = Machine::start(Compiler::compile($set));
            $outputs = $machine->feed([new Input(0, 'bracken/push-11', 0)]);
            foreach (['bracken/push-11', 'bracken/push-12', 'rowan/button-5'] as $i => $ref) {
                $at = 100_000 + 1000 * $case + 200_000 * $i;
                array_push($outputs, ...$machine->feed([new Input($at, $ref, 1), new Input($at + 120_000, $ref, 0)]));
            }
            foreach ($game->play([...$outputs, ...$machine->advance(1_000_000)], 1_000_000) as $event) {
                $seen[$event->variable] = ($seen[$event->variable] ?? 0) + 1;
            }
        }
        $this->assertSame(
            80 - $seen['to_road'],
            $seen[GameEvent::MISSED],
            'every one that it misses is told, and so is output 33',
        );
        $this->assertGreaterThan(10, $seen['to_road']);
        $this->assertLessThan(35, $seen['to_road'], 'a pulse of 10 ms is missed now and then');
        $this->assertSame(0, $seen['photo'], 'output 33 is not looked at');
        $this->assertSame(40, $seen['restart'], 'one of 60 ms always arrives');
    }

    public function test_a_file_with_its_parents_stands_alone(): void
    {
        $set = self::demo('knot');
        $read = fn (string $kind, string $id): array => json_decode(
            (string) file_get_contents(__DIR__.'/../../../demo/'.$kind.'s/'.$id.'.'.$kind.'.json'),
            true,
        );
        $json = SetBundle::write(
            $set->merged->chain,
            array_map(fn (string $id) => $read('device', $id), $set->merged->devices),
            [$read('catalogue', 'skerrywing')],
        );
        $alone = SetBundle::read($json, new NoLibrary);
        $again = (new Assembly($alone))->assemble($alone->set);
        $this->assertEquals($set->cells, $again->cells);
        $this->assertEquals($set->ways, $again->ways);
        $this->assertEquals($set->rig, $again->rig);
        $this->assertSame(
            array_map(fn ($document) => $document->id, $set->merged->chain),
            array_map(fn ($document) => $document->id, $again->merged->chain),
        );
    }

    public function test_keys_are_read_as_people_write_them(): void
    {
        $read = fn (string $text): ?string => KeyNames::read($text)?->label();
        $this->assertSame([
            'L', 'Shift+L', 'Ctrl+Page up', 'Num 5', 'Num +', 'Shift+Num +', 'Shift+L', 'F8', '→', '+' => null,
        ], [
            $read('l'), $read('shift + L'), $read('Control+PgUp'), $read('num 5'), $read('Num +'), $read('Shift+Num +'),
            $read('ShiftLeft+KeyL'), $read('F8'), $read('right'), '+' => $read('hyper+L'),
        ]);
        $this->assertSame([null, null, null, null], [$read(''), $read('L+Shift'), $read('Shift+Shift+L'), $read('LL')]);
        foreach (KeyCodes::all() as $code => $label) {
            $this->assertSame($code, KeyNames::read($label)?->code, $label);
        }
    }

    #[TestWith(['Left Shift', 'ShiftLeft'])]
    #[TestWith(['rechte Umschalt', 'ShiftRight'])]
    #[TestWith(['RCtrl', 'ControlRight'])]
    #[TestWith(['Strg+R', 'ControlLeft+KeyR'])]
    #[TestWith(['AltGr + q', 'AltRight+KeyQ'])]
    #[TestWith(['Keypad5', 'Numpad5'])]
    #[TestWith(['KP_Enter', 'NumpadEnter'])]
    #[TestWith(['num -', 'NumpadSubtract'])]
    #[TestWith(['Num Lock', 'NumLock'])]
    #[TestWith(['Ctrl+-', 'ControlLeft+Minus'])]
    #[TestWith(['Ctrl++', 'ControlLeft+Equal'])]
    #[TestWith(['Bild auf', 'PageUp'])]
    #[TestWith(['Win+Tab', 'MetaLeft+Tab'])]
    #[TestWith(['key a', 'KeyA'])]
    #[TestWith(['left left', ''])]
    #[TestWith(['right L', ''])]
    public function test_keys_are_read_in_the_words_of_lists(string $written, string $codes): void
    {
        $key = KeyNames::read($written);
        $this->assertSame($codes, implode('+', [...$key->with ?? [], ...$key === null ? [] : [$key->code]]));
    }

    public function test_a_table_becomes_a_catalogue(): void
    {
        $csv = "\xEF\xBB\xBFAction;Group;Key;Kind;Role;Essential;Variable;Amount\n"
            ."Throttle;Drive;;axis;power;yes;;\nHorn;Signals;h;;horn;no;;\n"
            ."Gear up;Drive;Page up;step pair;;;Gear;\nGear down;Drive;Page down;step pair;;;Gear;\n"
            ."Lights;Signals;L;two-state;;;;\nTank left;Fuel;;selector;;;Tank;0\n"
            ."Tank both;Fuel;;selector;;;Tank;1\nHorn;Signals;;;;;;\n";
        $catalogue = CatalogueTable::of($csv)->catalogue('mine', 'My game', 16, 4);
        $this->assertSame(
            ['throttle', 'horn', 'gear-up', 'gear-down', 'lights', 'tank-left', 'tank-both', 'horn-2'],
            array_keys($catalogue->actions),
        );
        $this->assertSame(
            [16, 4, ['drive' => 'Drive', 'signals' => 'Signals', 'fuel' => 'Fuel']],
            [$catalogue->buttons, $catalogue->axes, $catalogue->groups],
        );
        $this->assertSame(
            [ActionKind::Axis, true, 'power'],
            [
                $catalogue->actions['throttle']->kind, $catalogue->actions['throttle']->essential,
                $catalogue->actions['throttle']->role,
            ],
        );
        $this->assertSame('gear-down', (new Pairs($catalogue))->partnerOf($catalogue->actions['gear-up'])?->id);
        $this->assertSame('H', $catalogue->actions['horn']->key?->label());
    }

    /** @return iterable<string, array{string, string}> */
    public static function badTables(): iterable
    {
        yield 'no action column' => ["group,key\nA,L\n", 'line 1: found group, key, expected a column "action" too'];
        yield 'an unknown column' => ["action,colour\nA,red\n", 'line 1: found "colour"'];
        yield 'a column twice' => ["action,key,key\nA,L,M\n", 'line 1: found a column twice'];
        yield 'a row too short' => ["action,key\nA,L\nB\n", 'line 3: found 1 column, expected 2'];
        yield 'no name' => ["action,key\n,L\n", 'line 2, action: found nothing'];
        yield 'no such key' => ["action,key\nA,\"Hyper\n+L\"\n", 'line 2, key: found'];
        yield 'no such kind' => ["action,kind\nA,wheel\n", 'line 2, kind: found "wheel", expected one of momentary'];
        yield 'no number' => [
            "action,kind,amount\nA,selector,many\n", 'line 2, amount: found "many", expected a number',
        ];
        yield 'no row' => ["action\n", 'found no action'];
        yield 'another encoding' => ["action\nK\xFChler\n", 'UTF-8'];
    }

    #[DataProvider('badTables')]
    public function test_what_is_wrong_with_a_table_is_said_with_its_line(string $csv, string $message): void
    {
        $this->expectException(FormatError::class);
        $this->expectExceptionMessage($message);
        CatalogueTable::of($csv)->catalogue('mine', 'My game');
    }

    public function test_the_example_that_is_shown_can_be_read_and_every_column_is_said(): void
    {
        $catalogue = CatalogueTable::of(CatalogueTable::EXAMPLE)->catalogue('mine', 'My game');
        $this->assertSame(['throttle', 'gear-up', 'gear-down', 'horn', 'headlights'], array_keys($catalogue->actions));
        $this->assertSame('gear-down', (new Pairs($catalogue))->partnerOf($catalogue->actions['gear-up'])?->id);
    }

    public function test_every_bad_line_is_told_at_once(): void
    {
        $csv = "action,kind,key\nA,momentary,L\nB,wheel,L\nC\n,momentary,L\nD,momentary,Hyper\n";
        try {
            CatalogueTable::of($csv)->catalogue('mine', 'My game');
            $this->fail('It was read.');
        } catch (FormatError $error) {
            $this->assertSame([
                'mine.csv: line 3, kind: found "wheel", expected one of momentary, two-state, step pair, axis, '
                    .'selector.',
                'line 4: found 1 column, expected 3, as in the first line: action, kind, key.',
                'line 5, action: found nothing, expected a name.',
                'line 6, key: found "Hyper", expected a key, such as L, Left Shift+L, Page up or Num 5.',
            ], explode("\n", $error->in('mine.csv')->getMessage()));
        }
        try {
            CatalogueTable::of("action,kind\n".str_repeat("A,wheel\n", 50))->catalogue('mine', 'My game');
        } catch (FormatError $error) {
            $this->assertSame(
                [21, 'And 30 more.'],
                [count(explode("\n", $error->getMessage())), explode("\n", $error->getMessage())[20]],
            );
        }
        $this->expectExceptionMessage(
            "line 2, action: found \"Hoot\", expected an action of Quay & Cable.\nline 4, key: found \"Hyper\"",
        );
        $catalogue = self::demo('quay-cable')->catalogue ?? throw new \LogicException;
        KeyList::read("action,key\nHoot,L\nPort engine ahead,R\nPort engine astern,Hyper\n", $catalogue);
    }

    public function test_two_names_say_that_they_are_a_pair_where_no_kind_is_said(): void
    {
        $csv = "action\nGear up\nGear down\nLights on\nLights off\nHorn\nUp\nDown\nTrim left wing up\n"
            ."Trim left wing down\nNext weapon\nPrevious weapon\nDoor open\nDoor close\nZoom in\nZoom out\nCanopy up\n";
        $catalogue = CatalogueTable::of($csv)->catalogue('mine', 'My game');
        $pairs = new Pairs($catalogue);
        foreach (
            [
                'gear-up' => 'gear-down', 'lights-on' => 'lights-off', 'trim-left-wing-up' => 'trim-left-wing-down',
                'next-weapon' => 'previous-weapon', 'door-open' => 'door-close', 'zoom-in' => 'zoom-out',
            ] as $one => $other
        ) {
            $this->assertSame(
                [$other, $one],
                [
                    $pairs->partnerOf($catalogue->actions[$one])?->id,
                    $pairs->partnerOf($catalogue->actions[$other])?->id,
                ],
            );
        }
        foreach (['horn', 'up', 'down', 'canopy-up'] as $alone) {
            $this->assertSame(
                [ActionKind::Momentary, null],
                [$catalogue->actions[$alone]->kind, $pairs->partnerOf($catalogue->actions[$alone])],
            );
        }
        $this->assertSame(
            [ActionKind::StepPair, ActionKind::TwoState, 'Gear'],
            [
                $catalogue->actions['gear-up']->kind, $catalogue->actions['lights-on']->kind,
                $catalogue->variables['gear']->name,
            ],
        );
        // Who says a kind is believed; of two alike nobody knows which is meant.
        $said = CatalogueTable::of(
            "action,kind\nGear up,momentary\nGear down,\nFlaps up,\nFlaps up,\nFlaps down,\n",
        )->catalogue('mine', 'My game');
        $this->assertSame([], array_filter($said->actions, fn ($action) => $action->kind !== ActionKind::Momentary));
    }

    public function test_the_key_list_of_a_set_can_be_read_again(): void
    {
        $set = self::demo('quay-cable');
        $catalogue = $set->catalogue ?? throw new \LogicException;
        $csv = KeyList::write($set, $catalogue);
        $this->assertStringContainsString('"Port engine ahead",Engines,R,"key R","Bracken Encoder 1 +"', $csv);
        foreach (KeyList::read($csv, $catalogue) as $action => $key) {
            $this->assertEquals($set->wayOf($action), $key, $action);
        }
        $this->expectExceptionMessage('line 2, action: found "Hoot", expected an action of Quay & Cable');
        KeyList::read("action,key\nHoot,L\n", $catalogue);
    }

    public function test_a_summary_reads_like_a_page(): void
    {
        $text = Summary::of(self::demo('knot'));
        foreach (
            [
                "Knot twin\n=========", 'Inherits from: House, Skerrywing', 'Simulator: Skerrywing',
                "Layer Cruise\n------------", '  axis 2   Right lever: Power, right engine (axis 7)',
                "Layer On water\n", 'Button 3: Bilge pump (', 'Not reached: ', 'Battery (needed)',
                '! Water rudder down and Water rudder up are needed, and nothing reaches them.',
            ] as $part
        ) {
            $this->assertStringContainsString($part, $text);
        }
        $this->assertStringContainsString('Simulator: none', Summary::of(self::demo('house')));
    }

    public function test_a_file_is_known_by_what_is_in_it(): void
    {
        $kinds = [];
        foreach (['sets/house.set', 'catalogues/quay-cable.catalogue'] as $file) {
            $kinds[] = ImportedFile::read(
                (string) file_get_contents(__DIR__.'/../../../demo/'.$file.'.json'),
                new DemoSets,
            )->kind;
        }
        $this->assertSame(
            [ImportedFile::SET, ImportedFile::CATALOGUE, ImportedFile::TABLE],
            [...$kinds, ImportedFile::read("action,key\nA,L\n", new DemoSets)->kind],
        );
    }

    public function test_a_key_list_goes_round_whatever_actions_and_keys_are_called(): void
    {
        $names = ["'Tis", ' Led by a space', 'Horn', 'horn', 'HORN', '=1+1', '-', "'", "''=x", 'Horn [horn-1]', '1'];
        $keys = ['Quote', 'Minus', 'Equal', 'KeyA', 'KeyB', 'KeyC', 'Comma', 'Semicolon', 'KeyD', 'KeyE', 'KeyF'];
        $actions = $ways = [];
        foreach ($names as $i => $name) {
            $actions[] = [
                'id' => $name === '1' ? '1' : 'horn-'.$i, 'name' => $name, 'group' => 'all', 'kind' => 'momentary',
                'effect' => ['do' => 'hold', 'variable' => 'v'],
            ];
            $ways[$name === '1' ? '1' : 'horn-'.$i] = [
                'kind' => 'key', 'code' => $keys[$i], 'with' => $i % 2 === 0 ? ['ShiftLeft'] : [],
            ];
        }
        $set = Desk::plain()->playing([
            'format' => 'nailrod-catalogue', 'version' => 1, 'id' => 'game', 'name' => 'Game', 'vehicle' => 'Cart',
            'frame_us' => 16667, 'sees' => ['buttons' => 8, 'axes' => 2],
            'groups' => [['id' => 'all', 'name' => 'All']], 'actions' => $actions,
            'variables' => ['v' => ['name' => 'V', 'group' => 'all', 'low' => 0, 'high' => 1]],
        ])->saying(['ways' => $ways])->assembled();
        $catalogue = $set->catalogue ?? throw new \LogicException;
        $read = KeyList::read(KeyList::write($set, $catalogue), $catalogue);
        foreach ($ways as $action => $way) {
            $this->assertEquals(array_filter($way), $read[$action]->toArray(), $catalogue->actions[$action]->name);
        }
    }
}
