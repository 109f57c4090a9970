<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;

/** One thing wrong in a document: where (RFC 6901 JSON pointer), what, and how to mend it. */
final readonly class Problem
{
    public function __construct(public string $pointer, public Fact $fact)
    {
    }
}
