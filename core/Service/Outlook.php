<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Formula\Purpose;
use Core\Hair\CanvasZone;
use Core\Hair\HairHistory;
use Core\Hair\Zone;
use Core\Hair\ZoneResult;
use Core\Judgement\Caution;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Observed;
use Core\Judgement\Prediction;
use Core\Judgement\Standing;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/**
 * What a zone is expected to come to when its bowls have gone over it, round by round. Where somebody looked between two
 * rounds, what follows starts from what was reached. A sketch, never a promise.
 */
final readonly class Outlook
{
    /**
     * @param  list<PlacedBowl>  $bowls  those that meet its strands
     * @param  list<array{letter: string, round: int, expected: Prediction}>  $steps
     * @param  ?ZoneResult  $seen  what was last seen of it, between the rounds
     * @param  ?int  $seenAfter  the round after which
     * @param  list<Caution>  $cautions
     */
    private function __construct(
        public CanvasZone $zone,
        public array $bowls,
        public array $steps,
        public ?ZoneResult $seen,
        public ?int $seenAfter,
        public array $cautions,
    ) {
    }

    /**
     * @param  list<PlacedBowl>  $bowls  in the order they go on
     * @param  list<Observed>  $history  what this client's hair really did
     * @param  array<int, ZoneResult>  $reached  what was seen of this zone after a round, by round
     */
    public static function of(CanvasZone $zone, array $bowls, array $history = [], array $reached = []): self
    {
        $now = $zone->judged();
        $colour = null;
        $steps = $cautions = [];
        $reached = array_filter($reached, static fn (ZoneResult $seen): bool => $seen->level !== null);
        ksort($reached);
        $seenAfter = array_key_last($reached);
        $seen = $seenAfter === null ? null : $reached[$seenAfter];
        if ($now === null || $zone->offLimits) {
            return new self($zone, $bowls, [], $seen, $seenAfter, []);
        }
        foreach ($bowls as $bowl) {
            if ($bowl->sheet->details->purpose !== Purpose::Service) {
                continue;
            }
            $stroke = $bowl->strokesOn(...$zone->cells())[0] ?? null;
            if ($stroke === null) {
                continue;
            }
            foreach ($reached as $round => $result) {
                if ($round < $bowl->round) {
                    $now = $now->standing($result->level ?? $now->level, $now->history, false);
                    $colour = self::seenAs($now, $result);
                    unset($reached[$round]);
                }
            }
            $standing = $steps === [] ? $now->asRead($bowl->isDamp($stroke)) : $now->standing(
                $now->level,
                $now->history,
                $bowl->isDamp($stroke),
            );
            $expected = Prediction::of($standing, $bowl->process($stroke), $history, $colour);
            $colour = $expected->colour;
            $steps[] = ['letter' => $bowl->sheet->letter, 'round' => $bowl->round, 'expected' => $expected];
            foreach ($expected->cautions as $caution) {
                $cautions[$caution->key] = $caution;
            }
            $now = $now->standing($expected->level, match (true) {
                $bowl->line->kind === LineKind::Lightener || $now->history === HairHistory::Lightened => HairHistory::Lightened,
                default => $now->history === HairHistory::Natural ? HairHistory::Coloured : $now->history,
            }, false);
        }

        return new self($zone, $bowls, $steps, $seen, $seenAfter, array_values($cautions));
    }

    public function last(): ?Prediction
    {
        return $this->steps === [] ? null : $this->steps[count($this->steps) - 1]['expected'];
    }

    /** What was seen after the last bowl that is planned on it: no sketch any more. */
    public function reached(): ?ZoneResult
    {
        $last = $this->steps === [] ? null : $this->steps[count($this->steps) - 1]['round'];

        return $this->seenAfter !== null && ($last === null || $this->seenAfter >= $last) ? $this->seen : null;
    }

    /** The level it stands at before anything is laid on it: as it was seen, else as it is expected. */
    public function lifted(): ?Fraction
    {
        return $this->reached()->level ?? $this->last()?->lifted;
    }

    /** Against the wish, in words; empty without a wish or a bowl. */
    public function verdict(): string
    {
        $reached = $this->reached();
        $wish = $this->zone;
        $against = $reached?->level === null ? ($this->last()->against ?? []) : ExpectedTone::against(
            Ladder::of($reached->level, $reached->tone->mix()),
            Ladder::of($wish->wishLevel ?? $reached->level, $wish->wishTone->mix()),
            $wish->wishLevel !== null,
            // Where nobody named the tone that was seen, nobody said that it is wrong.
            $wish->wishTone->families !== [] && $reached->tone->families !== [],
        );

        return implode(', ', array_map(static fn (ExpectedTone $each): string => $each->value, $against));
    }

    /** Hair as somebody saw it between two rounds: that level, and that tone where one was named. */
    private static function seenAs(Zone $now, ZoneResult $seen): HairColour
    {
        return Standing::of(new Zone(
            level: $now->level,
            history: $now->history,
            tone: $seen->tone->families === [] ? null : $seen->tone->mix(),
            grey: $now->grey,
            grownAt: $now->grownAt,
        ));
    }
}
