<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\ScaleStep;

/**
 * All that is known of a bowl in numbers, whether that is everything or little: what screens, cautions and documents
 * ask.
 */
final readonly class KnownBowl
{
    /**
     * @param  non-empty-list<KnownPart>  $parts
     * @param  list<KnownLine>  $beside  extras on top and additives
     * @param  ?Bounds  $developer  volumes of the developer before mixing; null where there is none
     * @param  ?Bounds  $onHead  volumes of the whole
     * @param  ?WorkedBowl  $worked  where everything is known
     */
    private function __construct(
        public array $parts,
        public array $beside,
        public Mass $total,
        public string $ratio,
        public ?Bounds $developer,
        public ?Bounds $onHead,
        public ?WorkedBowl $worked,
        public ?BowlBounds $bounds,
    ) {
    }

    /** @throws \Core\CoreException when what is said cannot be */
    public static function of(BowlSheet $sheet, ScaleStep $step): self
    {
        $known = $sheet->bowl === null ? self::bounded($sheet, $step) : self::worked($sheet->bowl->work($step));
        $known->assertEnoughLeft($sheet);

        return $known;
    }

    /** @return list<KnownLine> in pouring order */
    public function lines(): array
    {
        return [
            ...array_merge(...array_map(static fn (KnownPart $part): array => $part->lines, $this->parts)),
            ...$this->beside,
        ];
    }

    /** What is left of another bowl is there once. */
    private function assertEnoughLeft(BowlSheet $sheet): void
    {
        foreach ($sheet->products() as $product) {
            foreach ($product->holds === null ? [] : $this->lines() as $line) {
                if (
                    $line->product() === $product->id
                    && $product->holds !== null
                    && $line->mass->centigrams->isSurelyAbove($product->holds->exactly())
                ) {
                    throw UnworkableBowl::moreThanIsLeft($product->name, $line->mass->show(), $product->holds);
                }
            }
        }
    }

    /** Of a bowl that is worked to the gram. */
    public static function worked(WorkedBowl $worked): self
    {
        $total = $worked->total()->centigrams;
        $line = static fn (WorkedIngredient $each, ?int $part): KnownLine => new KnownLine(
            key: $each->key, label: $each->label, part: $part, mass: Mass::of($each->grams, $worked->step),
            share: $part === null ? null : Bounds::exactly($each->share),
            volume: $each->strength === null ? null : Bounds::exactly($each->strength->volume), said: '',
            ofAll: $total === 0 ? null : Bounds::exactly(Fraction::of($each->grams->centigrams, $total)),
        );
        $colour = $worked->parts[0]->total;
        $parts = [];
        foreach ($worked->parts as $index => $part) {
            $parts[] = new KnownPart(
                $part->name, Mass::of($part->total, $worked->step),
                array_map(static fn (WorkedIngredient $each): KnownLine => $line($each, $index), $part->ingredients),
                $index === 0 || $colour->isZero() ? null : Bounds::exactly(Fraction::of(
                    $part->total->centigrams,
                    $colour->centigrams,
                )),
            );
        }
        $volume = static fn (?\Core\Units\Strength $strength): ?Bounds => $strength === null
            ? null
            : Bounds::exactly($strength->volume);

        return new self(
            parts: $parts,
            beside: array_map(
                static fn (WorkedIngredient $each): KnownLine => $line($each, null),
                [...$worked->onTop, ...$worked->additives],
            ),
            total: Mass::of($worked->total(), $worked->step),
            ratio: $worked->showRatio(),
            developer: $volume($worked->developerStrength()),
            onHead: $volume($worked->strengthOnHead()),
            worked: $worked,
            bounds: null,
        );
    }

    private static function bounded(BowlSheet $sheet, ScaleStep $step): self
    {
        $bounds = BowlBounds::of($sheet);
        $lines = $bounds->lines;
        $inPart = static fn (int $part): array => $bounds->where(
            static fn (BoundLine $line): bool => $line->part === $part,
        );
        $known = [];
        $all = $bounds->where(static fn (): bool => true);
        foreach ($lines as $at => $line) {
            $one = [$at => Fraction::one()];
            $known[$at] = new KnownLine(
                key: $line->key, label: $line->label, part: $line->part, mass: new Mass($bounds->mass($one), $step),
                share: $line->part === null ? null : $bounds->mean($one, $inPart($line->part), $one),
                volume: $line->volumes === [] ? null : new Bounds($line->leastVolume(), $line->mostVolume()),
                said: $line->said, isOpen: $line->isOpen, isNotKnown: $line->isNotKnown, ofAll: $bounds->mean(
                    $one,
                    $all,
                    $one,
                ),
            );
        }
        $parts = [];
        foreach (array_keys($sheet->filled) as $part) {
            $own = array_values(array_filter($known, static fn (KnownLine $line): bool => $line->part === $part));
            $parts[] = new KnownPart(
                $sheet->partName($part), new Mass($bounds->mass($inPart($part)), $step), $own,
                $part === 0 ? null : $bounds->mean($inPart($part), $inPart(0), $inPart($part)),
            );
        }

        return new self(
            parts: $parts === [] ? throw UnworkableBowl::nothing() : $parts,
            beside: array_values(array_filter($known, static fn (KnownLine $line): bool => $line->part === null)),
            total: new Mass($bounds->mass($all), $step),
            ratio: self::ratio($sheet, $parts),
            developer: self::strength(
                $bounds,
                static fn (BoundLine $line): bool => $line->part === $sheet->developerPart,
            ),
            onHead: self::strength($bounds, static fn (): bool => true),
            worked: null,
            bounds: $bounds,
        );
    }

    /** @param  callable(BoundLine): bool  $is  whose strength together; null where none of them brings oxygen */
    private static function strength(BowlBounds $bounds, callable $is): ?Bounds
    {
        $weights = $bounds->where($is);
        $lines = array_intersect_key($bounds->lines, $weights);
        if (array_filter($lines, static fn (BoundLine $line): bool => $line->volumes !== []) === []) {
            return null;
        }

        return $bounds->mean(
            array_map(static fn (BoundLine $line): Fraction => $line->leastVolume(), $lines), $weights,
            array_map(static fn (BoundLine $line): Fraction => $line->mostVolume(), $lines),
        );
    }

    /** @param  list<KnownPart>  $parts */
    private static function ratio(BowlSheet $sheet, array $parts): string
    {
        if ($sheet->draft->ratio !== null && $sheet->extrasInside() === []) {
            return $sheet->draft->ratio->said();
        }
        $times = [];
        foreach (array_slice($parts, 1) as $part) {
            if (
                $part->timesColour === null
                || ($part->timesColour->most === null && $part->timesColour->least->isZero())
            ) {
                return '';
            }
            $times[] = $part->timesColour->show(2);
        }

        return $times === [] ? 'no developer' : '1:'.implode(':', $times);
    }
}
