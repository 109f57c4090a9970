<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\CanvasZone;
use Core\Hair\ZoneResult;
use Core\Judgement\Caution;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Learnt;
use Core\Judgement\Prediction;
use Core\Pigment\Ladder;
use Core\Practice\Number;
use Core\Units\Fraction;

/**
 * What a zone is expected to come to when its bowls have gone over it: each kind of its strands for itself, and how
 * they read together. A sketch, never a promise.
 */
final readonly class Outlook
{
    /**
     * @param  list<PlacedBowl>  $bowls  those that lie on it
     * @param  list<StrandStory>  $strands  largest first; empty where nobody read a level, or nothing may go on it
     * @param  ?ZoneResult  $seen  what was last seen of it, between the rounds
     * @param  ?int  $seenAfter  the round after which
     */
    private function __construct(
        public CanvasZone $zone,
        public array $bowls,
        public array $strands,
        public ?ZoneResult $seen,
        public ?int $seenAfter,
    ) {
    }

    /**
     * @param  list<PlacedBowl>  $bowls  of the visit, in the order they go on
     * @param  Learnt  $learnt  what closed visits teach about this head
     * @param  array<int, ZoneResult>  $reached  what was seen of this zone after a round, by round
     */
    public static function of(CanvasZone $zone, array $bowls, Learnt $learnt = new Learnt, array $reached = []): self
    {
        return self::over($zone, Strands::of($zone, $bowls), $learnt, $reached);
    }

    /**
     * @param  list<Strand>  $strands  those of its strands that are meant
     * @param  Learnt  $learnt  what closed visits teach about this head
     * @param  array<int, ZoneResult>  $reached
     */
    public static function over(
        CanvasZone $zone,
        array $strands,
        Learnt $learnt = new Learnt,
        array $reached = [],
    ): self {
        $bowls = [];
        foreach ($strands as $strand) {
            foreach ($strand->laid as ['bowl' => $bowl]) {
                $bowls[$bowl->sheet->letter] = $bowl;
            }
        }
        uasort($bowls, static fn (PlacedBowl $one, PlacedBowl $other): int => $one->round <=> $other->round);
        $reached = array_filter($reached, static fn (ZoneResult $seen): bool => $seen->level !== null);
        ksort($reached);
        $seenAfter = array_key_last($reached);
        $seen = $seenAfter === null ? null : $reached[$seenAfter];
        $now = $zone->judged();
        $stories = $now === null || $zone->offLimits ? [] : array_map(
            static fn (Strand $strand): StrandStory => StrandStory::of(
                $strand,
                $now->at($strand->span()),
                $learnt,
                $reached,
            ),
            $strands,
        );

        return new self($zone, array_values($bowls), $stories, $seen, $seenAfter);
    }

    /**
     * The strands that carry the wish: of those that something lies on, the ones that come nearest to it. Where an eye
     * can hardly tell them apart, those that most is done to.
     */
    public function main(): ?StrandStory
    {
        $worked = array_values(
            array_filter($this->strands, static fn (StrandStory $story): bool => $story->steps !== []),
        );
        if ($worked === [] || ! $this->zone->hasWish()) {
            return $worked[0] ?? null;
        }
        $gaps = array_map(static fn (StrandStory $story): Fraction => $story->gap()->seen, $worked);
        $least = array_reduce($gaps, static fn (?Fraction $least, Fraction $gap): Fraction => $least === null
            || $gap->compare($least) < 0 ? $gap : $least) ?? Fraction::zero();
        $best = null;
        foreach ($worked as $at => $story) {
            $near = $gaps[$at]->minus($least)->compare(Number::SameColour->value()) <= 0;
            if ($near && ($best === null || count($story->steps) > count($best->steps))) {
                $best = $story;
            }
        }

        return $best;
    }

    /**
     * @return list<array{letter: string, round: int, from: Fraction, expected: Prediction}> of the strands that carry
     *     the wish
     */
    public function steps(): array
    {
        return $this->main()->steps ?? [];
    }

    public function last(): ?Prediction
    {
        return $this->main()?->last();
    }

    /** How all its strands read together; null where nothing lies on any. */
    public function whole(): ?WholeHead
    {
        return $this->main() === null || $this->strands === [] ? null : WholeHead::of($this->strands);
    }

    /** What was seen after the last bowl that is planned on it: no sketch any more. */
    public function reached(): ?ZoneResult
    {
        $last = null;
        foreach ($this->strands as $story) {
            foreach ($story->steps as $step) {
                $last = max($last ?? 0, $step['round']);
            }
        }

        return $this->seenAfter !== null && ($last === null || $this->seenAfter >= $last) ? $this->seen : null;
    }

    /** The level it stands at before anything is laid on it: as it was seen, else as it is expected. */
    public function lifted(): ?Fraction
    {
        return $this->reached()->level ?? $this->last()?->lifted;
    }

    /** Against the wish, in words; empty without a wish or a bowl. */
    public function verdict(): string
    {
        $reached = $this->reached();
        $wish = $this->zone;
        $against = $reached?->level === null ? ($this->main()?->against() ?? []) : ExpectedTone::against(
            Ladder::of($reached->level, $reached->tone->mix()),
            Ladder::of($wish->wishLevel ?? $reached->level, $wish->wishTone->mix()),
            $wish->wishLevel !== null,
            // Where nobody named the tone that was seen, nobody said that it is wrong.
            $wish->wishTone->families !== [] && $reached->tone->families !== [],
        );

        return implode(', ', array_map(static fn (ExpectedTone $each): string => $each->value, $against));
    }

    /** @return list<Caution> each once, of whichever strands */
    public function cautions(): array
    {
        $found = [];
        foreach ($this->strands as $story) {
            foreach ($story->cautions() as $caution) {
                $found[$caution->key] ??= $caution;
            }
        }

        return array_values($found);
    }
}
