<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Behaviour;

/** Its outputs are on exactly while the contact is closed. */
interface Follows extends Behaviour {}
