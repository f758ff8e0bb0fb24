<?php

declare(strict_types=1);

namespace Tests\Core\Engine\Survey;

use Nailrod\Core\Engine\Survey\Verdict;
use PHPUnit\Framework\TestCase;

final class SheetTest extends TestCase
{
    private static function verdict(Hands $hands, string $device): Verdict
    {
        return Verdict::of($hands->survey->sheet, $hands->rig->devices[$device], $hands->rig);
    }

    public function test_an_untouched_device_has_been_seen_nowhere(): void
    {
        $verdict = self::verdict(new Hands('sedge'), 'sedge');
        $this->assertSame('Nothing of the 3 inputs has been seen yet.', $verdict->summary);
        $this->assertSame(['Left toe brake (axis 1)', 'Right toe brake (axis 2)', 'Rudder (axis 3)'], $verdict->left);
    }

    public function test_a_device_that_works_gets_a_good_word(): void
    {
        $hands = new Hands('gorse');
        foreach ($hands->rig->axes as $axis) {
            $hands->put($axis->ref, $axis->min);
            $hands->put($axis->ref, $axis->max);
        }
        foreach ([0, 2, 4, 6, -1] as $way) {
            $hands->put('gorse/hat', $way);
        }
        foreach (
            [
                'trigger.half', 'trigger.full', 'button-1', 'button-2', 'button-3', 'button-4', 'button-5', 'button-6',
            ] as $contact
        ) {
            $hands->press('gorse/'.$contact);
        }
        $verdict = self::verdict($hands, 'gorse');
        $this->assertSame('All 13 inputs seen, and nothing is wrong with them.', $verdict->summary);
        $this->assertSame([], $verdict->left);
    }

    public function test_a_hat_and_an_encoder_must_be_seen_both_ways(): void
    {
        $hands = new Hands('gorse bracken');
        $hands->put('gorse/hat', 0);
        $hands->put('bracken/encoder-1', 1);
        $this->assertContains('Hat (hat 1)', self::verdict($hands, 'gorse')->left);
        $this->assertContains('Encoder 1 (enc 1)', self::verdict($hands, 'bracken')->left);
        $hands->put('bracken/encoder-1', -1);
        $this->assertNotContains('Encoder 1 (enc 1)', self::verdict($hands, 'bracken')->left);
    }

    public function test_reach_bounces_short_presses_stuck_contacts_and_wrong_ticks_are_said(): void
    {
        $hands = new Hands('sedge bracken', ['bracken/push-5' => 1]);
        $hands->put('sedge/rudder', 491);
        $hands->put('sedge/rudder', 3317);
        $this->assertSame(
            ['Rudder (axis 3) went from 12 to 81 % of its range. If that was all the way, measure it.'],
            self::verdict($hands, 'sedge')->troubles,
        );
        $hands->put('bracken/push-1', 1);
        $hands->put('bracken/push-1', 0, 4);
        $hands->put('bracken/push-1', 1, 3);
        $hands->put('bracken/push-1', 0, 90);
        foreach ([1, 1, -1, 1, 1] as $tick) {
            $hands->put('bracken/encoder-2', $tick, 30);
        }
        $hands->put('bracken/encoder-2', -1, 400);
        $this->assertSame([
            'Push 1 (1) bounced 2 times within 20 ms of a change.',
            'Push 1 (1): its shortest press was 4.0 ms; a game that looks 60 times a second can miss that.',
            'Push 5 (5) was closed from the start and never opened: it is stuck, or a switch that is on.',
            'Encoder 2 (enc 2): 1 of 6 ticks went against the turn.',
        ], self::verdict($hands, 'bracken')->troubles);
    }

    public function test_most_closed_at_once_is_counted(): void
    {
        $hands = new Hands('bracken');
        foreach (range(1, 6) as $n) {
            $hands->put('bracken/push-'.$n, 1);
        }
        foreach (range(1, 6) as $n) {
            $hands->put('bracken/push-'.$n, 0);
        }
        $this->assertSame(6, $hands->survey->sheet->mostClosed($hands->rig->devices['bracken']));
        $this->assertStringContainsString('At most 6 were closed at once', self::verdict($hands, 'bracken')->summary);
    }

    public function test_the_first_words_of_a_device_are_no_movements(): void
    {
        $hands = new Hands('gorse');
        $hands->values = [];
        foreach ($hands->rig->axes as $axis) {
            $hands->put($axis->ref, $axis->max);
        }
        $hands->put('gorse/button-2', 0);
        $hands->press('gorse/button-1');
        $this->assertSame('1 of 13 inputs seen.', self::verdict($hands, 'gorse')->summary);
    }
}
