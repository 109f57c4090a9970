<?php

declare(strict_types=1);

namespace Core;

use DomainException;

/** The shared body of the core's refusals: one sentence for what is wrong, one for the mend. */
abstract class Refusal extends DomainException implements CoreException
{
    final protected function __construct(string $message, private readonly string $mend)
    {
        parent::__construct($message);
    }

    final public function mend(): string
    {
        return $this->mend;
    }
}
