<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Formula\WorkedBowl;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;
use Core\Units\ScaleStep;

/** What one batch of a bowl is to hold, frozen when weighing starts: the record keeps both plan and pour. */
final readonly class BatchPlan
{
    /** @param  non-empty-list<PlannedLine>  $lines in pouring order, keys unique */
    public function __construct(public array $lines, public ScaleStep $step, public Tolerance $tolerance)
    {
    }

    /** @param  list<PlannedLine>  $more  that go in beside the parts */
    public static function of(WorkedBowl $bowl, Tolerance $tolerance, array $more = []): self
    {
        $lines = [];
        foreach ($bowl->parts as $index => $part) {
            foreach ($part->ingredients as $ingredient) {
                $lines[] = new PlannedLine($ingredient->key, $ingredient->label, $index, $ingredient->grams, $ingredient->strength);
            }
        }
        array_push($lines, ...$more);
        foreach ($bowl->additives as $additive) {
            $lines[] = new PlannedLine($additive->key, $additive->label, null, $additive->grams);
        }

        return $lines === [] ? throw PourRefused::nothingPlanned() : new self($lines, $bowl->step, $tolerance);
    }

    /**
     * The same plan, so many times as large.
     *
     * @param  Fraction  $factor  above zero
     */
    public function times(Fraction $factor): self
    {
        return new self(array_map(fn (PlannedLine $line): PlannedLine => new PlannedLine(
            $line->key, $line->label, $line->part, Grams::rounded($line->target->exactly()->times($factor), $this->step, Rounding::HalfUp), $line->strength, $line->open,
        ), $this->lines), $this->step, $this->tolerance);
    }

    /**
     * The same plan with one line more.
     *
     * @param  ?string  $before  key of the line it comes before; null for the end
     */
    public function withLine(PlannedLine $line, ?string $before): self
    {
        $lines = [];
        foreach ($this->lines as $each) {
            if ($each->key === $before) {
                $lines[] = $line;
            }
            $lines[] = $each;
        }
        if (count($lines) === count($this->lines)) {
            $lines[] = $line;
        }

        return new self($lines, $this->step, $this->tolerance);
    }

    public function total(): Grams
    {
        return Grams::sum(array_map(static fn (PlannedLine $line): Grams => $line->target, $this->lines));
    }

    /** @throws PourRefused when no such line is planned */
    public function line(string $key): PlannedLine
    {
        foreach ($this->lines as $line) {
            if ($line->key === $key) {
                return $line;
            }
        }
        throw PourRefused::unknownLine();
    }
}
