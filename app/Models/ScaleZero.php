<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Which batch a scale stands under, since something was last put on it.
 *
 * @property string $word the reader's, for that standing
 * @property int $salon_id
 * @property ?string $batch_id null once that was taken back
 * @property CarbonImmutable $set_at
 */
final class ScaleZero extends Model
{
    use ReadOnce;

    protected $table = 'scale_zeros';

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['set_at' => 'immutable_datetime'];
    }
}
