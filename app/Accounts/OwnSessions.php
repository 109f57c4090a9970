<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\TeamMember;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/** Where somebody is signed in. A session is named by a digest: its id would open it. */
final readonly class OwnSessions
{
    public function __construct(private DatabaseManager $database)
    {
    }

    /**
     * @param  string  $here  id of the session that asks
     * @return list<array{id: string, here: bool, device: string, address: string, at: string, locked: bool}> the latest
     *     first
     */
    public function of(TeamMember $member, string $here, CarbonImmutable $now): array
    {
        return array_values($this->database->table('sessions')->where('user_id', $member->id)
            ->where('last_activity', '>', $now->subMinutes((int) config('session.lifetime'))->getTimestamp())
            ->orderByDesc('last_activity')->get(['id', 'ip_address', 'user_agent', 'last_activity', 'locked_at'])
            ->map(fn (object $row): array => [
                'id' => self::digest((string) $row->id),
                'here' => hash_equals((string) $row->id, $here),
                'device' => self::device((string) $row->user_agent),
                'address' => (string) $row->ip_address,
                'at' => CarbonImmutable::createFromTimestamp((int) $row->last_activity)->toIso8601String(),
                'locked' => $row->locked_at !== null,
            ])->all());
    }

    /** @return int how many were ended: the one that is named, or all but this one */
    public function end(TeamMember $member, string $here, ?string $digest): int
    {
        $ids = array_values(array_filter(
            $this->database->table('sessions')->where('user_id', $member->id)->pluck('id')->map(strval(...))->all(),
            static fn (string $id): bool => ! hash_equals($id, $here) && (
                $digest === null
                || hash_equals(self::digest($id), $digest)
            ),
        ));

        return $this->database->table('sessions')->where('user_id', $member->id)->whereIn('id', $ids)->delete();
    }

    private static function digest(string $id): string
    {
        return substr(hash('sha256', "tinta session {$id}"), 0, 24);
    }

    /** What a browser says of itself, in two words; enough to know a tablet from a telephone. */
    private static function device(string $agent): string
    {
        $on = match (true) {
            str_contains($agent, 'iPad') => 'iPad',
            str_contains($agent, 'iPhone') => 'iPhone',
            str_contains($agent, 'Android') => str_contains($agent, 'Mobile')
                ? Say::plain('Android telephone')
                : Say::plain('Android tablet'),
            str_contains($agent, 'Windows') => 'Windows',
            str_contains($agent, 'Macintosh') => 'Mac',
            str_contains($agent, 'Linux') => 'Linux',
            default => '',
        };
        $browser = match (true) {
            str_contains($agent, 'Firefox/') => 'Firefox',
            str_contains($agent, 'Edg/') => 'Edge',
            str_contains($agent, 'Chrome/') => 'Chrome',
            str_contains($agent, 'Safari/') => 'Safari',
            default => '',
        };

        return $on !== '' && $browser !== ''
            ? Say::plain(':browser on :system', ['browser' => $browser, 'system' => $on])
            : (trim($browser.$on) ?: Say::plain('a device that says nothing of itself'));
    }
}
