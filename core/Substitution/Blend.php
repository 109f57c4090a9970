<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Judgement\MixJudgement;
use Core\Units\Fraction;
use Core\Units\Grams;

/** Shades in grams at the scale's step that stand in for a wanted one, and how near they come. */
final readonly class Blend
{
    /**
     * @param  non-empty-list<array{candidate: Candidate, grams: Grams}>  $parts  largest first
     * @param  Fraction  $distance  in levels: the level's miss, plus all differences of pigment
     * @param  list<string>  $differs  in words
     * @param  bool  $complete  every blend was looked at; where not, there may be a nearer one
     */
    public function __construct(
        public array $parts,
        public Fraction $distance,
        public MixJudgement $behaves,
        public bool $keepsGreyCover,
        public array $differs,
        public bool $complete = true,
    ) {
    }

    /** What differs, in words, and whether there may be a nearer one. */
    public function differsInWords(): string
    {
        return implode(
            ', ',
            [
                ...$this->differs,
                ...($this->complete ? [] : ['there may be a nearer one: the search stopped at its limit']),
            ],
        );
    }

    /** In words: 30 g of 6N and 30 g of 8N. */
    public function words(): string
    {
        return implode(
            ' and ',
            array_map(
                static fn (array $part): string => "{$part['grams']->text()} of {$part['candidate']->label}",
                $this->parts,
            ),
        );
    }
}
