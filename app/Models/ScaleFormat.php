<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Illuminate\Database\Eloquent\Model;

/**
 * How one of the house's scales writes, and the lines from which it was learnt.
 *
 * @property int $id
 * @property int $salon_id
 * @property string $name
 * @property list<string> $example
 * @property array<string, mixed> $format
 */
final class ScaleFormat extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'scale_formats';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['example' => 'array', 'format' => 'array'];
    }
}
