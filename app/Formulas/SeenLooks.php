<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Stamp;
use App\Models\Visit;
use App\Words\Say;
use Core\Service\Outlook;
use Core\Service\PaceOfLift;
use Core\Service\PlacedBowl;
use Core\Service\StrandStory;
use Core\Timing\Side;
use Core\Timing\StampKind;
use Core\Units\Fraction;

/** What was seen of a visit's strands while their bowls worked, and what that says of how they go on. */
final readonly class SeenLooks
{
    public function __construct(private ClockRows $clocks)
    {
    }

    /**
     * @param  list<Outlook>  $outlooks
     * @return list<array{bowl: string, letter: string, at: string, by: string, zone: string, strand: string, level: ?string, words: string, pace: ?string}> in the order they were made, bowl by bowl; those that say nothing are
     *     left out
     */
    public function of(Visit $visit, array $outlooks): array
    {
        $seen = [];
        foreach ($visit->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
            foreach ($this->clocks->standing($bowl) as $stamp) {
                if (
                    $stamp->kind === StampKind::Checked
                    && ($stamp->words !== '' || $stamp->zone !== '' || $stamp->level_hundredths !== null)
                ) {
                    $seen[] = $this->look($stamp, $bowl, $outlooks);
                }
            }
        }

        return $seen;
    }

    /**
     * @param  list<Outlook>  $outlooks
     * @return array{bowl: string, letter: string, at: string, by: string, zone: string, strand: string, level: ?string,
     *     words: string, pace: ?string}
     */
    private function look(Stamp $stamp, Bowl $bowl, array $outlooks): array
    {
        $outlook = array_values(
            array_filter($outlooks, static fn (Outlook $each): bool => $each->zone->id === $stamp->zone),
        )[0] ?? null;
        $story = array_values(
            array_filter(
                $outlook->strands ?? [],
                static fn (StrandStory $each): bool => $each->strand->key() === $stamp->strand,
            ),
        )[0] ?? null;
        $level = $stamp->level_hundredths === null ? null : Fraction::of($stamp->level_hundredths, 100);
        $pace = $story === null || $level === null ? null : $this->pace($stamp, $bowl, $story, $level);

        return [
            'bowl' => $bowl->id,
            'letter' => trim($bowl->letter),
            'at' => $stamp->stamped_at->toIso8601String(),
            'by' => $stamp->teamMember->initials,
            'zone' => $outlook->zone->name ?? $stamp->zone,
            // A zone of one kind of strand needs no second name.
            'strand' => $story === null || count($outlook->strands ?? []) < 2 ? '' : Say::words($story->strand->name()),
            'level' => $level?->decimal(1),
            'words' => $stamp->words,
            'pace' => $pace,
        ];
    }

    private function pace(Stamp $stamp, Bowl $bowl, StrandStory $story, Fraction $level): ?string
    {
        $began = null;
        foreach ($this->clocks->standing($bowl, Side::tryFrom($stamp->side)) as $each) {
            $began ??= $each->kind === StampKind::Began ? $each->stamped_at : null;
        }
        $laid = array_values(
            array_filter(
                $story->strand->services(),
                static fn (array $each): bool => $each['bowl']->sheet->letter === trim($bowl->letter),
            ),
        )[0]['bowl'] ?? null;
        $fact = $began === null || ! $laid instanceof PlacedBowl
            ? null
            : PaceOfLift::of($story, $laid, $level, (int) round($began->diffInMinutes($stamp->stamped_at)));

        return $fact === null ? null : Say::words($fact);
    }
}
