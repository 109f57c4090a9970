<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\Role;
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
 * @property Salon $salon
 */
final class TeamMember extends User
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }
}
