<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Http\Resources\Bowls\BowlResource;
use App\Http\Resources\Lineage\ProposalResource;
use App\Http\Resources\Safety\GateResource;
use App\Models\Bowl;
use App\Models\Proposal;
use App\Models\Round;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Records\RulesThen;
use Carbon\CarbonImmutable;
use Core\Codec\ReadCare;
use Core\Record\CareStep;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Visit $resource */
final class VisitResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $visit = $this->resource;
        $visit->loadMissing([
            'client',
            'colourist.salon',
            'from',
            'canvas.editor',
            'proposals.bowl',
            'proposals.fromVisit',
            'proposals.decider',
            'raised.bowl',
            'raised.fromVisit',
            'raised.decider',
            'waivers.teamMember',
            'rounds.reachedBy',
            'rounds.bowls.components',
            'rounds.bowls.colourLine',
            'rounds.bowls.batches',
            'rounds.bowls.stamps.teamMember',
            'rounds.bowls.from.round.visit',
        ]);
        $visit->rounds->each(function (Round $round) use ($visit): void {
            $round->setRelation('visit', $visit);
            $round->bowls->each(fn (Bowl $bowl) => $bowl->setRelation('round', $round));
        });

        return [
            'id' => $visit->id,
            'version' => $visit->version,
            'now' => CarbonImmutable::now()->toIso8601String(),
            'client' => [
                'id' => $visit->client_id,
                'name' => $visit->client->name,
                'cautions' => $visit->client->cautions,
                'training' => $visit->client->training,
                'practice' => $visit->client->practice_seed !== null,
            ],
            'colourist' => ['name' => $visit->colourist->name, 'initials' => $visit->colourist->initials],
            'team' => array_values(
                $visit->colourist->salon->team->map(fn (TeamMember $member): string => $member->name)->all(),
            ),
            'service' => $visit->service,
            'status' => $visit->status->value,
            'startsAt' => $visit->starts_at->toIso8601String(),
            'closedAt' => $visit->closed_at?->toIso8601String(),
            'rulesThen' => RulesThen::of($visit),
            'endedReason' => $visit->ended_reason,
            'note' => $visit->note,
            'verdict' => $visit->verdict?->value,
            'outcome' => $visit->outcome,
            'keep' => $visit->keep,
            'change' => $visit->change,
            'results' => $visit->results ?? [],
            'lasting' => $visit->lasting, 'covering' => $visit->covering, 'bright' => $visit->bright,
            'nextOn' => $visit->next_on?->toDateString(),
            'from' => $visit->from === null ? null : [
                'id' => $visit->from->id,
                'on' => $visit->from->starts_at->toIso8601String(),
            ],
            'before' => $this->before($visit),
            'amendments' => AmendmentResource::of($visit),
            'care' => self::care($visit),
            'canvas' => CanvasResource::shape($visit->canvas),
            'picture' => (new PictureResource($visit))->toArray(),
            'gate' => (new GateResource($visit))->toArray(),
            'raised' => array_values(
                $visit->raised->map(
                    fn (Proposal $proposal): array => (new ProposalResource($proposal))->toArray(),
                )->all(),
            ),
            'proposals' => array_values(
                $visit->proposals->map(
                    fn (Proposal $proposal): array => (new ProposalResource($proposal))->toArray(),
                )->all(),
            ),
            'rounds' => array_values($visit->rounds->map(fn (Round $round): array => [
                'id' => $round->id,
                'name' => $round->name,
                'version' => $round->version,
                'reached' => $round->reached ?? [],
                'reachedBy' => $round->reachedBy?->name,
                'reachedAt' => $round->reached_at?->toIso8601String(),
                'bowls' => array_values(
                    $round->bowls->map(fn (Bowl $bowl): array => (new BowlResource($bowl))->toArray())->all(),
                ),
            ])->all()),
            'hands' => $visit->hands,
            'times' => (new TimesResource($visit))->toArray(),
            'leftOpen' => NextStepResource::leftOpen($visit),
            'next' => (new NextStepResource($visit))->toArray(),
        ];
    }

    /** @return array<string, mixed> */
    private static function care(Visit $visit): array
    {
        $steps = ReadCare::from($visit->care ?? []);

        return [
            'steps' => ReadCare::write($steps),
            'minutes' => CareStep::minutesOf($steps),
            'price' => CareStep::money(CareStep::priceOf($steps)),
        ];
    }

    /**
     * The visit before, of which it can be said only now whether it lasted; null where there is none.
     *
     * @return ?array<string, mixed>
     */
    private function before(Visit $visit): ?array
    {
        $before = $visit->before();

        return $before === null ? null : [
            'id' => $before->id,
            'on' => $before->starts_at->toIso8601String(),
            'service' => $before->service,
            'weeks' => $before->lasted_weeks,
            'lasting' => $before->lasting,
            'greyShown' => $before->grey_shown,
            'since' => (int) $before->starts_at->diffInWeeks($visit->starts_at),
        ];
    }
}
