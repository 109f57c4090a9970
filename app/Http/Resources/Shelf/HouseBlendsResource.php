<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Formulas\SalonShelf;
use App\Models\Component;
use App\Models\HouseBlendVersion;
use App\Models\Salon;
use Core\Shelf\HouseBlend;
use Core\Shelf\Shelf;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * The house's own recipes by name, each with its versions and how often they were used.
 *
 * @property Salon $resource
 */
final class HouseBlendsResource extends JsonResource
{
    /** @return list<array<string, mixed>> */
    public function toArray(?Request $request = null): array
    {
        $salon = $this->resource;
        $shelf = resolve(SalonShelf::class)->of($salon);
        $all = $salon->houseBlends()->orderBy('name')->orderByDesc('version')->get();
        $used = self::used($salon, array_values($all->pluck('name')->unique()->map(strval(...))->all()));

        return array_values($all->groupBy('name')
            ->map(fn ($versions, string $name): array => [
                'name' => $name,
                'retired' => $versions->every(fn (HouseBlendVersion $version): bool => $version->retired === true),
                'line' => $shelf->line("line-{$versions->first()?->colour_line_id}")->name ?? '',
                'versions' => array_values($versions->map(fn (HouseBlendVersion $version): array => [
                    'version' => $version->version,
                    'made' => $version->created_at?->toIso8601String(),
                    'ingredients' => self::ingredients($version, $shelf),
                    'bowls' => $used[HouseBlend::idOf($name, $version->version)] ?? 0,
                ])->all()),
            ])->all());
    }

    /**
     * Found from what names a blend on: asked as every bowl of the salon, all of them would be looked through.
     *
     * @param  list<string>  $names
     * @return array<string, int> bowls by the blend's id
     */
    private static function used(Salon $salon, array $names): array
    {
        $used = [];
        foreach (
            Component::query()->toBase()
                ->join('bowls', 'bowls.id', '=', 'components.bowl_id')
                ->join('rounds', 'rounds.id', '=', 'bowls.round_id')
                ->join('visits', 'visits.id', '=', 'rounds.visit_id')
                ->where('visits.salon_id', $salon->id)->whereIn('components.blend', $names)
                ->distinct()->select(['bowls.id', 'bowls.sheet'])->cursor() as $bowl
        ) {
            $named = [];
            foreach ((array) (((array) json_decode((string) $bowl->sheet, true))['parts'] ?? []) as $part) {
                foreach ((array) ($part['ingredients'] ?? []) as $each) {
                    if (is_string($each['blend'] ?? null)) {
                        $named[HouseBlend::idOf($each['blend'], (int) ($each['version'] ?? 1))] = true;
                    }
                }
            }
            foreach (array_keys($named) as $id) {
                $used[$id] = ($used[$id] ?? 0) + 1;
            }
        }

        return $used;
    }

    /** @return list<array{label: string, share: string}> */
    private static function ingredients(HouseBlendVersion $version, Shelf $shelf): array
    {
        return array_map(static fn (array $each): array => [
            'label' => $shelf->product($each['product'])?->label() ?? $each['product'],
            'share' => $each['share'],
        ], $version->ingredients);
    }
}
