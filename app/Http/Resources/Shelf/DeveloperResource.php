<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Models\Developer;
use Core\Units\Price;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Developer $resource */
final class DeveloperResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $developer = $this->resource;

        return [
            'id' => $developer->productId(),
            'label' => $developer->strength()->show(),
            'name' => $developer->name,
            'strength' => $developer->strength()->showVolume(),
            'pack' => $developer->pack_cg === null ? '' : $developer->pack_cg->text(),
            'packCode' => $developer->pack_code ?? '',
            'price' => $developer->price_cents === null ? '' : Price::ofCents($developer->price_cents)->show(),
            'withdrawn' => $developer->withdrawn ?? false,
            'version' => $developer->version ?? 1,
        ];
    }
}
