<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Fact;
use Core\Judgement\MixJudgement;
use Core\Units\Fraction;
use Core\Units\Grams;

/** Shades in grams at the scale's step that stand in for a wanted one, and how near they come. */
final readonly class Blend
{
    /**
     * @param  non-empty-list<array{candidate: Candidate, grams: Grams}>  $parts  largest first
     * @param  Fraction  $distance  in levels: the level's miss, plus all differences of pigment
     * @param  list<Fact>  $differs  empty where level, tone and intensity are met
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

    /**
     * What differs, and whether there may be a nearer one.
     *
     * @return non-empty-list<Fact>
     */
    public function said(): array
    {
        $said = $this->differs === [] ? [Fact::of('why.blend.nothing-differs')] : $this->differs;

        return $this->complete ? $said : [...$said, Fact::of('why.blend.stopped-at-its-limit')];
    }

    /** 30 g of 6N and 30 g of 8N. */
    public function of(): Fact
    {
        return Fact::of('why.blend.of', parts: array_map(
            static fn (array $part): Fact => Fact::of(
                'why.blend.part',
                grams: $part['grams']->text(),
                shade: $part['candidate']->label,
            ),
            $this->parts,
        ));
    }
}
