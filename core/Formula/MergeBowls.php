<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\CoreException;
use Core\Hair\Stroke;
use Core\Shelf\Shelf;
use Core\Units\Amount;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\ScaleStep;
use Core\Units\Share;

/**
 * Two bowls mixed as one: every product in the grams it had in both. Where both were the same formula it stays that
 * formula, made for both jobs; else the grams of each product say it. Words, place and clock are the first bowl's, with
 * the other's strokes and note beside them.
 */
final readonly class MergeBowls
{
    private const LONGEST_JOB = 80;

    private function __construct(private RewriteBowl $one, private RewriteBowl $other)
    {
    }

    /** @throws CoreException where they cannot be one bowl, or their grams are not known */
    public static function of(BowlSheet $one, BowlSheet $other, Shelf $shelf, ScaleStep $step): BowlSheet
    {
        if ($one->line !== $other->line) {
            throw UnworkableBowl::twoLines(
                $shelf->line($one->line)->name ?? $one->line,
                $shelf->line($other->line)->name ?? $other->line,
            );
        }
        $self = new self(new RewriteBowl($one, $shelf, $step), new RewriteBowl($other, $shelf, $step));
        $merged = ComposeBowl::of($self->around($self->isOneFormula() ? $self->forBoth() : $self->inGrams()), $shelf);
        $merged->known($step);

        return $merged;
    }

    /** Whether they differ in nothing but how much of it there is. */
    private function isOneFormula(): bool
    {
        [$one, $other] = [$this->one->sheet, $this->other->sheet];
        $added = $one->extras !== [] || $other->extras !== [] || $one->additives !== [] || $other->additives !== [];
        if (
            $added
            || $one->ratio === null
            || $other->ratio === null
            || ! $one->ratio->equals($other->ratio)
            || count($one->entries) !== count($other->entries)
        ) {
            return false;
        }
        foreach (array_keys($one->entries) as $part) {
            if ($this->one->saysAnyGrams($part) || $this->other->saysAnyGrams($part)) {
                return false;
            }
            try {
                [$mine, $theirs] = [self::written($this->one, $part), self::written($this->other, $part)];
            } catch (UnworkableBowl) {
                return false;
            }
            foreach ($mine + $theirs as $product => $share) {
                if (! isset($mine[$product], $theirs[$product]) || ! $mine[$product]->equals($theirs[$product])) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * The shares of a part as they are written, before the scale rounds its grams.
     *
     * @return array<string, Fraction> by product
     */
    private static function written(RewriteBowl $bowl, int $part): array
    {
        $found = [];
        $known = $bowl->sheet->bowl->parts[$part] ?? null;
        if ($known === null) {
            return $bowl->shares($part);
        }
        foreach ($known->shares->split(Fraction::one()) as $at => $share) {
            $key = $known->ingredients[$at]->key;
            $found[$key] = ($found[$key] ?? Fraction::zero())->plus($share);
        }

        return $found;
    }

    private function forBoth(): BowlDraft
    {
        [$mine, $theirs] = [$this->one->known->total->grams(), $this->other->known->total->grams()];
        if ($mine === null || $theirs === null) {
            // Two proportions are one proportion; with one of them weighed, how much both are is not known.
            return $mine === null && $theirs === null
                ? $this->one->sheet->draft
                : throw UnworkableBowl::gramsForMerging(
                    $mine === null ? $this->one->sheet->letter : $this->other->sheet->letter,
                );
        }
        $uses = static fn (BowlSheet $sheet, Grams $total): array => $sheet->uses !== []
            ? $sheet->uses
            : [new BowlUse($sheet->job, $total)];

        return $this->one->sheet->draft->with(
            amount: BowlAmount::total($mine->plus($theirs)),
            uses: [...$uses($this->one->sheet, $mine), ...$uses($this->other->sheet, $theirs)],
        );
    }

    private function inGrams(): BowlDraft
    {
        $entries = [];
        foreach (array_keys($this->one->sheet->entries + $this->other->sheet->entries) as $part) {
            $grams = $this->grams($part);
            $entries[] = array_map(
                fn (int|string $product): Entry => $this->entry(
                    $part,
                    (string) $product,
                )->withPortion(Share::fixed($grams[$product])),
                array_keys($grams),
            );
        }
        $parts = array_map(fn (int $part): int => Grams::sum($this->grams($part))->centigrams, array_keys($entries));

        return $this->one->sheet->draft->with(
            entries: $entries,
            amount: BowlAmount::shares(),
            ratio: count($parts) === 1 ? MixRatio::withoutDeveloper() : MixRatio::of(...$parts),
            additives: $this->additives(), extras: $this->extras(), uses: [],
        );
    }

    /** @return non-empty-array<string, Grams> of one part of both, by product */
    private function grams(int $part): array
    {
        $sums = [];
        foreach ([$this->one, $this->other] as $bowl) {
            foreach ($bowl->known->parts[$part]->lines ?? [] as $line) {
                if (! $line->isExtra()) {
                    $grams = $line->mass->grams() ?? throw UnworkableBowl::gramsForMerging($bowl->sheet->letter);
                    $sums[$line->key] = ($sums[$line->key] ?? Grams::zero())->plus($grams);
                }
            }
        }

        return $sums === [] ? throw UnworkableBowl::nothing() : $sums;
    }

    /** What is said of a product in either, so that what was wanted and why is kept. */
    private function entry(int $part, string $product): Entry
    {
        foreach ([...$this->one->sheet->entries[$part] ?? [], ...$this->other->sheet->entries[$part] ?? []] as $entry) {
            if ($entry->product === $product) {
                return $entry;
            }
        }

        return new Entry(product: $product, portion: Share::rest());
    }

    /** @return list<array{product: string, dose: Dose|Amount}> */
    private function additives(): array
    {
        $sums = [];
        foreach ([$this->one, $this->other] as $bowl) {
            $named = array_map(static fn (Additive $each): string => $each->key, $bowl->sheet->additives);
            foreach ($bowl->known->beside as $line) {
                if (in_array($line->key, $named, true)) {
                    $grams = $line->mass->grams() ?? throw UnworkableBowl::gramsForMerging($bowl->sheet->letter);
                    $sums[$line->key] = ($sums[$line->key] ?? Grams::zero())->plus($grams);
                }
            }
        }

        return array_map(
            static fn (int|string $product, Grams $grams): array => [
                'product' => (string) $product,
                'dose' => Dose::perBowl($grams),
            ],
            array_keys($sums),
            $sums,
        );
    }

    /** @return list<Extra> the same product counts once, where it counts alike in both */
    private function extras(): array
    {
        $found = [];
        foreach ([...$this->one->sheet->extras, ...$this->other->sheet->extras] as $extra) {
            $same = $found[$extra->product->id] ?? null;
            if (
                $same !== null
                && ($same->counts !== $extra->counts || ! $same->amount->isKnown() || ! $extra->amount->isKnown())
            ) {
                throw UnworkableBowl::extraTwice($extra->product->label());
            }
            $found[$extra->product->id] = $same === null
                ? $extra
                : $same->withAmount(Amount::known($same->amount->least->plus($extra->amount->least)));
        }

        return array_values($found);
    }

    private function around(BowlDraft $merged): BowlDraft
    {
        [$one, $other] = [$this->one->sheet, $this->other->sheet];
        $jobs = array_values(array_unique(array_filter(
            [$one->job, $other->job],
            static fn (string $job): bool => $job !== '',
        )));

        return $merged->with(
            job: mb_substr(implode(' + ', $jobs), 0, self::LONGEST_JOB),
            strokes: array_map(
                static fn (Stroke $stroke): Stroke => $stroke->withoutBowl($one->letter)->withoutBowl($other->letter),
                [...$one->strokes, ...$other->strokes],
            ),
            details: $one->details->withoutBowl($other->letter),
            note: implode(
                "\n",
                array_filter([$one->note, $other->note], static fn (string $note): bool => $note !== ''),
            ),
        );
    }
}
