<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Fact;
use Core\Practice\Number;
use Core\Units\Grams;

/**
 * What stands on the scale, as a person says it and as the scale weighs it: believed where the two agree, asked about
 * where they do not. Not one gram counts before. The scale is never set to zero for it: what it shows is the bowl and
 * all that is in it, so that a bowl is known again by its weight. Readings are centigrams.
 */
final readonly class Pan
{
    /**
     * @param  list<BatchEvent>  $events  what follows for the record; empty where it is asked about
     * @param  ?Fact  $question  what does not agree
     * @param  ?Grams  $extra  what is on the scale beyond the record, where it may be a pour that nobody recorded
     */
    private function __construct(
        public array $events,
        public ?Fact $question = null,
        public ?Grams $extra = null,
    ) {
    }

    /**
     * “The empty bowl stands on it.”
     *
     * @param  list<Vessel>  $known  bowls of the house
     * @param  string  $mark  which one it is said to be; empty where nobody says
     * @param  bool  $sure  asked already, and said again
     *
     * @throws PourRefused where something is in the bowl
     */
    public static function emptyBowl(Batch $batch, int $reading, array $known, string $mark, bool $sure): self
    {
        if (! $batch->total()->isZero()) {
            throw PourRefused::bowlHoldsSome($batch->total());
        }
        $asked = self::asked($reading, $known, $mark, $sure);
        if ($asked !== null) {
            return $asked;
        }
        // By its own key the scale may have been set to zero under the bowl: then nobody knows what that weighs.
        $weight = self::isBare($reading) ? Grams::zero() : Grams::ofCentigrams($reading);
        $nearest = Vessel::nearest($known, $weight);

        return new self([BatchEvent::tared(
            $weight,
            $reading,
            $mark === '' && $nearest?->weighs($weight) === true ? $nearest->mark : $mark,
        )]);
    }

    /**
     * “This bowl stands on it, with what is in it.”
     *
     * @param  list<Vessel>  $known  bowls of the house
     * @param  ?string  $line  what the extra grams are of, where it was asked
     * @param  bool  $sure  asked already: the record is right, whatever the scale shows
     *
     * @throws PourRefused where the extra grams cannot be of that line
     */
    public static function sameBowl(Batch $batch, int $reading, array $known, ?string $line, bool $sure): self
    {
        if (self::isBare($reading) && ! $sure) {
            return new self([], Fact::of('pan.bare', shown: self::shown($reading)));
        }
        $recorded = $batch->inThisBowl()->centigrams;
        if ($batch->bowlWeight === null) {
            $bowl = $reading - $recorded;
            if (self::isBare($bowl) && ! $sure) {
                return new self([], Fact::of(
                    'pan.lighter-than-content',
                    now: self::shown($reading),
                    in: $batch->inThisBowl()->text(),
                ));
            }

            $weight = Grams::ofCentigrams(max(0, $bowl));
            $nearest = Vessel::nearest($known, $weight);

            // Its weight follows from what is on the record, unless something is in it that is not.
            return $sure || $nearest === null || $nearest->weighs($weight)
                ? new self([BatchEvent::carriedOn($reading, $weight)])
                : new self([], Fact::of(
                    'pan.no-such-bowl-under',
                    in: $batch->inThisBowl()->text(),
                    alone: $weight->text(),
                    known: $nearest->weight->text(),
                ));
        }
        $extra = $reading - $batch->bowlWeight->centigrams - $recorded;
        if ($sure || abs($extra) <= Number::SameContent->centigrams()) {
            return new self([BatchEvent::carriedOn($reading)]);
        }
        if ($extra < 0) {
            return new self([], Fact::of(
                'pan.less-than-recorded',
                less: Grams::ofCentigrams(-$extra)->text(),
                in: $batch->inThisBowl()->text(),
            ));
        }
        $grams = Grams::ofCentigrams($extra);

        return $line === null
            ? new self(
                [],
                Fact::of('pan.more-than-recorded', more: $grams->text(), in: $batch->inThisBowl()->text()),
                $grams,
            )
            : new self([
                BatchEvent::carriedOn($reading - $extra),
                BatchEvent::poured($line, $grams, PourSource::Scale),
            ]);
    }

    /**
     * “Another bowl, empty: what is still to come goes into that.” What is left in two bowls is typed.
     *
     * @param  list<Vessel>  $known  bowls of the house
     */
    public static function otherBowl(Batch $batch, int $reading, array $known, string $mark, bool $sure): self
    {
        return self::asked($reading, $known, $mark, $sure) ?? new self([BatchEvent::moved(
            self::isBare($reading) ? Grams::zero() : Grams::ofCentigrams($reading),
            $reading,
            $mark,
        )]);
    }

    /**
     * “The bowl is back, with what is left in it.”
     *
     * @throws PourRefused where its empty weight is not known, or it cannot be this bowl
     */
    public static function weighedBack(Batch $batch, int $reading): self
    {
        $bowl = $batch->bowlWeight;
        if ($bowl === null || ! $batch->isInOneBowl()) {
            throw PourRefused::bowlNotWeighed();
        }
        $left = $reading - $bowl->centigrams;
        $same = Number::BackMiss->centigrams();
        if ($left < -$same) {
            return new self([], Fact::of('pan.lighter-than-bowl', bowl: $bowl->text(), now: self::shown($reading)));
        }
        $most = $batch->total()->centigrams;

        return new self([BatchEvent::weighedBack(
            Grams::ofCentigrams(max(0, $left > $most && $left <= $most + $same ? $most : $left)),
        )]);
    }

    /**
     * What speaks against an empty bowl; null where nothing does.
     *
     * @param  list<Vessel>  $known
     */
    private static function asked(int $reading, array $known, string $mark, bool $sure): ?self
    {
        if ($sure) {
            return null;
        }
        if (self::isBare($reading)) {
            return new self([], Fact::of('pan.bare', shown: self::shown($reading)));
        }
        $weight = Grams::ofCentigrams($reading);
        $named = self::called($mark, $known);
        $nearest = Vessel::nearest($named === null ? $known : [$named], $weight);

        return $nearest === null || $nearest->weighs($weight) ? null : new self([], Fact::of(
            $named === null ? 'pan.no-such-bowl' : 'pan.not-that-bowl',
            mark: $nearest->mark,
            known: $nearest->weight->text(),
            now: $weight->text(),
        ));
    }

    private static function isBare(int $reading): bool
    {
        return $reading < Number::EmptyPan->centigrams();
    }

    /** @param  list<Vessel>  $known */
    private static function called(string $mark, array $known): ?Vessel
    {
        foreach ($known as $vessel) {
            if ($mark !== '' && mb_strtolower($vessel->mark) === mb_strtolower($mark)) {
                return $vessel;
            }
        }

        return null;
    }

    private static function shown(int $centigrams): string
    {
        return ($centigrams < 0 ? '−' : '').Grams::ofCentigrams(abs($centigrams))->text();
    }
}
