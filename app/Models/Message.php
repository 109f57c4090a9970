<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\MessageState;
use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Core\Service\MessageKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A message that somebody wrote, sent or left. What is due and untouched has no row.
 *
 * @property string $id
 * @property int $salon_id
 * @property int $client_id
 * @property MessageKind $kind
 * @property string $about id of the visit or the skin test
 * @property string $subject
 * @property string $words
 * @property MessageState $state
 * @property string $way mail, phone, message
 * @property string $reached the address or number it went to
 * @property string $trouble why it did not go out
 * @property ?CarbonImmutable $decided_at
 * @property ?int $decided_by null for one that went by the owner's rule
 * @property int $version
 * @property Client $client
 * @property ?TeamMember $decider
 */
final class Message extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'messages';

    private const ON_ITS_WAY_SECONDS = 60;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => MessageKind::class, 'state' => MessageState::class, 'decided_at' => 'immutable_datetime'];
    }

    /** Handed to the mail server so long ago that nobody is still at it. */
    public function isLost(CarbonImmutable $now): bool
    {
        return $this->state === MessageState::Sending && $this->decided_at?->lessThanOrEqualTo(
            $now->subSeconds(self::ON_ITS_WAY_SECONDS),
        ) === true;
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<TeamMember, $this> */
    public function decider(): BelongsTo
    {
        return $this->belongsTo(TeamMember::class, 'decided_by');
    }
}
