<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Fact;
use Core\Practice\Number;
use Core\Units\Grams;

/**
 * What stands on the scale, as a person says it and as the scale weighs it: believed where the two agree, asked about where
 * they do not. Not one gram counts before. The scale is never set to zero for it: what it shows is the bowl and all
 * that is in it, so that a bowl is known again by its weight. Readings are centigrams.
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
        if (self::isBare($reading)) {
            // By its own key the scale may have been set to zero under the bowl: then nobody knows what that weighs.
            return $sure
                ? new self([BatchEvent::tared(Grams::zero(), $reading, $mark)])
                : new self([], Fact::of('pan.bare', shown: self::shown($reading)));
        }
        $weight = Grams::ofCentigrams($reading);
        $named = self::called($mark, $known);
        $nearest = Vessel::nearest($named === null ? $known : [$named], $weight);
        if (! $sure && $nearest !== null && ! $nearest->weighs($weight)) {
            return new self([], Fact::of(
                $named === null ? 'pan.no-such-bowl' : 'pan.not-that-bowl',
                mark: $nearest->mark,
                known: $nearest->weight->text(),
                now: $weight->text(),
            ));
        }
        $vessel = $mark !== '' || $nearest === null || ! $nearest->weighs($weight) ? $mark : $nearest->mark;

        return new self([BatchEvent::tared($weight, $reading, $vessel)]);
    }

    /**
     * “This bowl stands on it, with what is in it.”
     *
     * @param  ?string  $line  what the extra grams are of, where it was asked
     * @param  bool  $sure  asked already: the record is right, whatever the scale shows
     *
     * @throws PourRefused where the extra grams cannot be of that line
     */
    public static function sameBowl(Batch $batch, int $reading, ?string $line, bool $sure): self
    {
        if (self::isBare($reading) && ! $sure) {
            return new self([], Fact::of('pan.bare', shown: self::shown($reading)));
        }
        $recorded = $batch->total()->centigrams;
        if ($batch->bowlWeight === null) {
            $bowl = $reading - $recorded;
            if (self::isBare($bowl) && ! $sure) {
                return new self([], Fact::of(
                    'pan.lighter-than-content',
                    now: self::shown($reading),
                    in: $batch->total()->text(),
                ));
            }

            return new self([BatchEvent::carriedOn($reading, Grams::ofCentigrams(max(0, $bowl)))]);
        }
        $extra = $reading - $batch->bowlWeight->centigrams - $recorded;
        if ($sure || abs($extra) <= Number::SameContent->centigrams()) {
            return new self([BatchEvent::carriedOn($reading)]);
        }
        if ($extra < 0) {
            return new self([], Fact::of(
                'pan.less-than-recorded',
                less: Grams::ofCentigrams(-$extra)->text(),
                in: $batch->total()->text(),
            ));
        }
        $grams = Grams::ofCentigrams($extra);

        return $line === null
            ? new self([], Fact::of('pan.more-than-recorded', more: $grams->text(), in: $batch->total()->text()), $grams)
            : new self([
                BatchEvent::carriedOn($reading - $extra),
                BatchEvent::poured($line, $grams, PourSource::Scale),
            ]);
    }

    /** “Another bowl, empty: what is still to come goes into that.” What is back from two bowls is typed. */
    public static function otherBowl(Batch $batch, int $reading, bool $sure): self
    {
        return self::isBare($reading) && ! $sure
            ? new self([], Fact::of('pan.bare', shown: self::shown($reading)))
            : new self([BatchEvent::carriedOn($reading, $batch->total()->isZero() ? Grams::ofCentigrams(max(0, $reading)) : Grams::zero())]);
    }

    /**
     * “The bowl is back, with what is left in it.”
     *
     * @throws PourRefused where its empty weight is not known, or it cannot be this bowl
     */
    public static function weighedBack(Batch $batch, int $reading): self
    {
        $bowl = $batch->bowlWeight ?? throw PourRefused::bowlNotWeighed();
        $left = $reading - $bowl->centigrams;
        $same = Number::SameBowl->centigrams();
        if ($left < -$same) {
            return new self([], Fact::of('pan.lighter-than-bowl', bowl: $bowl->text(), now: self::shown($reading)));
        }
        $most = $batch->total()->centigrams;

        return new self([BatchEvent::weighedBack(
            Grams::ofCentigrams(max(0, $left > $most && $left <= $most + $same ? $most : $left)),
        )]);
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
