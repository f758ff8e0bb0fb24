<?php

declare(strict_types=1);

/*
 * Lets the house in: php bin/gate.php PORT NAME[,NAME ...]
 *
 * Listens at PORT on each of the names that is an address of this machine, and passes on what keeps to the limits to
 * the
 * pages, which listen to this machine only. A name that is no address (rig.local) leads to one of them, and is passed
 * over.
 */

use App\Gate\Gate;
use React\EventLoop\StreamSelectLoop;

require __DIR__.'/../vendor/autoload.php';

$loop = new StreamSelectLoop;
$gate = new Gate($loop, (int) $argv[1]);
$addresses = array_filter(
    explode(',', $argv[2] ?? ''),
    fn (string $name): bool => filter_var($name, FILTER_VALIDATE_IP) !== false,
);
$listens = 0;
foreach ($addresses as $address) {
    try {
        $gate->listen(str_contains($address, ':') ? '['.$address.']' : $address);
        $listens++;
    } catch (RuntimeException $error) {
        error_log('Nobody is let in at '.$address.': '.$error->getMessage());
    }
}
foreach ([SIGTERM, SIGINT, SIGHUP] as $signal) {
    $loop->addSignal($signal, $loop->stop(...));
}
if ($listens === 0) {
    // No network yet: it is tried again when this process is begun anew.
    error_log('No address of this machine could be listened to; phones cannot come in.');
    $loop->addTimer(10.0, fn () => exit(1));
}
$loop->run();
