<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Advice\AmountAdvice;
use Core\CoreException;
use Core\Fact;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Formula\ScaleBowl;
use Core\Hair\Method;
use Core\Hair\Span;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\LineKind;
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
    /** Why a shade stands in for another, as the record keeps it beside the shade. */
    private const GONE = 'not to be had any more';

    /** @var list<Difference> */
    private array $differences = [];

    private function __construct(
        private BowlSheet $sheet,
        private readonly Shelf $shelf,
        private readonly HouseRules $rules,
    ) {
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

        return ['sheet' => $self->sheet, 'differences' => $self->differences];
    }

    private function derived(PastBowl $past): void
    {
        if ($past->poured === []) {
            return;
        }
        $known = $past->sheet->bowl !== null;
        if ($known && $past->followsPlan && $past->batches < 2) {
            $this->beside($past);

            return;
        }
        // Several batches were one bowl: the next is planned as their sum.
        $derived = DeriveBowl::from($past->sheet, $past->poured, $this->shelf);
        $this->say(
            key: match (true) {
                $past->batches > 1 => 'batches',
                $known => 'poured',
                default => 'derived',
            },
            words: match (true) {
                $past->batches > 1 => Fact::of('why.repeat-bowl.batches-were-mixed-last-time', batches: $past->batches),
                $known => Fact::of('why.repeat-bowl.what-was-poured'),
                default => Fact::of('why.repeat-bowl.what-was-poured-by-eye'),
            },
            before: $known
                ? $past->sheet->work($this->rules->step)->total()->text()
                : Fact::of('why.repeat-bowl.amounts-not-known'),
            after: $derived->work($this->rules->step)->total()->text(),
            reason: $past->batches > 1
                ? Fact::of('why.repeat-bowl.planned-as-sum', split: $past->split)
                : Fact::of('why.repeat-bowl.scale-recorded-every-gram'),
            changed: $derived,
        );
    }

    /** Something went in that was not planned: it is part of what came out well, so it is part of what is repeated. */
    private function beside(PastBowl $past): void
    {
        $added = array_filter($past->added, static fn (Grams $grams): bool => ! $grams->isZero());
        if ($added === []) {
            return;
        }
        $with = DeriveBowl::withAdded($past->sheet, $added, max(1, $past->batches), $this->shelf);
        $words = implode(
            ', ',
            array_map(
                fn (string $id, Grams $grams): string => "{$grams->text()} {$this->shelf->product($id)?->label()}",
                array_map(strval(...), array_keys($added)),
                $added,
            ),
        );
        $this->say(
            key: 'beside',
            words: Fact::of('why.repeat-bowl.something-went-beside-plan'),
            before: Fact::of('why.repeat-bowl.not-planned'),
            after: $words,
            reason: Fact::of('why.repeat-bowl.scale-recorded-so-mixed-again'),
            changed: $with,
        );
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
                ['blend' => $blend, 'sheet' => $changed] = StandIns::for(
                    $this->sheet,
                    $product->id,
                    self::GONE,
                    $this->shelf,
                    $this->rules,
                )[0];
                $differs = $blend->differs === [] ? Fact::of('why.repeat-bowl.nearest-blend-its-line') : Fact::of(
                    'why.repeat-bowl.differs',
                    differs: $blend->said(),
                );
                // A level away is another colour: that is for a colourist to take or to leave.
                $near = $blend->distance->compare(Fraction::one()) <= 0;
                $this->say(
                    key: 'substitute',
                    words: Fact::of('why.repeat-bowl.shade-gone', product: $product->label()),
                    before: $product->label(),
                    after: $near ? $blend->of() : '',
                    reason: $near ? $differs : Fact::of(
                        'why.repeat-bowl.nothing-comes-near-nearest',
                        blend: $blend->of(),
                        differs: $differs,
                    ),
                    changed: $near ? $changed : null,
                );
            } catch (CoreException $refusal) {
                $this->say(
                    'substitute',
                    Fact::of('why.repeat-bowl.shade-gone', product: $product->label()),
                    $product->label(),
                    '',
                    $refusal->fact(),
                );
            }
        }
    }

    private function withdrawnStrength(): void
    {
        $line = $this->shelf->line($this->sheet->line);
        if (
            $this->sheet->bowl === null
            || $line === null
            || ! isset($this->sheet->entries[$this->sheet->developerPart])
        ) {
            return;
        }
        $missing = array_filter(
            $this->sheet->entries[$this->sheet->developerPart],
            fn (Entry $entry): bool => $this->shelf->product($entry->product)?->withdrawn === true,
        );
        $strength = $this->sheet->work($this->rules->step)->developerStrength();
        if ($missing === [] || $strength === null) {
            return;
        }
        try {
            $changed = ApplyChange::to(
                $this->sheet,
                new Change(ChangeKind::Strength, $this->sheet->letter, "{$strength->volume->decimal(2)} vol"),
                $this->shelf,
                $this->rules,
            );
            $blend = StrengthBlend::toReach(
                $strength,
                array_map(
                    static fn (Product $each): Strength => $each->strength ?? $strength,
                    $this->shelf->developersOf($line),
                ),
            );
            $words = implode(
                ' and ',
                array_map(
                    static fn (array $share): string => $share['share']
                        ->times(Fraction::of(100))
                        ->decimal(1)." % {$share['strength']->showVolume()}",
                    $blend->shares,
                ),
            );
            $this->say(
                key: 'strength',
                words: Fact::of('why.repeat-bowl.strength-gone', strength: $strength->showVolume()),
                before: $strength->showVolume(),
                after: $words,
                reason: Fact::of('why.repeat-bowl.same-strength-from-what-on'),
                changed: $changed,
            );
        } catch (CoreException $refusal) {
            $this->say(
                'strength',
                Fact::of('why.repeat-bowl.strength-gone', strength: $strength->showVolume()),
                $strength->showVolume(),
                '',
                $refusal->fact(),
            );
        }
    }

    /** More or less of all: offered, never taken without a press. */
    private function used(PastBowl $past): void
    {
        if ($past->uses === [] || $this->sheet->bowl === null) {
            return;
        }
        $advice = AmountAdvice::fromOwn($past->uses, $this->rules);
        $planned = $this->sheet->work($this->rules->step)->parts[0]->total;
        foreach ($advice->alarms as $alarm) {
            $this->say(
                'drift',
                $alarm,
                $planned->text(),
                $advice->most->text(),
                Fact::of('why.repeat-bowl.skimping-shows-as-patches'),
            );
        }
        // A miss of the hand is no wish; only what the rules work out moves the plan.
        $step = $past->uses[count($past->uses) - 1]->colour;
        if ($advice->most->equals($step) || $planned->isZero() || $advice->most->equals($planned)) {
            return;
        }
        $scaled = ScaleBowl::by(
            $this->sheet,
            Fraction::of($advice->most->centigrams, $step->centigrams),
            $this->shelf,
            $this->rules->step,
        );
        $this->say(
            key: 'amount',
            words: Fact::of('why.repeat-bowl.amount-follows-what-was-really'),
            before: Fact::of('why.repeat-bowl.colour', grams: $planned->text()),
            after: Fact::of(
                'why.repeat-bowl.colour',
                grams: $scaled->work($this->rules->step)->parts[0]->total->text(),
            ),
            reason: Fact::of('why.repeat-bowl.as-advised', why: [...$advice->why, ...$advice->alarms]),
            changed: $scaled,
            offered: true,
        );
    }

    /** Up to 2 cm a regrowth takes the same; beyond, it takes as much more as it is longer. */
    private function regrowth(PastBowl $past): void
    {
        // Nothing follows the regrowth but a regrowth job; and a usual amount that is known beats the reckoning.
        if (
            ! $this->isRegrowthJob()
            || count($past->uses) > 1
            || $past->regrowthThen === null
            || $past->regrowthNow === null
        ) {
            return;
        }
        $usual = Number::UsualRegrowth->value();
        $then = $past->regrowthThen->compare($usual) > 0 ? $past->regrowthThen : $usual;
        $now = $past->regrowthNow->compare($usual) > 0 ? $past->regrowthNow : $usual;
        if ($then->equals($now)) {
            return;
        }
        $planned = $this->sheet->work($this->rules->step)->parts[0]->total;
        $scaled = ScaleBowl::by($this->sheet, $now->dividedBy($then), $this->shelf, $this->rules->step);
        $this->say(
            key: 'regrowth',
            words: Fact::of('why.repeat-bowl.amount-follows-regrowth'),
            before: Fact::of('why.repeat-bowl.colour', grams: $planned->text()),
            after: Fact::of(
                'why.repeat-bowl.colour',
                grams: $scaled->work($this->rules->step)->parts[0]->total->text(),
            ),
            reason: Fact::of(
                'why.repeat-bowl.cm-then-cm-now',
                regrowthThen: $past->regrowthThen->decimal(1),
                regrowthNow: $past->regrowthNow->decimal(1),
            ), changed: $scaled,
            offered: true,
        );
    }

    private function isRegrowthJob(): bool
    {
        if ($this->sheet->bowl === null || $this->sheet->strokes === []) {
            return false;
        }
        $kind = $this->shelf->line($this->sheet->line)?->kind;
        foreach ($this->sheet->strokes as $stroke) {
            $spans = $stroke->spans();
            if (
                in_array(Span::Mids, $spans, true) || in_array(Span::Ends, $spans, true)
                || ! in_array($stroke->method, [null, Method::RootTouchUp], true)
                || $kind === LineKind::Demi || $kind === LineKind::Direct
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  ?BowlSheet  $changed  the bowl with it; null where it is only said
     * @param  bool  $offered  not carried out: somebody takes it or leaves it
     */
    private function say(
        string $key,
        Fact $words,
        Fact|string $before,
        Fact|string $after,
        Fact $reason,
        ?BowlSheet $changed = null,
        bool $offered = false,
    ): void {
        $this->differences[] = new Difference(
            bowl: $this->sheet->letter,
            key: $key,
            words: $words,
            before: $before,
            after: $after,
            reason: $reason,
            applied: $changed !== null && ! $offered,
            from: $changed === null ? null : $this->sheet,
            to: $changed,
        );
        $this->sheet = $offered ? $this->sheet : ($changed ?? $this->sheet);
    }
}
