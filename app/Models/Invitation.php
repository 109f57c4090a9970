<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\Role;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link that lets somebody in once: a new person, or one who sets a new password. Only its hash is kept.
 *
 * @property int $id
 * @property int $salon_id
 * @property ?int $team_member_id
 * @property int $made_by
 * @property string $token_hash
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string $licence
 * @property CarbonImmutable $ends_at
 * @property ?CarbonImmutable $used_at
 * @property Salon $salon
 * @property ?TeamMember $member
 */
final class Invitation extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'invitations';

    protected $guarded = [];

    protected $hidden = ['token_hash'];

    protected function casts(): array
    {
        return ['role' => Role::class, 'ends_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return BelongsTo<Salon, $this> */
    public function salon(): BelongsTo
    {
        return $this->belongsTo(Salon::class);
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function member(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'team_member_id');
    }
}
