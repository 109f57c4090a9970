<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Shelf\PartRole;
use Core\Units\Amount;
use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\LinearProgram;
use Core\Units\NumberTooLarge;
use Core\Units\Share;
use Core\Units\ShareKind;

/**
 * What follows from what is said of a bowl, known or not: every amount is a number at or above zero, everything that is
 * said (a share, a ratio, a range, a total) is an equation between them, and whatever is asked lies between the least
 * and the most it can be while all of them hold. Nothing is assumed: where nothing bounds a number, that is the answer.
 */
final class BowlBounds
{
    /** @var list<array<int, Fraction>> each comes to zero; variable 0 is the one that grams are counted in */
    private array $rows = [];

    /** The next free variable. */
    private int $free = 1;

    /** @var list<BoundLine> */
    public array $lines = [];

    /** @var list<list<int>> the variables of each part */
    private array $parts = [];

    /** @var array<string, ?LinearProgram> by what is counted as one */
    private array $programs = [];

    /** @param  bool  $strict  whether the ratio binds also a part that says its own grams */
    private function __construct(private readonly BowlSheet $sheet, private readonly bool $strict)
    {
    }

    /** @throws UnworkableBowl when what is said cannot all be true */
    public static function of(BowlSheet $sheet): self
    {
        // Grams that were given are kept, as in a bowl of which everything is known: then the ratio is what they make
        // it.
        foreach ([true, false] as $strict) {
            $self = new self($sheet, $strict);
            $self->contents();
            $self->ratio();
            $self->amount();
            $self->beside();
            if ($self->program([0 => Fraction::one()]) !== null) {
                return $self;
            }
        }
        throw UnworkableBowl::contradiction();
    }

    /**
     * What lines come to together, in centigrams.
     *
     * @param  array<int, Fraction>  $times  by line, how often it counts
     */
    public function mass(array $times): Bounds
    {
        return $this->mean($times, null, $times) ?? new Bounds(Fraction::zero(), null);
    }

    /**
     * A mean over lines: the sum of what each brings a gram, over the sum of what each weighs a gram.
     *
     * @param  array<int, Fraction>  $least  by line: what it brings a gram, at least
     * @param  ?array<int, Fraction>  $weights  by line; null for the plain sum in centigrams
     * @param  array<int, Fraction>  $most  what it brings at most; the same where that is known
     * @return ?Bounds null where nothing weighs anything, and where the numbers leave what can be held exactly
     */
    public function mean(array $least, ?array $weights, array $most): ?Bounds
    {
        try {
            $one = $weights === null ? [0 => Fraction::one()] : $this->sum($weights);
            $program = $this->program($one);
            if ($program === null) {
                return null;
            }

            return new Bounds(
                $program->least($this->sum($least)) ?? Fraction::zero(),
                $program->most($this->sum($most)),
            );
        } catch (NumberTooLarge) {
            return null;
        }
    }

    /** @return array<int, Fraction> by line, one for those the question is about */
    public function where(callable $is): array
    {
        return array_map(static fn (): Fraction => Fraction::one(), array_filter($this->lines, $is));
    }

    private function contents(): void
    {
        foreach ($this->sheet->filled as $part => $entries) {
            $variables = [];
            foreach ($entries as $entry) {
                $variable = $this->free++;
                $variables[] = $variable;
                foreach ($entry->products as ['product' => $product, 'share' => $share]) {
                    $this->lines[] = BoundLine::of($entry, $product, $part, $variable, $share);
                }
            }
            $this->parts[$part] = $variables;
            $this->shares($entries, $variables);
        }
    }

    /**
     * @param  list<FilledEntry>  $entries
     * @param  list<int>  $variables
     */
    private function shares(array $entries, array $variables): void
    {
        $first = null;
        foreach ($entries as $at => $entry) {
            $portion = $entry->portion();
            $variable = $variables[$at];
            if ($portion instanceof Amount) {
                $this->between([$variable => Fraction::one()], $portion);
            } elseif ($portion->kind === ShareKind::Fixed) {
                $this->rows[] = [$variable => Fraction::one(), 0 => $portion->value->negated()];
            } elseif ($portion->kind === ShareKind::Percent || $portion->kind === ShareKind::FractionOf) {
                $row = array_fill_keys($variables, $portion->value->negated());
                $row[$variable] = $row[$variable]->plus(Fraction::one());
                $this->rows[] = $row;
            } elseif ($first === null) {
                $first = [$variable, $portion->value];
            } else {
                $this->rows[] = [$variable => $first[1], $first[0] => $portion->value->negated()];
            }
        }
    }

    private function ratio(): void
    {
        $ratio = $this->sheet->draft->ratio;
        if ($ratio === null) {
            return;
        }
        foreach (array_slice($this->parts, 1, null, true) as $part => $variables) {
            if (! $this->strict && $this->givesWhole($part)) {
                continue;
            }
            $row = array_fill_keys($variables, Fraction::one());
            foreach ($this->parts[0] as $variable) {
                $row[$variable] = $ratio->timesColour($part)->negated();
            }
            $this->rows[] = $row;
        }
    }

    private function givesWhole(int $part): bool
    {
        foreach ($this->sheet->filled[$part] as $entry) {
            if (! $entry->portion() instanceof Share || $entry->portion()->isProportional()) {
                return false;
            }
        }

        return true;
    }

    private function amount(): void
    {
        $amount = $this->sheet->draft->uses === [] ? $this->sheet->draft->amount : $this->sheet->draft->amountOfUses();
        if ($amount === null || $amount->kind === AmountKind::Shares) {
            return;
        }
        $developer = $this->sheet->developerPart;
        $this->between(match ($amount->kind) {
            AmountKind::Total => array_fill_keys(array_merge(...$this->parts), Fraction::one()),
            AmountKind::Colour => array_fill_keys($this->parts[0], Fraction::one()),
            AmountKind::Developer => array_fill_keys(
                $this->parts[$developer] ?? throw UnworkableBowl::noDeveloperToGive(),
                Fraction::one(),
            ),
            AmountKind::Ingredient => $this->ofProduct($amount->ingredient ?? ''),
        }, $amount->amount);
    }

    /** @return array<int, Fraction> by variable */
    private function ofProduct(string $key): array
    {
        $sum = $this->sum($this->where(static fn (BoundLine $line): bool => $line->key === $key));

        return $sum === [] ? throw UnworkableBowl::noSuchIngredient() : $sum;
    }

    /** Extras and additives: what goes in beside the parts. */
    private function beside(): void
    {
        foreach ($this->sheet->extras as $extra) {
            $variable = $this->free++;
            $this->lines[] = BoundLine::extra($extra, $this->partOf($extra->role()), $variable);
            $this->between([$variable => Fraction::one()], $extra->amount);
        }
        foreach ($this->sheet->additives as $additive) {
            $variable = $this->free++;
            $this->lines[] = BoundLine::additive($additive, $variable);
            if ($additive->dose instanceof Amount) {
                $this->between([$variable => Fraction::one()], $additive->dose);

                continue;
            }
            $of = match ($additive->dose->kind) {
                DoseKind::PerBowl => [0],
                DoseKind::PerGramOfColour => $this->parts[0],
                DoseKind::PercentOfMixture => array_merge(...$this->parts),
            };
            $this->rows[] = [$variable => Fraction::one()] + array_fill_keys($of, $additive->dose->value->negated());
        }
    }

    private function partOf(?PartRole $role): ?int
    {
        $part = $role?->place($this->sheet->developerPart);

        return $part !== null && isset($this->parts[$part]) ? $part : null;
    }

    /** @param  array<int, Fraction>  $sum  by variable */
    private function between(array $sum, Amount $amount): void
    {
        if ($amount->isKnown()) {
            $this->rows[] = $sum + [0 => $amount->least->exactly()->negated()];

            return;
        }
        if (! $amount->least->isZero()) {
            $this->rows[] = $sum + [0 => $amount->least->exactly()->negated(), $this->free++ => Fraction::of(-1)];
        }
        if ($amount->most !== null) {
            $this->rows[] = $sum + [0 => $amount->most->exactly()->negated(), $this->free++ => Fraction::one()];
        }
    }

    /**
     * @param  array<int, Fraction>  $times  by line
     * @return array<int, Fraction> by variable
     */
    private function sum(array $times): array
    {
        $sum = [];
        foreach ($times as $at => $each) {
            $line = $this->lines[$at];
            $sum[$line->variable] = ($sum[$line->variable] ?? Fraction::zero())->plus($each->times($line->share));
        }

        return $sum;
    }

    /** @param  array<int, Fraction>  $one  what comes to one: variable 0 for grams, a weight for a mean */
    private function program(array $one): ?LinearProgram
    {
        ksort($one);
        $key = '';
        foreach ($one as $variable => $each) {
            $key .= "{$variable}:{$each->numerator}/{$each->denominator} ";
        }
        if (! array_key_exists($key, $this->programs)) {
            $equalities = array_map(static fn (array $row): array => [$row, Fraction::zero()], $this->rows);
            $this->programs[$key] = LinearProgram::of($this->free, [...$equalities, [$one, Fraction::one()]]);
        }

        return $this->programs[$key];
    }
}
