<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsGrams;
use App\Records\ReadOnce;
use Carbon\CarbonImmutable;
use Core\Units\Grams;
use Core\Weighing\BatchEventKind;
use Core\Weighing\PourSource;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One event of a batch. Rows are only ever added; the database refuses to change or remove one.
 *
 * @property string $id
 * @property string $batch_id
 * @property int $sequence
 * @property BatchEventKind $kind
 * @property ?string $line
 * @property ?Grams $grams_cg
 * @property ?PourSource $source
 * @property ?int $reading_cg
 * @property ?string $reason
 * @property ?array<string, mixed> $added what goes in beside the plan, as it was on the shelf then: label, part,
 *     volume; or how an over-pour was steered back: targets, lines
 * @property ?string $zero the reader's word for what stood on the scale then
 * @property ?string $vessel what the bowl on the scale is called
 * @property int $team_member_id
 * @property CarbonImmutable $poured_at when the hand did it
 * @property ?CarbonImmutable $arrived_at when the server had it
 * @property TeamMember $teamMember
 */
final class Pour extends Model
{
    use ReadOnce;

    protected $table = 'pours';

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    // To the millisecond: two pours of one hand are told apart.
    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'kind' => BatchEventKind::class,
            'source' => PourSource::class,
            'grams_cg' => AsGrams::class,
            'added' => 'array',
            'poured_at' => 'immutable_datetime', 'arrived_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function teamMember(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class);
    }
}
