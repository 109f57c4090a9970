<?php

declare(strict_types=1);

namespace Core\Lineage;

use Core\Advice\GreyAdvice;
use Core\Catalog\Line;
use Core\Catalog\Product;
use Core\Catalog\Shelf;
use Core\Documents\BowlSheet;
use Core\Documents\Entry;
use Core\Documents\ReadBowl;
use Core\Documents\WriteBowl;
use Core\Mixing\Additive;
use Core\Mixing\AmountKind;
use Core\Mixing\DoseKind;
use Core\Mixing\OpenAmount;
use Core\Mixing\Share;
use Core\Mixing\ShareKind;
use Core\Mixing\Strength;
use Core\Mixing\WorkedIngredient;
use Core\Rules\HouseRules;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\LargestRemainder;
use Core\Units\MassReading;
use Core\Units\Rounding;

/** Carries a change out on a bowl: the same bowl, with only that different. */
final readonly class ApplyChange
{
    /** @param  array<string, mixed>  $json  the bowl in the shape ReadBowl reads */
    private function __construct(private BowlSheet $sheet, private array $json, private Shelf $shelf, private HouseRules $rules)
    {
    }

    /**
     * @throws \Core\CoreException when it cannot be done on this bowl
     */
    public static function to(BowlSheet $sheet, Change $change, Shelf $shelf, HouseRules $rules): BowlSheet
    {
        $self = new self($sheet, WriteBowl::toArray($sheet), $shelf, $rules);
        $json = match ($change->kind) {
            ChangeKind::Strength => $self->strength(Strength::parse($change->value)),
            ChangeKind::Swap => $self->swap($change->from, $change->to, 'changed'),
            ChangeKind::Amount => $self->amount($change->value),
            ChangeKind::Minutes => ['minutes' => $self->minutes($change->value)] + $self->json,
            ChangeKind::Ratio => ['ratio' => $change->value] + $self->json,
            ChangeKind::Level => $self->level($change->value),
            ChangeKind::Warmer => $self->tone(ToneFamily::Gold),
            ChangeKind::Cooler => $self->tone(ToneFamily::Ash),
            ChangeKind::Grey => $self->grey($change->value),
            ChangeKind::AddBowl, ChangeKind::RemoveBowl, ChangeKind::Words => throw ChangeRefused::onlyWords(),
        };

        return ReadBowl::from($json, $shelf);
    }

    /** The bowl with every amount it is given by multiplied. */
    public static function scaled(BowlSheet $sheet, Fraction $factor, Shelf $shelf, HouseRules $rules): BowlSheet
    {
        return ReadBowl::from((new self($sheet, WriteBowl::toArray($sheet), $shelf, $rules))->times($factor), $shelf);
    }

    /** @return array<string, mixed> */
    private function strength(Strength $wanted): array
    {
        if (count($this->sheet->entries) < 2) {
            throw ChangeRefused::noDeveloper();
        }

        return $this->withPart(1, $this->shelf->developersReaching($this->line(), $wanted));
    }

    /** @return array<string, mixed> */
    private function swap(string $from, string $to, string $why): array
    {
        $found = false;
        $parts = [];
        foreach ($this->sheet->entries as $part) {
            $ingredients = [];
            foreach ($part as $entry) {
                $found = $found || $entry->product === $from;
                $ingredients[] = $entry->product === $from
                    ? ['product' => $to, 'share' => $entry->share, 'wanted' => $this->shelf->product($from)?->label() ?? $from, 'why' => $why]
                    : $entry->toArray();
            }
            $parts[] = ['ingredients' => $ingredients];
        }

        return $found ? ['parts' => $parts] + $this->json : throw ChangeRefused::notInBowl();
    }

    /** @return array<string, mixed> */
    private function amount(string $value): array
    {
        $colour = $this->sheet->work($this->rules->step)->parts[0]->total;
        if (preg_match('/^([+-]?)\s*(\d+(?:\.\d+)?)\s*(g|%)$/u', $value, $m) !== 1) {
            throw ChangeRefused::unreadable($value);
        }
        $number = Fraction::parse($m[2]);
        $by = $m[3] === '%' ? $number->dividedBy(Fraction::of(100)) : $number->times(Fraction::of(100))->dividedBy($colour->exactly());
        $factor = match ($m[1]) {
            '-' => Fraction::one()->minus($by),
            '+' => Fraction::one()->plus($by),
            default => $by,
        };

        return $factor->compare(Fraction::of(1, 50)) > 0 ? $this->times($factor) : throw ChangeRefused::nothingLeft();
    }

    /** @return array<string, mixed> */
    private function times(Fraction $factor): array
    {
        $json = [
            'parts' => $this->partsTimes($factor),
            'additives' => array_map(fn (Additive $additive): array => [
                'product' => $additive->key,
                'dose' => $additive->dose->kind === DoseKind::PerBowl ? $this->gramsTimes(Grams::ofCentigrams($additive->dose->value->rounded(1, Rounding::HalfUp)), $factor) : $additive->dose->text(),
            ], $this->sheet->bowl->additives ?? []),
            ...$this->extrasTimes($factor),
        ] + $this->json;
        $amount = $this->sheet->bowl?->amount;
        if ($this->sheet->details->uses !== []) {
            $json['uses'] = array_map(fn (array $use): array => ['job' => $use['job'], 'grams' => $this->gramsTimes($this->shelf->readingFor(null)->read($use['grams']), $factor)], $this->sheet->details->uses);
        } elseif ($amount !== null && $amount->kind !== AmountKind::Shares && $this->colourIsInGrams()) {
            // Rounded one by one, grams would not add up to the whole any more.
            $worked = $this->sheet->work($this->rules->step)->parts[0];
            $whole = Grams::rounded($worked->total->exactly()->times($factor), $this->rules->step, Rounding::HalfUp);
            $grams = LargestRemainder::round(array_map(static fn (WorkedIngredient $each): Fraction => $each->grams->exactly()->times($whole->exactly())->dividedBy($worked->total->exactly()), $worked->ingredients), $whole, $this->rules->step);
            $json['parts'] = [['ingredients' => array_map(static fn (Entry $entry, Grams $each): array => ['share' => $each->text()] + $entry->toArray(), $this->sheet->entries[0], $grams)], ...array_slice($this->partsTimes($factor), 1)];
            $json['amount'] = ['of' => 'colour', 'grams' => $whole->text(), 'ingredient' => null];
        } elseif ($amount !== null && $amount->kind !== AmountKind::Shares) {
            $json['amount'] = ['of' => $amount->kind->value, 'grams' => $this->gramsTimes($amount->grams, $factor), 'ingredient' => $amount->ingredient];
        }

        return $json;
    }

    private function colourIsInGrams(): bool
    {
        $fixed = false;
        foreach ($this->sheet->entries[0] ?? [] as $entry) {
            if ($entry->blend !== '') {
                return false;
            }
            $fixed = $fixed || Share::parse($entry->share, $this->shelf->readingFor($this->shelf->product($entry->product)))->kind === ShareKind::Fixed;
        }

        return $fixed;
    }

    /**
     * What is given in grams grows with the bowl; shares do so by themselves.
     *
     * @return list<array{ingredients: list<array<string, string|int>>}>
     */
    private function partsTimes(Fraction $factor): array
    {
        $parts = [];
        foreach ($this->sheet->entries as $part) {
            $ingredients = [];
            foreach ($part as $entry) {
                $product = $this->shelf->product($entry->product);
                $share = OpenAmount::isOpen($entry->share) ? null : Share::parse($entry->share, $this->shelf->readingFor($product));
                $ingredients[] = $share?->kind === ShareKind::Fixed ? ['share' => $this->gramsTimes($share->grams(), $factor)] + $entry->toArray() : $entry->toArray();
            }
            $parts[] = ['ingredients' => $ingredients];
        }

        return $parts;
    }

    /** @return array{extras?: list<array<string, string>>} */
    private function extrasTimes(Fraction $factor): array
    {
        $extras = $this->sheet->extras->toArray()['extras'] ?? [];

        return $extras === [] ? [] : ['extras' => array_map(fn (array $extra): array => ['grams' => $this->gramsTimes(MassReading::plain()->read($extra['grams']), $factor)] + $extra, $extras)];
    }

    private function gramsTimes(Grams $grams, Fraction $factor): string
    {
        return Grams::rounded($grams->exactly()->times($factor), $this->rules->step, Rounding::HalfUp)->text();
    }

    private function minutes(string $value): int
    {
        if (preg_match('/^([+-]?)\s*(\d{1,3})\s*min$/u', $value, $m) !== 1) {
            throw ChangeRefused::unreadable($value);
        }
        $now = $this->sheet->minutes ?? $this->line()->window['target'];

        return match ($m[1]) {
            '+' => $now + (int) $m[2],
            '-' => max(1, $now - (int) $m[2]),
            default => (int) $m[2],
        };
    }

    /**
     * Every shade that carries a level becomes the one of the same tone so many levels away.
     *
     * @return array<string, mixed>
     */
    private function level(string $value): array
    {
        if (preg_match('/^[+-]?\d+(?:\.5)?$/u', $value) !== 1) {
            throw ChangeRefused::unreadable($value);
        }
        $by = Fraction::parse(ltrim($value, '+-'));
        $by = str_starts_with($value, '-') ? $by->negated() : $by;
        $line = $this->line();
        if (! $by->isWhole()) {
            return $this->halfLevel($by, $line);
        }
        $ingredients = [];
        foreach ($this->sheet->entries[0] ?? [] as $entry) {
            $product = $this->shelf->product($entry->product);
            $ingredients[] = $product?->pigment?->level === null ? $entry->toArray()
                : ['product' => $this->shade($line, $product, $product->pigment->level->plus($by))->id, 'wanted' => '', 'why' => ''] + $entry->toArray();
        }

        return $this->withPart(0, $ingredients);
    }

    /**
     * Half a level: half of each shade moves a whole one.
     *
     * @return array<string, mixed>
     */
    private function halfLevel(Fraction $by, Line $line): array
    {
        $whole = $by->isNegative() ? Fraction::of(-1) : Fraction::one();
        $worked = $this->sheet->work($this->rules->step)->parts[0];
        $ingredients = [];
        foreach ($worked->ingredients as $each) {
            $product = $this->shelf->product($each->key);
            $percent = $each->share->times(Fraction::of(100));
            if ($product?->pigment?->level === null) {
                $ingredients[$each->key] = ($ingredients[$each->key] ?? Fraction::zero())->plus($percent);

                continue;
            }
            $half = $percent->dividedBy(Fraction::of(2));
            $moved = $this->shade($line, $product, $product->pigment->level->plus($whole))->id;
            foreach ([$each->key, $moved] as $key) {
                $ingredients[$key] = ($ingredients[$key] ?? Fraction::zero())->plus($half);
            }
        }

        return $this->withPart(0, self::proportions($ingredients));
    }

    private function shade(Line $line, Product $like, Fraction $level): Product
    {
        foreach ($this->shelf->productsOf($line) as $product) {
            if ($product->pigment?->level?->equals($level) === true && $like->pigment !== null
                && $product->pigment->tone->distance($like->pigment->tone)->isZero() && $product->pigment->doubleNatural === $like->pigment->doubleNatural) {
                return $product;
            }
        }
        throw ChangeRefused::noSuchShade("shade like {$like->label()} at level {$level->decimal(1)}");
    }

    /**
     * A quarter of the colour becomes the line's gold or ash at the bowl's own level.
     *
     * @return array<string, mixed>
     */
    private function tone(ToneFamily $family): array
    {
        $line = $this->line();
        $worked = $this->sheet->work($this->rules->step)->parts[0];
        $level = null;
        foreach ($worked->ingredients as $each) {
            $level ??= $this->shelf->product($each->key)?->pigment?->level;
        }
        $best = null;
        foreach ($this->shelf->productsOf($line) as $product) {
            if ($level !== null && $product->pigment?->level?->equals($level) === true && ! $product->pigment->tone->share($family)->isZero()
                && ($best === null || $product->pigment->tone->share($family)->compare($best->pigment?->tone->share($family) ?? Fraction::zero()) > 0)) {
                $best = $product;
            }
        }
        if ($best === null) {
            throw ChangeRefused::noSuchShade("{$family->value} at this bowl’s level");
        }

        return $this->withShareOf($best, Fraction::of(1, 4));
    }

    /** @return array<string, mixed> */
    private function grey(string $value): array
    {
        $percent = preg_match('/^(\d{1,3})\s*%?$/', trim($value), $m) === 1 ? (int) $m[1] : throw ChangeRefused::unreadable($value);
        $worked = $this->sheet->work($this->rules->step)->parts[0];
        $level = $this->shelf->product($worked->ingredients[0]->key)->pigment->level ?? throw ChangeRefused::noSuchShade('natural at this bowl’s level');
        $advice = GreyAdvice::for($percent, false, $this->rules);
        $natural = $advice->natural($this->shelf->productsOf($this->line()), $level);
        if ($advice->least->isZero() || $natural === null) {
            throw ChangeRefused::noSuchShade("natural at level {$level->decimal(0)}");
        }
        $product = $this->shelf->product($natural->ingredients[0]['product']) ?? throw ChangeRefused::noSuchShade('natural');

        return $this->withShareOf($product, $advice->least);
    }

    /**
     * The colour part with this share of it given to a product, the rest as it was among itself.
     *
     * @return array<string, mixed>
     */
    private function withShareOf(Product $product, Fraction $share): array
    {
        $worked = $this->sheet->work($this->rules->step)->parts[0];
        $rest = $others = Fraction::one()->minus($share);
        foreach ($worked->ingredients as $each) {
            if ($each->key === $product->id) {
                $others = Fraction::one()->minus($each->share);
            }
        }
        $mine = array_filter($worked->ingredients, static fn ($each): bool => $each->key === $product->id) !== [];
        $whole = $mine ? $others : Fraction::one();
        $percents = [$product->id => $share->times(Fraction::of(100))];
        foreach ($worked->ingredients as $each) {
            if ($each->key !== $product->id && ! $whole->isZero()) {
                $percents[$each->key] = $each->share->dividedBy($whole)->times($rest)->times(Fraction::of(100));
            }
        }

        return $this->withPart(0, self::proportions($percents));
    }

    /**
     * As people write shares: percentages where they are short ones, else parts to two decimals.
     *
     * @param  array<string, Fraction>  $percents  by product id
     * @return list<array{product: string, share: string}>
     */
    private static function proportions(array $percents): array
    {
        $short = array_reduce($percents, static fn (bool $all, Fraction $each): bool => $all && Fraction::parse($each->decimal(1))->equals($each), true);

        return array_map(static fn (string|int $key, Fraction $each): array => [
            'product' => (string) $key, 'share' => $short ? Share::percent($each)->text() : $each->decimal(2),
        ], array_keys($percents), $percents);
    }

    /**
     * @param  list<array<string, mixed>>  $ingredients
     * @return array<string, mixed>
     */
    private function withPart(int $part, array $ingredients): array
    {
        $parts = [];
        foreach ($this->sheet->entries as $index => $entries) {
            $parts[] = ['ingredients' => $index === $part ? $ingredients : array_map(static fn ($entry): array => $entry->toArray(), $entries)];
        }
        $json = ['parts' => $parts] + $this->json;
        $amount = $this->sheet->bowl?->amount;
        // Shares in percent say no amount by themselves: the bowl keeps the colour it had.
        if ($part === 0 && $this->sheet->details->uses === [] && in_array($amount?->kind, [AmountKind::Shares, AmountKind::Ingredient], true)) {
            $json['amount'] = ['of' => 'colour', 'grams' => $this->sheet->work($this->rules->step)->parts[0]->total->text(), 'ingredient' => null];
        }

        return $json;
    }

    private function line(): Line
    {
        return $this->shelf->line($this->sheet->line) ?? throw ChangeRefused::noSuchShade('line any more');
    }
}
