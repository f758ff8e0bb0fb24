<?php

declare(strict_types=1);

namespace App\Bench;

use App\View\Place;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

/** Server time of pages and of a live step, against a page of the framework that is empty. */
final class PageBench
{
    private const ROUNDS = 41;
    private const EMPTY = '/bench-empty-page';

    public function __construct(private readonly Kernel $kernel, private readonly string $set) {}

    /** @return list<Figure> */
    public function figures(): array
    {
        Route::middleware('web')->get(self::EMPTY, fn () => '');
        $empty = new Figure('an empty page of the framework', $this->median(fn () => $this->get(self::EMPTY)), 'ms');
        $figures = [$empty];
        foreach (Place::PLACES as $name => $label) {
            $figures[] = (new Figure('page '.$label, $this->median(fn () => $this->get('/sets/'.$this->set.'/'.$name)), 'ms'))->against($empty);
        }
        $answer = json_decode($this->post('/live', ['set' => $this->set]), true);
        $id = is_array($answer) && is_string($answer['id'] ?? null) ? $answer['id'] : '';
        $n = 0;
        $figures[] = (new Figure('a live step', $this->median(function () use ($id, &$n): string {
            $n++;

            return $this->post('/live/'.$id, ['set' => $this->set, 'n' => $n, 'to' => 33_000 * $n, 'inputs' => [[33_000 * $n - 5000, 'fennel/left-lever', 900 * $n], [33_000 * $n - 200, 'fennel/mark', $n % 2]]]);
        }), 'ms'))->against($empty);
        $this->post('/live/'.$id.'/close', []);

        return $figures;
    }

    /** @param callable(): string $ask */
    private function median(callable $ask): float
    {
        $times = [];
        $ask();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $start = hrtime(true);
            $ask();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return $times[intdiv(self::ROUNDS, 2)];
    }

    private function get(string $path): string
    {
        return $this->ask(Request::create('http://127.0.0.1'.$path));
    }

    /** @param array<string, mixed> $body */
    private function post(string $path, array $body): string
    {
        return $this->ask(Request::create('http://127.0.0.1'.$path, 'POST', [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], json_encode($body, JSON_THROW_ON_ERROR)));
    }

    private function ask(Request $request): string
    {
        $response = $this->kernel->handle($request);
        $this->kernel->terminate($request, $response);
        if ($response->getStatusCode() >= 400) {
            throw new \RuntimeException($request->path().' answered '.$response->getStatusCode().'.');
        }

        return (string) $response->getContent();
    }
}
