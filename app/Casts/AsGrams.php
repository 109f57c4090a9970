<?php

declare(strict_types=1);

namespace App\Casts;

use Core\Units\Grams;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** @implements CastsAttributes<Grams, Grams|int> */
final class AsGrams implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Grams
    {
        return is_numeric($value) ? Grams::ofCentigrams((int) $value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?int
    {
        return $value instanceof Grams ? $value->centigrams : (is_numeric($value) ? (int) $value : null);
    }
}
