<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\ReadOnce;
use App\Records\Recorded;
use Carbon\CarbonImmutable;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $timezone an IANA name; moments are stored in UTC and shown in it
 * @property ?array<string, string> $house_rules what differs from the standard, as the core reads it
 * @property ?list<string> $beginning steps left for later; null where nobody is led through them
 * @property ?int $keep_years after their last visit somebody is erased; null where nobody is
 * @property ?array<string, array<string, mixed>> $message_rules by kind of message
 * @property int $version raised by every change of the above
 */
final class Salon extends Model
{
    use ReadOnce;
    use Recorded;

    protected $table = 'salons';

    protected $guarded = [];

    /** @var ?array{string, HouseRules} what was last read, and as it is written: one request asks a hundred times */
    private static ?array $read = null;

    protected function casts(): array
    {
        return ['house_rules' => 'array', 'beginning' => 'array', 'message_rules' => 'array'];
    }

    /** What this house does where good people disagree. */
    public function rules(): HouseRules
    {
        $written = (string) ($this->getAttributes()['house_rules'] ?? '');
        if (self::$read === null || self::$read[0] !== $written) {
            self::$read = [$written, Schools::read($this->house_rules ?? [])];
        }

        return self::$read[1];
    }

    /** @return array{CarbonImmutable, CarbonImmutable} the first and the last moment of the salon's day, in UTC */
    public function dayOf(CarbonImmutable $moment): array
    {
        $local = $moment->setTimezone($this->timezone);

        return [$local->startOfDay()->utc(), $local->endOfDay()->utc()];
    }

    /** @return HasMany<HouseBlendVersion, $this> */
    public function houseBlends(): HasMany
    {
        return $this->hasMany(HouseBlendVersion::class);
    }

    /** @return HasMany<ColourLine, $this> */
    public function colourLines(): HasMany
    {
        return $this->hasMany(ColourLine::class);
    }

    /** @return HasMany<Developer, $this> */
    public function developers(): HasMany
    {
        return $this->hasMany(Developer::class);
    }

    /** @return HasMany<Client, $this> */
    public function clients(): HasMany
    {
        return $this->hasMany(Client::class);
    }

    /** @return HasMany<Visit, $this> */
    public function visits(): HasMany
    {
        return $this->hasMany(Visit::class);
    }

    /** @return HasMany<TeamMember, $this> */
    public function team(): HasMany
    {
        return $this->hasMany(TeamMember::class);
    }
}
