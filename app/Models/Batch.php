<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsGrams;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Core\Units\Grams;
use Core\Weighing\BatchStatus;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $bowl_id
 * @property int $number
 * @property array<string, mixed> $plan
 * @property BatchStatus $status
 * @property Grams $mixed_cg what its pours come to, once it is weighed; while it is open they alone tell
 * @property Grams $used_cg of that, without what was weighed back; once it is weighed
 * @property CarbonImmutable $started_at
 * @property ?CarbonImmutable $finished_at
 * @property Bowl $bowl
 * @property Collection<int, Pour> $pours
 */
final class Batch extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'batches';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'plan' => 'array',
            'status' => BatchStatus::class,
            'mixed_cg' => AsGrams::class,
            'used_cg' => AsGrams::class,
            'started_at' => 'immutable_datetime', 'finished_at' => 'immutable_datetime',
        ];
    }

    /**
     * Summed from its pours, each of which is on the record.
     *
     * @return list<string>
     */
    protected static function worked(): array
    {
        return ['mixed_cg', 'used_cg'];
    }

    /** @return BelongsTo<Bowl, $this> */
    public function bowl(): BelongsTo
    {
        return $this->belongsTo(Bowl::class);
    }

    /** @return HasMany<Pour, $this> */
    public function pours(): HasMany
    {
        return $this->hasMany(Pour::class)->orderBy('sequence');
    }
}
