<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Bowl;
use App\Models\Visit;
use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadStrokes;
use Core\Hair\Stroke;
use Core\Service\ApplyingMinutes;
use Core\Shelf\LineKind;

/** How long each bowl of a visit took this client the last time, where it comes from a bowl that was timed. */
final class AppliedBefore
{
    /** What it is read from: loaded at once where several visits are. */
    public const FROM = [
        'rounds.bowls.from.round.visit',
        'rounds.bowls.from.stamps',
        'rounds.bowls.from.colourLine',
        'rounds.bowls.colourLine',
    ];

    /** @return array<string, int> minutes by letter */
    public static function of(Visit $visit): array
    {
        if (
            ! $visit->rounds->flatMap(fn ($round) => $round->bowls)->contains(
                fn (Bowl $bowl): bool => $bowl->from_bowl_id !== null,
            )
        ) {
            return [];
        }
        $visit->loadMissing(self::FROM);
        $minutes = [];
        foreach ($visit->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
            $before = $bowl->from;
            $took = $before !== null
                && $before->round->visit->status === VisitStatus::Closed
                && $before->round->visit->client_id === $visit->client_id
                ? ClockRows::applied($before)
                : null;
            // A mark made twice in one breath is no application.
            if ($before !== null && $took !== null && $took > 0) {
                $minutes[trim($bowl->letter)] = ApplyingMinutes::asBefore(
                    self::strokes($bowl),
                    self::kind($bowl),
                    $took,
                    self::strokes($before),
                    self::kind($before),
                );
            }
        }

        return $minutes;
    }

    /** @return list<Stroke> */
    private static function strokes(Bowl $bowl): array
    {
        return ReadStrokes::from(new JsonNode($bowl->sheet['place'] ?? [], '', new ProblemList));
    }

    private static function kind(Bowl $bowl): LineKind
    {
        return LineKind::tryFrom($bowl->colourLine->kind) ?? LineKind::Permanent;
    }
}
