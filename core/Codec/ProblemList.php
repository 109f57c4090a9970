<?php

declare(strict_types=1);

namespace Core\Codec;

/** Collects everything wrong in one document while it is read. */
final class ProblemList
{
    /** @var list<Problem> */
    private array $problems = [];

    public function add(Problem $problem): void
    {
        $this->problems[] = $problem;
    }

    /** @return list<Problem> */
    public function all(): array
    {
        return $this->problems;
    }

    /** @throws UnreadableDocument when anything was collected */
    public function throwIfAny(): void
    {
        if ($this->problems !== []) {
            throw UnreadableDocument::because($this->problems);
        }
    }
}
