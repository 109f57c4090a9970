<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $visit_id
 * @property int $position
 * @property string $name
 * @property int $version raised by every new name
 * @property ?list<array<string, mixed>> $reached what each zone came to before the next round
 * @property ?CarbonImmutable $reached_at
 * @property ?TeamMember $reachedBy
 * @property Visit $visit
 * @property Collection<int, Bowl> $bowls
 */
final class Round extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'rounds';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['reached' => 'array', 'reached_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function reachedBy(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'reached_by');
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return HasMany<Bowl, $this> */
    public function bowls(): HasMany
    {
        return $this->hasMany(Bowl::class)->orderBy('position');
    }
}
