<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Refusal;

/** A document that cannot be worked, with everything that is wrong in it. */
final class UnreadableDocument extends Refusal
{
    /** @var non-empty-list<Problem> */
    private array $problems;

    /** @param  non-empty-list<Problem>  $problems */
    public static function because(array $problems): self
    {
        $refusal = new self($problems[0]->fact);
        $refusal->problems = $problems;

        return $refusal;
    }

    /** @return non-empty-list<Problem> */
    public function problems(): array
    {
        return $this->problems;
    }
}
