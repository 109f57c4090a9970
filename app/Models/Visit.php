<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\ProposalSource;
use App\Enums\Verdict;
use App\Enums\VisitStatus;
use App\Records\Editions;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Core\Practice\HouseRules;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property string $id
 * @property int $salon_id
 * @property int $client_id
 * @property int $colourist_id
 * @property ?string $from_visit_id
 * @property string $service
 * @property VisitStatus $status
 * @property CarbonImmutable $starts_at
 * @property ?CarbonImmutable $received_at
 * @property ?CarbonImmutable $closed_at
 * @property string $note
 * @property ?Verdict $verdict
 * @property string $outcome
 * @property string $keep
 * @property string $change
 * @property ?list<array<string, mixed>> $results
 * @property ?bool $lasting
 * @property ?bool $covering
 * @property ?bool $bright
 * @property ?bool $grey_shown said at the next visit, as lasting and the weeks
 * @property ?int $lasted_weeks
 * @property ?int $lasted_said_by
 * @property ?CarbonImmutable $lasted_said_at
 * @property string $ended_reason why it did not take place
 * @property ?CarbonImmutable $ended_at
 * @property ?list<array<string, mixed>> $care
 * @property ?CarbonImmutable $next_on
 * @property ?Canvas $canvas
 * @property Collection<int, Proposal> $proposals
 * @property Collection<int, Proposal> $raised
 * @property Collection<int, Waiver> $waivers
 * @property int $version
 * @property int $hands people who can apply at once
 * @property Client $client
 * @property TeamMember $colourist
 * @property ?Visit $from
 * @property Collection<int, Round> $rounds
 */
final class Visit extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'visits';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'status' => VisitStatus::class, 'verdict' => Verdict::class,
            'starts_at' => 'immutable_datetime',
            'received_at' => 'immutable_datetime',
            'closed_at' => 'immutable_datetime',
            'next_on' => 'immutable_date',
            'results' => 'array', 'lasting' => 'boolean', 'grey_shown' => 'boolean',
            'lasted_said_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime', 'care' => 'array', 'covering' => 'boolean', 'bright' => 'boolean',
        ];
    }

    /** The house's rules; of a closed visit those under which it was closed. */
    public function rules(): HouseRules
    {
        return resolve(Editions::class)->rules($this->colourist->salon, $this->closed_at);
    }

    /** The client's last closed visit before this one. */
    public function before(): ?self
    {
        return self::query()->where('client_id', $this->client_id)->where('status', VisitStatus::Closed)
            ->whereKeyNot($this->id)->where('starts_at', '<', $this->starts_at)->latest('starts_at')->first();
    }

    /**
     * The last closed visit of its client before each of these, with what `with` names, asked for at once.
     *
     * @param  Collection<int, self>  $visits
     * @param  list<string>  $with
     * @return array<string, self> by visit
     */
    public static function beforeEach(Collection $visits, array $with = []): array
    {
        $last = self::query()->from('visits', 'last')->select('last.id')->whereColumn('last.client_id', 'visits.client_id')
            ->where('last.status', VisitStatus::Closed)->whereColumn('last.id', '!=', 'visits.id')
            ->whereColumn('last.starts_at', '<', 'visits.starts_at')->latest('last.starts_at')->limit(1);
        $ids = self::query()->whereKey($visits->modelKeys())->select('visits.id')->selectSub($last, 'last_id')
            ->toBase()->pluck('last_id', 'id')->filter();
        $found = self::query()->whereKey($ids->unique()->values()->all())->with($with)->get()->keyBy('id');

        return $ids->map(fn (mixed $id): ?self => $found[$id] ?? null)->filter()->all();
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function colourist(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class);
    }

    /** @return BelongsTo<Visit, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(self::class, 'from_visit_id');
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        return $this->hasMany(Round::class)->orderBy('position');
    }

    /** @return HasOne<Canvas, $this> */
    public function canvas(): HasOne
    {
        return $this->hasOne(Canvas::class);
    }

    /** @return HasMany<Proposal, $this> decided, or to be decided, in this visit */
    public function proposals(): HasMany
    {
        return $this->hasMany(Proposal::class)->orderBy('created_at')->orderBy('id');
    }

    /** @return HasMany<Proposal, $this> said at the close of this visit, for the next */
    public function raised(): HasMany
    {
        return $this->hasMany(
            Proposal::class,
            'from_visit_id',
        )->where('source', ProposalSource::Review)->orderBy('created_at')->orderBy('id');
    }

    /** @return HasMany<Waiver, $this> newest first */
    public function waivers(): HasMany
    {
        return $this->hasMany(Waiver::class)->orderByDesc('made_at');
    }
}
