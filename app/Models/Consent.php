<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\ConsentKind;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a client agreed to something, or took it back. The last one of a kind is what stands.
 *
 * @property string $id
 * @property int $client_id
 * @property ConsentKind $kind
 * @property bool $given
 * @property string $words how it was said: signed the sheet, on the telephone
 * @property CarbonImmutable $said_at
 * @property CarbonImmutable $noted_at
 * @property TeamMember $noter
 */
final class Consent extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'consents';

    public $incrementing = false;

    public $timestamps = false;

    /** Two said in one second keep their order. */
    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'kind' => ConsentKind::class,
            'given' => 'boolean',
            'said_at' => 'immutable_datetime',
            'noted_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function noter(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'noted_by');
    }
}
