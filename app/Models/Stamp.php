<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use Carbon\CarbonImmutable;
use Core\Timing\StampKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One mark on a bowl’s clock. Rows are only ever added; the database refuses to change or remove one.
 *
 * @property string $id
 * @property string $bowl_id
 * @property ?string $batch_id of a batch with a clock of its own; null for the bowl's
 * @property string $side of a head whose sides are timed apart; empty for all of it
 * @property int $sequence
 * @property StampKind $kind
 * @property CarbonImmutable $stamped_at
 * @property string $words
 * @property int $minutes given beyond the plan
 * @property string $zone of the canvas that somebody looked at; empty where that is not said
 * @property string $strand its kind there, by its key
 * @property ?int $level_hundredths that was seen
 * @property TeamMember $teamMember
 */
final class Stamp extends Model
{
    use ReadOnce;

    protected $table = 'stamps';

    public $incrementing = false;

    protected $keyType = 'string';

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => StampKind::class, 'stamped_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function teamMember(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class);
    }
}
