<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Core\Timing\StampKind;
use Core\Weighing\BatchStatus;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property string $round_id
 * @property int $position
 * @property ?string $from_bowl_id
 * @property string $letter
 * @property string $job
 * @property int $colour_line_id
 * @property array<string, mixed> $sheet
 * @property ?array<string, mixed> $trial what the test strand came to
 * @property int $version
 * @property Round $round
 * @property ColourLine $colourLine
 * @property ?Bowl $from
 * @property Collection<int, Component> $components
 * @property Collection<int, Batch> $batches
 * @property Collection<int, Stamp> $stamps
 */
final class Bowl extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'bowls';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['sheet' => 'array', 'trial' => 'array'];
    }

    /** Mixed and not used: nothing of it went on, and nothing is learned from it. */
    public function isSetAside(): bool
    {
        $standing = [];
        foreach ($this->stamps->whereNull('batch_id')->where('side', '') as $stamp) {
            $stamp->kind === StampKind::Undone ? array_pop($standing) : $standing[] = $stamp->kind;
        }

        return in_array(StampKind::SetAside, $standing, true);
    }

    /** Also where what was begun was left before its first gram: the record keeps that, so the bowl stays. */
    public function wasBegun(): bool
    {
        return $this->hasMany(Batch::class)->exists();
    }

    /**
     * Those of some visits, found from the visits on: asked as what has such a round (`whereHas`), the database looks
     * through every bowl there is.
     *
     * @param  Builder<Bowl>  $bowls
     * @param  Builder<Visit>  $visits
     */
    public function scopeOfVisits(Builder $bowls, Builder $visits): void
    {
        $bowls->whereIn(
            'bowls.round_id',
            Round::query()->select('id')->whereIn('visit_id', $visits->select('visits.id')),
        );
    }

    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
    }

    /** @return BelongsTo<ColourLine, $this> */
    public function colourLine(): BelongsTo
    {
        return $this->belongsTo(ColourLine::class);
    }

    /** @return BelongsTo<Bowl, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(self::class, 'from_bowl_id');
    }

    /** @return HasMany<Component, $this> */
    public function components(): HasMany
    {
        return $this->hasMany(Component::class)->orderBy('position');
    }

    /** @return HasMany<Stamp, $this> */
    public function stamps(): HasMany
    {
        return $this->hasMany(Stamp::class)->orderBy('sequence');
    }

    /**
     * Those that were left before their first gram are as if they had not been.
     *
     * @return HasMany<Batch, $this>
     */
    public function batches(): HasMany
    {
        return $this->hasMany(Batch::class)->where('status', '!=', BatchStatus::Withdrawn)->orderBy('number');
    }
}
