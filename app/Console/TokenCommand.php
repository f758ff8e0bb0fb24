<?php

declare(strict_types=1);

namespace App\Console;

use App\Rig\NotAllowed;
use App\Rig\Scope;
use App\Rig\Tokens;
use Illuminate\Console\Command;
use Nailrod\Core\Format\Signs;

final class TokenCommand extends Command
{
    use RefusesInWords;

    protected $signature = 'nailrod:token {name : what the program is called} {--see : it may see what happens} '
        .'{--feed=* : a device that it may move} {--game=* : a simulator that it may be} {--order : it may give '
        .'orders}';

    protected $description = 'Makes a token for a program that talks to the rig, and prints it once';

    public function handle(Tokens $tokens): int
    {
        $words = fn (string $option): array => array_values(
            array_filter((array) $this->option($option), is_string(...)),
        );
        $scope = new Scope(
            see: (bool) $this->option('see'),
            order: (bool) $this->option('order'),
            feeds: $words('feed'),
            games: $words('game'),
        );
        $name = Signs::asName((string) $this->argument('name'), 60);
        if ($name === '') {
            return $this->refused(
                'The name of the program: found nothing that can be seen, expected what it is called.',
                self::INVALID,
            );
        }
        try {
            $this->line($tokens->forProgram($name, $scope));
        } catch (NotAllowed $error) {
            return $this->refused($error->getMessage(), self::INVALID);
        }

        return self::SUCCESS;
    }
}
