<?php

declare(strict_types=1);

namespace Core;

use Throwable;

/**
 * Everything the core refuses. The message says what is wrong in the trade's words;
 * the mend says what to do next. Both are meant for a person's eyes.
 */
interface CoreException extends Throwable
{
    public function mend(): string;
}
