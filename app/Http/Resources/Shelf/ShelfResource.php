<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Formulas\SalonShelf;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\HouseBlendVersion;
use App\Models\Salon;
use App\Models\Shade;
use Core\Pigment\Ladder;
use Core\Shelf\PartRole;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Salon $resource */
final class ShelfResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $salon = $this->resource;

        return [
            'step' => $salon->rules()->step->show(),
            'ladder' => array_map(
                fn (array $rung): array => [
                    'level' => $rung['level'],
                    'words' => $rung['words'],
                    'swatch' => $rung['colour']->hex(),
                ],
                Ladder::rungs(),
            ),
            'lines' => array_values($salon->colourLines()->with([
                'shades',
                'developers',
            ])->orderBy('withdrawn')->orderBy('id')->get()->map($this->line(...))->all()),
            'blends' => array_values($salon->houseBlends()->where('retired', false)
                ->orderBy('name')->orderByDesc('version')->get()
                ->map(fn (HouseBlendVersion $blend): array => [
                    'name' => $blend->name, 'version' => $blend->version, 'line' => "line-{$blend->colour_line_id}",
                ])->all()),
            'developers' => array_values(
                $salon->developers()
                    ->orderBy('volume_hundredths')
                    ->get()
                    ->map(fn (Developer $developer): array => (new DeveloperResource($developer))->toArray())
                    ->all(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function line(ColourLine $line): array
    {
        $shelf = resolve(SalonShelf::class)->of($this->resource);
        $known = $shelf->line("line-{$line->id}");

        return [
            'id' => "line-{$line->id}",
            'name' => $line->name,
            'kind' => $line->kind,
            'withdrawn' => $line->withdrawn,
            'about' => $line->about,
            'ratio' => $line->ratio,
            'window' => ['min' => $line->min_minutes, 'target' => $line->target_minutes, 'max' => $line->max_minutes],
            'developers' => array_values(
                $line->developers->where('withdrawn', false)
                    ->sortBy('volume_hundredths')
                    ->map(fn (Developer $developer): string => $developer->productId())
                    ->all(),
            ),
            'usualDeveloper' => $known === null ? null : $shelf->usualDeveloper($known)?->id,
            'order' => array_map(fn (PartRole $role): string => $role->value, $known->order ?? PartRole::USUAL),
            'products' => array_values($line->shades->sortBy('id')->map(fn (Shade $shade): array => [
                'id' => $shade->productId(),
                'code' => $shade->code,
                'name' => $shade->name,
                'kind' => $shade->kind->value,
                'swatch' => $shade->swatch,
                'withdrawn' => $shade->withdrawn,
                'packCode' => $shade->pack_code,
            ])->all()),
        ];
    }
}
