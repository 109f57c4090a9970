<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Exceptions\PasswordRefused;
use App\Models\TeamMember;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\Request;

/** A person's password, asked for at the door and again before what only they may decide. */
final readonly class CheckPassword
{
    private const FREE_TRIES = 5;

    /** By somebody who is signed in; a finger that presses eight times at once is no guesser. */
    private const FREE_TRIES_AGAIN = 10;

    /** By one address for anybody: a salon’s tablets share one. */
    private const FREE_TRIES_AN_ADDRESS = 30;

    public function __construct(private TryLimit $limit, private Hasher $hasher)
    {
    }

    /**
     * Known names and unknown ones take the same time: either way one password is hashed.
     *
     * @throws PasswordRefused when it is not right, or was tried too often
     */
    public function signIn(Request $request, string $email, string $password): TeamMember
    {
        $canonical = CanonicalEmail::of($email);
        $found = TeamMember::query()->where('email', $canonical)->first();
        // The database takes accents for the letters under them; a mail address does not.
        $member = $found !== null && $found->ended_at === null && hash_equals($found->email, $canonical)
            ? $found
            : null;
        $device = KnownDevice::of($request);
        $person = 'person '.CanonicalEmail::countedAs($email).' from '.$device->origin($member, $request);
        $wait = $this->limit->take($person, self::FREE_TRIES);
        $address = $wait === null && ! $device->knows($member) ? "address {$request->ip()}" : null;
        if ($address !== null) {
            $wait = $this->limit->take($address, self::FREE_TRIES_AN_ADDRESS);
        }
        if ($wait !== null) {
            throw PasswordRefused::wait($wait);
        }
        if ($member === null) {
            $this->hasher->make($password);
            throw PasswordRefused::wrongPair();
        }
        if (! $this->hasher->check($password, $member->password)) {
            throw PasswordRefused::wrongPair();
        }
        $this->limit->forget($person);
        if ($address !== null) {
            // A salon’s tablets share one address, and all of them sign in on one morning.
            $this->limit->giveBack($address);
        }

        return $member;
    }

    /** @throws PasswordRefused when it is not right, or was tried too often */
    public function again(TeamMember $member, string $password): void
    {
        $wait = $this->limit->take("again {$member->id}", self::FREE_TRIES_AGAIN);
        if ($wait !== null) {
            throw PasswordRefused::wait($wait);
        }
        if (! $this->hasher->check($password, $member->password)) {
            throw PasswordRefused::wrong();
        }
        $this->limit->forget("again {$member->id}");
    }
}
