<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Illuminate\Database\Eloquent\Model;

/**
 * One version of a nicknamed recipe of the house; a version is never changed.
 *
 * @property int $salon_id
 * @property int $colour_line_id
 * @property string $name
 * @property int $version
 * @property bool $retired its name is not offered any more
 * @property list<array{product: string, share: string}> $ingredients
 */
final class HouseBlendVersion extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'house_blends';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['ingredients' => 'array', 'retired' => 'boolean'];
    }
}
