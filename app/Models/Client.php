<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsSealed;
use App\Enums\ConsentKind;
use App\Exceptions\ClientRefused;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $salon_id
 * @property Salon $salon
 * @property string $name
 * @property string $phone
 * @property string $about
 * @property string $cautions
 * @property ?CarbonImmutable $born_on
 * @property string $email
 * @property string $contact_by phone, mail, message, none; empty where nobody asked
 * @property ?int $preferred_id
 * @property ?TeamMember $preferred who they like to come to
 * @property ?CarbonImmutable $erased_at the person was taken out of the record
 * @property ?int $merged_into_id whose file this one became part of
 * @property ?Client $into
 * @property bool $training
 * @property ?int $practice_seed
 * @property ?string $practice_lesson
 * @property ?int $practice_of whose practice head it is
 * @property int $version
 */
final class Client extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'clients';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'born_on' => 'immutable_date',
            'training' => 'boolean',
            'cautions' => AsSealed::class,
            'erased_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function preferred(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'preferred_id');
    }

    /** @return BelongsTo<Client, $this> */
    public function into(): BelongsTo
    {
        return $this->belongsTo(self::class, 'merged_into_id');
    }

    /** @return HasMany<Consent, $this> newest first */
    public function consents(): HasMany
    {
        return $this->hasMany(Consent::class)->orderByDesc('said_at')->orderByDesc('noted_at');
    }

    /**
     * Nothing new is written into a file that is nobody's any more, or is another one's.
     *
     * @throws ClientRefused
     */
    public function mustBeHere(): void
    {
        match (true) {
            $this->erased_at !== null => throw ClientRefused::erased(),
            $this->into !== null => throw ClientRefused::merged($this->into->name),
            default => null,
        };
    }

    /** Whether they agreed to it, and did not take it back; null where nobody asked. */
    public function agreesTo(ConsentKind $kind): ?bool
    {
        return $this->consents->first(fn (Consent $consent): bool => $consent->kind === $kind)?->given;
    }

    /** @return HasMany<SkinTest, $this> newest first */
    public function skinTests(): HasMany
    {
        return $this->hasMany(SkinTest::class)->orderByDesc('placed_at');
    }

    /** @return HasMany<ContraindicationNote, $this> */
    public function contraindications(): HasMany
    {
        return $this->hasMany(ContraindicationNote::class)->orderByDesc('noted_at');
    }

    /** @return HasMany<Photo, $this> newest first */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class)->orderByDesc('taken_at');
    }

    /** @return HasMany<Proposal, $this> */
    public function proposals(): HasMany
    {
        return $this->hasMany(Proposal::class);
    }

    /** @return HasMany<Visit, $this> newest first */
    public function visits(): HasMany
    {
        return $this->hasMany(Visit::class)->orderByDesc('starts_at');
    }
}
