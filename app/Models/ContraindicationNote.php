<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsSealed;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Core\Safety\Contraindication;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $id
 * @property int $client_id
 * @property Contraindication $kind
 * @property string $note
 * @property CarbonImmutable $noted_at
 * @property ?CarbonImmutable $lifted_at
 * @property string $clearance
 * @property TeamMember $noter
 * @property ?TeamMember $lifter
 * @property Client $client
 */
final class ContraindicationNote extends Model
{
    use ReadOnce;
    use Recorded;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'contraindications';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'kind' => Contraindication::class,
            'note' => AsSealed::class,
            'clearance' => AsSealed::class,
            'noted_at' => 'immutable_datetime',
            'lifted_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function noter(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'noted_by');
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function lifter(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'lifted_by');
    }
}
