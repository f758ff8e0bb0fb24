<?php

declare(strict_types=1);

namespace App\Rig;

use App\Pairing\Grant;
use App\Pairing\RemotePeer;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Http;
use Nailrod\Core\Engine\Live\LiveState;
use Nailrod\Core\Engine\Survey\Survey;

/** How pages reach the rig: its address for the browser, a token, and what the server of the pages asks it itself. */
final readonly class PageLine
{
    private const SECONDS = 2;

    /** Where its answer is kept for the rest of the request. */
    private const ANSWER = 'rig.answer';

    /** Is a transaction open, so that it is too late to ask? */
    private const TOO_LATE = 'rig.too-late';

    public function __construct(private Request $request, private Tokens $tokens) {}

    /** From now on the request holds the database: what the rig was not asked before cannot be asked any more. */
    public function beginsToWrite(): void
    {
        $this->request->attributes->set(self::TOO_LATE, true);
    }

    /** @return array<array-key, mixed> what it answers, asked once in a request; empty if it does not */
    public function ask(): array
    {
        $known = $this->request->attributes->get(self::ANSWER);
        if (is_array($known)) {
            return $known;
        }
        if ($this->request->attributes->get(self::TOO_LATE) === true) {
            throw new \LogicException(
                'The rig is asked while the database is held; the method of the controller lacks #[AsksTheRig].',
            );
        }
        try {
            $answer = (array) Http::withToken($this->token())->timeout(self::SECONDS)->get(
                'http://127.0.0.1:'.$this->port().'/survey',
            )->json();
        } catch (ConnectionException) {
            $answer = [];
        }
        $this->request->attributes->set(self::ANSWER, $answer);

        return $answer;
    }

    /** The rig's address, by the name that the page was asked by. */
    public function address(): string
    {
        return 'http://'.$this->request->getHost().':'.$this->port();
    }

    /** What the browser that asks gets: this machine everything, a tablet what it was given. */
    public function gets(): Grant
    {
        $phone = RemotePeer::isHere($this->request) ? null : RemotePeer::token($this->request);

        return $phone === null ? Grant::All : Grant::of($phone);
    }

    /** A token for the browser that asks: of this machine for everything, of a tablet for what that was given. */
    public function browserToken(): string
    {
        $phone = RemotePeer::isHere($this->request) ? null : RemotePeer::token($this->request);

        return $phone === null ? $this->token() : $this->tokens->forHand($phone, time());
    }

    /** A token by which the server of the pages asks the rig itself. */
    private function token(): string
    {
        return $this->tokens->forPage(time());
    }

    /** What the survey has found, and which devices are not there; null if the rig does not answer. */
    public function survey(): ?LiveState
    {
        $answer = $this->ask();
        try {
            $state = new LiveState;
            $state->survey = Survey::restore(
                (string) base64_decode(is_string($answer['survey'] ?? null) ? $answer['survey'] : '', true),
            );
            $state->run->now = is_int($answer['now'] ?? null) ? $answer['now'] : 0;
            $state->unplugged = array_fill_keys(
                array_filter((array) ($answer['unplugged'] ?? []), is_string(...)),
                true,
            );

            return $state;
        } catch (\UnexpectedValueException) {
            return null;
        }
    }

    /** Id of the set that is in play; empty if the rig does not answer. */
    public function setInPlay(): string
    {
        return is_string($this->ask()['set'] ?? null) ? $this->ask()['set'] : '';
    }

    /**
     * @return ?list<string> ids of devices that are not there; null if the rig does not answer, so that nobody knows
     */
    public function away(): ?array
    {
        $state = $this->survey();

        return $state === null ? null : array_map(strval(...), array_keys($state->unplugged));
    }

    /** Is a device plugged in? Null if nobody knows, since the rig does not answer. */
    public function isPlugged(string $device): ?bool
    {
        $away = $this->away();

        return $away === null ? null : ! in_array($device, $away, true);
    }

    private function port(): int
    {
        return Door::portBeside((int) $this->request->getPort());
    }
}
