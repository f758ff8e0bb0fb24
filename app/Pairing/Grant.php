<?php

declare(strict_types=1);

namespace App\Pairing;

use App\Models\TokenRecord;
use App\Rig\Scope;

/** What a phone or a tablet that is paired gets. */
enum Grant: string
{
    case Panel = 'panel';

    /** Every place, and what the rig does; nothing that it changes is taken but by its panel. */
    case Look = 'look';

    /** What this machine gets. */
    case All = 'all';

    public static function of(TokenRecord $phone): self
    {
        $scope = Scope::of($phone->scope);

        return match (true) {
            $scope->all => self::All,
            $scope->see => self::Look,
            default => self::Panel,
        };
    }

    public function scope(string $panel): Scope
    {
        return new Scope(all: $this === self::All, see: $this !== self::Panel, panel: $panel);
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Panel => 'its panel',
            self::Look => 'the whole rig to look at',
            self::All => 'everything',
        };
    }

    /** What is asked before it is given. */
    public function asked(string $phone): string
    {
        return match ($this) {
            self::Panel => '',
            self::Look =>
                $phone.' sees every place and all that the rig does. It changes nothing but what its panel does.',
            self::All =>
                $phone.' does everything that this machine does: it edits every set, writes to devices, and pairs '
                    .'others.',
        };
    }
}
