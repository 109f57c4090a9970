<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Formula\BowlSheet;
use Core\Formula\ExtraCounts;
use Core\Formula\KnownBowl;
use Core\Formula\KnownLine;
use Core\Formula\Mass;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Stroke;
use Core\Hair\Zone;
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

/**
 * The usual cautions: what is implausible or needs care in a bowl, and in a bowl on hair. What was typed is kept; the maker's
 * instructions and local rules come first. A caution fires on whatever is known: an unknown gram silences none.
 */
final class Cautions
{
    /** @return list<Caution> of the bowl by itself */
    public static function ofBowl(BowlSheet $sheet, KnownBowl $known, Line $line): array
    {
        return array_values(array_filter([
            self::implausibleRatio($known, $line),
            self::overTime($sheet->details->minutesMost ?? $sheet->minutes, $line),
            self::onScalp($known->developer ?? $known->onHead, array_filter($sheet->strokes, static fn (Stroke $stroke): bool => $stroke->touchesScalp()) !== []),
            self::hotRoots($sheet, $known, $line),
            $line->kind->needsSkinTest() && $known->developer !== null
                ? new Caution('skin-test', 'Oxidative colour.', 'Skin allergy test 48 hours before; follow the maker’s instructions and local rules.') : null,
            ...self::extras($sheet, $known),
            ...self::otherLines($sheet, $line),
            ...self::doubts($sheet, $known),
            ...self::rounded($sheet, $known),
        ]));
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
        $below = $developer->timesColour->most !== null && $developer->timesColour->most->compare($expected->times(Number::RatioFarBelow->value())) < 0;
        if (! $above && ! $below) {
            return null;
        }
        $colour = $known->parts[0]->mass;
        $usual = new Mass($colour->centigrams->times($expected), $colour->step);

        return new Caution(
            'implausible-ratio',
            $colour->isSaid() && $developer->mass->isSaid()
                ? "{$colour->show()} of colour with {$developer->mass->show()} of developer is far from {$line->name}’s {$line->ratio->show()}."
                : "{$known->ratio} is far from {$line->name}’s {$line->ratio->show()}.",
            $colour->isSaid() ? "At the line’s ratio it would be {$usual->show()} of developer. Is it meant so?" : 'Is it meant so?',
        );
    }

    /** @return list<Caution> of the minutes that were really on the hair; null before the rinse */
    public static function ofTime(?int $processed, Line $line): array
    {
        $over = self::overTime($processed, $line);

        return $over === null ? [] : [$over];
    }

    private static function overTime(?int $minutes, Line $line): ?Caution
    {
        return $minutes === null || $minutes <= $line->window['max'] ? null
            : new Caution('over-time', "{$minutes} minutes is beyond {$line->name}’s {$line->window['max']}.", 'Rinse by then; do not exceed the maker’s time.');
    }

    /** Where the strength is in doubt, its most counts. */
    private static function onScalp(?Bounds $volume, bool $touches): ?Caution
    {
        if ($volume === null || $volume->most === null || ! $touches || $volume->most->compare(Number::ScalpMost->value()) <= 0) {
            return null;
        }

        return new Caution('strong-on-scalp', "{$volume->show(0)} vol is placed at the root.", 'Never 40 vol on the scalp: keep it off, or take 20 vol or less.');
    }

    private static function hotRoots(BowlSheet $sheet, KnownBowl $known, Line $line): ?Caution
    {
        $onePass = array_filter($sheet->strokes, static fn (Stroke $stroke): bool => $stroke->touchesScalp() && $stroke->isOnePass()) !== [];
        if (! $onePass || $line->kind->depositsOnly() || $known->developer?->most === null || $known->developer->most->compare(Number::LiftsFrom->value()) < 0) {
            return null;
        }

        return new Caution('hot-roots', 'It lifts, and runs from scalp to ends in one pass: the first centimetre lifts more and warmer.', 'Give the root its own bowl, half a level to a level deeper or a strength lower.');
    }

    /** @return list<Caution> two lines in one bowl: weighed and kept, and neither maker speaks for it */
    private static function otherLines(BowlSheet $sheet, Line $line): array
    {
        $found = [];
        foreach ($sheet->products() as $product) {
            if ($product->line !== '' && $product->line !== $line->id && $product->kind !== ProductKind::Mixture) {
                $found[$product->id] = new Caution('other-line', "{$product->label()} is not {$line->name}.", 'Two lines in one bowl: neither maker’s instructions hold for it. Test a strand, and test the skin for both.');
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
            $inside = $colour === null || $developer === null ? '' : '1:'.Fraction::of($developer->centigrams, $colour->plus($extra->amount->least)->centigrams)->decimal(2);
            $found[] = new Caution(
                'inside-or-on-top',
                $inside === '' ? "{$extra->amount->show()} of {$extra->product->label()} is not said to be inside the ratio or on top."
                    : "{$extra->amount->show()} of {$extra->product->label()}: inside the ratio it makes {$inside}; on top it leaves {$known->ratio}. In all {$known->total->show()}.",
                'Say which: inside or on top.',
            );
        }

        return $found;
    }

    /** @return list<Caution> what is not known, and what is in doubt */
    private static function doubts(BowlSheet $sheet, KnownBowl $known): array
    {
        $found = [];
        foreach ($known->lines() as $line) {
            if ($line->isOpen) {
                $derived = $line->mass->grams() === null ? '' : ", by the rest {$line->mass->show()}";
                $found[] = new Caution('not-known', "{$line->label}: {$line->said}{$derived}.", 'Weigh the bowl before and after, and write the grams.');
            }
        }
        foreach (array_merge(...$sheet->filled) as $entry) {
            if ($entry->entry->doubt || ! $entry->isOneProduct() || $entry->entry->words !== '') {
                $found[] = new Caution('in-doubt', "{$entry->label()}: it is not sure that it was this.", 'It is kept and warned about as said; correct it when you know.');
            }
        }
        foreach ($sheet->products() as $product) {
            if ($product->kind === ProductKind::Shade && $product->pigment === null && ! str_starts_with($product->id, Product::UNNAMED)) {
                $found[] = new Caution('no-pigment', "{$product->label()}: its level and tone are not known.", 'It is weighed as it is; give its level and tone on the shelf.');
            }
        }
        if ($sheet->ratio === null) {
            $found[] = new Caution('ratio-not-known', 'The ratio is not known.', 'Weigh the parts, or write the ratio.');
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
                $grams = $portion instanceof Share && $portion->kind === ShareKind::Fixed && $filled->entry->blend === '' ? $portion->grams() : null;
                $worked = array_values(array_filter($known->lines(), static fn (KnownLine $line): bool => $line->key === $filled->products[0]['product']->id))[0] ?? null;
                $weighed = $worked?->mass->grams();
                if ($grams !== null && $weighed !== null && ! $weighed->equals($grams)) {
                    $gap = Grams::ofCentigrams(abs($weighed->centigrams - $grams->centigrams));
                    $found[] = new Caution('rounded', "{$grams->text()} of {$filled->label()} is weighed as {$worked->mass->show()}: the scale’s step makes it {$gap->text()} ".($weighed->isMoreThan($grams) ? 'more.' : 'less.'), 'Nothing to do; the record says what is poured.');
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
            $found[] = new Caution('overlap', 'Lightener would overlap hair that is already lightened.', 'Leave that hair out, or check its elasticity and go no further than it allows.');
        }
        if ($process->kind !== LineKind::Lightener && $zone->history === HairHistory::Lightened && $volume->compare(Number::DepositsUpTo->value()) > 0) {
            $found[] = new Caution('strong-on-light', "{$volume->decimal(0)} vol on hair already lightened.", 'Take 10 vol or less: it needs depositing, not lifting.');
        }
        if ($zone->history === HairHistory::Unknown && $process->kind->isOxidative()) {
            $found[] = new Caution('unknown-dye', 'Unknown home or plant dye can react with peroxide: heat and breakage.', 'Test one strand first.');
        }
        if ($process->minutes > $process->window['max']) {
            $found[] = new Caution('over-time', "{$process->minutes} minutes is beyond the line’s {$process->window['max']}.", 'Rinse by then; do not exceed the maker’s time.');
        }
        if ($process->onePass && $lifts->compare(Number::HotRootLift->value()) >= 0) {
            $found[] = new Caution('hot-roots', 'A bowl that lifts, from scalp to ends in one pass: the first centimetre lifts up to a level more and warmer.', 'Give the root its own bowl, half a level to a level deeper or a strength lower; or mids first, roots later.');
        }
        if ($zone->porosity === Porosity::High && ! $lifts->isNegative() && $process->mix?->intensity->isZero() === false) {
            $found[] = new Caution('porous', 'Porous hair grabs colour.', 'Shorter, or with more clear.');
        }

        if ($zone->banded) {
            $found[] = new Caution('bands', 'A band of another level will come out as a band.', 'Give the band its own bowl, or a blending pass.');
        }

        return $found;
    }
}
