<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How the head was read before the work, and what is wished. It has a version of its own, apart from its visit’s.
 *
 * @property string $visit_id
 * @property array<string, mixed> $canvas
 * @property list<string> $said
 * @property int $version
 * @property ?int $edited_by
 * @property ?TeamMember $editor
 */
final class Canvas extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'canvases';

    public $incrementing = false;

    protected $keyType = 'string';

    protected $primaryKey = 'visit_id';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['canvas' => 'array', 'said' => 'array'];
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function editor(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'edited_by');
    }
}
