<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Advice\AmountAdvice;
use Core\Advice\Job;
use Core\Fact;
use Core\Hair\Canvas;
use Core\Hair\Method;
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
     * Null where nothing is painted yet. What is taken through in the last minutes comes from the root, with water: it
     * asks for nothing more.
     *
     * @param  ?list<Strand>  $head  the strands of the whole head under all bowls of the visit; null where it stands
     *     alone
     */
    public static function of(PlacedBowl $bowl, Canvas $canvas, ?array $head = null): ?self
    {
        $head ??= Strands::ofHead([$bowl]);
        $least = $most = Fraction::zero();
        $why = [];
        [$resistant, $regrowth] = self::atRoot($canvas);
        foreach ($bowl->strokes as $stroke) {
            if ($stroke->lastMinutes !== null) {
                continue;
            }
            $job = self::job($stroke, $bowl);
            $foils = $stroke->foils ?? $stroke->pattern?->foils() ?? 0;
            if ($job === Job::Foils && $foils === 0) {
                $job = Job::Whole;
            }
            $whole = AmountAdvice::start(
                job: $job,
                density: $canvas->density(),
                length: $canvas->length(),
                resistantGrey: $resistant,
                regrowth: $regrowth,
                foils: $foils,
            );
            $mixture = self::mixtureOf($whole, $bowl);
            $share = $job === Job::Foils ? self::ofFoils($stroke) : self::ofHair($stroke, $job, $bowl, $head);
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

    /** Counted foils are counted for the whole pattern. */
    private static function ofFoils(Stroke $stroke): Fraction
    {
        return $stroke->pattern === null || $stroke->with === []
            ? Fraction::one()
            : $stroke->pattern->shares(count($stroke->with) + 1)[0];
    }

    /**
     * The part of what the whole job would take: the hair that it lies on, as the outlook divides it. A job at the root
     * covers root and regrowth by itself; others take their part of the strand.
     *
     * @param  list<Strand>  $head
     */
    private static function ofHair(Stroke $stroke, Job $job, PlacedBowl $bowl, array $head): Fraction
    {
        $spans = $job === Job::Regrowth || $job === Job::RootShadow ? $stroke->spans() : Span::cases();
        $whole = Fraction::of(array_sum(array_map(static fn (Span $span): int => $span->hundredths(), $spans)), 100);
        $words = $stroke->words();
        $lies = Fraction::zero();
        foreach ($head as $strand) {
            foreach ($strand->laid as $laid) {
                if ($laid['bowl']->sheet->letter === $bowl->sheet->letter && $laid['stroke']->words() === $words) {
                    $lies = $lies->plus($strand->share);
                }
            }
        }

        return $lies->dividedBy($whole);
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

    /** @return array{bool, Fraction} resistant grey, and the centimetres grown out */
    private static function atRoot(Canvas $canvas): array
    {
        $resistant = false;
        $regrowth = Number::UsualRegrowth->value();
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
