<?php

declare(strict_types=1);

namespace App\Practice;

use Core\Formula\Purpose;
use Core\Hair\CanvasZone;
use Core\Hair\HairHistory;
use Core\Hair\Technique;
use Core\Service\PlacedBowl;
use Core\Units\Fraction;
use Simulator\Basin;
use Simulator\Bowl;
use Simulator\Chance;
use Simulator\Hair;
use Simulator\Head;
use Simulator\Tint;

/**
 * What an invented head comes to under the bowls that were laid on it: the demo's past, and practice. Nothing else may
 * ask it.
 */
final readonly class SimulatedHead
{
    private Head $head;

    public function __construct(private int $seed)
    {
        $this->head = Head::of(7_000 + $seed);
    }

    /**
     * @param  list<PlacedBowl>  $bowls  of the visit, in their order
     * @param  ?int  $visit  which of the head's; null for what such bowls give on a day on which nothing chances
     * @return array{level: float, tone: list<string>}
     */
    public function of(CanvasZone $zone, array $bowls, ?int $visit = null): array
    {
        $basin = $visit === null
            ? Basin::steady($this->head)
            : new Basin($this->head, new Chance(100 * $this->seed + 31 * $visit + crc32($zone->id) % 97));
        $level = (float) ($zone->level?->decimal(2) ?? '6');
        $tones = [];
        foreach ($zone->tone->families as $family) {
            $tones[$family->value] = 1.0;
        }
        $hair = $zone->history === HairHistory::Lightened
            ? Hair::lightened($level)
            : new Hair($level, dyed: $zone->history !== HairHistory::Natural, lean: Tint::of($tones, 0.6));

        return $basin->read($basin->after($hair, ...$this->laid($zone, $bowls)));
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<Bowl>
     */
    private function laid(CanvasZone $zone, array $bowls): array
    {
        $laid = [];
        foreach ($bowls as $bowl) {
            $stroke = $bowl->strokesOn(...$zone->cells())[0] ?? null;
            if ($stroke === null || $bowl->sheet->details->purpose !== Purpose::Service) {
                continue;
            }
            $real = static fn (?Fraction $value): ?float => $value === null
                ? null
                : $value->numerator / $value->denominator;
            $laid[] = new Bowl(
                kind: $bowl->line->kind->value,
                volume: $real($bowl->strength?->volume) ?? 0.0,
                minutes: (float) $bowl->minutes(),
                level: $real($bowl->mix?->level),
                tones: array_map(
                    static fn (Fraction $share): float => $share->numerator / $share->denominator,
                    $bowl->mix?->tone->shares() ?? [],
                ),
                pigment: min(1.0, $real($bowl->mix?->intensity) ?? 0.0),
                foil: $bowl->process($stroke)->technique === Technique::Foil,
            );
        }

        return $laid;
    }
}
