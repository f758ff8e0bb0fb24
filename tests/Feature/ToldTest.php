<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Sets\SetStore;
use Nailrod\Core\Advice\Check\AsAndAs;
use Nailrod\Core\Advice\Check\Check;
use Nailrod\Core\Advice\Check\Checks;
use Nailrod\Core\Advice\Check\ContradictingLamps;
use Nailrod\Core\Advice\Check\Desk;
use Nailrod\Core\Advice\Check\EssentialMissing;
use Nailrod\Core\Advice\Check\Finding;
use Nailrod\Core\Advice\Check\FindingsReport;
use Nailrod\Core\Advice\Check\FlipOnSwitch;
use Nailrod\Core\Advice\Check\HalfPair;
use Nailrod\Core\Advice\Check\KeptKey;
use Nailrod\Core\Advice\Check\LackingColour;
use Nailrod\Core\Advice\Check\LayerWithoutExit;
use Nailrod\Core\Advice\Check\LooksAtPart;
use Nailrod\Core\Advice\Check\NotWired;
use Nailrod\Core\Advice\Check\OutputTwice;
use Nailrod\Core\Advice\Check\ShortPulse;
use Nailrod\Core\Advice\Check\TextNotTyped;
use Nailrod\Core\Advice\Check\TwiceInLayer;
use Nailrod\Core\Advice\Check\TwoWriters;
use Nailrod\Core\Advice\Check\UnseenOutput;
use Nailrod\Core\Exchange\Print\LabelWithoutRoom;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What a check finds is told in its own sentence, wherever what it is about is shown: over the list of all checks. */
final class ToldTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function does(string $behaviour, array ...$outputs): array
    {
        return ['behaviour' => ['kind' => $behaviour], 'outputs' => $outputs];
    }

    /**
     * @return array<class-string<Check>, array{string, array<string, mixed>}> the game of a set in which the check
     *    finds something, and what it says
     */
    private static function odd(): array
    {
        $button = fn (int $number): array => ['kind' => 'button', 'number' => $number];
        $action = fn (string $id): array => ['kind' => 'action', 'action' => $id];
        $base = fn (array $cells): array => ['cells' => ['base' => $cells]];
        $white = ['lamp' => 'rowan/rev-1', 'while' => ['always' => true], 'colour' => 'white'];

        return [
            KeptKey::class => [
                'quay-cable',
                $base([
                    'rowan/button-9' => self::does('follow', ['kind' => 'key', 'code' => 'Tab', 'with' => ['AltLeft']]),
                ]),
            ],
            UnseenOutput::class => ['hairpin-ladder', $base(['rowan/button-9' => self::does('follow', $button(40))])],
            OutputTwice::class => [
                'hairpin-ladder',
                $base([
                    'rowan/button-9' => self::does('follow', $button(5)),
                    'rowan/button-10' => self::does('follow', $button(5)),
                ]),
            ],
            TwoWriters::class => [
                'skerrywing',
                $base([
                    'fennel/switch-2.up' => self::does(
                        'follow',
                        ['kind' => 'on/off variable', 'name' => 'anchor', 'on' => 1, 'off' => 0],
                    ),
                    'fennel/switch-3.up' => self::does(
                        'follow',
                        ['kind' => 'on/off variable', 'name' => 'anchor', 'on' => 1, 'off' => 0],
                    ),
                ]),
            ],
            FlipOnSwitch::class => [
                'hairpin-ladder',
                $base(
                    ['fennel/switch-2.up' => self::does('pulse', $action('ignition'))],
                ) + ['ways' => ['ignition' => $button(4)]],
            ],
            ShortPulse::class => [
                'hairpin-ladder',
                $base([
                    'rowan/button-9' => [
                        'behaviour' => ['kind' => 'pulse', 'width_ms' => 10], 'outputs' => [$button(5)],
                    ],
                ]),
            ],
            TwiceInLayer::class => [
                'hairpin-ladder',
                $base(
                    ['rowan/button-9' => self::does('follow', $action('horn'), $action('photo'))],
                ) + ['ways' => ['horn' => $button(5), 'photo' => $button(6)]],
            ],
            HalfPair::class => [
                'hairpin-ladder',
                $base(
                    ['bracken/encoder-1.plus' => self::does('ticks', $action('brake-balance-forward'))],
                ) + ['ways' => ['brake-balance-forward' => $button(4)]],
            ],
            AsAndAs::class => ['skerrywing', $base(['gorse/button-4' => ['as' => 'gorse/button-5']])],
            EssentialMissing::class => ['quay-cable', []],
            LackingColour::class => ['skerrywing', ['lamps' => ['ring' => $white]]],
            ContradictingLamps::class => [
                'skerrywing',
                ['lamps' => ['one' => ['colour' => 'amber'] + $white, 'two' => ['colour' => 'red'] + $white]],
            ],
            NotWired::class => [
                'skerrywing',
                $base(
                    ['teasel/input-20' => self::does('follow', $button(7))],
                ) + ['settings' => ['teasel' => ['wired' => ['is' => '16']]]],
            ],
            LabelWithoutRoom::class => [
                'skerrywing', ['controls' => ['fennel' => ['mark' => ['label' => 'Mailsackdroppers now']]]],
            ],
            LayerWithoutExit::class => [
                'hairpin-ladder',
                $base(
                    ['rowan/button-9' => self::does('pulse', ['kind' => 'go to layer', 'layer' => 'night'])],
                ) + ['layers' => ['night' => ['name' => 'Night'], 'day' => ['name' => 'Day']]],
            ],
            TextNotTyped::class => [
                'hairpin-ladder',
                [
                    'macros' => [
                        'greet' => [
                            'name' => 'Greet',
                            'steps' => [['do' => 'type', 'text' => 'Ж1', 'layout' => 'us', 'ms' => 20]],
                        ],
                    ],
                ],
            ],
        ];
    }

    /** @return list<string> the places that show a part, with it picked */
    private static function placesOf(PartPath $part): array
    {
        return match ($part->section) {
            'layers' => ['layers', 'assign?ref=rowan/button-9&layer='.$part->key],
            'lamps' => ['lamps?rule='.$part->key, 'lamps?device=rowan'],
            'macros' => ['macros?macro='.$part->key],
            'settings' => ['rig?do=settings&device='.$part->key],
            'controls' => [
                'rig?do=arrange&device='.$part->key,
                'rig?do=arrange&device='.$part->key.'&ref='.$part->key.'/'.$part->inner,
                'print?what=labels&device='.$part->key,
            ],
            default => self::fail('No place is known that shows a part of '.$part->section),
        };
    }

    /** @return iterable<string, array{class-string<Check>}> */
    public static function checks(): iterable
    {
        foreach (Checks::all() as $check) {
            yield $check => [$check];
        }
    }

    /** @param class-string<Check> $check */
    #[DataProvider('checks')]
    public function test_what_a_check_finds_is_told_at_every_place_that_shows_it(string $check): void
    {
        [$game, $says] = self::odd()[$check] ?? self::fail('No set is here in which it finds anything.');
        $parent = $this->made(
            'odd-parent',
            ['parent' => 'house', 'simulator' => $game] + (
                $check === AsAndAs::class ? [
                    'cells' => ['base' => ['gorse/button-5' => ['as' => 'gorse/button-6']]],
                ] : []
            ),
        );
        $set = $this->made('odd', ['parent' => $parent->merged->own->id] + $says);
        $found = [...(new $check)->findings(new Desk($set, $set->catalogue ?? self::fail()))];
        $this->assertNotSame([], $found, 'it finds something here');
        foreach ($found as $finding) {
            $this->assertMatchesRegularExpression('/^[\p{L}\p{N}“].*\.$/u', $finding->sentence);
            $this->assertTold($finding, ['plan', 'told']);
            $this->assertTrue(
                ! is_subclass_of($check, LooksAtPart::class) || array_filter(
                    $finding->parts,
                    fn (PartPath $part): bool => $part->section === $check::section(),
                ) !== [],
                'it names its part',
            );
            foreach ($finding->parts as $part) {
                $this->assertTold($finding, self::placesOf($part));
            }
            foreach ($finding->spots as $spot) {
                $this->get(
                    '/sets/odd/assign?layer='.$spot->layer.'&ref='.rawurlencode($spot->ref),
                )->assertOk()->assertSee('data-told-of="'.route('told', 'odd').'"', false);
                $check === LayerWithoutExit::class && $this->assertTold(
                    $finding,
                    ['assign?layer='.$spot->layer.'&ref='.rawurlencode($spot->ref)],
                );
            }
        }
        // What is meant to be so is told nowhere any more.
        $finding = $found[0];
        $store = app(SetStore::class);
        $store->edit(
            'odd',
            (int) $store->open('odd')->head_id,
            'you',
            fn (BindingSet $base): SetDocument => $base->merged->own->with(
                FindingsReport::path($finding),
                FindingsReport::meaning($finding, $base, 'So it is'),
            ),
        );
        foreach (array_merge(...array_map(self::placesOf(...), $finding->parts)) as $place) {
            $this->get('/sets/odd/'.$place)->assertOk()->assertDontSeeText($finding->sentence);
        }
    }

    public function test_parts_are_told_of_without_a_game_too(): void
    {
        $this->made('odd', ['parent' => 'house', 'layers' => ['day' => ['name' => 'Day']]]);
        $this->get('/sets/odd/layers')->assertOk()->assertSeeText('Nothing leads to Day.');
        $this->get('/sets/odd/told')->assertOk()->assertDontSeeText('Nothing leads to Day.');
    }

    /** @param array<string, mixed> $says */
    private function made(string $id, array $says): BindingSet
    {
        $store = app(SetStore::class);
        $store->create(
            SetDocument::read(Node::of(
                ['format' => SetDocument::FORMAT, 'version' => 1, 'id' => $id, 'name' => ucfirst($id)] + $says,
            )),
            95,
            'you',
            'Begun.',
        );

        return $store->current($store->open($id));
    }

    /** @param list<string> $places */
    private function assertTold(Finding $finding, array $places): void
    {
        foreach ($places as $place) {
            $this->get('/sets/odd/'.$place)->assertOk()->assertSeeText($finding->sentence);
        }
    }
}
