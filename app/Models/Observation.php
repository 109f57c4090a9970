<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a head did in a closed visit beside what was expected of it: worked from the record, never typed.
 *
 * @property int $id
 * @property int $salon_id
 * @property int $client_id
 * @property string $visit_id
 * @property int $colour_line_id
 * @property string $kind
 * @property string $alike what hair it was
 * @property ?int $lift_hundredths of what was expected
 * @property ?int $deeper_hundredths levels
 * @property ?int $warmer_hundredths CIELAB units
 * @property ?int $redder_hundredths CIELAB units
 * @property CarbonImmutable $seen_at
 */
final class Observation extends Model
{
    use ReadOnce;

    protected $table = 'observations';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'immutable_datetime'];
    }
}
