<?php

declare(strict_types=1);

namespace Core\Record;

/** One line of a comparison. */
final readonly class Row
{
    public function __construct(
        public string $what,
        public string $before,
        public string $after,
        public string $difference = '',
    ) {
    }

    public function differs(): bool
    {
        return $this->before !== $this->after;
    }

    /** @return array{what: string, before: string, after: string, difference: string, differs: bool} */
    public function toArray(): array
    {
        return [
            'what' => $this->what,
            'before' => $this->before,
            'after' => $this->after,
            'difference' => $this->difference,
            'differs' => $this->differs(),
        ];
    }
}
