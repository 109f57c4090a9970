<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\BowlSheet;
use Core\Formula\KnownBowl;
use Core\Formula\Leftover;
use Core\Formula\Mass;
use Core\Judgement\Learnt;
use Core\Practice\HouseRules;
use Core\Record\Change;
use Core\Record\ReadChange;
use Core\Service\MapCautions;
use Core\Service\Outlook;
use Core\Service\PlacedBowl;
use Core\Service\TimesOfVisit;
use Core\Service\VisitPicture;
use Core\Shelf\Shelf;
use Core\Timing\Stamp;
use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\Strength;

/**
 * Writes what follows from all bowls of a document together: how much of what, where they lie, what is expected, what
 * waits for next time.
 */
final readonly class WriteDocument
{
    /** @param  array<string, KnownBowl>  $known  by letter */
    public function __construct(
        private DocumentVisit $visit,
        private array $known,
        private Shelf $shelf,
        private HouseRules $rules,
    ) {
    }

    /**
     * @param  list<BowlSheet>  $sheets
     * @param  list<PlacedBowl>  $placed
     * @param  array<string, list<Stamp>>  $stamps  the wall's clock, by letter
     * @return array<string, mixed>
     */
    public function whole(array $sheets, array $placed, array $stamps = []): array
    {
        $times = new TimesOfVisit(
            canvas: $this->visit->canvas,
            rules: $this->rules,
            happened: WriteTimes::happened($stamps),
            care: $this->visit->care,
            hands: $this->visit->hands,
        );
        $picture = VisitPicture::of(
            canvas: $this->visit->canvas,
            bowls: $placed,
            learnt: new Learnt,
            shelf: $this->shelf,
            rules: $this->rules,
            reached: $this->visit->reached,
        );

        return [
            'total' => $this->sum(array_map(
                static fn (KnownBowl $bowl): Bounds => $bowl->total->centigrams,
                array_values($this->known),
            )),
            'products' => $this->products(),
            'strengths' => $this->strengths(),
            'zones' => array_map(self::zone(...), $picture->outlooks),
            'cautions' => WriteKnown::cautions([
                ...$picture->cautions,
                ...MapCautions::touching($placed, $this->visit->apart),
            ]),
            'times' => WriteTimes::of($times->of($placed), TimesOfVisit::beyond($placed)),
            'next' => array_map(self::change(...), ReadChange::from($this->visit->change, $sheets, $this->shelf)),
        ];
    }

    /**
     * @return list<array{product: string, label: string, grams: string}> as often as each is in a bowl, what was left
     *     of one not again
     */
    private function products(): array
    {
        $labels = $sums = [];
        foreach ($this->known as $bowl) {
            foreach ($bowl->lines() as $line) {
                if (! str_starts_with($line->product(), Leftover::PREFIX)) {
                    $labels[$line->product()] ??= $line->label;
                    $sums[$line->product()][] = $line->mass->centigrams;
                }
            }
        }

        return array_map(
            fn (string $product, string $label): array => [
                'product' => $product,
                'label' => $label,
                'grams' => $this->sum($sums[$product] ?? []),
            ],
            array_map(strval(...), array_keys($labels)),
            $labels,
        );
    }

    /** @return list<array{vol: string, percent: string, grams: string}> weakest first */
    private function strengths(): array
    {
        $sums = $volumes = [];
        foreach ($this->known as $bowl) {
            foreach ($bowl->lines() as $line) {
                if ($line->volume !== null && ! str_starts_with($line->product(), Leftover::PREFIX)) {
                    $key = $line->volume->show(2);
                    $volumes[$key] = $line->volume;
                    $sums[$key][] = $line->mass->centigrams;
                }
            }
        }
        uasort($volumes, static fn (Bounds $one, Bounds $other): int => $one->least->compare($other->least));

        return array_map(
            fn (string $key, Bounds $volume): array => [
                ...Strength::labels($volume, 2),
                'grams' => $this->sum($sums[$key] ?? []),
            ],
            array_map(strval(...), array_keys($volumes)),
            $volumes,
        );
    }

    /** @param  list<Bounds>  $centigrams */
    private function sum(array $centigrams): string
    {
        $least = Fraction::zero();
        $most = Fraction::zero();
        foreach ($centigrams as $each) {
            $least = $least->plus($each->least);
            $most = $most === null || $each->most === null ? null : $most->plus($each->most);
        }

        return (new Mass(new Bounds($least, $most), $this->rules->step))->show();
    }

    /** @return array<string, mixed> what a zone is expected to come to: a sketch, never a promise */
    private static function zone(Outlook $outlook): array
    {
        $last = $outlook->last();

        return [
            'zone' => $outlook->zone->id,
            'bowls' => array_map(static fn (array $step): string => $step['letter'], $outlook->steps()),
            'level' => $last?->level->decimal(1),
            'tone' => $last?->tone->words(),
            'verdict' => $outlook->verdict(),
            'cautions' => WriteKnown::cautions($outlook->cautions()),
        ];
    }

    /** @return array<string, string> */
    private static function change(Change $change): array
    {
        return array_filter($change->toArray(), static fn (string $each): bool => $each !== '');
    }
}
