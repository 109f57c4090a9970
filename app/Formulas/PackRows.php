<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Developer;
use App\Models\Shade;
use Core\Units\Grams;

/** What a tube or a bottle holds and costs today, without the rest of the shelf: asked with every pour. One a request. */
final class PackRows
{
    /** @var array<string, array{?Grams, ?int}> by product id */
    private array $packs = [];

    /**
     * @param  string  $product  shade-7, developer-3; of anything else nothing stands on the shelf
     * @return array{?Grams, ?int} null where nobody has said
     */
    public function of(string $product): array
    {
        return $this->packs[$product] ??= self::load($product);
    }

    /** @return array{?Grams, ?int} */
    private static function load(string $product): array
    {
        [$kind, $id] = explode('-', $product, 2) + [1 => ''];
        $row = match ($kind) {
            'shade' => Shade::query()->find((int) $id),
            'developer' => Developer::query()->find((int) $id),
            default => null,
        };

        return [$row?->pack_cg, $row?->price_cents];
    }
}
