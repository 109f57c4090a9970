<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Practice\GramsMean;

/** One change to a bowl, structured as far as it can be, with its reason. */
final readonly class Change
{
    /**
     * @param  string  $bowl  letter; empty where it is not said which
     * @param  string  $value  what to: "30 vol", "+1" (strengths), "1:2", "+5 min", "40 min", "-5 g", "+10 %", "-1"
     *     (levels), "60 %" (grey), "mids first" (place), "15 min" or "no" (taken through); empty for words
     * @param  string  $from  product id, for a swap
     * @param  string  $to  product id, for a swap; the job of a bowl that is added
     * @param  string  $words  as said
     * @param  string  $condition  when it holds, as said: “toned damp”; empty for always
     * @param  string  $rest  what of the words was not understood
     */
    public function __construct(
        public ChangeKind $kind,
        public string $bowl = '',
        public string $value = '',
        public string $from = '',
        public string $to = '',
        public string $words = '',
        public string $condition = '',
        public string $rest = '',
    ) {
    }

    /**
     * @return array{kind: string, bowl: string, value: string, from: string, to: string, words: string, condition?: string, rest?: string}
     */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'bowl' => $this->bowl,
            'value' => $this->value,
            'from' => $this->from,
            'to' => $this->to,
            'words' => $this->words,
            ...($this->condition === '' ? [] : ['condition' => $this->condition]),
            ...($this->rest === '' ? [] : ['rest' => $this->rest]),
        ];
    }

    /** @param  array<string, mixed>  $json */
    public static function fromArray(array $json): self
    {
        $text = static fn (string $key): string => is_string($json[$key] ?? null) ? $json[$key] : '';

        return new self(
            kind: ChangeKind::tryFrom($text('kind')) ?? ChangeKind::Words,
            bowl: $text('bowl'),
            value: $text('value'),
            from: $text('from'),
            to: $text('to'),
            words: $text('words'),
            condition: $text('condition'),
            rest: $text('rest'),
        );
    }

    public function canBeApplied(): bool
    {
        return $this->kind !== ChangeKind::Words;
    }

    /** Whether it makes another bowl of one that is there; adding one and taking one out do not. */
    public function isOfOneBowl(): bool
    {
        return ! in_array($this->kind, [ChangeKind::Words, ChangeKind::AddBowl, ChangeKind::RemoveBowl], true);
    }

    /** The same, where it is now said what its grams are of. */
    public function meaning(GramsMean $of): self
    {
        return match (true) {
            $this->kind !== ChangeKind::Grams || $of === GramsMean::Ask => $this,
            $of === GramsMean::Colour => $this->as(ChangeKind::Amount),
            default => $this->as(ChangeKind::Total),
        };
    }

    private function as(ChangeKind $kind): self
    {
        return new self(
            kind: $kind,
            bowl: $this->bowl,
            value: $this->value,
            from: $this->from,
            to: $this->to,
            words: $this->words,
            condition: $this->condition,
            rest: $this->rest,
        );
    }

    public function onBowl(string $letter): self
    {
        return new self(
            kind: $this->kind,
            bowl: $letter,
            value: $this->value,
            from: $this->from,
            to: $this->to,
            words: $this->words,
            condition: $this->condition,
            rest: $this->rest,
        );
    }
}
