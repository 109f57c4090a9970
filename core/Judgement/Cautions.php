<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Fact;
use Core\Formula\BowlSheet;
use Core\Formula\ExtraCounts;
use Core\Formula\HeatPhase;
use Core\Formula\KnownBowl;
use Core\Formula\KnownLine;
use Core\Formula\Mass;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Stroke;
use Core\Hair\Zone;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Share;
use Core\Units\ShareKind;
use Core\Units\Strength;

/**
 * The usual cautions: what is implausible or needs care in a bowl, and in a bowl on hair. What was typed is kept; the
 * maker's instructions and local rules come first. A caution fires on whatever is known: an unknown gram silences none.
 */
final class Cautions
{
    /** @return list<Caution> of the bowl by itself */
    public static function ofBowl(BowlSheet $sheet, KnownBowl $known, Line $line): array
    {
        return self::unlessMeant($sheet, array_values(array_filter([
            self::implausibleRatio($known, $line),
            self::overTime($sheet->details->minutesMost ?? $sheet->minutes, $line, self::strength($known)),
            self::heated($sheet, $line),
            self::onScalp(
                $known->developer ?? $known->onHead,
                array_filter($sheet->strokes, static fn (Stroke $stroke): bool => $stroke->touchesScalp()) !== [],
            ),
            self::hotRoots($sheet, $known, $line),
            $line->kind->needsSkinTest() && $known->developer !== null
                ? new Caution('skin-test', Fact::of('cautions.skin-test')) : null,
            ...self::extras($sheet, $known),
            ...self::otherLines($sheet, $line),
            ...self::doubts($sheet, $known),
            ...self::rounded($sheet, $known),
        ])));
    }

    /**
     * Without those to which somebody has said that it is meant so.
     *
     * @param  list<Caution>  $cautions
     * @return list<Caution>
     */
    public static function unlessMeant(BowlSheet $sheet, array $cautions): array
    {
        return array_values(array_filter(
            $cautions,
            static fn (Caution $caution): bool => ! $caution->asks() || ! in_array(
                $caution->key,
                $sheet->details->meant,
                true,
            ),
        ));
    }

    private static function implausibleRatio(KnownBowl $known, Line $line): ?Caution
    {
        $developer = $known->parts[$line->developerPart()] ?? null;
        if (! $line->ratio->hasDeveloper() || $developer?->timesColour === null) {
            return null;
        }
        $expected = $line->ratio->timesColour($line->developerPart());
        // A half more or a third less than the line's own: a wish, or a slip of the pen. Asked, never changed.
        $above = $developer->timesColour->isSurelyAbove($expected->times(Number::RatioFarAbove->value()));
        $below = $developer->timesColour->most !== null && $developer->timesColour->most->compare(
            $expected->times(Number::RatioFarBelow->value()),
        ) < 0;
        if (! $above && ! $below) {
            return null;
        }
        $colour = $known->parts[0]->mass;
        $usual = new Mass($colour->centigrams->times($expected), $colour->step);

        return new Caution('implausible-ratio', match (true) {
            ! $colour->isSaid() => Fact::of(
                'cautions.implausible-ratio-only',
                ratio: $known->ratio,
                line: $line->name,
                usual: $line->ratio->show(),
            ),
            ! $developer->mass->isSaid() => Fact::of(
                'cautions.implausible-ratio-half',
                ratio: $known->ratio,
                would: $usual->show(),
                line: $line->name,
                usual: $line->ratio->show(),
            ),
            default => Fact::of(
                'cautions.implausible-ratio',
                colour: $colour->show(),
                developer: $developer->mass->show(),
                would: $usual->show(),
                line: $line->name,
                usual: $line->ratio->show(),
            ),
        });
    }

    /**
     * Of the minutes that were really on the hair. Lightener works from the first touch: its first strand counts.
     *
     * @param  ?int  $processed  minutes from the clock's start to the rinse; null before
     * @param  ?int  $longest  minutes of the first strand
     * @return list<Caution>
     */
    public static function ofTime(?int $processed, Line $line, ?Strength $strength, ?int $longest = null): array
    {
        $over = self::overTime(
            $line->kind === LineKind::Lightener ? ($longest ?? $processed) : $processed,
            $line,
            $strength,
        );

        return $over === null ? [] : [$over];
    }

    private static function overTime(?int $minutes, Line $line, ?Strength $strength): ?Caution
    {
        $max = $line->windowAt($strength)['max'];

        return $minutes === null || $minutes <= $max ? null : new Caution('over-time', $line->stops === true
            ? Fact::of('cautions.over-time-stops', minutes: $minutes, line: $line->name, max: $max)
            : Fact::of('cautions.over-time', minutes: $minutes, line: $line->name, max: $max));
    }

    private static function heated(BowlSheet $sheet, Line $line): ?Caution
    {
        $heated = array_filter($sheet->details->heat, static fn (HeatPhase $phase): bool => $phase->with) !== [];

        return $heated && $line->heat === false
            ? new Caution('heated', Fact::of('cautions.heated', line: $line->name))
            : null;
    }

    /** Its developer's, where that is known. */
    public static function strength(KnownBowl $known): ?Strength
    {
        $volume = ($known->developer ?? $known->onHead)?->value();

        return $volume === null || $volume->isZero() ? null : Strength::ofVolume($volume);
    }

    /** Where the strength is in doubt, its most counts. */
    private static function onScalp(?Bounds $volume, bool $touches): ?Caution
    {
        if (
            $volume === null
            || $volume->most === null
            || ! $touches
            || $volume->most->compare(Number::ScalpMost->value()) <= 0
        ) {
            return null;
        }

        return new Caution('strong-on-scalp', Fact::of('cautions.strong-on-scalp', volume: $volume->show(0)));
    }

    private static function hotRoots(BowlSheet $sheet, KnownBowl $known, Line $line): ?Caution
    {
        $onePass = array_filter(
            $sheet->strokes,
            static fn (Stroke $stroke): bool => $stroke->touchesScalp() && $stroke->isOnePass(),
        ) !== [];
        if (
            ! $onePass
            || $line->kind->depositsOnly()
            || $known->developer?->most === null
            || $known->developer->most->compare(Number::LiftsFrom->value()) < 0
            || $line->lift->levelsAt(
                Strength::ofVolume($known->developer->most),
            )->compare(Number::HotRootLift->value()) < 0
        ) {
            return null;
        }

        return new Caution('hot-roots', Fact::of('cautions.hot-roots'));
    }

    /** @return list<Caution> two lines in one bowl: weighed and kept, and neither maker speaks for it */
    private static function otherLines(BowlSheet $sheet, Line $line): array
    {
        $found = [];
        foreach ($sheet->products() as $product) {
            if ($product->line !== '' && $product->line !== $line->id && $product->kind !== ProductKind::Mixture) {
                $found[$product->id] = new Caution(
                    'other-line',
                    Fact::of('cautions.other-line', product: $product->label(), line: $line->name),
                );
            }
        }

        return array_values($found);
    }

    /** @return list<Caution> extras of which nobody said whether they count in the ratio */
    private static function extras(BowlSheet $sheet, KnownBowl $known): array
    {
        $found = [];
        foreach ($sheet->extras as $extra) {
            if ($extra->counts !== ExtraCounts::NotSaid || ! $extra->amount->isKnown()) {
                continue;
            }
            $colour = $known->parts[0]->mass->grams();
            $developer = ($known->parts[$sheet->developerPart] ?? null)?->mass->grams();
            $inside = $colour === null || $developer === null ? '' : '1:'.Fraction::of(
                $developer->centigrams,
                $colour->plus($extra->amount->least)->centigrams,
            )->decimal(2);
            $found[] = new Caution('inside-or-on-top', $inside === ''
                ? Fact::of(
                    'cautions.inside-or-on-top',
                    amount: $extra->amount->show(),
                    product: $extra->product->label(),
                )
                : Fact::of(
                    'cautions.inside-or-on-top-both',
                    amount: $extra->amount->show(),
                    product: $extra->product->label(),
                    inside: $inside,
                    top: $known->ratio,
                    total: $known->total->show(),
                ));
        }

        return $found;
    }

    /** @return list<Caution> what is not known, and what is in doubt */
    private static function doubts(BowlSheet $sheet, KnownBowl $known): array
    {
        $found = [];
        foreach ($known->lines() as $line) {
            if ($line->isOpen) {
                $found[] = new Caution('not-known', $line->mass->grams() === null
                    ? Fact::of('cautions.not-known', line: $line->label, said: $line->said)
                    : Fact::of(
                        'cautions.not-known-by-the-rest',
                        line: $line->label,
                        said: $line->said,
                        grams: $line->mass->show(),
                    ));
            }
        }
        foreach (array_merge(...$sheet->filled) as $entry) {
            if ($entry->entry->doubt || ! $entry->isOneProduct() || $entry->entry->words !== '') {
                $found[] = new Caution('in-doubt', Fact::of('cautions.in-doubt', product: $entry->label()));
            }
        }
        foreach ($sheet->products() as $product) {
            if (
                $product->kind === ProductKind::Shade
                && $product->pigment === null
                && ! str_starts_with($product->id, Product::UNNAMED)
            ) {
                $found[] = new Caution('no-pigment', Fact::of('cautions.no-pigment', product: $product->label()));
            }
        }
        foreach ($sheet->products() as $product) {
            if ($product->kind === ProductKind::Developer && $product->volume !== null) {
                $found[] = new Caution('strength-not-known', Fact::of(
                    'cautions.strength-not-known',
                    product: $product->label(),
                    volume: Strength::words($product->volume),
                ));
            }
        }
        if ($sheet->ratio === null) {
            $found[] = new Caution('ratio-not-known', Fact::of('cautions.ratio-not-known'));
        }

        return $found;
    }

    /** @return list<Caution> grams that the scale cannot show are weighed to its step, and that is said */
    private static function rounded(BowlSheet $sheet, KnownBowl $known): array
    {
        $found = [];
        foreach ($known->worked === null ? [] : $sheet->filled as $entries) {
            foreach ($entries as $filled) {
                $portion = $filled->portion();
                $grams = $portion instanceof Share
                    && $portion->kind === ShareKind::Fixed
                    && $filled->entry->blend === ''
                    ? $portion->grams()
                    : null;
                $worked = array_values(array_filter(
                    $known->lines(),
                    static fn (KnownLine $line): bool => $line->key === $filled->products[0]['product']->id,
                ))[0] ?? null;
                $weighed = $worked?->mass->grams();
                if ($grams !== null && $weighed !== null && ! $weighed->equals($grams)) {
                    $gap = Grams::ofCentigrams(abs($weighed->centigrams - $grams->centigrams));
                    $found[] = new Caution(
                        'rounded',
                        Fact::of(
                            $weighed->isMoreThan($grams) ? 'cautions.rounded-up' : 'cautions.rounded-down',
                            grams: $grams->text(),
                            product: $filled->label(),
                            weighed: $worked->mass->show(),
                            gap: $gap->text(),
                        ),
                    );
                }
            }
        }

        return $found;
    }

    /**
     * @param  Fraction  $lifts  levels
     * @return list<Caution>
     */
    public static function of(Zone $zone, Process $process, Fraction $lifts): array
    {
        $volume = $process->strength->volume ?? Fraction::zero();
        $found = [];
        $strong = self::onScalp($process->strength === null ? null : Bounds::exactly($volume), $process->onScalp);
        if ($strong !== null) {
            $found[] = $strong;
        }
        if ($process->kind === LineKind::Lightener && $zone->history === HairHistory::Lightened) {
            $found[] = new Caution('overlap', Fact::of('cautions.overlap'));
        }
        if (
            $process->kind !== LineKind::Lightener
            && $zone->history === HairHistory::Lightened
            && $volume->compare(Number::DepositsUpTo->value()) > 0
            // Grey wants 20 vol: what is advised for it is not warned of.
            && $zone->grey < HouseRules::standard()->grey->none
        ) {
            $found[] = new Caution(
                'strong-on-light',
                Fact::of('cautions.strong-on-light', volume: $volume->decimal(0)),
            );
        }
        if ($zone->history === HairHistory::Unknown && $process->kind->isOxidative()) {
            $found[] = new Caution('unknown-dye', Fact::of('cautions.unknown-dye'));
        }
        if ($process->minutes > $process->window['max']) {
            $found[] = new Caution(
                'over-time',
                Fact::of('cautions.over-time-2', minutes: $process->minutes, max: $process->window['max']),
            );
        }
        if ($process->onePass && $lifts->compare(Number::HotRootLift->value()) >= 0) {
            $found[] = new Caution('hot-roots', Fact::of('cautions.hot-roots-2'));
        }
        if (
            $zone->porosity === Porosity::High
            && ! $lifts->isNegative()
            && $process->mix?->intensity->isZero() === false
        ) {
            $found[] = new Caution('porous', Fact::of('cautions.porous'));
        }

        if ($zone->banded) {
            $found[] = new Caution('bands', Fact::of('cautions.bands'));
        }

        return $found;
    }
}
