<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * How far off a closed visit was, foretold from what was known before it: worked from the record, never typed.
 *
 * @property int $id
 * @property int $salon_id
 * @property string $visit_id
 * @property string $zone
 * @property string $by table, house or client
 * @property int $levels_hundredths
 * @property ?int $seen_hundredths CIEDE2000
 * @property CarbonImmutable $seen_at
 */
final class ForetoldRow extends Model
{
    use ReadOnce;

    public $timestamps = false;

    protected $table = 'foretold';

    protected $guarded = [];
}
