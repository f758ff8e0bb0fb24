<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\SetRecord;
use App\View\Places;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;

/** Asks every place once, and lists the class files they needed, for the server to preload. */
final class WarmCommand extends Command
{
    protected $signature = 'nailrod:warm {list : the file that the list is written to}';

    protected $description = 'Lists the classes that the server should hold ready';

    public function handle(Kernel $kernel): int
    {
        $set = SetRecord::shown()->orderByDesc('position')->first();
        if ($set === null) {
            $this->line('No set is there yet; nothing to warm.');

            return self::SUCCESS;
        }
        foreach (array_keys(Places::pages()) as $place) {
            $this->request($kernel, Request::create(config('app.url').'/sets/'.$set->id.'/'.$place));
        }
        // The page with a picked cell, and what an edit needs, which is not made here.
        $cell = array_key_first($set->head->set()->partsOf('cells'));
        [, $layer, $ref] = [...explode('/', (string) $cell, 3), '', ''];
        $this->request(
            $kernel,
            Request::create(config('app.url').'/sets/'.$set->id.'/assign?layer='.$layer.'&ref='.$ref),
        );
        foreach (
            [
                base_path('core'),
                ...array_map(app_path(...), ['Http/Controllers', 'Http/Requests', 'Sets', 'View', 'Models']),
            ] as $folder
        ) {
            foreach (File::allFiles($folder) as $file) {
                $file->getExtension() === 'php' && require_once $file->getPathname();
            }
        }
        $own = [base_path('app/'), base_path('core/'), base_path('vendor/')];
        $files = array_values(array_filter(get_included_files(), fn (string $file) => array_filter(
            $own,
            fn (string $folder) => str_starts_with($file, $folder),
        ) !== []
            && ! str_contains($file, '/vendor/composer/')
                && ! str_contains($file, '/Console/')
                && preg_match('#/[A-Z]\w*\.php$#', $file) === 1));
        file_put_contents($this->argument('list'), json_encode($files, JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }

    private function request(Kernel $kernel, Request $request): string
    {
        $response = $kernel->handle($request);
        $kernel->terminate($request, $response);

        return (string) $response->getContent();
    }
}
