<?php

declare(strict_types=1);

namespace App\Http\Resources\Weighing;

use App\Formulas\CatchUpRows;
use App\Formulas\TurnRows;
use App\Http\Resources\Safety\GateResource;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Component;
use App\Models\Round;
use App\Models\VesselRow;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Formula\BowlSheet;
use Core\Formula\KnownBowl;
use Core\Formula\KnownLine;
use Core\Weighing\BatchStatus;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Bowl $resource */
final class BenchResource extends JsonResource
{
    /** Cream tones for developers, weaker ones lighter. */
    private const DEVELOPER = [6 => '#f7f3ea', 10 => '#efe7d6', 20 => '#e5dac3', 30 => '#d9cbb0', 40 => '#cbb998'];

    public function __construct(Bowl $bowl, private readonly KnownBowl $known, private readonly BowlSheet $sheet)
    {
        parent::__construct($bowl);
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $bowl = $this->resource;
        $early = resolve(TurnRows::class)->early($bowl);
        $later = resolve(CatchUpRows::class)->of($bowl, CarbonImmutable::now());

        return [
            'letter' => trim($bowl->letter),
            'job' => $bowl->job,
            'line' => $bowl->colourLine->name,
            'lineId' => "line-{$bowl->colour_line_id}",
            'ratio' => $bowl->sheet['ratio'] ?? '',
            'client' => $bowl->round->visit->client->name,
            'visit' => $bowl->round->visit_id,
            'mark' => $this->sheet->details->mark,
            'next' => self::next($bowl),
            'vessels' => VesselRow::query()->where('salon_id', $bowl->round->visit->salon_id)->where('mark', '!=', '')
                ->orderByDesc('updated_at')->limit(6)->get()
                ->map(fn (VesselRow $row): array => ['mark' => $row->mark, 'weight' => $row->weight_cg->text()])->all(),
            'batches' => array_values($bowl->batches->map(fn (Batch $batch, int $at): array => [
                'id' => $batch->id, 'number' => $at + 1, 'status' => $batch->status->value,
            ])->all()),
            'gate' => GateResource::ofBowl($bowl),
            'early' => $early === null ? null : ['reason' => Say::words($early), 'mend' => Say::mend($early)],
            'later' => $later === null
                ? null
                : ['strength' => $later->strength?->showVolume() ?? '', 'why' => Say::all($later->why)],
            'total' => $this->known->worked === null ? 'by eye' : $this->known->total->show(),
            'lines' => array_map(fn (KnownLine $line): array => [
                'key' => $line->key,
                'label' => $line->label,
                'grams' => $line->isOpen ? 'by eye' : ($line->mass->grams()?->text() ?? 'by eye'),
            ], $this->known->lines()),
            'colours' => (object) $bowl->components
                ->mapWithKeys(fn (Component $each): array => [$each->productId() => $this->colour($each)])
                ->all(),
        ];
    }

    /**
     * The bowl of this visit that comes after this one and is not mixed yet.
     *
     * @return ?array{id: string, letter: string}
     */
    private static function next(Bowl $bowl): ?array
    {
        $bowls = $bowl->round->visit->rounds()
            ->with('bowls.batches')
            ->get()
            ->flatMap(fn (Round $round) => $round->bowls)
            ->values();
        $at = $bowls->search(fn (Bowl $each): bool => $each->id === $bowl->id);
        $left = $bowls->slice((int) $at + 1)->concat($bowls->take((int) $at))->first(
            fn (Bowl $each): bool => ! $each->batches->contains(
                fn (Batch $batch): bool => $batch->status === BatchStatus::Finished,
            ),
        );

        return $left === null ? null : ['id' => $left->id, 'letter' => trim($left->letter)];
    }

    private function colour(Component $component): string
    {
        return $component->shade->swatch ?? self::DEVELOPER[intdiv(
            $component->developer->volume_hundredths ?? 0,
            100,
        )] ?? '#e5dac3';
    }
}
