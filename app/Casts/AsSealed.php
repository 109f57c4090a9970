<?php

declare(strict_types=1);

namespace App\Casts;

use App\Sealed\Seal;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A note that stands sealed in its column and is read in words.
 *
 * @implements CastsAttributes<string, string>
 */
final class AsSealed implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): string
    {
        return is_string($value) ? resolve(Seal::class)->open($value) : '';
    }

    /** The same words stay as they were sealed: nothing was changed. */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $kept = $attributes[$key] ?? null;
        $seal = resolve(Seal::class);

        return is_string($kept) && Seal::isSealed($kept) && $seal->open($kept) === $value
            ? $kept
            : $seal->close((string) $value);
    }
}
