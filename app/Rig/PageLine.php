<?php

declare(strict_types=1);

namespace App\Rig;

use App\Pairing\Gets;
use App\Pairing\Peer;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Http;
use Nailrod\Core\Live\LiveState;
use Nailrod\Core\Survey\Survey;

/** How pages reach the rig: its address for the browser, a token, and what the server of the pages asks it itself. */
final readonly class PageLine
{
    private const SECONDS = 2;

    public function __construct(private Request $request, private Tokens $tokens) {}

    /** The rig's address, by the name that the page was asked by. */
    public function address(): string
    {
        return 'http://'.$this->request->getHost().':'.$this->port();
    }

    /** What the browser that asks gets: this machine everything, a tablet what it was given. */
    public function gets(): Gets
    {
        $phone = Peer::isHere($this->request) ? null : Peer::token($this->request);

        return $phone === null ? Gets::All : Gets::of($phone);
    }

    /** A token for the browser that asks: of this machine for everything, of a tablet for what that was given. */
    public function browserToken(): string
    {
        $phone = Peer::isHere($this->request) ? null : Peer::token($this->request);

        return $phone === null ? $this->token() : $this->tokens->forHand($phone, time());
    }

    /** A token by which the server of the pages asks the rig itself. */
    private function token(): string
    {
        return $this->tokens->forPage(time());
    }

    /** What the survey has found, and how the hands left the rig; null if the rig does not run. */
    public function survey(): ?LiveState
    {
        try {
            $answer = Http::withToken($this->token())->timeout(self::SECONDS)->get('http://127.0.0.1:'.$this->port().'/survey');
            $state = new LiveState;
            $state->survey = Survey::restore((string) base64_decode((string) $answer->json('survey'), true));
            $state->run->now = (int) $answer->json('now');
            $state->unplugged = array_fill_keys(array_filter((array) $answer->json('unplugged'), is_string(...)), true);

            return $state;
        } catch (ConnectionException|\UnexpectedValueException) {
            return null;
        }
    }

    /** Id of the set that is in play; empty if the rig does not run. */
    public function setInPlay(): string
    {
        try {
            return (string) Http::withToken($this->token())->timeout(self::SECONDS)->get('http://127.0.0.1:'.$this->port().'/survey')->json('set');
        } catch (ConnectionException) {
            return '';
        }
    }

    /** @return list<string> ids of devices that are not there; none if the rig does not run */
    public function away(): array
    {
        return array_map(strval(...), array_keys($this->survey()->unplugged ?? []));
    }

    private function port(): int
    {
        return Door::portBeside((int) $this->request->getPort());
    }
}
