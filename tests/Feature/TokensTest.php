<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\TokenRecord;
use App\Rig\Scope;
use App\Rig\Tokens;
use Tests\TestCase;

/** Who may talk to the rig. */
final class TokensTest extends TestCase
{
    public function test_a_token_is_given_shown_once_and_taken_away(): void
    {
        $this->from('/sets/skerrywing/rig?do=hands')->post(
            '/sets/skerrywing/rig/tokens',
            ['name' => ' My box ', 'see' => '1', 'feeds' => ['fennel', 'gorse']],
        )->assertSessionHas('token')->assertSessionHas('said', 'A token for My box.');
        $token = (string) session('token');
        $this->assertMatchesRegularExpression('/^nr_[0-9a-f]{40}$/', $token);
        $this->get('/sets/skerrywing/rig?do=hands')->assertOk()->assertSee('My box')->assertSee(
            'sees what happens, moves fennel, moves gorse',
        );
        $this->get('/sets/skerrywing/rig?do=hands')->assertDontSee($token);
        $this->assertStringNotContainsString(
            substr($token, 3),
            (string) json_encode(TokenRecord::query()->get()->makeVisible('hash')),
            'only a hash is kept',
        );
        $this->assertEquals(
            new Scope(see: true, feeds: ['fennel', 'gorse']),
            app(Tokens::class)->scopeOf($token, time()),
        );
        $this->from('/sets/skerrywing/rig?do=hands')->post(
            '/sets/skerrywing/rig/tokens/remove',
            ['token' => TokenRecord::query()->firstOrFail()->id],
        )->assertSessionHas('said', 'My box has no token any more.');
        $this->assertNull(app(Tokens::class)->scopeOf($token, time()));
        $this->from('/sets/skerrywing/rig?do=hands')->post(
            '/sets/skerrywing/rig/tokens/remove',
            ['token' => 'x'],
        )->assertSessionHas('said', 'That token is gone already.');
    }

    public function test_a_token_that_allows_nothing_is_not_given(): void
    {
        $this->from('/sets/skerrywing/rig?do=hands')->post(
            '/sets/skerrywing/rig/tokens',
            ['name' => 'Idle'],
        )->assertSessionHas(
            'problem',
            'A token that allows nothing is of no use: say what the program may see, move, be or order.',
        );
        $this->from('/sets/skerrywing/rig?do=hands')->post(
            '/sets/skerrywing/rig/tokens',
            ['name' => '', 'see' => '1'],
        )->assertSessionHasErrors('name');
        $this->artisan('nailrod:token', ['name' => 'Idle'])->assertExitCode(2);
        $this->assertSame(0, TokenRecord::query()->count());
    }

    public function test_the_command_prints_the_token_alone(): void
    {
        $this->artisan(
            'nailrod:token',
            ['name' => 'Game', '--game' => ['skerrywing'], '--order' => true],
        )->assertSuccessful();
        $this->assertSame(
            ['see' => false, 'order' => true, 'feeds' => [], 'games' => ['skerrywing']],
            TokenRecord::query()->firstOrFail()->scope,
        );
    }

    public function test_a_page_has_a_token_for_half_a_day_and_gets_another(): void
    {
        $html = (string) $this->get(
            'http://localhost:8080/sets/skerrywing/shape',
        )->assertHeader('Content-Security-Policy')->getContent();
        $this->assertStringContainsString('data-rig="http://localhost:8081"', $html);
        $this->assertSame(1, preg_match('/data-rig-token="([^"]+)"/', $html, $match));
        $this->assertEquals(new Scope(all: true), app(Tokens::class)->scopeOf($match[1], time() + 43_000));
        $this->assertNull(app(Tokens::class)->scopeOf($match[1], time() + 43_300));
        $this->assertNull(app(Tokens::class)->scopeOf(str_replace('page.', 'page.9', $match[1]), time()));
        $other = (string) $this->postJson('/token')->assertOk()->json('token');
        $this->assertEquals(new Scope(all: true), app(Tokens::class)->scopeOf($other, time()));
        $this->postJson('/token', [], ['Origin' => 'http://example.org'])->assertForbidden();
    }

    public function test_the_policy_names_the_rig_and_nothing_else(): void
    {
        $policy = (string) $this->get(
            'http://127.0.0.1:8080/sets/skerrywing/shape',
        )->headers->get('Content-Security-Policy');
        $this->assertStringContainsString("connect-src 'self' http://127.0.0.1:8081;", $policy);
    }
}
