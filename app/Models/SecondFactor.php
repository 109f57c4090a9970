<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsSealed;
use App\Records\ReadOnce;
use Illuminate\Database\Eloquent\Model;

/**
 * What somebody has beside their password.
 *
 * @property int $id
 * @property int $team_member_id
 * @property string $secret shared with their application; sealed in its column
 * @property int $last_step the newest step of time of which a code was taken: none is taken twice
 * @property list<string> $paper hashes of the codes on paper that are left
 */
final class SecondFactor extends Model
{
    use ReadOnce;

    protected $table = 'second_factors';

    protected $guarded = [];

    protected $hidden = ['secret', 'paper'];

    protected function casts(): array
    {
        return ['secret' => AsSealed::class, 'last_step' => 'integer', 'paper' => 'array'];
    }
}
