<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** An output that plays what was recorded last, so that it does nothing as long as nothing was. */
interface PlaysLatest extends Output {}
