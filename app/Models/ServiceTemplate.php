<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Illuminate\Database\Eloquent\Model;

/**
 * A service of the house: its rounds and bowls, to be planned with one press.
 *
 * @property int $id
 * @property int $salon_id
 * @property string $name
 * @property list<array{name: string, bowls: list<array{id: string, sheet: array<string, mixed>}>}> $rounds
 */
final class ServiceTemplate extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'service_templates';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['rounds' => 'array'];
    }
}
