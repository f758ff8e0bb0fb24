<?php

declare(strict_types=1);

namespace App\View;

use App\Models\SetRecord;
use App\Sets\SetStore;
use App\Sets\StaleEdit;
use Nailrod\Core\Set\SetDiff;
use Nailrod\Core\Set\Words;

/** What the second of two tabs is shown: what changed meanwhile, and what its own edit meant to do. */
final readonly class EditConflict
{
    /**
     * @param list<array{subject: string, before: string, after: string}> $meanwhile
     * @param list<array{subject: string, before: string, after: string}> $meant
     */
    private function __construct(
        public int $head,
        public string $setId,
        public array $meanwhile,
        public array $meant,
    ) {}

    public static function of(StaleEdit $stale): self
    {
        $head = $stale->head->set();
        $words = new Words(app(SetStore::class)->assemble($head), SetRecord::nameOf(...));
        $base = $stale->base->set();

        return new self(
            $stale->head->id,
            $stale->base->set_id,
            Changes::rows($words, SetDiff::between($base, $head)),
            Changes::rows($words, SetDiff::between($base, $stale->meant)),
        );
    }
}
