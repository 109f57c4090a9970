<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $salon_id
 * @property string $name
 * @property string $phone
 * @property string $about
 * @property string $cautions
 * @property ?CarbonImmutable $born_on
 * @property bool $training
 * @property ?int $practice_seed
 * @property ?string $practice_lesson
 * @property ?int $practice_of whose practice head it is
 * @property int $version
 */
final class Client extends Model
{
    use Recorded;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['born_on' => 'immutable_date', 'training' => 'boolean'];
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
