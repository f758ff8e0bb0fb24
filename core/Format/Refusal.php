<?php

declare(strict_types=1);

namespace Nailrod\Core\Format;

/**
 * Something that is not done, and no fault of the program: its message is a sentence for whom asked for it, with what
 * was found, what was expected and, where that is not plain, what to do. Nothing is changed by it.
 */
interface Refusal extends \Throwable {}
