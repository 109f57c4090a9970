<?php

declare(strict_types=1);

namespace Core;

use DomainException;

/**
 * The shared body of the core's refusals: what is wrong and what mends it are one fact, and the words stand outside.
 */
abstract class Refusal extends DomainException implements CoreException
{
    final protected function __construct(private readonly Fact $fact)
    {
        parent::__construct($fact->text());
    }

    final public function fact(): Fact
    {
        return $this->fact;
    }
}
