<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Hair\HairHistory;
use Core\Hair\Zone;
use Core\Hair\ZoneResult;
use Core\Judgement\Caution;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Learnt;
use Core\Judgement\Prediction;
use Core\Judgement\Standing;
use Core\Pigment\Gap;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Shelf\LineKind;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * What a kind of strand comes to, bowl by bowl: what it was, what each left on it. Where somebody looked between two
 * rounds, what follows starts from what was reached. A sketch, never a promise.
 */
final readonly class StrandStory
{
    /**
     * @param  HairColour  $was  before anything is laid on it
     * @param  list<array{letter: string, round: int, from: Fraction, expected: Prediction}>  $steps  from: the level
     *     that the bowl found
     * @param  Zone  $standing  as it stands when the last bowl is off it
     */
    private function __construct(
        public Strand $strand,
        public HairColour $was,
        public array $steps,
        public HairColour $colour,
        public Zone $standing,
    ) {
    }

    /**
     * @param  Zone  $now  as it was read
     * @param  Learnt  $learnt  what closed visits teach about this head
     * @param  array<int, ZoneResult>  $reached  what was seen of its zone after a round, by round
     */
    public static function of(Strand $strand, Zone $now, Learnt $learnt = new Learnt, array $reached = []): self
    {
        $was = Standing::of($now);
        $colour = $unsure = null;
        $steps = [];
        foreach ($strand->services() as ['bowl' => $bowl, 'stroke' => $stroke]) {
            foreach ($reached as $round => $result) {
                if ($round < $bowl->round) {
                    $now = $now->standing($result->level ?? $now->level, $now->history, false);
                    $colour = self::seenAs($now, $result);
                    $unsure = null;
                    unset($reached[$round]);
                }
            }
            $standing = $steps === [] && $colour === null
                ? $now->asRead($bowl->isDamp($stroke))
                : $now->standing($now->level, $now->history, $bowl->isDamp($stroke));
            $expected = Prediction::of($standing, $bowl->process($stroke), $learnt, $colour, $unsure);
            $colour = $expected->colour;
            $unsure = $expected->spread;
            $steps[] = [
                'letter' => $bowl->sheet->letter,
                'round' => $bowl->round,
                'from' => $standing->level,
                'expected' => $expected,
            ];
            $now = $now->standing($expected->level, match (true) {
                $bowl->line->kind === LineKind::Lightener
                    || $now->history === HairHistory::Lightened => HairHistory::Lightened,
                default => $now->history === HairHistory::Natural ? HairHistory::Coloured : $now->history,
            }, false);
        }

        return new self($strand, $was, $steps, $colour ?? $was, $now);
    }

    public function last(): ?Prediction
    {
        return $this->steps === [] ? null : $this->steps[count($this->steps) - 1]['expected'];
    }

    /** The level it ends at, as far as is expected. */
    public function level(): Fraction
    {
        return $this->standing->level;
    }

    /** How it differs from what is wished. */
    public function gap(): Gap
    {
        return Gap::between(
            $this->colour->withoutGrey()->seen(),
            Ladder::of($this->standing->wishLevel ?? $this->level(), $this->standing->wishTone ?? ToneMix::none()),
        );
    }

    /** @return list<ExpectedTone> against the wish; empty where nothing lies on it, or nothing is wished */
    public function against(): array
    {
        return $this->last()->against ?? [];
    }

    /** @return list<Caution> */
    public function cautions(): array
    {
        $found = [];
        foreach ($this->steps as ['expected' => $expected]) {
            foreach ($expected->cautions as $caution) {
                $found[$caution->key] ??= $caution;
            }
        }

        return array_values($found);
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
