<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Hair\Stroke;
use Core\Units\Amount;
use Core\Units\Grams;
use Core\Units\MixRatio;

/** A bowl as it is written: everything said of it, before the shelf is asked what it names. */
final readonly class BowlDraft
{
    /**
     * @param  string  $letter  one or two capital letters
     * @param  string  $line  id of its colour line
     * @param  ?MixRatio  $ratio  null where it is not known
     * @param  list<list<Entry>>  $entries  part by part, colour first
     * @param  ?BowlAmount  $amount  null where nobody said how much: a proportion
     * @param  list<array{product: string, dose: Dose|Amount}>  $additives
     * @param  list<Extra>  $extras
     * @param  list<BowlUse>  $uses
     * @param  list<Stroke>  $strokes
     * @param  ?int  $minutes  planned processing time
     */
    public function __construct(
        public string $letter,
        public string $job,
        public string $line,
        public ?MixRatio $ratio,
        public array $entries,
        public ?BowlAmount $amount,
        public array $additives = [],
        public array $extras = [],
        public array $uses = [],
        public array $strokes = [],
        public ?int $minutes = null,
        public string $note = '',
        public BowlDetails $details = new BowlDetails,
    ) {
    }

    /**
     * The same with other contents.
     *
     * @param  ?list<list<Entry>>  $entries
     * @param  ?list<array{product: string, dose: Dose|Amount}>  $additives
     * @param  ?list<Extra>  $extras
     * @param  ?list<BowlUse>  $uses
     * @param  ?list<Stroke>  $strokes
     */
    public function with(
        ?array $entries = null,
        ?BowlAmount $amount = null,
        ?MixRatio $ratio = null,
        ?array $additives = null,
        ?array $extras = null,
        ?array $uses = null,
        ?int $minutes = null,
        ?string $letter = null,
        ?string $job = null,
        ?array $strokes = null,
        ?string $note = null,
        ?BowlDetails $details = null,
    ): self {
        return new self(
            letter: $letter ?? $this->letter,
            job: $job ?? $this->job,
            line: $this->line,
            ratio: $ratio ?? $this->ratio,
            entries: $entries ?? $this->entries,
            amount: $amount ?? $this->amount,
            additives: $additives ?? $this->additives,
            extras: $extras ?? $this->extras,
            uses: $uses ?? $this->uses,
            strokes: $strokes ?? $this->strokes,
            minutes: $minutes ?? $this->minutes,
            note: $note ?? $this->note,
            details: $details ?? $this->details,
        );
    }

    /** A bowl that serves several jobs is as large as they are together. */
    public function amountOfUses(): BowlAmount
    {
        return BowlAmount::total(Grams::sum(array_map(static fn (BowlUse $use): Grams => $use->grams, $this->uses)));
    }

    /** @return list<string> the ids of every product it names */
    public function products(): array
    {
        $found = [];
        foreach ($this->entries as $part) {
            foreach ($part as $entry) {
                array_push($found, $entry->product, ...$entry->alternatives);
            }
        }
        $found = [
            ...$found,
            ...array_map(static fn (array $each): string => $each['product'], $this->additives),
            ...array_map(static fn (Extra $each): string => $each->product->id, $this->extras),
        ];

        return array_values(array_filter(array_unique($found), static fn (string $id): bool => $id !== ''));
    }
}
