<?php

declare(strict_types=1);

namespace App\Practice;

use App\Formulas\CanvasRows;
use App\Formulas\VisitBowls;
use App\Formulas\VisitPictures;
use App\Models\PracticeTry;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Hair\CanvasZone;
use Core\Hair\Tones;
use Core\Judgement\Caution;
use Core\Judgement\ExpectedTone;
use Core\Pigment\Gap;
use Core\Pigment\Ladder;
use Core\Service\SuggestedBowl;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Core\Units\Rounding;

/**
 * Puts the planned bowls on a practice head: the hidden head answers, and the house's rules say where the reasoning
 * left them.
 */
final readonly class TryHead
{
    public function __construct(
        private CanvasRows $canvases,
        private VisitBowls $bowls,
        private VisitPictures $pictures,
    ) {
    }

    /** @return array{try: PracticeTry, said: list<string>} */
    public function __invoke(TeamMember $member, Visit $visit): array
    {
        $head = new SimulatedHead((int) $visit->client->practice_seed);
        $bowls = $this->bowls->asTheyAre($visit);
        $times = PracticeTry::query()->where('visit_id', $visit->id)->count();
        $came = [];
        $seen = Fraction::zero();
        foreach ($this->canvases->canvas($visit)->zones as $zone) {
            if (! $zone->hasWish() || $zone->level === null) {
                continue;
            }
            $now = $head->of($zone, $bowls, $times + 1);
            [$one, $gap] = $this->judged($zone, (string) $now['level'], $now['tone']);
            $came[] = $one;
            $seen = $seen->plus($gap);
        }
        $try = PracticeTry::query()->create([
            'salon_id' => $visit->salon_id,
            'visit_id' => $visit->id,
            'team_member_id' => $member->id,
            'came' => $came,
            'zones' => count($came),
            'on_target' => count(
                array_filter($came, static fn (array $each): bool => $each['verdict']
                    === ExpectedTone::OnTarget->value),
            ),
            'seen_hundredths' => $came === [] ? 0 : $seen->dividedBy(Fraction::of(count($came)))
                ->times(Fraction::of(100))
                ->rounded(1, Rounding::HalfUp),
            'tried_at' => CarbonImmutable::now(),
        ]);

        return ['try' => $try, 'said' => $this->said($visit)];
    }

    /**
     * @param  list<string>  $names
     * @return array{array<string, mixed>, Fraction}
     */
    private function judged(CanvasZone $zone, string $level, array $names): array
    {
        $tones = new Tones(array_map(static fn (string $name): ToneFamily => ToneFamily::from($name), $names));
        $reached = Fraction::parse($level);
        $result = Ladder::of($reached, $tones->mix());
        $wish = Ladder::of($zone->wishLevel ?? $reached, $zone->wishTone->mix());
        $against = ExpectedTone::against($result, $wish, $zone->wishLevel !== null, $zone->wishTone->families !== []);

        return [[
            'zone' => $zone->name,
            'words' => "level {$reached->decimal(1)} {$tones->words()}",
            'swatch' => $result->hex(),
            'wish' => $wish->hex(),
            'wished' => trim("level {$zone->wishLevel?->decimal(1)} {$zone->wishTone->words()}"),
            'verdict' => implode(', ', array_map(static fn (ExpectedTone $each): string => $each->value, $against)),
        ], Gap::between($result, $wish)->seen];
    }

    /** @return list<string> where the bowls leave the house's rules, and why; what hurts first */
    private function said(Visit $visit): array
    {
        $picture = $this->pictures->of($visit);
        $cautions = array_map(static fn (Caution $caution): string => trim(
            implode(', ', $caution->zones).': '.Say::words($caution->fact).' '.Say::mend($caution->fact),
            ': ',
        ), $picture->cautions);
        $asked = array_map(static fn (SuggestedBowl $each): string => trim(
            Say::words($each->words).'. '.($each->why === [] ? '' : Say::words($each->why[0])),
        ), $picture->suggestions);

        return [...$cautions, ...$asked];
    }
}
