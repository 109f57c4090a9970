<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $position
 * @property ?int $part
 * @property ?int $shade_id
 * @property ?int $developer_id
 * @property ?string $source_bowl_id
 * @property ?string $blend
 * @property string $share
 * @property ?Shade $shade
 * @property ?Developer $developer
 */
final class Component extends Model
{
    use ReadOnce;

    protected $table = 'components';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Shade, $this> */
    public function shade(): BelongsTo
    {
        return $this->belongsTo(Shade::class);
    }

    /** @return BelongsTo<Developer, $this> */
    public function developer(): BelongsTo
    {
        return $this->belongsTo(Developer::class);
    }

    public function productId(): string
    {
        if ($this->source_bowl_id !== null) {
            return "bowl:{$this->source_bowl_id}";
        }

        return $this->shade_id === null ? "developer-{$this->developer_id}" : "shade-{$this->shade_id}";
    }
}
