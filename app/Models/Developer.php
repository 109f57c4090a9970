<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsGrams;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $salon_id
 * @property string $name
 * @property int $volume_hundredths
 * @property ?Grams $pack_cg
 * @property ?Grams $low_cg so much or less is low
 * @property string $pack_code
 * @property ?int $price_cents of one pack
 * @property int $version
 * @property bool $withdrawn
 */
final class Developer extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'developers';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['pack_cg' => AsGrams::class, 'low_cg' => AsGrams::class, 'withdrawn' => 'boolean'];
    }

    public function strength(): Strength
    {
        return Strength::ofVolume(Fraction::of($this->volume_hundredths, 100));
    }

    /** How this developer is named in bowls, requests and documents. */
    public function productId(): string
    {
        return "developer-{$this->id}";
    }
}
