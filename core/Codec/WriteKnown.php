<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Formula\BowlSheet;
use Core\Formula\BowlUse;
use Core\Formula\ExplainBowl;
use Core\Formula\Extra;
use Core\Formula\KnownBowl;
use Core\Formula\KnownLine;
use Core\Formula\KnownPart;
use Core\Hair\Stroke;
use Core\Judgement\Caution;
use Core\Judgement\MixJudgement;
use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\Strength;

/** Writes what a bowl comes to: the same shape for what was planned and for what was poured. */
final class WriteKnown
{
    /** @return array<string, mixed> grams, shares, strength, level, tone */
    public static function numbers(BowlSheet $sheet, KnownBowl $known, ?MixJudgement $judged): array
    {
        return [
            'kind' => $known->worked === null ? 'open' : 'exact',
            'total' => $known->total->show(),
            ...($known->worked === null ? [] : ['mixture' => $known->worked->mixture->show($known->worked->step)]),
            'ratio' => $known->ratio,
            'parts' => array_map(static fn (KnownPart $part): array => [
                'name' => $part->name,
                'grams' => $part->mass->show(),
                'ingredients' => self::lines($part->lines),
            ], $known->parts),
            'additives' => self::lines($known->beside),
            ...self::extras($sheet, $known),
            'strength' => $known->developer === null ? null : Strength::labels($known->developer, 2),
            'strengthOnHead' => $known->onHead === null ? null : Strength::labels($known->onHead, 2),
            ...self::judged($judged),
        ];
    }

    /** @return array<string, mixed> what is said around the numbers: place, substitutions, uses, and why */
    public static function around(BowlSheet $sheet, KnownBowl $known, ?MixJudgement $judged): array
    {
        $why = $sheet->bowl === null || $known->worked === null ? [] : ExplainBowl::why($sheet->bowl, $known->worked);

        return [
            'place' => implode(
                '; ',
                array_map(
                    static fn (Stroke $stroke): string => $stroke->placement->words().(
                        $stroke->reach === null ? '' : ", {$stroke->reach->words()}"
                    ),
                    $sheet->strokes,
                ),
            ),
            'substitutions' => self::substitutions($sheet),
            'uses' => self::uses($sheet, $known),
            'why' => $why + ($judged === null ? [] : ['level' => $judged->why]),
        ];
    }

    /**
     * @param  list<Caution>  $cautions
     * @return list<array{key: string, reason: Fact, mend: Fact}> to be put into words
     */
    public static function cautions(array $cautions): array
    {
        return array_map(
            static fn (Caution $caution): array => [
                'key' => $caution->key,
                'reason' => $caution->fact,
                'mend' => $caution->fact->mend(),
            ],
            $cautions,
        );
    }

    /**
     * @param  list<KnownLine>  $lines
     * @return list<array<string, ?string>>
     */
    private static function lines(array $lines): array
    {
        $found = [];
        foreach ($lines as $each) {
            if (! $each->isExtra()) {
                $found[] = [
                    'product' => $each->key,
                    'label' => $each->label,
                    'grams' => $each->amount(),
                    'percent' => $each->percent(2),
                ];
            }
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private static function extras(BowlSheet $sheet, KnownBowl $known): array
    {
        return $sheet->extras === [] ? [] : ['extras' => array_map(static fn (Extra $each): array => [
            'product' => $each->product->id,
            'label' => $each->product->label(),
            'grams' => $each->amount->isKnown()
                ? $each->amount->least->show($known->total->step)
                : $each->amount->show(),
            'counts' => $each->counts->value === '' ? 'not said' : $each->counts->value,
        ], $sheet->extras)];
    }

    /** @return list<array<string, string>> */
    private static function uses(BowlSheet $sheet, KnownBowl $known): array
    {
        $total = $known->total->grams();

        return array_map(static fn (BowlUse $use): array => [
            'job' => $use->job,
            'grams' => $use->grams->show($known->total->step),
            'percent' => $total === null || $total->isZero() ? '' : Fraction::of(
                $use->grams->centigrams * 100,
                $total->centigrams,
            )->decimal(1).' %',
        ], $sheet->uses);
    }

    /** @return list<array<string, string>> what was meant, what was used instead, and why */
    private static function substitutions(BowlSheet $sheet): array
    {
        $found = [];
        foreach (array_merge(...$sheet->entries) as $entry) {
            if ($entry->wanted !== '') {
                $found[] = [
                    'wanted' => $entry->wanted,
                    'used' => $entry->product === '' ? $entry->blend : $entry->product,
                    'why' => $entry->why,
                ];
            }
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private static function judged(?MixJudgement $judged): array
    {
        if ($judged === null) {
            return ['level' => null, 'tone' => null, 'pigmentShare' => null];
        }

        return [
            'level' => $judged->level?->show(2),
            'tone' => array_map(
                static fn (Bounds $share): string => $share->times(Fraction::of(100))->show(1).' %',
                $judged->families,
            ),
            'pigmentShare' => $judged->pigmentShare->show(2),
        ];
    }
}
