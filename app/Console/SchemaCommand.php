<?php

declare(strict_types=1);

namespace App\Console;

use App\Structure\CompiledForm;
use Illuminate\Console\Command;
use Nailrod\Core\Exchange\Memory\FirmwareFile;
use Nailrod\Core\Exchange\Shelf\ShelfSchema;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Set\SetReference;
use Nailrod\Core\Set\SetSchema;

/**
 * Writes what is made of the code: of the fields of the files their schemas and the page that tells of every field, and
 * the sum that says in which form sets are compiled.
 */
final class SchemaCommand extends Command
{
    protected $signature = 'nailrod:schema {--check : write nothing, and fail if a file is not as it would be written}';

    protected $description = 'Writes the JSON Schemas of all files, docs/formats.md and the form of compiled sets, '
        .'from the code';

    public function handle(): int
    {
        $old = [];
        foreach ($this->files() as $file => $content) {
            if (is_file(base_path($file)) && file_get_contents(base_path($file)) === $content) {
                continue;
            }
            $old[] = $file;
            $this->option('check') || file_put_contents(base_path($file), $content);
        }
        if ($this->option('check') && $old !== []) {
            $this->error('Not as the code says: '.implode(', ', $old).'. php artisan nailrod:schema writes them anew.');

            return self::FAILURE;
        }
        $this->line($old === [] ? 'All are as the code says.' : 'Written: '.implode(', ', $old).'.');

        return self::SUCCESS;
    }

    /** @return array<string, string> content by file */
    private function files(): array
    {
        return [
            'app/Sets/form.php' => "<?php\n\ndeclare(strict_types=1);\n\nreturn '".CompiledForm::of(base_path())."';\n",
            'schema/set.schema.json' => Json::encode(SetSchema::ofSets()),
            'schema/bindings.schema.json' => Json::encode(SetSchema::ofBindings()),
            'schema/panel.schema.json' => Json::encode(SetSchema::ofPanels()),
            'schema/shelf.schema.json' => Json::encode(ShelfSchema::ofShelf()),
            'schema/device.schema.json' => Json::encode(SetSchema::ofDevices()),
            'schema/catalogue.schema.json' => Json::encode(SetSchema::ofCatalogues()),
            'schema/layout.schema.json' => Json::encode(SetSchema::ofLayouts()),
            'schema/firmware.schema.json' => Json::encode(SetSchema::document(
                'nailrod:firmware',
                'The head of a firmware file: for which board it is, and what a device with it keeps',
                FirmwareFile::fields(),
            )),
            'docs/formats.md' => SetReference::markdown()
                .SetReference::ofPanels()
                .ShelfSchema::markdown()
                .SetReference::file(
                    'Firmware',
                    'A file of its own (`nailrod-firmware`, version 1): this head as JSON on one line, a line feed, '
                        .'and then so many bytes as `length` says.',
                    FirmwareFile::fields(),
                ),
        ];
    }
}
