<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * What lies between what is said: the least and the most a sum can be, while everything said holds. Exact, by the
 * simplex method in fractions; Bland's rule keeps it from turning in circles. Its source is any textbook of linear
 * programming (Dantzig's method, two phases); nothing of the trade is in it.
 */
final class LinearProgram
{
    /**
     * @param  array<int, array<int, Fraction>>  $rows  each sparse, in terms of the basis
     * @param  array<int, Fraction>  $right
     * @param  array<int, int>  $basis  the variable that each row stands for
     */
    private function __construct(
        private array $rows,
        private array $right,
        private array $basis,
        private readonly int $variables,
    ) {
    }

    /**
     * @param  int  $variables  how many, each zero or more
     * @param  list<array{array<int, Fraction>, Fraction}>  $equalities  sparse coefficients, and what they come to
     * @return ?self null where nothing fulfils them all
     */
    public static function of(int $variables, array $equalities): ?self
    {
        $rows = $right = $basis = [];
        foreach ($equalities as $at => [$row, $value]) {
            $row = array_filter($row, static fn (Fraction $each): bool => ! $each->isZero());
            if ($value->isNegative()) {
                $row = array_map(static fn (Fraction $each): Fraction => $each->negated(), $row);
                $value = $value->negated();
            }
            $row[$variables + $at] = Fraction::one();
            $rows[] = $row;
            $right[] = $value;
            $basis[] = $variables + $at;
        }
        $self = new self($rows, $right, $basis, $variables);
        $artificial = [];
        for ($at = 0; $at < count($rows); $at++) {
            $artificial[$variables + $at] = Fraction::of(-1);
        }
        $best = $self->climb($artificial, $variables + count($rows));

        return $best === null || ! $best->isZero() ? null : $self->withoutArtificial();
    }

    /** @param  array<int, Fraction>  $objective  by variable; null where nothing bounds it */
    public function most(array $objective): ?Fraction
    {
        return $this->climb($objective, $this->variables);
    }

    /** @param  array<int, Fraction>  $objective  by variable; null where nothing bounds it */
    public function least(array $objective): ?Fraction
    {
        return $this->climb(
            array_map(static fn (Fraction $each): Fraction => $each->negated(), $objective),
            $this->variables,
        )?->negated();
    }

    /** @return array<int, Fraction> where the last least or most was found, by variable; what is not named is zero */
    public function point(): array
    {
        $point = [];
        foreach ($this->basis as $at => $variable) {
            $point[$variable] = $this->right[$at];
        }

        return $point;
    }

    /**
     * @param  array<int, Fraction>  $objective
     * @param  int  $open  variables below this may enter
     */
    private function climb(array $objective, int $open): ?Fraction
    {
        while (true) {
            $entering = $this->entering($objective, $open);
            if ($entering === null) {
                return $this->value($objective);
            }
            $leaving = $this->leaving($entering);
            if ($leaving === null) {
                return null;
            }
            $this->pivot($leaving, $entering);
        }
    }

    /** @param  array<int, Fraction>  $objective */
    private function entering(array $objective, int $open): ?int
    {
        $in = array_flip($this->basis);
        for ($variable = 0; $variable < $open; $variable++) {
            if (isset($in[$variable])) {
                continue;
            }
            $gain = $objective[$variable] ?? Fraction::zero();
            foreach ($this->rows as $at => $row) {
                if (isset($row[$variable], $objective[$this->basis[$at]])) {
                    $gain = $gain->minus($row[$variable]->times($objective[$this->basis[$at]]));
                }
            }
            if (! $gain->isZero() && ! $gain->isNegative()) {
                return $variable;
            }
        }

        return null;
    }

    private function leaving(int $entering): ?int
    {
        $found = $least = null;
        foreach ($this->rows as $at => $row) {
            $by = $row[$entering] ?? null;
            if ($by === null || $by->isNegative()) {
                continue;
            }
            $ratio = $this->right[$at]->dividedBy($by);
            $order = $least === null ? -1 : $ratio->compare($least);
            if ($order < 0 || ($order === 0 && $found !== null && $this->basis[$at] < $this->basis[$found])) {
                [$found, $least] = [$at, $ratio];
            }
        }

        return $found;
    }

    private function pivot(int $at, int $variable): void
    {
        $by = $this->rows[$at][$variable];
        $this->rows[$at] = array_map(static fn (Fraction $each): Fraction => $each->dividedBy($by), $this->rows[$at]);
        $this->right[$at] = $this->right[$at]->dividedBy($by);
        foreach ($this->rows as $other => $row) {
            $times = $row[$variable] ?? null;
            if ($other === $at || $times === null) {
                continue;
            }
            foreach ($this->rows[$at] as $column => $value) {
                $changed = ($row[$column] ?? Fraction::zero())->minus($value->times($times));
                if ($changed->isZero()) {
                    unset($row[$column]);
                } else {
                    $row[$column] = $changed;
                }
            }
            $this->rows[$other] = $row;
            $this->right[$other] = $this->right[$other]->minus($this->right[$at]->times($times));
        }
        $this->basis[$at] = $variable;
    }

    /** @param  array<int, Fraction>  $objective */
    private function value(array $objective): Fraction
    {
        $sum = Fraction::zero();
        foreach ($this->basis as $at => $variable) {
            if (isset($objective[$variable])) {
                $sum = $sum->plus($objective[$variable]->times($this->right[$at]));
            }
        }

        return $sum;
    }

    /** A row that says nothing new goes; the helping variables go from the others. */
    private function withoutArtificial(): self
    {
        foreach (array_keys($this->rows) as $at) {
            if ($this->basis[$at] < $this->variables) {
                continue;
            }
            $own = array_filter(array_keys($this->rows[$at]), fn (int $column): bool => $column < $this->variables);
            if ($own === []) {
                unset($this->rows[$at], $this->right[$at], $this->basis[$at]);
            } else {
                $this->pivot($at, min($own));
            }
        }
        $rows = array_map(
            fn (array $row): array => array_filter(
                $row,
                fn (int $column): bool => $column < $this->variables,
                ARRAY_FILTER_USE_KEY,
            ),
            $this->rows,
        );

        return new self($rows, $this->right, $this->basis, $this->variables);
    }
}
