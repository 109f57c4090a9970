<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsGrams;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Core\Shelf\ProductKind;
use Core\Tone\ToneFamily;
use Core\Units\Grams;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $colour_line_id
 * @property string $code
 * @property string $name
 * @property ProductKind $kind
 * @property ?int $level_tenths
 * @property ?Grams $pack_cg
 * @property ?array{level?: string, tone?: array<string, string>} $own given by hand, where the code says others or
 *     nothing
 * @property ?Grams $low_cg so much or less is low
 * @property string $pack_code what a scanner reads on its pack
 * @property ?int $price_cents of one pack
 * @property int $version
 * @property ?int $density_milli grams per litre; null where its line's holds
 * @property string $swatch
 * @property ?ToneFamily $tone a booster's; a shade's is in its code
 * @property bool $withdrawn
 * @property ColourLine $colourLine
 */
final class Shade extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'shades';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'kind' => ProductKind::class,
            'tone' => ToneFamily::class,
            'pack_cg' => AsGrams::class,
            'low_cg' => AsGrams::class,
            'own' => 'array',
            'withdrawn' => 'boolean',
        ];
    }

    /** @return BelongsTo<ColourLine, $this> */
    public function colourLine(): BelongsTo
    {
        return $this->belongsTo(ColourLine::class);
    }

    /** How this shade is named in bowls, requests and documents. */
    public function productId(): string
    {
        return "shade-{$this->id}";
    }
}
