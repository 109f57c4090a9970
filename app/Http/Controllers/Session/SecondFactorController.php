<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Accounts\CheckPassword;
use App\Accounts\CheckSecond;
use App\Accounts\OneTimeCode;
use App\Exceptions\PasswordRefused;
use App\Http\Controllers\Controller;
use App\Http\Requests\Session\PasswordRequest;
use App\Models\TeamMember;
use App\Sealed\Seal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One's own second factor: what is asked for beside the password when one signs in. */
final class SecondFactorController extends Controller
{
    /** In the session, sealed, until a code of it was typed: only then does the application have it. */
    private const TRIED = 'second_tried';

    public function __construct(
        private readonly CheckSecond $check,
        private readonly CheckPassword $password,
        private readonly Seal $seal,
    ) {
    }

    public function show(Request $request): JsonResponse
    {
        return $this->answer($this->member($request));
    }

    /** A new secret, for the application to read. Nothing is asked for by it yet. */
    public function store(PasswordRequest $request): JsonResponse
    {
        $member = $this->sure($request);
        $code = OneTimeCode::fresh();
        $request->session()->put(self::TRIED, ['by' => $member->id, 'secret' => $this->seal->close($code->base32())]);

        return new JsonResponse([
            'secret' => trim(chunk_split($code->base32(), 4, ' ')),
            'address' => $code->address($member->email, $member->salon->name),
        ]);
    }

    /** A code of it: from now on one is asked for. */
    public function update(Request $request): JsonResponse
    {
        $said = $request->validate(['code' => ['required', 'string', 'max:20']]);
        $member = $this->member($request);
        $tried = $request->session()->get(self::TRIED);
        if (! is_array($tried) || ($tried['by'] ?? null) !== $member->id || ! is_string($tried['secret'] ?? null)) {
            throw PasswordRefused::notTried();
        }
        $code = OneTimeCode::ofBase32($this->seal->open($tried['secret']));
        $paper = $this->check->setUp($member, $code, is_string($said['code']) ? $said['code'] : '');
        $request->session()->forget(self::TRIED);
        activity()->performedOn($member)->event('second')->log('A second factor was set up.');

        return $this->answer($member, $paper);
    }

    public function destroy(PasswordRequest $request): JsonResponse
    {
        $member = $this->sure($request);
        if ($this->check->takeAway($member)) {
            activity()->performedOn($member)->event('second')->log('The second factor was taken away.');
        }

        return $this->answer($member);
    }

    /**
     * Their password again, and a code where one is asked for at the door: a password that was looked over a shoulder,
     * at a device that was left open, changes nothing of it.
     */
    private function sure(PasswordRequest $request): TeamMember
    {
        $member = $this->member($request);
        $this->password->again($member, $request->password());
        $this->check->ask($member, $request->code());

        return $member;
    }

    /** @param  list<string>  $paper */
    private function answer(TeamMember $member, array $paper = []): JsonResponse
    {
        $second = CheckSecond::of($member);

        return new JsonResponse([
            'on' => $second !== null,
            'left' => $second === null ? 0 : count($second->paper),
            'paper' => $paper,
        ]);
    }
}
