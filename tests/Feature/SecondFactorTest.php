<?php

declare(strict_types=1);

use App\Accounts\OneTimeCode;
use App\Models\SecondFactor;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\SmallSalon;

// What is counted outlives a refused request, and so the end of a test.
beforeEach(fn () => DB::connection('aside')->table('sign_in_tries')->delete());
afterEach(fn () => CarbonImmutable::setTestNow());

/** Signs in as a device would that nobody has signed in on. */
function enterWith(Tests\TestCase $test, TeamMember $member, ?string $code): TestResponse
{
    app('auth')->forgetGuards();

    return $test->postJson('/api/session', [
        'email' => $member->email,
        'password' => 'a-long-password',
        ...($code === null ? [] : ['code' => $code]),
    ]);
}

/**
 * Somebody with a second factor, set up as the page does it.
 *
 * @return array{TeamMember, OneTimeCode, list<string>} who, what their application makes, what stands on their paper
 */
function withSecond(Tests\TestCase $test): array
{
    CarbonImmutable::setTestNow('2026-11-28 09:00:10 UTC');
    $member = (new SmallSalon)->member();
    $told = $test->actingAs($member)->postJson('/api/session/second', ['password' => 'a-long-password'])->assertOk();
    $makes = OneTimeCode::ofBase32($told->json('secret'));
    $paper = $test->putJson('/api/session/second', ['code' => $makes->at(CarbonImmutable::now()->getTimestamp())])
        ->assertOk()->assertJson(['on' => true, 'left' => 8])->json('paper');
    $test->deleteJson('/api/session')->assertNoContent();
    CarbonImmutable::setTestNow('2026-11-28 10:00:10 UTC');

    return [$member, $makes, $paper];
}

// RFC 6238, appendix B, SHA-1, its eight digits cut to the last six; the secret is the RFC's.
it('makes the codes that are published', function (int $at, string $code) {
    expect((new OneTimeCode('12345678901234567890'))->at($at))->toBe($code);
})->with([
    [59, '287082'], [1111111109, '081804'], [1111111111, '050471'], [1234567890, '005924'], [2000000000, '279037'],
    [20000000000, '353130'],
]);

// RFC 4648, section 10, without the signs that fill up.
it('writes and reads base32 as published', function (string $bytes, string $words) {
    expect((new OneTimeCode($bytes))->base32())->toBe($words)
        ->and(OneTimeCode::ofBase32(strtolower($words)))->toEqual(new OneTimeCode($bytes));
})->with([['f', 'MY'], ['fo', 'MZXQ'], ['foo', 'MZXW6'], ['foob', 'MZXW6YQ'], ['fooba', 'MZXW6YTB'], [
    'foobar',
    'MZXW6YTBOI',
]]);

it('asks for a code where one was set up, and lets in with it alone', function () {
    [$member, $makes] = withSecond($this);
    enterWith($this, $member, null)->assertUnprocessable()
        ->assertJsonPath('message', 'A code is asked for as well.')
        ->assertJsonPath('problems.0.pointer', '/code');
    $this->getJson('/api/today')->assertUnauthorized();
    $wrong = sprintf('%06d', ((int) $makes->at(CarbonImmutable::now()->getTimestamp()) + 1) % 1_000_000);
    enterWith($this, $member, $wrong)->assertUnprocessable()->assertJsonPath('message', 'This code is not right.');
    enterWith($this, $member, $makes->at(CarbonImmutable::now()->getTimestamp()))->assertOk();
    $this->getJson('/api/today')->assertOk();
});

it('says nothing of a code to who does not know the password', function () {
    [$member] = withSecond($this);
    $this->postJson('/api/session', ['email' => $member->email, 'password' => 'wrong', 'code' => '000000'])
        ->assertUnprocessable()->assertJsonPath('message', 'Name or password is not right.');
});

it('takes no code twice, and none that is older than a minute', function () {
    [$member, $makes] = withSecond($this);
    $now = CarbonImmutable::now()->getTimestamp();
    enterWith($this, $member, $makes->at($now - 60))->assertUnprocessable();
    // A telephone that is half a minute late.
    enterWith($this, $member, $makes->at($now - 30))->assertOk();
    enterWith($this, $member, $makes->at($now - 30))->assertUnprocessable();
    enterWith($this, $member, $makes->at($now))->assertOk();
    enterWith($this, $member, $makes->at($now))->assertUnprocessable();
});

it('takes each code on paper once', function () {
    [$member, , $paper] = withSecond($this);
    expect($paper)->toHaveCount(8)->and(array_unique($paper))->toHaveCount(8);
    enterWith($this, $member, strtoupper($paper[3]))->assertOk();
    $this->getJson('/api/session/second')->assertJson(['on' => true, 'left' => 7, 'paper' => []]);
    enterWith($this, $member, $paper[3])->assertUnprocessable();
    enterWith($this, $member, $paper[4])->assertOk();
});

it('slows down who guesses codes with a known password', function () {
    [$member, $makes] = withSecond($this);
    for ($try = 0; $try < 5; $try++) {
        enterWith($this, $member, 'wrong')->assertUnprocessable();
    }
    enterWith($this, $member, $makes->at(CarbonImmutable::now()->getTimestamp()))->assertTooManyRequests();
});

it('is set up with the password, and by a code of it alone', function () {
    $member = (new SmallSalon)->member();
    $this->actingAs($member)->putJson('/api/session/second', ['code' => '123456'])->assertUnprocessable()
        ->assertJsonPath('message', 'There is no second factor to try.');
    $this->postJson('/api/session/second', ['password' => 'wrong'])->assertUnprocessable();
    $told = $this->postJson('/api/session/second', ['password' => 'a-long-password'])->assertOk();
    expect($told->json('address'))->toStartWith('otpauth://totp/Tinta%20')
        ->toContain('secret='.str_replace(' ', '', $told->json('secret')));
    $this->putJson('/api/session/second', ['code' => 'no code'])->assertUnprocessable();
    $this->getJson('/api/session/second')->assertJson(['on' => false]);
    enterWith($this, $member, null)->assertOk();
});

it('stands sealed in the database', function () {
    [$member, $makes] = withSecond($this);
    $kept = (string) DB::table('second_factors')->where('team_member_id', $member->id)->value('secret');
    expect($kept)->not->toContain($makes->base32())
        ->and(SecondFactor::query()->where('team_member_id', $member->id)->firstOrFail()->secret)
        ->toBe($makes->base32());
});

it('is changed by nobody who has the password alone', function () {
    [$member, $makes, $paper] = withSecond($this);
    $now = CarbonImmutable::now()->getTimestamp();
    enterWith($this, $member, $makes->at($now))->assertOk();
    foreach (['post', 'delete'] as $how) {
        $this->{"{$how}Json"}('/api/session/second', ['password' => 'a-long-password'])->assertUnprocessable()
            ->assertJsonPath('message', 'A code is asked for as well.')->assertJsonPath('problems.0.pointer', '/code');
        // The one that opened the door was taken there.
        $this->{"{$how}Json"}('/api/session/second', ['password' => 'a-long-password', 'code' => $makes->at($now)])
            ->assertUnprocessable()->assertJsonPath('message', 'This code is not right.');
    }
    $this->getJson('/api/session/second')->assertJson(['on' => true, 'left' => 8]);
    // Another telephone: with a code of paper, and one that the new one makes.
    $told = $this->postJson('/api/session/second', ['password' => 'a-long-password', 'code' => $paper[0]])->assertOk();
    expect((string) json_encode(session()->get('second_tried')))
        ->not->toContain(str_replace(' ', '', $told->json('secret')));
    $other = OneTimeCode::ofBase32($told->json('secret'));
    $this->putJson('/api/session/second', ['code' => $other->at($now)])->assertJson(['on' => true, 'left' => 8]);
    CarbonImmutable::setTestNow('2026-11-28 11:00:10 UTC');
    $later = CarbonImmutable::now()->getTimestamp();
    enterWith($this, $member, $makes->at($later))->assertUnprocessable();
    enterWith($this, $member, $other->at($later))->assertOk();
});

it('goes with one’s password and a code, and with the link for a new one', function () {
    [$member, $makes, $paper] = withSecond($this);
    enterWith($this, $member, $makes->at(CarbonImmutable::now()->getTimestamp()))->assertOk();
    $this->deleteJson('/api/session/second', ['password' => 'wrong', 'code' => $paper[0]])->assertUnprocessable();
    $this->deleteJson('/api/session/second', ['password' => 'a-long-password', 'code' => $paper[0]])
        ->assertJson(['on' => false]);
    enterWith($this, $member, null)->assertOk();

    [$lost] = withSecond($this);
    $owner = TeamMember::query()->create([
        'salon_id' => $lost->salon_id, 'name' => 'Olive', 'initials' => 'OL', 'email' => 'olive@test.example',
        'password' => 'another-long-one', 'role' => App\Enums\Role::Owner, 'licence' => '',
    ]);
    $path = $this->actingAs($owner)->postJson("/api/team/{$lost->id}/again")->assertCreated()->json('path');
    $this->postJson('/api'.$path, ['name' => $lost->name, 'password' => 'a-long-password'])->assertCreated();
    enterWith($this, $lost->refresh(), null)->assertOk();
    expect(DB::table('activity_log')->where('subject_id', $lost->id)->pluck('description')->all())
        ->toContain('The second factor was taken away with the password.');
});

it('is asked of an owner before what only an owner may do, where the house says so', function () {
    CarbonImmutable::setTestNow('2026-11-28 09:00:10 UTC');
    $salon = new SmallSalon;
    $owner = $salon->member();
    $owner->update(['role' => App\Enums\Role::Owner]);
    $client = $salon->planVisit($this->actingAs($owner))['client']['id'];
    $this->getJson('/api/sure')->assertNoContent();
    $salon->salon->update(['house_rules' => ['owner-code' => 'always']]);
    $this->actingAs($owner->refresh())->getJson('/api/sure')->assertForbidden()
        ->assertJsonPath('mend', 'Set yours up under House, My own; then do this again.');
    foreach ([
        ['PUT', 'house', ['version' => 1, 'timezone' => 'UTC', 'rules' => []]], ['POST', 'team', []],
        ['POST', "clients/{$client}/erase", []], ['PUT', 'retention', []], ['POST', 'retention/erase', []],
        ['GET', "clients/{$client}/all", []],
    ] as [$method, $path, $body]) {
        $this->json($method, "/api/{$path}", $body)->assertForbidden()
            ->assertJsonPath('message', 'This house asks its owners for a code beside the password.');
    }
    // What is everybody's work goes on.
    $this->getJson('/api/today')->assertOk();
    // Setting it up is not among what is asked for it.
    $told = $this->postJson('/api/session/second', ['password' => 'a-long-password'])->assertOk();
    $code = OneTimeCode::ofBase32($told->json('secret'))->at(CarbonImmutable::now()->getTimestamp());
    $this->putJson('/api/session/second', ['code' => $code])->assertOk();
    $this->getJson('/api/sure')->assertNoContent();
});
