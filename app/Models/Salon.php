<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsScaleStep;
use Core\Rules\ClockStart;
use Core\Rules\HouseRules;
use Core\Units\Ounce;
use Core\Units\ScaleStep;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property ScaleStep $scale_step_cg
 * @property Ounce $ounce
 * @property ?array<string, mixed> $house_rules what differs from the standard: skinTestDays, clock, waivers
 */
final class Salon extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['scale_step_cg' => AsScaleStep::class, 'ounce' => Ounce::class, 'house_rules' => 'array'];
    }

    /** What this house does where good people disagree. */
    public function rules(): HouseRules
    {
        $rules = HouseRules::standard()->withStep($this->scale_step_cg)->withOunce($this->ounce);
        $own = $this->house_rules ?? [];
        $rules = isset($own['skinTestDays']) ? $rules->withSkinTestDays((int) $own['skinTestDays']) : $rules;
        $rules = isset($own['clock']) ? $rules->withClockStart(ClockStart::from($own['clock'])) : $rules;

        return isset($own['waivers']) ? $rules->withWaivers((bool) $own['waivers']) : $rules;
    }

    /** @return HasMany<HouseBlendVersion, $this> */
    public function houseBlends(): HasMany
    {
        return $this->hasMany(HouseBlendVersion::class);
    }

    /** @return HasMany<ColourLine, $this> */
    public function colourLines(): HasMany
    {
        return $this->hasMany(ColourLine::class);
    }

    /** @return HasMany<Developer, $this> */
    public function developers(): HasMany
    {
        return $this->hasMany(Developer::class);
    }

    /** @return HasMany<Client, $this> */
    public function clients(): HasMany
    {
        return $this->hasMany(Client::class);
    }

    /** @return HasMany<Visit, $this> */
    public function visits(): HasMany
    {
        return $this->hasMany(Visit::class);
    }

    /** @return HasMany<TeamMember, $this> */
    public function team(): HasMany
    {
        return $this->hasMany(TeamMember::class);
    }
}
