<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Formula\KnownBowl;
use Core\Formula\KnownLine;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\LargestRemainder;
use Core\Units\MixRatio;
use Core\Units\Rounding;
use Core\Units\ScaleStep;
use Core\Units\Strength;

/** What one batch of a bowl is to hold, frozen when weighing starts: the record keeps both plan and pour. */
final readonly class BatchPlan
{
    /**
     * @param  non-empty-list<PlannedLine>  $lines in pouring order, keys unique
     * @param  ?list<Fraction>  $ratio  of each part, times the colour; null where that is not known
     */
    public function __construct(
        public array $lines,
        public ScaleStep $step,
        public Tolerance $tolerance,
        public ?array $ratio = null,
    ) {
    }

    /** What is known to the gram is weighed to it; the rest is poured by eye, and the scale says how much it was. */
    public static function of(KnownBowl $bowl, Tolerance $tolerance, ?MixRatio $ratio = null): self
    {
        $lines = array_map(static function (KnownLine $line): PlannedLine {
            $grams = $line->mass->grams();
            $volume = $line->volume?->value();

            return new PlannedLine(
                key: $line->key, label: $line->label, part: $line->part, target: $grams ?? Grams::zero(),
                strength: $volume === null || $volume->isZero() ? null : Strength::ofVolume($volume),
                open: $grams === null || $line->isOpen,
                said: $grams === null ? $line->said : '',
                share: $grams === null ? $line->share?->value() : null,
            );
        }, $bowl->lines());

        return $lines === [] ? throw PourRefused::nothingPlanned() : new self(
            $lines,
            $bowl->total->step,
            $tolerance,
            $ratio === null || ! $ratio->hasDeveloper() ? null : array_map(
                static fn (int $part): Fraction => $ratio->timesColour($part),
                array_keys($ratio->parts),
            ),
        );
    }

    /**
     * The same plan, so many times as large. Each part is rounded as a whole, so that it still adds up.
     *
     * @param  Fraction  $factor  above zero
     *
     * @throws PourRefused where something would come to less than the scale can show
     */
    public function times(Fraction $factor): self
    {
        $targets = [];
        foreach (
            array_unique(array_map(static fn (PlannedLine $line): int => $line->part ?? -1, $this->lines)) as $part
        ) {
            $exact = [];
            foreach ($this->lines as $at => $line) {
                if (($line->part ?? -1) === $part) {
                    $exact[$at] = $line->target->exactly()->times($factor);
                }
            }
            $sum = array_reduce(
                $exact,
                static fn (Fraction $all, Fraction $each): Fraction => $all->plus($each),
                Fraction::zero(),
            );
            $rounded = LargestRemainder::round(
                array_values($exact),
                Grams::rounded($sum, $this->step, Rounding::HalfUp),
                $this->step,
            );
            $targets += array_combine(array_keys($exact), $rounded);
        }

        return new self(array_map(fn (
            PlannedLine $line,
            Grams $target,
        ): PlannedLine => $target->isZero() && ! $line->target->isZero()
            ? throw PourRefused::belowStep($line->label, $this->step)
            : new PlannedLine(
                key: $line->key,
                label: $line->label,
                part: $line->part,
                target: $target,
                strength: $line->strength,
                open: $line->open,
                said: $line->said,
                share: $line->share,
            ), $this->lines, array_map(
                static fn (int $at): Grams => $targets[$at],
                array_keys($this->lines),
            )), $this->step, $this->tolerance, $this->ratio);
    }

    /** Where the developer stands: the first part behind the colour that brings oxygen. */
    public function developerPart(): int
    {
        $parts = array_map(
            static fn (PlannedLine $line): int => $line->part ?? 0,
            array_filter(
                $this->lines,
                static fn (PlannedLine $line): bool => $line->strength !== null && ($line->part ?? 0) > 0,
            ),
        );

        return $parts === [] ? 1 : min($parts);
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

        return new self($lines, $this->step, $this->tolerance, $this->ratio);
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
