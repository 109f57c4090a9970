<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Exceptions\PasswordRefused;
use App\Models\SecondFactor;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Str;

/** The code beside the password, where somebody has set one up: from their application, or from paper, each once. */
final readonly class CheckSecond
{
    private const FREE_TRIES = 5;

    private const ON_PAPER = 8;

    public function __construct(private TryLimit $limit, private DatabaseManager $database)
    {
    }

    public static function of(TeamMember $member): ?SecondFactor
    {
        return SecondFactor::query()->where('team_member_id', $member->id)->first();
    }

    /**
     * Asked after the password was right.
     *
     * @throws PasswordRefused where a code is wanted, is not right, or was tried too often
     */
    public function ask(TeamMember $member, string $typed): void
    {
        if (self::of($member) === null) {
            return;
        }
        if (trim($typed) === '') {
            throw PasswordRefused::second();
        }
        $wait = $this->limit->take("second {$member->id}", self::FREE_TRIES);
        if ($wait !== null) {
            throw PasswordRefused::wait($wait);
        }
        if (! $this->take($member, $typed)) {
            throw PasswordRefused::wrongSecond();
        }
        $this->limit->forget("second {$member->id}");
    }

    /**
     * From now on a code is asked for.
     *
     * @return list<string> the codes for paper, said this once
     *
     * @throws PasswordRefused where the application does not make this code now
     */
    public function setUp(TeamMember $member, OneTimeCode $with, string $typed): array
    {
        $step = $with->step($typed, $this->now(), 0);
        if ($step === null) {
            throw PasswordRefused::wrongSecond();
        }
        $paper = array_map(
            static fn (): string => Str::lower(substr(OneTimeCode::fresh()->base32(), 0, 10)),
            range(1, self::ON_PAPER),
        );
        SecondFactor::query()->updateOrCreate(['team_member_id' => $member->id], [
            'secret' => $with->base32(),
            'last_step' => $step,
            'paper' => array_map(self::hash(...), $paper),
        ]);

        return array_map(static fn (string $code): string => substr($code, 0, 5).' '.substr($code, 5), $paper);
    }

    public function takeAway(TeamMember $member): bool
    {
        return SecondFactor::query()->where('team_member_id', $member->id)->delete() > 0;
    }

    /** A code is taken once: two requests with the same one do not both come in. */
    private function take(TeamMember $member, string $typed): bool
    {
        return $this->database->transaction(function () use ($member, $typed): bool {
            $second = SecondFactor::query()->where('team_member_id', $member->id)->lockForUpdate()->first();
            if ($second === null) {
                return true;
            }
            $step = OneTimeCode::ofBase32($second->secret)->step($typed, $this->now(), $second->last_step);
            $left = array_values(array_diff($second->paper, [self::hash($typed)]));
            if ($step === null && count($left) === count($second->paper)) {
                return false;
            }
            $second->fill(['last_step' => max($step ?? 0, $second->last_step), 'paper' => $left])->save();

            return true;
        });
    }

    /** They are random enough that no salt is needed. */
    private static function hash(string $typed): string
    {
        return hash('sha256', Str::lower(str_replace([' ', '-'], '', $typed)));
    }

    private function now(): int
    {
        return (int) CarbonImmutable::now()->getTimestamp();
    }
}
