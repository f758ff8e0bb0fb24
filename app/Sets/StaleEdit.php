<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\Revision;
use Nailrod\Core\Format\Refusal;
use Nailrod\Core\Set\SetDocument;

/** An edit was made from a revision that no longer holds. Nothing was changed, and what was meant is kept here. */
final class StaleEdit extends \RuntimeException implements Refusal
{
    public function __construct(
        public readonly Revision $base,
        public readonly Revision $head,
        public readonly SetDocument $meant,
    ) {
        parent::__construct('The set was changed in the meantime; your change was not made.');
    }
}
