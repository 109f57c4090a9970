<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What something of the house was until a moment. Never changed.
 *
 * @property int $id
 * @property int $salon_id
 * @property string $subject line-3, shade-12, developer-2 or house
 * @property CarbonImmutable $until
 * @property array<string, mixed> $was its columns then, as they are in its model
 */
final class Edition extends Model
{
    use ReadOnce;

    protected $table = 'editions';

    public $timestamps = false;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected function casts(): array
    {
        return ['until' => 'immutable_datetime', 'was' => 'array'];
    }
}
