<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a practice head came to under somebody's bowls; nothing of it stands in the salon's records.
 *
 * @property int $id
 * @property int $salon_id
 * @property string $visit_id
 * @property int $team_member_id
 * @property list<array<string, mixed>> $came
 * @property int $zones
 * @property int $on_target
 * @property int $seen_hundredths CIEDE2000, mean over the zones
 * @property CarbonImmutable $tried_at
 */
final class PracticeTry extends Model
{
    use ReadOnce;

    protected $table = 'practice_tries';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['came' => 'array', 'tried_at' => 'immutable_datetime'];
    }
}
