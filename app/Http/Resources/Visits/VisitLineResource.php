<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Enums\ProposalState;
use App\Formulas\BatchRows;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Component;
use App\Models\Proposal;
use App\Models\Round;
use App\Models\Visit;
use Core\Units\Grams;
use Core\Weighing\BatchStatus;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One visit as an entry in a list: on Today, and in the client's line of visits.
 *
 * @property Visit $resource
 */
final class VisitLineResource extends JsonResource
{
    public const RELATIONS = [
        'client',
        'colourist.salon',
        'from',
        'rounds.bowls.stamps',
        'rounds.bowls.batches',
        'rounds.bowls.colourLine',
        'rounds.bowls.components.shade',
        'rounds.bowls.components.developer',
    ];

    /** @param  ?list<array<string, mixed>>  $bowls  as they were worked before; null where they are worked now */
    public function __construct(Visit $visit, private readonly ?array $bowls = null)
    {
        parent::__construct($visit);
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $visit = $this->resource;

        return [
            'id' => $visit->id,
            'client' => [
                'id' => $visit->client_id,
                'name' => $visit->client->name,
                'cautions' => $visit->client->cautions,
            ],
            'colourist' => ['name' => $visit->colourist->name, 'initials' => $visit->colourist->initials],
            'service' => $visit->service,
            'status' => $visit->status->value,
            'startsAt' => $visit->starts_at->toIso8601String(),
            'verdict' => $visit->verdict?->value,
            'outcome' => $visit->outcome === '' ? $visit->ended_reason : $visit->outcome,
            'keep' => $visit->keep,
            'change' => $visit->change,
            'from' => $visit->from === null ? null : [
                'id' => $visit->from->id,
                'on' => $visit->from->starts_at->toIso8601String(),
            ],
            'changes' => $this->changes($visit),
            'nextOn' => $visit->next_on?->toDateString(),
            'bowls' => $this->bowls ?? self::bowls($visit),
            'next' => (new NextStepResource($visit))->toArray(),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function bowls(Visit $visit): array
    {
        return array_values($visit->rounds->flatMap(fn (Round $round) => $round->bowls)->map(self::bowl(...))->all());
    }

    /** @return list<string> what differed from the visit it came from, in words */
    private function changes(Visit $visit): array
    {
        $decided = $visit->relationLoaded('proposals')
            ? $visit->proposals->filter(fn (Proposal $proposal): bool => $proposal->state === ProposalState::Applied)
            : [];
        $words = [];
        foreach ($decided as $proposal) {
            $words[] = $proposal->words.($proposal->before === '' ? '' : ": {$proposal->before} → {$proposal->after}");
        }

        return $words;
    }

    /** @return array<string, mixed> */
    private static function bowl(Bowl $bowl): array
    {
        $finished = $bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished);
        $colour = $bowl->components->filter(fn (Component $component): bool => $component->part === 0);
        $developer = $bowl->components->filter(fn (Component $component): bool => $component->part === 1);

        return [
            'id' => $bowl->id,
            'letter' => trim($bowl->letter),
            'job' => $bowl->job,
            'line' => $bowl->colourLine->name,
            'colour' => self::words($colour),
            'developer' => $developer->isEmpty()
                ? 'no developer'
                : self::words($developer).' at '.($bowl->sheet['ratio'] ?? ''),
            'poured' => self::poured($bowl),
            'spans' => self::spans($bowl),
            'swatches' => array_values(
                $colour->map(fn (Component $component): string => $component->shade->swatch ?? '#999999')->all(),
            ),
            'used' => $finished->isEmpty() || $bowl->isSetAside()
                ? null
                : Grams::sum($finished->map(fn (Batch $batch): Grams => $batch->used_cg))->text(),
            'state' => match (true) {
                $bowl->batches->contains(fn (Batch $batch): bool => $batch->status->isOpen()) => 'weighing',
                $finished->isNotEmpty() => 'mixed',
                default => 'planned',
            },
        ];
    }

    /** What went into it, in grams; empty where nothing was mixed, or where nobody asked for it. */
    private static function poured(Bowl $bowl): string
    {
        $batches = $bowl->batches->filter(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished);
        if (
            $batches->isEmpty()
            || $bowl->isSetAside()
            || ! $batches->every(fn (Batch $batch): bool => $batch->relationLoaded('pours'))
        ) {
            return '';
        }

        return implode(' + ', array_map(
            static fn (array $line): string => "{$line['grams']->text()} {$line['label']}",
            resolve(BatchRows::class)->pouredLines($bowl),
        ));
    }

    /** @return list<string> */
    private static function spans(Bowl $bowl): array
    {
        return array_values(array_unique(array_merge(...array_map(
            fn (array $stroke): array => $stroke['spans'] ?? [],
            $bowl->sheet['place'] ?? [],
        ))));
    }

    /** @param  Collection<int, Component>  $components */
    private static function words(Collection $components): string
    {
        // Equal parts say nothing that the names do not.
        $equal = $components->every(
            fn (Component $component): bool => $component->share === '1'
            || $component->share === 'all',
        );

        return $components->map(function (Component $component) use ($equal): string {
            $label = $component->shade->code ?? $component->developer
                ?->strength()
                ->showVolume() ?? $component->blend ?? 'what was left';

            return match (true) {
                $equal => $label,
                is_numeric($component->share) => "{$component->share} × {$label}",
                default => "{$component->share} {$label}",
            };
        })->implode(' + ');
    }
}
