<?php

declare(strict_types=1);

// Reads every hostile file in one process with little memory, and prints what is said of each as JSON; used by
// HostileTest.
use Nailrod\Core\Exchange\ImportedFile;
use Nailrod\Core\Format\FormatError;
use Tests\Core\DemoSets;
use Tests\Core\Exchange\HostileFiles;

require __DIR__.'/../../../vendor/autoload.php';
$said = [];
foreach (HostileFiles::all() as $what => $content) {
    try {
        ImportedFile::read($content, new DemoSets);
        $said[$what] = '';
    } catch (FormatError $error) {
        $said[$what] = $error->getMessage();
    }
}
echo json_encode(['said' => $said, 'peak' => memory_get_peak_usage(true)], JSON_INVALID_UTF8_SUBSTITUTE);
