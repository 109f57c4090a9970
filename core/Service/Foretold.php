<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\Canvas;
use Core\Hair\ZoneResult;
use Core\Judgement\Learnt;
use Core\Pigment\Gap;
use Core\Pigment\Ladder;
use Core\Units\Fraction;

/** How far off a closed visit was, foretold from what was known before it: zone by zone, in levels and to the eye. */
final readonly class Foretold
{
    /**
     * @param  Fraction  $levels  zero or more
     * @param  ?Fraction  $seen  CIEDE2000; null where nobody named the tone
     */
    private function __construct(public string $zone, public Fraction $levels, public ?Fraction $seen)
    {
    }

    /**
     * @param  list<ZoneResult>  $results
     * @param  list<PlacedBowl>  $bowls  as they were poured, and as long as they were on
     * @param  Learnt  $learnt  what was known before
     * @return list<self> of each zone that a bowl lay on and somebody looked at
     */
    public static function of(Canvas $canvas, array $results, array $bowls, Learnt $learnt): array
    {
        $seen = [];
        foreach ($results as $result) {
            $seen[$result->zone] = $result->strand === '' ? $result : ($seen[$result->zone] ?? null);
        }
        $found = [];
        foreach ($canvas->zones as $zone) {
            foreach (SplitWishes::of($zone, $bowls, $learnt) as $part) {
                $story = Outlook::over($part['zone'], $part['strands'], $learnt)->main();
                $result = $seen[$part['zone']->id] ?? null;
                if ($story === null || $result?->level === null) {
                    continue;
                }
                $miss = $story->level()->minus($result->level);
                $found[] = new self(
                    $part['zone']->id,
                    $miss->isNegative() ? $miss->negated() : $miss,
                    $result->tone->families === [] ? null : Gap::between(
                        $story->colour->withoutGrey()->seen(),
                        Ladder::of($result->level, $result->tone->mix()),
                    )->seen,
                );
            }
        }

        return $found;
    }
}
