<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Amount;
use Core\Units\Share;

/** One product or house blend as a bowl names it, and how much of it; with what was meant, and why another was used. */
final readonly class Entry
{
    /**
     * @param  string  $product  id; empty for a house blend, and where nobody knows what it was
     * @param  string  $blend  name; empty for a product
     * @param  string  $said  the portion as it was typed, where that was not in grams: ½ tube, 2 oz
     * @param  string  $words  what is known of a product that nobody can name: “something violet”
     * @param  list<string>  $alternatives  ids of other products it may have been
     * @param  bool  $doubt  “I think it was”: a fact with a doubt
     */
    public function __construct(
        public string $product,
        public Share|Amount $portion,
        public string $blend = '',
        public ?int $version = null,
        public string $wanted = '',
        public string $why = '',
        public string $said = '',
        public string $words = '',
        public array $alternatives = [],
        public bool $doubt = false,
    ) {
    }

    /** So much of it instead; what was typed is no longer what it is, unless it is said beside it. */
    public function withPortion(Share|Amount $portion, string $said = ''): self
    {
        return new self(
            product: $this->product,
            portion: $portion,
            blend: $this->blend,
            version: $this->version,
            wanted: $this->wanted,
            why: $this->why, said: $said, words: $this->words, alternatives: $this->alternatives, doubt: $this->doubt,
        );
    }

    /** Another product in its place, with what was meant and why. */
    public function replacedBy(string $product, string $wanted, string $why): self
    {
        return new self(product: $product, portion: $this->portion, wanted: $wanted, why: $why, said: $this->said);
    }

    public function isKnown(): bool
    {
        return $this->portion instanceof Share || $this->portion->isKnown();
    }
}
