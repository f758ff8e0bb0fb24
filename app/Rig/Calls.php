<?php

declare(strict_types=1);

namespace App\Rig;

use App\Storage\StoreRefuses;
use Nailrod\Core\Engine\Hand\Batch;
use Nailrod\Core\Engine\Hand\InputSource;
use Nailrod\Core\Engine\Hand\SourceError;
use Nailrod\Core\Engine\Hand\SourceKind;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Format\Signs;

/**
 * What the rig is asked, and what it answers: hands, their batches, orders, its health. It knows nothing of sockets.
 */
final class Calls
{
    private const MOST_NAME = 60;
    private const MOST_DEVICES = 16;

    /** @var \WeakMap<InputSource, Scope> what the token of each hand allows, as long as it is there */
    private \WeakMap $scopes;

    private readonly Room $hands;

    private readonly Room $eyes;

    public function __construct(
        public readonly RigService $rig,
        private readonly Orders $orders,
        private readonly Health $health,
        private readonly Brought $brought,
    ) {
        $this->scopes = new \WeakMap;
        $this->hands = Room::forHands();
        $this->eyes = Room::forEyes();
    }

    /**
     * What is asked, all at once.
     *
     * @param string $body as it came
     */
    public function answer(string $method, string $path, string $body, Scope $scope, ?Asker $asker = null): Reply
    {
        $work = $this->begin($method, $path, $body, $scope, $asker ?? Asker::here());
        foreach ($work as $ignored) {
            continue;
        }

        return $work->getReturn();
    }

    /**
     * What is asked, piece by piece: between two of them others may have their turn.
     *
     * @param string $body as it came
     *
     * @return \Generator<int, null, mixed, Reply>
     */
    public function begin(string $method, string $path, string $body, Scope $scope, Asker $asker): \Generator
    {
        try {
            return match (true) {
                $scope->isOnlyPanel() && preg_match('#^/hands(/|$)#', $path) !== 1 =>
                    throw NotAllowed::to('do anything but be its panel'),
                $method === 'GET' && $path === '/health' => new Reply(200, $this->health->told($this->rig)),
                $method === 'GET' && $path === '/survey' => $this->survey($scope),
                $method === 'POST' && $path === '/hands' => $this->open(self::read($body), $scope, $asker),
                $method === 'POST' && $path === '/orders' => $this->order(self::read($body), $scope),
                preg_match(
                    '#^/hands/([0-9a-f]{16})$#D',
                    $path,
                    $match,
                ) === 1 => yield from $this->hand($method, $match[1], $body, $scope),
                default => Reply::problem(
                    404,
                    'There is nothing at '
                        .mb_strimwidth($path, 0, 60, '…')
                        .'. docs/rig-protocol.md says what there is.',
                ),
            };
        } catch (NotAllowed $error) {
            return Reply::problem(403, $error->getMessage());
        } catch (StoreRefuses $error) {
            return Reply::problem(503, $error->getMessage().'.');
        } catch (Refusal $error) {
            return Reply::problem(422, $error->getMessage());
        } catch (\PDOException $error) {
            return Reply::problem(503, (StoreRefuses::of($error) ?? throw $error)->getMessage().'.');
        }
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws SourceError if it is no JSON object
     */
    private static function read(string $body): array
    {
        $read = json_decode($body, true, 16);

        return is_array($read) && ($read === [] || ! array_is_list($read)) ? $read : throw SourceError::shape(
            'the body',
            mb_strimwidth(mb_scrub($body), 0, 40, '…'),
            'a JSON object',
        );
    }

    /** @param array<array-key, mixed> $body */
    private function open(array $body, Scope $scope, Asker $asker): Reply
    {
        if (! $scope->mayOpenHand()) {
            throw NotAllowed::to('open a hand');
        }
        $name = is_string($body['name'] ?? null)
            && Signs::areText($body['name'])
            ? Signs::asName($body['name'], self::MOST_NAME)
            : '';
        $kind = SourceKind::tryFrom(is_string($body['kind'] ?? null) ? $body['kind'] : '') ?? throw SourceError::shape(
            'kind',
            $body['kind'] ?? null,
            implode(', ', array_map(fn (SourceKind $kind) => $kind->value, SourceKind::cases())),
        );
        if ($name === '') {
            throw SourceError::shape('name', $body['name'] ?? null, 'a name for the hand');
        }
        // A phone is called as it was paired, whatever its page says.
        [$name, $kind] = $scope->phone === '' ? [$name, $kind] : [$scope->phone, SourceKind::Panel];
        $full = $this->hands->isFullFor($this->rig->hands(), $asker, $scope->of);
        if ($full !== null) {
            throw $asker->isHere ? SourceError::tooMany($full) : SourceError::tooManyElsewhere('hands', $full);
        }
        $devices = $this->devices($body['devices'] ?? [], $scope);
        $hand = $this->rig->open($name, $kind, $devices);
        $this->scopes[$hand] = $scope;
        $this->hands->take($hand, $asker, $scope->of);
        if (is_string($body['eye'] ?? null) && isset($this->rig->eyes->all[$body['eye']])) {
            $this->rig->eyes->all[$body['eye']]->hand = $hand->id;
        }

        return new Reply(
            200,
            ['hand' => $hand->id, 'clock' => $this->rig->clock->now(), 'shared' => $this->rig->work()->shares($hand)],
        );
    }

    /** @return list<string> devices that the hand feeds: of those that it describes, and those that it names */
    private function devices(mixed $devices, Scope $scope): array
    {
        if (! is_array($devices) || ! array_is_list($devices) || count($devices) > self::MOST_DEVICES) {
            throw SourceError::shape(
                'devices',
                $devices,
                'a list of at most '.self::MOST_DEVICES.' devices, or their ids',
            );
        }
        if ($scope->panel !== '' && ! $scope->all && $devices !== []) {
            throw NotAllowed::to('bring devices');
        }
        $ids = [];
        foreach ($devices as $device) {
            $ids[] = match (true) {
                is_array($device) => $this->brought->bring($device, $this->rig, $scope),
                is_string($device) && isset(
                    $this->rig->work()->set->rig->devices[$device],
                ) => $scope->mayFeed($device.'/', '') ? $device : throw NotAllowed::to('move '.$device),
                default => throw SourceError::shape('devices', $device, 'a device of the rig'),
            };
        }

        return $ids;
    }

    /** @return \Generator<int, null, mixed, Reply> */
    private function hand(string $method, string $id, string $body, Scope $scope): \Generator
    {
        $hand = $this->rig->work()->hands->all[$id] ?? null;
        if ($hand === null) {
            return self::noHand();
        }
        // Ids of hands are seen by eyes: a token that allows less, or something else, cannot work them.
        if ($scope != ($this->scopes[$hand] ?? null)) {
            throw NotAllowed::to('work this hand');
        }
        if ($method === 'DELETE') {
            $this->rig->close($hand);

            return new Reply(204);
        }
        if ($method !== 'POST') {
            return Reply::problem(405, 'A hand takes batches by POST, and goes by DELETE.');
        }
        $batch = $this->allowed(Batch::read(self::read($body)), $scope);
        if ($batch->n !== $hand->batch && $batch->n !== $hand->batch + 1) {
            return new Reply(
                409,
                [
                    'problem' => SourceError::batch($batch->n, $hand->batch + 1)->getMessage(),
                    'next' => $hand->batch + 1,
                ],
            );
        }
        yield from $this->rig->taking($hand, $batch);
        $answer = $hand->answer;

        return match (true) {
            $answer !== null => new Reply(
                200,
                ['n' => $answer->n, 'taken' => $answer->taken, 'problems' => $answer->problems],
            ),
            $this->rig->hand($id) === null => self::noHand(),
            default => Reply::problem(503, 'This batch is being taken just now. Ask again in a moment.'),
        };
    }

    private static function noHand(): Reply
    {
        return Reply::problem(410, 'This hand has gone: it was silent for too long, or said goodbye. Open a new one.');
    }

    /** What the token does not cover is left out and told. */
    private function allowed(Batch $batch, Scope $scope): Batch
    {
        if ($scope->all) {
            return $batch;
        }
        $problems = $batch->problems;
        $may = function (string $port) use ($scope, &$problems): bool {
            $isAllowed = $scope->mayFeed($port, $this->rig->simulator());
            if (! $isAllowed) {
                $problems[] = $port.': '.NotAllowed::to('move '.explode('/', $port, 2)[0])->getMessage();
            }

            return $isAllowed;
        };

        return new Batch(
            $batch->n,
            array_values(array_filter($batch->found, fn ($input) => $may($input->port))),
            array_values(array_filter($batch->inputs, fn ($input) => $may($input->port))),
            $scope->panel !== '' ? [] : array_filter(
                $batch->plugs,
                fn ($device) => $may($device.'/'),
                ARRAY_FILTER_USE_KEY,
            ),
            $batch->sent,
            $batch->bye,
            $problems,
            array_values(array_filter($batch->reports, fn ($report) => $may($report->device.'/'))),
            $batch->letsGo,
        );
    }

    /** @param array<array-key, mixed> $body */
    private function order(array $body, Scope $scope): Reply
    {
        if (! $scope->mayOrder()) {
            throw NotAllowed::to('give orders');
        }

        return $this->orders->carryOut($this->rig, $body);
    }

    /** What the survey has found, for the pages of this machine, which make proposals of it. */
    private function survey(Scope $scope): Reply
    {
        if (! $scope->all) {
            throw NotAllowed::to('read the survey');
        }
        $state = $this->rig->work()->live->state;

        return new Reply(
            200,
            [
                'set' => $this->rig->set(),
                'survey' => base64_encode($state->survey->write()),
                'now' => $this->rig->clock->now(),
                'unplugged' => array_map(strval(...), array_keys($state->unplugged)),
            ],
        );
    }

    /**
     * An eye opens.
     *
     * @param array<array-key, mixed>   $query
     * @param string                    $last  id of the event that it saw last; empty if it is new
     * @param \Closure(string): void    $write what is sent to it
     *
     * @throws NotAllowed
     * @throws SourceError if there are too many, or it asks for what there is not
     */
    public function look(array $query, string $last, Scope $scope, \Closure $write, ?Asker $asker = null): Subscriber
    {
        $asker ??= Asker::here();
        if (! $scope->maySee()) {
            throw NotAllowed::to('see what happens');
        }
        $full = $this->eyes->isFullFor(array_values($this->rig->eyes->all), $asker, $scope->of);
        if ($full !== null) {
            throw $asker->isHere ? SourceError::tooManyEyes($full) : SourceError::tooManyElsewhere('eyes', $full);
        }
        if ($scope->isOnlyPanel()) {
            $query = ['see' => 'picture'];
        }
        $sees = is_string($query['see'] ?? null) ? explode(',', $query['see']) : Subscribers::KINDS;
        $unknown = array_diff($sees, Subscribers::KINDS);
        if ($unknown !== []) {
            throw SourceError::shape('see', implode(',', $unknown), 'some of '.implode(',', Subscribers::KINDS));
        }
        $word = fn (string $name): string => is_string($query[$name] ?? null)
            ? mb_strimwidth($query[$name], 0, 60)
            : '';
        $eye = new Subscriber(
            bin2hex(random_bytes(8)),
            array_values(array_intersect(Subscribers::KINDS, $sees)),
            $word('look'),
            $write,
            $scope->all ? $word('page') : '',
            $scope->isOnlyPanel() ? $scope->panel : '',
        );
        $this->eyes->take($eye, $asker, $scope->of);
        $this->rig->look($eye, $last);

        return $eye;
    }

    /** An eye has closed; a hand that lives as long as it goes too. */
    public function gone(Subscriber $eye): void
    {
        $this->rig->eyes->close($eye);
        $hand = $this->rig->hand($eye->hand);
        if ($hand !== null) {
            $this->rig->close($hand);
        }
    }
}
