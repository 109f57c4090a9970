<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsGrams;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Core\Units\Grams;
use Illuminate\Database\Eloquent\Model;

/**
 * A scoop, cap, pump or strip that was weighed once.
 *
 * @property int $id
 * @property int $salon_id
 * @property string $product of which product, such as shade-12; empty for whatever it is filled with
 * @property string $name in the singular
 * @property Grams $grams_cg
 * @property int $version
 */
final class Measure extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'measures';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['grams_cg' => AsGrams::class];
    }
}
