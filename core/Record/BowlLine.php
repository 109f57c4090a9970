<?php

declare(strict_types=1);

namespace Core\Record;

/**
 * A bowl as a colourist writes it on a card, read: what was understood, in the words a bowl is written with, and what
 * was not.
 */
final readonly class BowlLine
{
    /**
     * @param  ?string  $letter  null where the line gives none
     * @param  ?string  $as  letter of the bowl it is like; null where it stands by itself
     * @param  string  $line  id of the colour line; empty where nothing says which
     * @param  ?string  $ratio  1:1.5, no developer; null where it is not said
     * @param  list<list<array<string, string>>>  $parts  by part of the ratio: product (or words) and share
     * @param  list<array{product: string, dose: string}>  $additives
     * @param  ?array{of: string, grams: string}  $amount  null where no total is said
     * @param  ?array{regions: list<string>, spans: list<string>, method?: string, foils?: string}  $place
     * @param  ?string  $minutes  35, 30-35
     * @param  list<string>  $rest  what was not understood, as written
     */
    public function __construct(
        public ?string $letter,
        public ?string $as,
        public string $line,
        public ?string $ratio,
        public array $parts,
        public array $additives,
        public ?array $amount,
        public ?array $place,
        public ?string $minutes,
        public string $job,
        public array $rest,
    ) {
    }

    public function isEmpty(): bool
    {
        $named = array_filter(array_merge(...$this->parts), static fn (array $each): bool => isset($each['product']));

        return $this->as === null && $named === [] && $this->additives === [];
    }
}
