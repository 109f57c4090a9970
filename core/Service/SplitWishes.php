<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\CanvasZone;
use Core\Hair\Zone;
use Core\Judgement\Learnt;
use Core\Units\Fraction;

/**
 * Where two things are wished of one zone, each kind of strand goes to the wish it comes nearer to. Where all come
 * nearer to one of them, or nothing lies on any, both wishes look at all of them. Our own model.
 */
final class SplitWishes
{
    /**
     * @param  list<PlacedBowl>  $bowls
     * @param  Learnt  $learnt  what closed visits teach about this head
     * @return list<array{zone: CanvasZone, strands: list<Strand>}> one a wish
     */
    public static function of(CanvasZone $zone, array $bowls, Learnt $learnt = new Learnt): array
    {
        $wishes = $zone->byWish();
        $strands = Strands::of($zone, $bowls);
        if (count($wishes) < 2) {
            return [['zone' => $zone, 'strands' => $strands]];
        }
        [$main, $also] = $wishes;
        [$first, $second] = [[], []];
        $miss = static fn (Zone $now, Strand $strand): Fraction => StrandStory::of(
            $strand,
            $now->at($strand->span()),
            $learnt,
        )->gap()->seen;
        [$one, $other] = [$main->judged(), $also->judged()];
        if ($one === null || $other === null) {
            return [['zone' => $main, 'strands' => $strands], ['zone' => $also, 'strands' => $strands]];
        }
        foreach ($strands as $strand) {
            if ($miss($one, $strand)->compare($miss($other, $strand)) <= 0) {
                $first[] = $strand;
            } else {
                $second[] = $strand;
            }
        }

        return [
            ['zone' => $main, 'strands' => $first === [] || $second === [] ? $strands : $first],
            ['zone' => $also, 'strands' => $first === [] || $second === [] ? $strands : $second],
        ];
    }
}
