<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PairingRecord;
use App\Models\TokenRecord;
use App\Pairing\Grant;
use App\Pairing\Guess;
use App\Pairing\PhonePairing;
use App\Pairing\RemotePeer;
use App\Rig\Tokens;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Who is let in from elsewhere, and to what: nobody; with a code, one panel; and no guess more than five. */
final class PairingTest extends TestCase
{
    private const NOW = 1_800_000_000;

    private function elsewhere(bool $isOpen = true): static
    {
        config(['nailrod.open' => $isOpen, 'app.hosts' => ['192.168.7.5']]);

        return $this->withServerVariables(['REMOTE_ADDR' => '192.168.7.20', 'HTTP_HOST' => '192.168.7.5:8080']);
    }

    /** @return list<array{string, string}> every route there is, by method and path */
    private static function routes(): array
    {
        $routes = [];
        foreach (Route::getRoutes() as $route) {
            $path = strtr(
                $route->uri(),
                ['{set}' => 'skerrywing', '{device}' => 'clover', '{file}' => 'x', '{part}' => 'dead_zone'],
            );
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $routes[] = [$method, '/'.ltrim((string) preg_replace('/\{[^}]+\}/', '1', $path), '/')];
            }
        }

        return $routes;
    }

    private function asks(string $method, string $path): TestResponse
    {
        return $this->call($method, 'http://192.168.7.5:8080'.$path, cookies: $this->unencryptedCookies);
    }

    public function test_who_is_not_paired_gets_only_the_page_for_the_code(): void
    {
        $this->elsewhere();
        $this->assertGreaterThan(120, count(self::routes()));
        foreach (self::routes() as [$method, $path]) {
            $answer = $this->asks($method, $path);
            $wanted = match (true) {
                $path === '/pair' => $method === 'GET' ? [200] : [422],
                $path === '/', $path === '/panel/clover' => [302],
                default => [404],
            };
            $this->assertContains($answer->getStatusCode(), $wanted, $method.' '.$path);
            $this->assertStringNotContainsString('Teasel', (string) $answer->getContent(), $path);
        }
        $this->get('http://192.168.7.5:8080/panel/clover')->assertRedirect('/pair');
    }

    public function test_a_paired_phone_gets_its_panel_and_nothing_else(): void
    {
        $token = app(Tokens::class)->forPanel('Phone of Una', 'clover');
        $this->elsewhere()->withUnencryptedCookie(RemotePeer::COOKIE, $token);
        foreach (self::routes() as [$method, $path]) {
            $status = $this->asks($method, $path)->getStatusCode();
            // A token is asked for by the page's own script only: see below.
            $isOwn = in_array($path, ['/panel/clover', '/panel/clover/manifest', '/pair'], true);
            $this->assertSame($isOwn, $status !== 403, $method.' '.$path.': '.$status);
        }
        $this->get('http://192.168.7.5:8080/panel/clover')
            ->assertOk()
            ->assertSee('data-rig-token="hand.', false)
            ->assertDontSee('"page.', false);
        $this->get('http://192.168.7.5:8080/panel/clover/manifest')->assertOk()->assertJson(
            ['start_url' => '/panel/clover', 'display' => 'fullscreen'],
        )->assertHeader('Content-Type', 'application/manifest+json');
        $this->get('http://192.168.7.5:8080/panel/teasel')->assertForbidden();
        $this->withCredentials()->postJson(
            'http://192.168.7.5:8080/panel/clover/token',
            [],
            ['Origin' => 'http://192.168.7.5:8080'],
        )->assertOk()->assertJson(
            fn ($json) => $json->where('token', fn (string $token) => str_starts_with($token, 'hand.')),
        );
        $this->postJson(
            'http://192.168.7.5:8080/panel/clover/token',
            ['screen' => [390, 844]],
            ['Origin' => 'http://192.168.7.5:8080'],
        )->assertOk();
        $this->postJson(
            'http://192.168.7.5:8080/panel/clover/token',
            ['screen' => ['x', [1], 3]],
            ['Origin' => 'http://192.168.7.5:8080'],
        )->assertOk();
        $this->assertSame('390x844', TokenRecord::query()->sole()->screen);
        $this->assertGreaterThan(0, TokenRecord::query()->sole()->seen);
        app(PhonePairing::class)->takeAllAway('clover');
        $this->get('http://192.168.7.5:8080/panel/clover')->assertRedirect('/pair');
    }

    #[TestWith(['192.168.7.20', '192.168.7.5:8080', 403])]
    #[TestWith(['192.168.7.20', '127.0.0.1:8080', 421])]
    #[TestWith(['192.168.7.20', 'localhost', 421])]
    #[TestWith(['127.0.0.1', '192.168.7.5:8080', 403])]
    #[TestWith(['127.0.0.1', 'example.org', 421])]
    #[TestWith(['::1', '[::1]:8080', 200])]
    #[TestWith(['127.0.0.1', 'localhost:8080', 200])]
    public function test_only_this_machine_by_its_own_names_is_let_in_while_it_is_not_open(
        string $remote,
        string $host,
        int $status,
    ): void {
        config(['nailrod.open' => false, 'app.hosts' => ['192.168.7.5']]);
        $token = app(Tokens::class)->forPanel('Phone', 'clover');
        $this->withServerVariables(['REMOTE_ADDR' => $remote])->withUnencryptedCookie(RemotePeer::COOKIE, $token);
        $this->assertSame($status, $this->get('http://'.$host.'/sets/skerrywing/panel')->getStatusCode());
        $this->assertSame($status, $this->get('http://'.$host.'/panel/clover')->getStatusCode());
    }

    public function test_a_code_from_the_desk_pairs_one_phone_and_is_used_then(): void
    {
        config(['nailrod.open' => true, 'app.hosts' => ['192.168.7.5']]);
        $this->post('/sets/skerrywing/panel/pair', ['device' => 'clover'])->assertStatus(303);
        $code = PairingRecord::query()->sole()->code;
        $this->get('/sets/skerrywing/panel')->assertSeeText(chunk_split($code, 3, ' '))->assertSee(
            'data-qr="http://192.168.7.5:8080/pair#'.$code,
            false,
        )->assertSeeText('Good for 5 minutes');
        $this->elsewhere();
        $answer = $this->post(
            'http://192.168.7.5:8080/pair',
            ['code' => substr($code, 0, 3).' '.substr($code, 3), 'name' => 'Phone of Una'],
        );
        $answer->assertRedirect('http://192.168.7.5:8080/panel/clover');
        $cookie = $answer->getCookie(RemotePeer::COOKIE, false);
        $this->assertTrue($cookie?->isHttpOnly());
        $this->assertSame('strict', $cookie->getSameSite());
        $token = TokenRecord::query()->sole();
        $this->assertSame(
            ['Phone of Una', 'clover', hash('sha256', (string) $cookie->getValue())],
            [$token->name, $token->panelOf(), $token->hash],
        );
        $this->post(
            'http://192.168.7.5:8080/pair',
            ['code' => $code],
        )->assertStatus(429)->assertSeeText('That code has ended');
        $this->assertSame(1, TokenRecord::query()->count());
        $this->withServerVariables(
            ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => 'localhost'],
        )->get('http://localhost/sets/skerrywing/panel')->assertSeeText('Phone of Una')->assertSeeText('not seen yet');
        $this->post(
            'http://localhost/sets/skerrywing/panel/phones/remove',
            ['phone' => $token->id],
        )->assertSessionHas('said', 'Phone of Una is not paired any more.');
        $this->post(
            'http://localhost/sets/skerrywing/panel/phones/remove',
            ['phone' => $token->id],
        )->assertSessionHas('said', 'That phone is gone already.');
        $this->post(
            'http://localhost/sets/skerrywing/panel/phones/remove-all',
            ['device' => 'clover'],
        )->assertSessionHas('said', 'No phone is paired with Clover any more; 0 were.');
        $this->post('http://localhost/sets/skerrywing/panel/pair', ['device' => 'teasel'])->assertNotFound();
    }

    /** 10,000 guesses, as fast as they come: five are looked at. */
    public function test_whoever_guesses_ten_thousand_times_gets_nothing(): void
    {
        $pairing = app(PhonePairing::class);
        $code = $pairing->begin('clover', self::NOW)->code;
        $wrong = fn (int $i): string => sprintf('%06d', ((int) $code + 1 + $i) % 1_000_000);
        $came = [];
        for ($i = 0; $i < 10_000; $i++) {
            $guess = $pairing->guess($wrong($i), 'Thief', self::NOW)[0]->name;
            $came[$guess] = ($came[$guess] ?? 0) + 1;
        }
        $this->assertSame(['Wrong' => 4, 'Over' => 9996], $came);
        $this->assertSame(Guess::Over, $pairing->guess($code, 'Thief', self::NOW)[0]);
        $this->assertNull($pairing->code('clover', self::NOW));
        $this->assertSame(0, TokenRecord::query()->count());
        $this->elsewhere()->post('http://192.168.7.5:8080/pair', ['code' => $code])->assertStatus(429);
        $next = $pairing->begin('clover', self::NOW)->code;
        $this->assertSame(Guess::Right, $pairing->guess($next, 'Phone', self::NOW)[0]);
    }

    public function test_a_code_is_good_for_five_minutes_and_the_one_before_ends_with_the_next(): void
    {
        $pairing = app(PhonePairing::class);
        $this->assertSame(Guess::None, $pairing->guess('123456', 'Phone', self::NOW)[0]);
        $old = $pairing->begin('clover', self::NOW)->code;
        $this->assertSame(Guess::Over, $pairing->guess($old, 'Phone', self::NOW + PhonePairing::SECONDS)[0]);
        $this->assertNotNull($pairing->code('clover', self::NOW + PhonePairing::SECONDS - 1));
        $new = $pairing->begin('clover', self::NOW)->code;
        $this->assertSame($old === $new ? Guess::Right : Guess::Wrong, $pairing->guess($old, 'Phone', self::NOW)[0]);
    }

    public function test_a_token_of_a_hand_ends_with_its_time_and_with_its_phone(): void
    {
        $tokens = app(Tokens::class);
        $tokens->forPanel('Phone', 'clover');
        $hand = $tokens->forHand(TokenRecord::query()->sole(), self::NOW);
        $this->assertSame('clover', $tokens->scopeOf($hand, self::NOW)?->panel);
        $this->assertFalse($tokens->scopeOf($hand, self::NOW)?->all);
        $this->assertNull($tokens->scopeOf($hand, self::NOW + 50_000));
        $this->assertNull($tokens->scopeOf(substr($hand, 0, -1).(str_ends_with($hand, '0') ? '1' : '0'), self::NOW));
        TokenRecord::query()->delete();
        $this->assertNull($tokens->scopeOf($hand, self::NOW));
    }

    private function atTheDesk(string $path, array $said = []): TestResponse
    {
        return $this->withServerVariables(
            ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => 'localhost'],
        )->from('http://localhost/sets/skerrywing/panel')->post('http://localhost/sets/skerrywing/'.$path, $said);
    }

    public function test_a_tablet_is_given_more_when_it_is_asked_twice_and_it_is_taken_back_at_once(): void
    {
        $token = app(Tokens::class)->forPanel('Tablet', 'clover');
        $tablet = TokenRecord::query()->sole()->id;
        $bench = 'http://192.168.7.5:8080/sets/skerrywing/bench';
        $edit = fn (): int => $this->elsewhere()->withUnencryptedCookie(RemotePeer::COOKIE, $token)->post(
            'http://192.168.7.5:8080/sets/skerrywing/sets/rename',
            ['name' => 'Mine', 'from' => '1'],
        )->getStatusCode();
        config(['nailrod.open' => true, 'app.hosts' => ['192.168.7.5']]);
        $this->atTheDesk(
            'panel/phones/give',
            ['phone' => $tablet, 'gets' => 'look'],
        )->assertSessionHas('asked', ['phone' => $tablet, 'gets' => 'look']);
        $this->assertSame(Grant::Panel, Grant::of(TokenRecord::query()->sole()), 'asked once it is not given yet');
        $this->withSession(
            ['asked' => ['phone' => $tablet, 'gets' => 'look']],
        )->get('http://localhost/sets/skerrywing/panel')->assertSeeText(
            'Tablet sees every place and all that the rig does.',
        )->assertSeeText('Yes, give it the whole rig to look at');
        $this->atTheDesk(
            'panel/phones/give',
            ['phone' => $tablet, 'gets' => 'look', 'sure' => '1'],
        )->assertSessionHas('said', 'Tablet gets the whole rig to look at.');
        $this->elsewhere()->withUnencryptedCookie(RemotePeer::COOKIE, $token);
        $this->get($bench)
            ->assertOk()
            ->assertSee('data-rig-token="hand.', false)
            ->assertDontSee('"page.', false)
            ->assertSeeText('This tablet has the whole rig to look at');
        $this->get('http://192.168.7.5:8080/panel/clover')->assertOk()->assertSeeText('The rig');
        $this->assertSame(403, $edit());
        $this->atTheDesk(
            'panel/phones/give',
            ['phone' => $tablet, 'gets' => 'all', 'sure' => '1'],
        )->assertSessionHas('said', 'Tablet gets everything.');
        $this->assertNotSame(403, $edit());
        $this->elsewhere()
            ->withUnencryptedCookie(RemotePeer::COOKIE, $token)
            ->get($bench)
            ->assertOk()
            ->assertDontSeeText('to look at: what is changed');
        $this->atTheDesk(
            'panel/phones/give',
            ['phone' => $tablet, 'gets' => 'panel'],
        )->assertSessionHas('said', 'Tablet gets its panel.');
        $this->elsewhere()->withUnencryptedCookie(RemotePeer::COOKIE, $token)->get($bench)->assertForbidden();
        $this->atTheDesk(
            'panel/phones/give',
            ['phone' => 'none', 'gets' => 'panel'],
        )->assertSessionHas('said', 'That phone is gone already.');
        $this->atTheDesk('panel/phones/give', ['phone' => $tablet, 'gets' => 'moon'])->assertSessionHas('problem');
    }

    public function test_no_page_shows_a_code_to_a_tablet_that_may_only_look(): void
    {
        $token = app(Tokens::class)->forPanel('Tablet', 'clover');
        app(PhonePairing::class)->give(TokenRecord::query()->firstOrFail()->id, Grant::Look);
        config(['nailrod.open' => true, 'app.hosts' => ['192.168.7.5']]);
        $code = app(PhonePairing::class)->begin('clover', time())->code;
        $wanted = '/'.implode('\\s*', str_split($code)).'/';
        $this->assertMatchesRegularExpression(
            $wanted,
            (string) $this->get('http://localhost/sets/skerrywing/panel?device=clover')->getContent(),
            'the desk sees it',
        );
        $this->elsewhere()->withUnencryptedCookie(RemotePeer::COOKIE, $token);
        $seen = 0;
        foreach (array_filter(self::routes(), fn (array $route): bool => $route[0] === 'GET') as [$method, $path]) {
            foreach ([$path, $path.'?device=clover'] as $asked) {
                $answer = $this->asks($method, $asked);
                $seen += (int) $answer->isOk();
                $this->assertDoesNotMatchRegularExpression($wanted, (string) $answer->getContent(), $asked);
            }
        }
        $this->assertGreaterThan(40, $seen);
        app(PhonePairing::class)->give(TokenRecord::query()->firstOrFail()->id, Grant::All);
        $this->assertMatchesRegularExpression(
            $wanted,
            (string) $this->asks('GET', '/sets/skerrywing/panel?device=clover')->getContent(),
            'who has everything pairs others',
        );
    }

    public function test_a_phone_comes_by_a_new_address_and_stays_the_one_it_was(): void
    {
        $old = app(Tokens::class)->forPanel('Phone of Una', 'clover', '192.168.7.4');
        $phone = TokenRecord::query()->sole();
        app(PhonePairing::class)->give($phone->id, Grant::Look);
        config(['nailrod.open' => true, 'app.hosts' => ['192.168.7.5']]);
        $this->get('http://localhost/sets/skerrywing/panel')->assertSeeText(
            'It was paired by 192.168.7.4, which is no address of this machine any more.',
        );
        $this->atTheDesk('panel/pair', ['device' => 'clover', 'phone' => $phone->id]);
        $code = PairingRecord::query()->sole()->code;
        $this->get(
            'http://localhost/sets/skerrywing/panel',
        )->assertSeeText('For Phone of Una.')->assertSee('/pair#'.$code, false);
        $cookie = $this->elsewhere()->post(
            'http://192.168.7.5:8080/pair',
            ['code' => $code, 'name' => 'Another name'],
        )->getCookie(RemotePeer::COOKIE, false);
        $again = TokenRecord::query()->sole();
        $this->assertSame(
            [$phone->id, 'Phone of Una', '192.168.7.5', Grant::Look, hash('sha256', (string) $cookie?->getValue())],
            [$again->id, $again->name, $again->host, Grant::of($again), $again->hash],
        );
        $this->withUnencryptedCookie(RemotePeer::COOKIE, $old)
            ->get('http://192.168.7.5:8080/panel/clover')
            ->assertRedirect('/pair');
    }
}
