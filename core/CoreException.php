<?php

declare(strict_types=1);

namespace Core;

use Throwable;

/**
 * Everything the core refuses. The fact says what is wrong; its entry in the catalogue has the words, and what to do
 * next. The message is for logs.
 */
interface CoreException extends Throwable
{
    public function fact(): Fact;
}
