<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\PhotoKind;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $id
 * @property int $client_id
 * @property ?string $visit_id
 * @property PhotoKind $kind
 * @property string $file
 * @property int $width
 * @property int $height
 * @property string $note
 * @property ?array<string, mixed> $spot as MarkedSpot keeps it
 * @property CarbonImmutable $taken_at
 * @property TeamMember $taker
 * @property Client $client
 */
final class Photo extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'photos';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => PhotoKind::class, 'taken_at' => 'immutable_datetime', 'spot' => 'array'];
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function taker(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'taken_by');
    }
}
