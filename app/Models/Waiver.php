<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A licensed person’s reason for going on without a skin test.
 *
 * @property string $id
 * @property string $visit_id
 * @property string $licence
 * @property string $reason
 * @property ?list<string> $lines ids of those it was signed for
 * @property CarbonImmutable $made_at
 * @property TeamMember $teamMember
 */
final class Waiver extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'waivers';

    public $incrementing = false;

    protected $keyType = 'string';

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['made_at' => 'immutable_datetime', 'lines' => 'array'];
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function teamMember(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class);
    }
}
