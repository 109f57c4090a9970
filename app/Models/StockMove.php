<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsGrams;
use App\Records\ReadOnce;
use Carbon\CarbonImmutable;
use Core\Stock\MovementKind;
use Core\Units\Grams;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One movement of a product onto the shelf or off it. Never changed.
 *
 * @property int $id
 * @property int $salon_id
 * @property string $product such as shade-12
 * @property MovementKind $kind
 * @property int $grams_cg signed
 * @property string $note
 * @property ?string $batch_id
 * @property int $team_member_id
 * @property ?Grams $pack_cg what a pack held then
 * @property ?int $pack_cents what it cost then
 * @property CarbonImmutable $moved_at
 * @property TeamMember $member
 */
final class StockMove extends Model
{
    use ReadOnce;

    protected $table = 'stock_moves';

    public $timestamps = false;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected function casts(): array
    {
        return ['kind' => MovementKind::class, 'pack_cg' => AsGrams::class, 'moved_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function member(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'team_member_id');
    }
}
