<?php

declare(strict_types=1);

namespace App\Http\Resources\Safety;

use App\Formulas\SafetyRows;
use App\Http\Resources\Visits\PictureResource;
use App\Models\Bowl;
use App\Models\ColourLine;
use App\Models\Visit;
use App\Models\Waiver;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Safety\Gate;
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

        return self::shape($gate) + [
            'waivable' => $gate->waivable,
            'waived' => $gate->waived,
            'waivers' => array_values($this->resource->waivers->map(fn (Waiver $waiver): array => [
                'by' => $waiver->teamMember->name,
                'licence' => $waiver->licence,
                'reason' => $waiver->reason,
                'at' => $waiver->made_at->toIso8601String(),
            ])->all()),
            'states' => (object) $this->states($gate->states),
        ];
    }

    /**
     * @return array{open: bool, ahead: bool, reasons: list<array{key: string, reason: string, mend: string}>} the gate
     *     of one bowl, for the bench
     */
    public static function ofBowl(Bowl $bowl): array
    {
        return self::shape(resolve(SafetyRows::class)->gateOf($bowl, $bowl->round->visit, CarbonImmutable::now()));
    }

    /** @return array{open: bool, ahead: bool, reasons: list<array{key: string, reason: string, mend: string}>} */
    private static function shape(Gate $gate): array
    {
        return [
            'open' => $gate->isOpen(),
            'ahead' => $gate->isAhead(),
            'reasons' => PictureResource::cautions($gate->reasons),
        ];
    }

    /**
     * @param  array<string, SkinTestState>  $states  by line id
     * @return array<string, array{line: string, state: string, words: string}>
     */
    private function states(array $states): array
    {
        $names = ColourLine::query()->where('salon_id', $this->resource->salon_id)->pluck('name', 'id');
        $found = [];
        foreach ($states as $line => $state) {
            $found[$line] = [
                'line' => $names[(int) substr($line, 5)] ?? '',
                'state' => $state->value,
                'words' => Say::name($state->words()),
            ];
        }

        return $found;
    }
}
