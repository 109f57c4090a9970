<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Advice\AmountAdvice;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Formula\ScaleBowl;
use Core\Hair\Span;
use Core\Practice\HouseRules;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;
use Core\Units\StrengthBlend;

/**
 * The same bowl, with what must differ today worked out and said: what was poured freely becomes its formula, withdrawn
 * shades get their nearest blend and withdrawn strengths theirs, and the amount follows what was really used and has
 * grown out since. Every difference keeps its reason and can be taken back.
 */
final class RepeatBowl
{
    /** @var list<Difference> */
    private array $differences = [];

    private function __construct(private BowlSheet $sheet, private readonly Shelf $shelf, private readonly HouseRules $rules)
    {
    }

    /** @return array{sheet: BowlSheet, differences: list<Difference>} */
    public static function of(PastBowl $past, Shelf $shelf, HouseRules $rules): array
    {
        $self = new self($past->sheet, $shelf, $rules);
        $self->derived($past);
        $self->withdrawnShades();
        $self->withdrawnStrength();
        $self->used($past);
        $self->regrowth($past);
        if ($past->batches > 1) {
            $self->say('batches', "{$past->batches} batches were mixed last time", '', '', 'Plan the next one before this bowl is two thirds empty.');
        }

        return ['sheet' => $self->sheet, 'differences' => $self->differences];
    }

    private function derived(PastBowl $past): void
    {
        if ($past->poured === []) {
            return;
        }
        if ($past->sheet->bowl !== null) {
            $this->beside($past);

            return;
        }
        $derived = DeriveBowl::from($past->sheet, $past->poured, $this->shelf);
        $this->say('derived', 'What was poured by eye is now a formula', 'amounts not known', $derived->work($this->rules->step)->total()->text(), 'The scale recorded every gram.', $derived);
    }

    /** Something went in that was not planned: it is part of what came out well, so it is part of what is repeated. */
    private function beside(PastBowl $past): void
    {
        $added = array_filter($past->added, static fn (Grams $grams): bool => ! $grams->isZero());
        if ($added === []) {
            return;
        }
        $with = DeriveBowl::withAdded($past->sheet, $added, max(1, $past->batches), $this->shelf);
        $words = implode(', ', array_map(fn (string $id, Grams $grams): string => "{$grams->text()} {$this->shelf->product($id)?->label()}", array_map(strval(...), array_keys($added)), $added));
        $this->say('beside', 'Something went in beside the plan', 'not planned', $words, 'The scale recorded it, so it is mixed again.', $with);
    }

    private function withdrawnShades(): void
    {
        $line = $this->shelf->line($this->sheet->line);
        if ($this->sheet->bowl === null || $line === null) {
            return;
        }
        foreach ($this->sheet->work($this->rules->step)->parts[0]->ingredients as $each) {
            $product = $this->shelf->product($each->key);
            if ($product === null || ! $product->withdrawn || $product->pigment?->level === null) {
                continue;
            }
            try {
                ['blend' => $blend, 'sheet' => $changed] = StandIns::for($this->sheet, $product->id, 'not to be had any more', $this->shelf, $this->rules)[0];
                $differs = $blend->differs === [] ? 'The nearest blend of its line.' : ucfirst($blend->differsInWords()).'.';
                // A level away is another colour: that is for a colourist to take or to leave.
                $near = $blend->distance->compare(Fraction::one()) <= 0;
                $this->say('substitute', "{$product->label()} is not to be had any more", $product->label(), $near ? $blend->words() : '', $near ? $differs : "Nothing comes near; the nearest is {$blend->words()}: ".lcfirst($differs), $near ? $changed : null);
            } catch (CoreException $refusal) {
                $this->say('substitute', "{$product->label()} is not to be had any more", $product->label(), '', $refusal->getMessage());
            }
        }
    }

    private function withdrawnStrength(): void
    {
        $line = $this->shelf->line($this->sheet->line);
        if ($this->sheet->bowl === null || $line === null || ! isset($this->sheet->entries[$this->sheet->developerPart])) {
            return;
        }
        $missing = array_filter($this->sheet->entries[$this->sheet->developerPart], fn (Entry $entry): bool => $this->shelf->product($entry->product)?->withdrawn === true);
        $strength = $this->sheet->work($this->rules->step)->developerStrength();
        if ($missing === [] || $strength === null) {
            return;
        }
        try {
            $changed = ApplyChange::to($this->sheet, new Change(ChangeKind::Strength, $this->sheet->letter, "{$strength->volume->decimal(2)} vol"), $this->shelf, $this->rules);
            $blend = StrengthBlend::toReach($strength, array_map(static fn (Product $each): Strength => $each->strength ?? $strength, $this->shelf->developersOf($line)));
            $words = implode(' and ', array_map(static fn (array $share): string => $share['share']->times(Fraction::of(100))->decimal(1)." % {$share['strength']->showVolume()}", $blend->shares));
            $this->say('strength', "{$strength->showVolume()} is not to be had any more", $strength->showVolume(), $words, 'The same strength from what is on the shelf.', $changed);
        } catch (CoreException $refusal) {
            $this->say('strength', "{$strength->showVolume()} is not to be had any more", $strength->showVolume(), '', $refusal->getMessage());
        }
    }

    private function used(PastBowl $past): void
    {
        if ($past->uses === [] || $this->sheet->bowl === null) {
            return;
        }
        $advice = AmountAdvice::fromOwn($past->uses, $this->rules);
        $planned = $this->sheet->work($this->rules->step)->parts[0]->total;
        foreach ($advice->alarms as $alarm) {
            $this->say('drift', $alarm, $planned->text(), $advice->most->text(), 'Skimping shows as patches.');
        }
        // A miss of the hand is no wish; only what the rules work out moves the plan.
        $step = $past->uses[count($past->uses) - 1]->colour;
        if ($advice->most->equals($step) || $planned->isZero() || $advice->most->equals($planned)) {
            return;
        }
        $scaled = ScaleBowl::by($this->sheet, Fraction::of($advice->most->centigrams, $step->centigrams), $this->shelf, $this->rules->step);
        $this->say('amount', 'The amount follows what was really used', "{$planned->text()} colour", "{$scaled->work($this->rules->step)->parts[0]->total->text()} colour", implode(' ', $advice->why), $scaled);
    }

    /** Up to 2 cm a regrowth takes the same; beyond, it takes as much more as it is longer. */
    private function regrowth(PastBowl $past): void
    {
        $spans = $this->sheet->placement()->spans;
        $atRoot = $spans !== [] && ! in_array(Span::Mids, $spans, true) && ! in_array(Span::Ends, $spans, true);
        if (! $atRoot || $past->regrowthThen === null || $past->regrowthNow === null || $this->sheet->bowl === null) {
            return;
        }
        $two = Fraction::of(2);
        $then = $past->regrowthThen->compare($two) > 0 ? $past->regrowthThen : $two;
        $now = $past->regrowthNow->compare($two) > 0 ? $past->regrowthNow : $two;
        if ($then->equals($now)) {
            return;
        }
        $planned = $this->sheet->work($this->rules->step)->parts[0]->total;
        $scaled = ScaleBowl::by($this->sheet, $now->dividedBy($then), $this->shelf, $this->rules->step);
        $this->say(
            'regrowth', 'The amount follows the regrowth', "{$planned->text()} colour", "{$scaled->work($this->rules->step)->parts[0]->total->text()} colour",
            "{$past->regrowthThen->decimal(1)} cm then, {$past->regrowthNow->decimal(1)} cm now.", $scaled,
        );
    }

    /** @param  ?BowlSheet  $changed  the bowl with it; null where it is only said */
    private function say(string $key, string $words, string $before, string $after, string $reason, ?BowlSheet $changed = null): void
    {
        $this->differences[] = new Difference($this->sheet->letter, $key, $words, $before, $after, $reason, $changed !== null, $changed === null ? null : $this->sheet, $changed);
        $this->sheet = $changed ?? $this->sheet;
    }
}
