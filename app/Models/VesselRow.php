<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsGrams;
use App\Records\ReadOnce;
use Core\Units\Grams;
use Core\Weighing\Vessel;
use Illuminate\Database\Eloquent\Model;

/**
 * A mixing bowl of the house, as it was seen empty.
 *
 * @property int $salon_id
 * @property string $mark
 * @property Grams $weight_cg
 * @property string $pour_id
 */
final class VesselRow extends Model
{
    use ReadOnce;

    protected $table = 'vessels';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['weight_cg' => AsGrams::class];
    }

    public function vessel(): Vessel
    {
        return new Vessel($this->mark, $this->weight_cg);
    }
}
