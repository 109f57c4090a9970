<?php

declare(strict_types=1);

namespace App\Models;

use App\Accounts\CanonicalEmail;
use App\Enums\Language;
use App\Enums\Role;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User;

/**
 * @property int $id
 * @property int $salon_id
 * @property string $name
 * @property string $initials
 * @property string $email
 * @property Role $role
 * @property string $licence empty for one who holds none
 * @property ?CarbonImmutable $ended_at who left comes in no more
 * @property ?string $pin hashed
 * @property Language $language in which Tinta speaks to them
 * @property int $version
 * @property Salon $salon
 */
final class TeamMember extends User
{
    use ReadOnce;
    use Recorded;

    protected $table = 'team_members';

    protected $guarded = [];

    protected $attributes = ['language' => 'en'];

    protected $hidden = ['password', 'remember_token', 'pin', 'calendar_hash'];

    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'language' => Language::class,
            'password' => 'hashed',
            'ended_at' => 'immutable_datetime',
        ];
    }

    /** @return Attribute<string, string> */
    protected function email(): Attribute
    {
        return Attribute::make(set: fn (string $typed): string => CanonicalEmail::of($typed));
    }

    public function isLicensed(): bool
    {
        return trim((string) $this->licence) !== '';
    }

    /** Who answers for what decides whether the gate asks at all: the owner, or a licensed person. */
    public function mayVouch(): bool
    {
        return $this->role === Role::Owner || $this->isLicensed();
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }
}
