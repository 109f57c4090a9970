<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Advice\AmountAdvice;
use Core\Advice\Job;
use Core\Fact;
use Core\Hair\Canvas;
use Core\Hair\Method;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Hair\Stroke;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;

/**
 * How much of a bowl its painted places take: the usual amount for such a job on a whole head, the part of the head and
 * of the strand that is painted, and the pattern's share (our own model on the practice of amounts).
 */
final readonly class PlacedAmount
{
    /**
     * @param  Grams  $least  mixture
     * @param  Grams  $most  mixture
     * @param  list<Fact>  $why
     */
    private function __construct(public Grams $least, public Grams $most, public array $why)
    {
    }

    /**
     * Null where nothing is painted yet.
     *
     * @param  list<PlacedBowl>  $bowls  all of the visit: their foils take hair from what lies between
     */
    public static function of(PlacedBowl $bowl, Canvas $canvas, array $bowls = []): ?self
    {
        $least = $most = Fraction::zero();
        $why = [];
        foreach ($bowl->strokes as $stroke) {
            $job = self::job($stroke, $bowl);
            $foils = $stroke->foils ?? $stroke->pattern?->foils() ?? 0;
            if ($job === Job::Foils && $foils === 0) {
                $job = Job::Whole;
            }
            [$resistant, $regrowth] = self::atRoot($canvas);
            $whole = AmountAdvice::start($job, $canvas->density(), $canvas->length(), $resistant, $regrowth, $foils);
            $mixture = self::mixtureOf($whole, $bowl);
            $share = $job === Job::Foils ? Fraction::one() : self::head($stroke)->times(self::strand($stroke, $job));
            if ($stroke->pattern !== null && $stroke->with !== []) {
                $share = $share->times($stroke->pattern->shares(count($stroke->with) + 1)[0]);
            } elseif ($stroke->method === Method::BetweenFoils) {
                $share = $share->times(self::leftBetween($stroke, $mixture[1]->exactly()->times($share), $canvas, $bowls));
            } elseif ($job !== Job::Foils && $stroke->method?->isPartial() === true) {
                // Weaves take about half the hair of their region.
                $share = $share->times(Number::WeaveTakes->value());
            }
            $least = $least->plus($mixture[0]->exactly()->times($share));
            $most = $most->plus($mixture[1]->exactly()->times($share));
            $why[] = Fact::of(
                $mixture[0]->equals($mixture[1]) ? 'why.placed-amount.share-of' : 'why.placed-amount.share-of-between',
                place: $stroke->placement->words(), percent: $share->times(Fraction::of(100))->decimal(0),
                least: $mixture[0]->text(), most: $mixture[1]->text(), job: self::jobWords($job, $foils),
            );
        }
        if ($why === []) {
            return null;
        }

        return new self(
            self::grams($least),
            self::grams($most),
            [...$why, Fact::of('why.placed-amount.better-than-any-table-what')],
        );
    }

    /**
     * What the counted foils leave: hair that takes its mixture in a foil is not between them. Half, where nobody has counted
     * them; a tenth is always left.
     *
     * @param  Fraction  $whole  centigrams that all the hair there would take
     * @param  list<PlacedBowl>  $bowls
     */
    private static function leftBetween(Stroke $between, Fraction $whole, Canvas $canvas, array $bowls): Fraction
    {
        $inFoils = Fraction::zero();
        [$resistant, $regrowth] = self::atRoot($canvas);
        foreach ($bowls as $bowl) {
            foreach ($bowl->sheet->strokes as $stroke) {
                $foils = $stroke->foils ?? $stroke->pattern?->foils() ?? 0;
                $here = array_uintersect(
                    $stroke->regions(),
                    $between->regions(),
                    static fn (Region $one, Region $other): int => $one->value <=> $other->value,
                );
                if ($stroke->method?->usesFoils() !== true || $foils === 0 || $here === []) {
                    continue;
                }
                $takes = AmountAdvice::start(Job::Foils, $canvas->density(), $canvas->length(), $resistant, $regrowth, $foils)->most;
                $inFoils = $inFoils->plus($takes->exactly()->times(Fraction::of(
                    array_sum(array_map(static fn (Region $region): int => $region->hundredths(), $here)),
                    array_sum(array_map(static fn (Region $region): int => $region->hundredths(), $stroke->regions())),
                )));
            }
        }
        if ($inFoils->isZero() || $whole->isZero()) {
            return Number::WeaveTakes->value();
        }
        $left = Fraction::one()->minus($inFoils->dividedBy($whole));
        $least = Number::BetweenLeast->value();

        return $left->compare($least) < 0 ? $least : $left;
    }

    private static function job(Stroke $stroke, PlacedBowl $bowl): Job
    {
        $spans = $stroke->spans();
        $atRoot = ! in_array(Span::Mids, $spans, true) && ! in_array(Span::Ends, $spans, true);

        return match (true) {
            $stroke->method?->usesFoils() === true => Job::Foils,
            in_array($stroke->method, [Method::Gloss, Method::Filler, Method::Protect], true) => Job::Gloss,
            $stroke->method === Method::RootShadow => Job::RootShadow,
            // A glaze on the lengths is no global colour, whether somebody said “gloss” or not.
            $bowl->line->kind === LineKind::Demi && $stroke->method === null && ! $atRoot => Job::Gloss,
            $atRoot => Job::Regrowth,
            default => Job::Whole,
        };
    }

    private static function jobWords(Job $job, int $foils): Fact
    {
        return match ($job) {
            Job::Regrowth => Fact::of('why.placed-amount.whole-regrowth'),
            Job::Whole => Fact::of('why.placed-amount.whole-head'),
            Job::Gloss => Fact::of('why.placed-amount.gloss-all-over'),
            Job::RootShadow => Fact::of('why.placed-amount.whole-root-shadow'),
            Job::Foils => Fact::of('why.placed-amount.foils', foils: $foils),
        };
    }

    /** @return array{Grams, Grams} */
    private static function mixtureOf(AmountAdvice $whole, PlacedBowl $bowl): array
    {
        $ratio = $bowl->sheet->ratio;
        if (! $whole->ofColour || $ratio === null) {
            return [$whole->least, $whole->most];
        }
        $times = Fraction::one()->dividedBy($ratio->shareOfMixture(0));

        return [
            self::grams($whole->least->exactly()->times($times)),
            self::grams($whole->most->exactly()->times($times)),
        ];
    }

    private static function head(Stroke $stroke): Fraction
    {
        return Fraction::of(
            array_sum(array_map(static fn (Region $region): int => $region->hundredths(), $stroke->regions())),
            100,
        );
    }

    /** A job at the root covers root and regrowth by itself; others take their spans' part of the strand. */
    private static function strand(Stroke $stroke, Job $job): Fraction
    {
        if ($job === Job::Regrowth || $job === Job::RootShadow) {
            return Fraction::one();
        }

        return Fraction::of(
            array_sum(array_map(static fn (Span $span): int => $span->hundredths(), $stroke->spans())),
            100,
        );
    }

    /** @return array{bool, Fraction} resistant grey, and the centimetres grown out */
    private static function atRoot(Canvas $canvas): array
    {
        $resistant = false;
        $regrowth = Fraction::of(2);
        foreach ($canvas->zones as $zone) {
            $resistant = $resistant || $zone->resistant;
            $regrowth = $zone->regrowth !== null && $zone->regrowth->compare($regrowth) > 0
                ? $zone->regrowth
                : $regrowth;
        }

        return [$resistant, $regrowth];
    }

    private static function grams(Fraction $centigrams): Grams
    {
        return Grams::ofCentigrams($centigrams->rounded(100, Rounding::HalfUp));
    }
}
