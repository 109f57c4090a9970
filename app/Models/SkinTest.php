<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsSealed;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Core\Safety\TestResult;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $id
 * @property int $client_id
 * @property list<string> $lines
 * @property string $spot
 * @property CarbonImmutable $placed_at
 * @property ?CarbonImmutable $read_at
 * @property ?TestResult $result
 * @property string $note
 * @property string $placed_words who placed it, where that was earlier than it was recorded
 * @property ?CarbonImmutable $recorded_at
 * @property TeamMember $placer
 * @property ?TeamMember $reader
 * @property Client $client
 */
final class SkinTest extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'skin_tests';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'lines' => 'array',
            'placed_at' => 'immutable_datetime',
            'recorded_at' => 'immutable_datetime',
            'read_at' => 'immutable_datetime',
            'result' => TestResult::class,
            'note' => AsSealed::class,
        ];
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function placer(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'placed_by');
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function reader(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'read_by');
    }
}
