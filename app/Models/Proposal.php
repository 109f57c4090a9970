<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\ProposalSource;
use App\Enums\ProposalState;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A change from one visit to the next: said at closing, worked out by a repeat, or made with a reason.
 *
 * @property string $id
 * @property int $client_id
 * @property string $from_visit_id
 * @property ?string $visit_id
 * @property ?string $bowl_id
 * @property ?string $copy_of the same change, waiting in another visit
 * @property ?string $from_bowl_id
 * @property ProposalSource $source
 * @property array<string, mixed> $change
 * @property string $words
 * @property string $reason
 * @property string $before
 * @property string $after
 * @property ?array<string, mixed> $sheet_before
 * @property ?array<string, mixed> $sheet_after
 * @property ProposalState $state
 * @property ?CarbonImmutable $decided_at
 * @property ?Bowl $bowl
 * @property ?TeamMember $decider
 * @property Visit $fromVisit
 */
final class Proposal extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'proposals';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'source' => ProposalSource::class,
            'state' => ProposalState::class,
            'change' => 'array',
            'sheet_before' => 'array',
            'sheet_after' => 'array',
            'decided_at' => 'immutable_datetime',
        ];
    }

    /** The change that this one is, in whatever visit it waits. */
    public function family(): string
    {
        return $this->copy_of ?? $this->id;
    }

    /** @return BelongsTo<Visit, $this> the visit it waits in */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<Bowl, $this> */
    public function bowl(): BelongsTo
    {
        return $this->belongsTo(Bowl::class);
    }

    /** @return BelongsTo<Visit, $this> */
    public function fromVisit(): BelongsTo
    {
        return $this->belongsTo(Visit::class, 'from_visit_id');
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function decider(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'decided_by');
    }
}
