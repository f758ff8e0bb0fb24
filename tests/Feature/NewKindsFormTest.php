<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Sets\SetStore;
use Illuminate\Testing\TestResponse;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Rig\Device\Kind\ControlKinds;
use Nailrod\Core\Rig\Device\Kind\Numbering;
use Nailrod\Core\Rig\Wiring\DeviceReader;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Tests\Kinds\WithNewKinds;
use Tests\TestCase;

/** The forms of kinds that only the tests know (tests/Kinds): no page was touched for them. */
final class NewKindsFormTest extends TestCase
{
    use WithNewKinds;

    /** @param array<string, mixed> $fields */
    private function send(string $address, array $fields): TestResponse
    {
        return $this->post(
            '/sets/skerrywing/'.$address,
            $fields + ['from' => app(SetStore::class)->open('skerrywing')->head_id],
        );
    }

    private function current(): BindingSet
    {
        return app(SetStore::class)->current(app(SetStore::class)->open('skerrywing'));
    }

    public function test_an_output_and_a_behaviour_are_offered_with_their_fields_chosen_and_refused_in_words(): void
    {
        $this->get('/sets/skerrywing/assign?ref=fennel/left-thumb')
            ->assertOk()
            ->assertSee('a buzzer')
            ->assertSee('name="output[tone]"', false)
            ->assertSee('Beat, ms')
            ->assertDontSee('a table');
        $this->get(
            '/sets/skerrywing/assign?ref=fennel/friction',
        )->assertOk()->assertSee('a table')->assertSee('name="output[degrees]"', false)->assertDontSee('a buzzer');
        $cell = ['layer' => 'base', 'ref' => 'fennel/left-thumb', 'does' => 'buzz', 'behaviour' => 'twice'];

        $this->send('cells', $cell + ['output' => ['tone' => '12'], 'behave' => ['beat_ms' => '40']])->assertSessionHas(
            'problem',
            'The assignment, tone: found 12, expected a whole number from 1 to 9.',
        );
        $this->send('cells', $cell + ['output' => ['tone' => ''], 'behave' => ['beat_ms' => '40']])->assertSessionHas(
            'problem',
            'The assignment, tone: found nothing, expected a whole number from 1 to 9.',
        );
        $this->send(
            'cells',
            $cell + ['output' => ['tone' => '7'], 'behave' => ['beat_ms' => '40']],
        )->assertSessionHas('said', 'Left thumb in Cruise: not said here → buzz at 7 · twice 40 ms');
        $this->send(
            'cells',
            ['layer' => 'base', 'ref' => 'fennel/friction', 'does' => 'tilt', 'output' => ['degrees' => '12.5']],
        )->assertSessionHas('said');

        $this->assertSame(
            ['kind' => 'tilt', 'degrees' => 12.5],
            $this->current()->cell('base', 'fennel/friction')?->outputs[0]->toArray(),
        );
        $this->get('/sets/skerrywing/assign?ref=fennel/left-thumb')->assertOk()->assertSee('buzz at 7');
        $this->get('/sets/skerrywing/macros')->assertOk()->assertSee('a buzzer');
    }

    public function test_a_stage_has_its_part_on_shape(): void
    {
        $this->get(
            '/sets/skerrywing/shape?axis=fennel/friction',
        )->assertOk()->assertSee('Softening')->assertSee('Share that is sent')->assertSee('id="soft-share"', false);
        $this->send('shape/soft', ['axis' => 'fennel/friction', 'share' => '40', 'centred' => '0'])->assertSessionHas(
            'said',
            'Friction slider, softening: not said here → 40 % of the value is sent',
        );
        $this->assertEqualsWithDelta(0.2, $this->current()->shapings['fennel/friction']->shape(0.5), 1e-9);
    }

    public function test_something_made_has_its_form_and_a_rule_for_lamps_too(): void
    {
        $this->send(
            'shape/add',
            ['axis' => 'fennel/friction', 'what' => 'outside', 'travel' => '0.5'],
        )->assertSessionHas('said');
        $this->get('/sets/skerrywing/shape?axis=fennel/friction')->assertOk()->assertSee('Near the ends')->assertSee(
            'Closes within 10 % of both ends of Friction slider.',
        );
        $this->send(
            'shape/made',
            [
                'id' => 'outside', 'kind' => 'outside', 'name' => 'Ends', 'of' => ['fennel/friction'], 'margin' => '5',
                'centred' => '0',
            ],
        )->assertSessionHas('said');
        $this->assertSame(0.05, $this->current()->made['outside']->values()['margin']);

        $this->get('/sets/skerrywing/lamps')->assertOk()->assertSee('A lamp that glows')->assertSee('Let it glow');
        $this->send(
            'lamps',
            [
                'rule' => '', 'kind' => 'glows',
                'say' => ['glows' => 'fennel/lamp-2', 'colour' => 'green', 'brightness' => '50'],
            ],
        )->assertSessionHas('said', 'Lamp 2: not said here → Lamp 2 always glows.');
        $this->get('/sets/skerrywing/lamps')->assertOk()->assertSee('Lamp 2 always glows.');
    }

    public function test_a_form_of_a_rule_has_every_field_and_sends_it_as_it_was(): void
    {
        $rule = [
            'beacon' => 'fennel/lamp-1', 'armed' => 'hot', 'safe' => 'cold', 'quick' => true, 'note' => 'By hand',
            'steps' => [1.5, 2.5], 'colour' => 'green',
        ];
        $store = app(SetStore::class);
        $store->edit(
            'skerrywing',
            (int) $store->open('skerrywing')->head_id,
            'you',
            fn (BindingSet $base) => $base->merged->own->with(PartPath::flag('hot'), ['name' => 'Hot'])->with(
                PartPath::flag('cold'),
                ['name' => 'Cold'],
            )->with(PartPath::lamp('on'), $rule),
        );
        $page = $this->get('/sets/skerrywing/lamps?rule=on')->assertOk()->assertSee('Quick')->assertSee('By hand');
        $form = PageForm::parsed((string) $page->getContent())
            ->getElementById('lamp-beacon') ?? self::fail('It has its form.');
        [$sent] = PageForm::submissions($form, isSame: true);
        $this->send(
            'lamps',
            PageForm::nested(PageForm::query($sent)),
        )->assertSessionHas('said', 'Nothing to change: it is so already.');
        $this->assertEquals($rule, $this->current()->merged->value(PartPath::lamp('on')));
        $this->send(
            'lamps',
            PageForm::nested(
                PageForm::query(['say[quick]' => '0', 'say[note]' => '', 'say[steps][]' => ['', '4']] + $sent),
            ),
        )->assertSessionHas('said');
        $this->assertEquals(
            array_diff_key($rule, ['quick' => 0, 'note' => 0]),
            ['steps' => [1.5, 2.5]] + (array) $this->current()->merged->value(PartPath::lamp('on')),
        );
    }

    public function test_a_question_can_be_chosen(): void
    {
        $mark = ['layer' => 'base', 'ref' => 'fennel/mark'];
        $this->get(
            '/sets/skerrywing/assign?layer=base&ref=fennel/mark',
        )->assertOk()->assertSee('only while Flaps is odd');
        $this->send('cells/depend', $mark + ['when' => ['oddness flaps odd']])->assertSessionHas('said');
        $this->assertSame(
            ['oddness' => 'flaps', 'is' => 'odd'],
            $this->current()->cell('base', 'fennel/mark')?->when?->toArray(),
        );
        $this->get(
            '/sets/skerrywing/assign?layer=base&ref=fennel/mark',
        )->assertOk()->assertSee('value="oddness flaps odd" selected', false);
    }

    public function test_a_check_is_told_and_mended_and_a_section_is_counted_and_given_back(): void
    {
        $this->send(
            'cells',
            ['layer' => 'base', 'ref' => 'fennel/left-thumb', 'does' => 'buzz', 'output' => ['tone' => '7']],
        )->assertSessionHas('said');
        $this->get('/sets/skerrywing/told')->assertOk()->assertSee('Left thumb in Cruise buzzes.');
        $this->send('mend', ['finding' => 'buzzing:base/fennel/left-thumb'])->assertSessionHas('said');
        $this->get('/sets/skerrywing/told')->assertOk()->assertDontSee('buzzes');

        $store = app(SetStore::class);
        $store->edit(
            'skerrywing',
            $store->open('skerrywing')->head_id,
            'you',
            fn (BindingSet $base) => $base->merged->own->with(PartPath::of('seats/left'), ['back' => 15]),
        );
        $this->assertSame('Seat left: not said here → leans by 15°', $store->open('skerrywing')->head->sentence);
        $this->get('/sets/skerrywing/sets')->assertOk()->assertSee('1 seat');
        $this->send('give-back', ['path' => 'seats/left'])->assertSessionHas('said');
        $this->assertFalse($this->current()->merged->own->says(PartPath::of('seats/left')));
    }

    public function test_a_kind_of_control_can_be_chosen_and_is_drawn(): void
    {
        $at = '/sets/skerrywing/rig?do=arrange&device=fennel&ref=fennel/friction';
        $this->get($at)->assertOk()->assertSee('<option value="knob"', false);
        $root = app(SetStore::class)->open('house');
        $this->post('/sets/house/rig/note', [
            'from' => $root->head_id, 'control' => 'fennel/friction', 'kind' => 'knob',
        ])->assertSessionHas('said', 'Fennel, Friction slider: not said here → a knob');
        $this->get($at)
            ->assertOk()
            ->assertSee('control--knob', false)
            ->assertSee('<option value="knob" selected', false);
    }

    public function test_every_kind_of_control_has_a_view_that_draws_it(): void
    {
        foreach (ControlKinds::all() as $word => $kind) {
            $reports = $kind->numbered(new Numbering);
            $control = $reports === [] ? null : DeviceReader::read(Node::of([
                'format' => 'nailrod-device', 'version' => 1, 'id' => 'd', 'name' => 'D', 'kind' => 'button box',
                'face' => ['width' => 600, 'height' => 600],
                'controls' => [['id' => 'c', 'name' => 'C', 'kind' => $word, 'at' => [300, 300]] + $reports],
            ]))->controls[0];
            $drawing = $control === null ? $word : $kind->drawing($control);
            $this->assertTrue(view()->exists('components.controls.'.$drawing), $word);
        }
    }
}
