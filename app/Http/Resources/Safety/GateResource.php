<?php

declare(strict_types=1);

namespace App\Http\Resources\Safety;

use App\Formulas\SafetyRows;
use App\Http\Resources\Visits\PictureResource;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\Visit;
use App\Models\Waiver;
use Carbon\CarbonImmutable;
use Core\Safety\SkinTestState;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Visit $resource */
final class GateResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $gate = resolve(SafetyRows::class)->gate($this->resource, CarbonImmutable::now());

        return [
            'open' => $gate->isOpen(),
            'reasons' => PictureResource::cautions($gate->reasons),
            'waivable' => $gate->waivable,
            'waived' => $gate->waived,
            'waivers' => array_values($this->resource->waivers->map(fn (Waiver $waiver): array => [
                'by' => $waiver->teamMember->name, 'licence' => $waiver->licence, 'reason' => $waiver->reason, 'at' => $waiver->made_at->toIso8601String(),
            ])->all()),
            'states' => (object) $this->states($gate->states),
        ];
    }

    /**
     * @param  array<string, SkinTestState>  $states  by line id
     * @return array<string, array{line: string, state: string, words: string}>
     */
    private function states(array $states): array
    {
        $names = $this->resource->rounds->flatMap(fn (Round $round) => $round->bowls)->mapWithKeys(fn (Bowl $bowl): array => ["line-{$bowl->colour_line_id}" => $bowl->colourLine->name]);
        $found = [];
        foreach ($states as $line => $state) {
            $found[$line] = ['line' => $names[$line] ?? '', 'state' => $state->value, 'words' => $state->words()];
        }

        return $found;
    }
}
