<?php

declare(strict_types=1);

namespace App\Casts;

use Core\Units\ScaleStep;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** @implements CastsAttributes<ScaleStep, ScaleStep> */
final class AsScaleStep implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ScaleStep
    {
        return ScaleStep::from(is_numeric($value) ? (int) $value : ScaleStep::TenthGram->value);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): int
    {
        return $value instanceof ScaleStep ? $value->value : ScaleStep::from(is_numeric($value) ? (int) $value : 0)->value;
    }
}
