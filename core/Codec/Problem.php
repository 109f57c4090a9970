<?php

declare(strict_types=1);

namespace Core\Codec;

/** One thing wrong in a document: where (RFC 6901 JSON pointer), what, and how to mend it. */
final readonly class Problem
{
    public function __construct(public string $pointer, public string $message, public string $mend)
    {
    }
}
