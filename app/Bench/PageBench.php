<?php

declare(strict_types=1);

namespace App\Bench;

use App\View\Places;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

/** Server time of pages, against a page of the framework that is empty. */
final class PageBench
{
    private const ROUNDS = 41;
    private const EMPTY = '/bench-empty-page';

    public function __construct(private readonly Kernel $kernel, private readonly string $set) {}

    /** @return list<Measurement> */
    public function figures(): array
    {
        Route::middleware('web')->get(self::EMPTY, fn () => '');
        $empty = new Measurement(
            'an empty page of the framework',
            $this->median(fn () => $this->get(self::EMPTY)),
            'ms',
        );
        $figures = [$empty];
        foreach (array_keys(Places::pages()) as $name) {
            $figures[] = (new Measurement(
                'page '.ucfirst($name),
                $this->median(fn () => $this->get('/sets/'.$this->set.'/'.$name)),
                'ms',
            ))->against($empty);
        }

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
