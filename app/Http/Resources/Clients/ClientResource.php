<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Actions\Clients\FindAlike;
use App\Enums\ConsentKind;
use App\Enums\ProposalSource;
use App\Enums\ProposalState;
use App\Enums\Role;
use App\Formulas\ClientTrends;
use App\Http\Resources\Lineage\ProposalResource;
use App\Http\Resources\Photos\PhotoResource;
use App\Http\Resources\Safety\SafetyResource;
use App\Http\Resources\Visits\VisitLines;
use App\Models\Client;
use App\Models\ClientMatch;
use App\Models\Consent;
use App\Models\Photo;
use App\Models\Proposal;
use App\Models\TeamMember;
use App\Words\Say;
use Core\Record\Trend;
use Core\Units\Fraction;
use Core\Units\Rounding;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Client $resource */
final class ClientResource extends JsonResource
{
    /** So many of the latest are shown. */
    private const VISITS = 60;

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $client = $this->resource;
        $photos = $client->photos()->with('taker')->get();
        $target = PhotoResource::targetAmong($photos);

        return [
            'id' => $client->id,
            'name' => $client->name,
            'phone' => $client->phone,
            'about' => $client->about,
            'cautions' => $client->cautions,
            'version' => $client->version,
            'email' => $client->email,
            'contactBy' => $client->contact_by,
            'preferred' => $client->preferred === null
                ? null
                : ['id' => $client->preferred->id, 'name' => $client->preferred->name],
            'colourists' => array_values(
                $client->salon->team()
                    ->whereNull('ended_at')
                    ->where('role', '!=', Role::Assistant)
                    ->orderBy('name')
                    ->get()
                    ->map(fn (TeamMember $each): array => ['id' => $each->id, 'name' => $each->name])
                    ->all(),
            ),
            'erasedAt' => $client->erased_at?->toIso8601String(),
            'into' => $client->into === null ? null : ['id' => $client->into->id, 'name' => $client->into->name],
            'consents' => array_map(
                fn (ConsentKind $kind): array => self::consent($client, $kind),
                ConsentKind::cases(),
            ),
            'matches' => array_values(self::matches($client)),
            'alike' => resolve(FindAlike::class)($client),
            'bornOn' => $client->born_on?->toDateString(),
            'training' => $client->training,
            'safety' => (new SafetyResource($client))->toArray(),
            'trends' => array_map(
                fn (array $job): array => [
                    'job' => $job['job'],
                    'trends' => array_map(self::trend(...), $job['trends']),
                ],
                resolve(ClientTrends::class)->of($client),
            ),
            'waiting' => array_values($client->proposals()->with(['bowl', 'fromVisit', 'decider'])->where(
                'source',
                ProposalSource::Review,
            )->where('state', ProposalState::Open)->orderByDesc('created_at')->get()
                ->unique(fn (Proposal $proposal): string => $proposal->family())
                ->map(fn (Proposal $proposal): array => (new ProposalResource($proposal))->toArray())->all()),
            'photos' => array_values(
                $photos->map(
                    fn (Photo $photo): array => (new PhotoResource($photo))->against($target)->toArray(),
                )->all(),
            ),
            'visits' => VisitLines::of($client, self::VISITS),
        ];
    }

    /** @return array{kind: string, given: ?bool, words: string, at: ?string, by: string} what stands of it */
    private static function consent(Client $client, ConsentKind $kind): array
    {
        $last = $client->consents->first(fn (Consent $each): bool => $each->kind === $kind);

        return [
            'kind' => $kind->value,
            'given' => $last?->given,
            'words' => $last->words ?? '',
            'at' => $last?->said_at->toIso8601String(),
            'by' => $last?->noter->name ?? '',
        ];
    }

    /** @return array<int, array{id: int, client: int, name: string, how: string}> */
    private static function matches(Client $client): array
    {
        return ClientMatch::of($client->id)->with('client', 'other')->orderBy('id')->get()
            ->map(
                fn (ClientMatch $match): array => [
                    'id' => $match->id,
                    'client' => $match->besides($client)->id,
                    'name' => $match->besides($client)->name,
                    'how' => $match->how,
                ],
            )->all();
    }

    /**
     * @return array{what: string, unit: string, drift: string, points: list<array{at: string, value: string, height: float}>} heights of 0 to 1, for drawing
     */
    private static function trend(Trend $trend): array
    {
        $most = Fraction::one();
        foreach ($trend->points as $point) {
            $most = $point['value']->compare($most) > 0 ? $point['value'] : $most;
        }

        return [
            'what' => Say::name($trend->what),
            'unit' => Say::name($trend->unit),
            'drift' => $trend->drift === null
                ? ''
                : Say::words($trend->drift), 'points' => array_map(fn (array $point): array => [
                    'at' => $point['at'],
                    'value' => $point['value']->decimal(1),
                    'height' => $point['value']
                        ->times(Fraction::of(1000))
                        ->dividedBy($most)
                        ->rounded(1, Rounding::HalfUp) / 1000,
                ], $trend->points)];
    }
}
