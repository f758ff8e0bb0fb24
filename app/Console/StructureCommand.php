<?php

declare(strict_types=1);

namespace App\Console;

use App\Structure\ImportGraph;
use App\Structure\StructureDrawing;
use Illuminate\Console\Command;

/** Draws docs/structure.svg from the code, and says if the folders of the core import each other in a circle. */
final class StructureCommand extends Command
{
    private const FILE = 'docs/structure.svg';

    protected $signature = 'nailrod:structure {--check : write nothing, and fail if the picture is old or there is a '
        .'circle}';

    protected $description = 'Draws docs/structure.svg: the folders of core and app as boxes in layers, an arrow for '
        .'each import';

    public function handle(): int
    {
        $imports = ImportGraph::of(base_path());
        $circles = ImportGraph::of(base_path(), isByRoom: false)->circles();
        foreach ($circles as $circle) {
            $this->error('These import each other in a circle: '.implode(', ', $circle).'.');
        }
        $svg = (new StructureDrawing($imports))->svg();
        $isOld = ! is_file(base_path(self::FILE)) || file_get_contents(base_path(self::FILE)) !== $svg;
        if ($isOld && $this->option('check')) {
            $this->error(self::FILE.' is not as the code is; php artisan nailrod:structure draws it anew.');
        } elseif ($isOld) {
            file_put_contents(base_path(self::FILE), $svg);
        }

        return $circles !== [] || ($isOld && $this->option('check')) ? self::FAILURE : self::SUCCESS;
    }
}
