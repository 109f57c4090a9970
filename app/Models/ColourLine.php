<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $salon_id
 * @property string $name
 * @property string $kind
 * @property string $about
 * @property string $ratio
 * @property int $min_minutes
 * @property int $target_minutes
 * @property int $max_minutes
 * @property array<string, mixed> $legend
 * @property Salon $salon
 * @property bool $withdrawn
 * @property int $version
 * @property Collection<int, Shade> $shades
 * @property Collection<int, Developer> $developers
 */
final class ColourLine extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'colour_lines';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['legend' => 'array', 'withdrawn' => 'boolean'];
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }

    /** @return HasMany<Shade, $this> */
    public function shades(): HasMany
    {
        return $this->hasMany(Shade::class);
    }

    /** @return BelongsToMany<Developer, $this> */
    public function developers(): BelongsToMany
    {
        return $this->belongsToMany(Developer::class);
    }
}
