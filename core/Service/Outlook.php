<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Formula\Purpose;
use Core\Hair\CanvasZone;
use Core\Hair\HairHistory;
use Core\Hair\Zone;
use Core\Judgement\Caution;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Observed;
use Core\Judgement\Prediction;
use Core\Shelf\LineKind;

/** What a zone is expected to come to when its bowls have gone over it, round by round. A sketch, never a promise. */
final readonly class Outlook
{
    /**
     * @param  list<array{letter: string, expected: Prediction}>  $steps
     * @param  list<Caution>  $cautions
     */
    private function __construct(public CanvasZone $zone, public array $steps, public array $cautions)
    {
    }

    /**
     * @param  list<PlacedBowl>  $bowls  in the order they go on
     * @param  list<Observed>  $history  what this client's hair really did
     */
    public static function of(CanvasZone $zone, array $bowls, array $history = []): self
    {
        $now = $zone->judged();
        $steps = $cautions = [];
        if ($now === null || $zone->offLimits) {
            return new self($zone, [], []);
        }
        foreach ($bowls as $bowl) {
            if ($bowl->sheet->details->purpose !== Purpose::Service) {
                continue;
            }
            $stroke = $bowl->strokesOn(...$zone->cells())[0] ?? null;
            if ($stroke === null) {
                continue;
            }
            $damp = $bowl->isDamp($stroke);
            $standing = new Zone(
                $now->level,
                $now->history,
                $now->porosity,
                $now->span,
                $damp,
                $zone->wishLevel,
                $now->wishTone,
                $now->banded,
            );
            $expected = Prediction::of($standing, $bowl->process($stroke), $history);
            $steps[] = ['letter' => $bowl->sheet->letter, 'expected' => $expected];
            foreach ($expected->cautions as $caution) {
                $cautions[$caution->key] = $caution;
            }
            $now = new Zone(
                $expected->level,
                match (true) {
                    $bowl->line->kind === LineKind::Lightener || $now->history === HairHistory::Lightened => HairHistory::Lightened,
                    default => $now->history === HairHistory::Natural ? HairHistory::Coloured : $now->history,
                },
                $now->porosity, $now->span, false, $now->wishLevel, $now->wishTone, false,
            );
        }

        return new self($zone, $steps, array_values($cautions));
    }

    public function last(): ?Prediction
    {
        return $this->steps === [] ? null : $this->steps[count($this->steps) - 1]['expected'];
    }

    /** Against the wish, in words; empty without a wish or a bowl. */
    public function verdict(): string
    {
        return implode(
            ', ',
            array_map(static fn (ExpectedTone $each): string => $each->value, $this->last()->against ?? []),
        );
    }
}
