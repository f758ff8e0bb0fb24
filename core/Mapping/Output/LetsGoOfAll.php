<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Output;

/** It ends all that is held or latched. */
interface LetsGoOfAll extends Output {}
