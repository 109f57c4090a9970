<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Two heads that are to look alike, the one with the lower id first.
 *
 * @property int $id
 * @property int $salon_id
 * @property int $client_id
 * @property int $other_id
 * @property string $how twins, mother and daughter
 * @property Client $client
 * @property Client $other
 * @property TeamMember $maker
 */
final class ClientMatch extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'client_matches';

    protected $guarded = [];

    /** @return Builder<self> those of a client, whichever of the two they are */
    public static function of(int $client): Builder
    {
        return self::query()->where(
            fn (Builder $either) => $either->where('client_id', $client)->orWhere('other_id', $client),
        );
    }

    /** The other of the two. */
    public function besides(Client $one): Client
    {
        return $this->client_id === $one->id ? $this->other : $this->client;
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Client, $this> */
    public function other(): BelongsTo
    {
        return $this->belongsTo(Client::class, 'other_id');
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'made_by');
    }
}
