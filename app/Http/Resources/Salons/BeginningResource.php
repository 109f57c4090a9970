<?php

declare(strict_types=1);

namespace App\Http\Resources\Salons;

use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Salon;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What a new salon is led through: each step done, left for later, or next.
 *
 * @property Salon $resource
 */
final class BeginningResource extends JsonResource
{
    public const STEPS = ['developers', 'line', 'products', 'people', 'rules', 'client', 'bowl'];

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $salon = $this->resource;
        $done = fn (string $step): bool => match ($step) {
            'developers' => $salon->developers()->exists(),
            'line' => $salon->colourLines()->exists(),
            'products' => $salon->colourLines()->whereHas('shades')->exists(),
            'people' => $salon->team()->count() > 1,
            // Whoever has looked at them and set one, or saved them as they are, has been there.
            'rules' => $salon->house_rules !== null,
            'client' => $salon->clients()->exists(),
            default => Batch::query()
                ->where('status', 'finished')
                ->whereIn('bowl_id', Bowl::query()->ofVisits($salon->visits()->getQuery())->select('id'))
                ->exists(),
        };

        return [
            'shown' => $salon->beginning !== null,
            'line' => ($line = $salon->colourLines()->orderByDesc('id')->first()) === null ? null : "line-{$line->id}",
            'steps' => $salon->beginning === null ? [] : array_map(fn (string $step): array => [
                'key' => $step,
                'done' => $done($step),
                'later' => in_array($step, $salon->beginning ?? [], true),
            ], self::STEPS),
        ];
    }
}
