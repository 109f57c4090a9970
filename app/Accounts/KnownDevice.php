<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\TeamMember;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * A device on which somebody has signed in before counts their tries by itself, so that a stranger who guesses
 * elsewhere does not slow the right person down. The cookie is encrypted and opens nothing.
 */
final readonly class KnownDevice
{
    public const COOKIE = 'tinta_device';

    private const MINUTES = 60 * 24 * 365;

    /** @param  list<int>  $members */
    private function __construct(private string $id, private array $members)
    {
    }

    public static function of(Request $request): self
    {
        $read = json_decode(
            (string) (is_string($request->cookie(self::COOKIE)) ? $request->cookie(self::COOKIE) : ''),
            true,
        );
        $id = is_array($read) && is_string($read['id'] ?? null) ? $read['id'] : (string) Str::uuid();

        return new self(
            $id,
            is_array($read) && is_array($read['members'] ?? null) ? array_values(array_filter(
                $read['members'],
                is_int(...),
            )) : [],
        );
    }

    public function knows(?TeamMember $member): bool
    {
        return $member !== null && in_array($member->id, $this->members, true);
    }

    /** Where tries for this person are counted. */
    public function origin(?TeamMember $member, Request $request): string
    {
        return $this->knows($member) ? "device {$this->id}" : "address {$request->ip()}";
    }

    public function cookieWith(TeamMember $member, CookieJar $jar): Cookie
    {
        return $jar->make(
            self::COOKIE,
            (string) json_encode([
                'id' => $this->id,
                'members' => array_values(array_unique([...$this->members, $member->id])),
            ]),
            self::MINUTES,
            httpOnly: true,
            sameSite: 'lax',
        );
    }
}
