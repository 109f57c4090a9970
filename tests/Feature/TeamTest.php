<?php

declare(strict_types=1);

use App\Accounts\KnownDevice;
use App\Enums\Role;
use App\Models\Invitation;
use App\Models\Salon;
use App\Models\TeamMember;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    // Tries are counted by address and stay counted: each test comes from one of its own.
    $this->withServerVariables(
        ['REMOTE_ADDR' => '10.'.random_int(1, 250).'.'.random_int(1, 250).'.'.random_int(1, 250)],
    );
    $this->salon = new SmallSalon;
    $this->owner = $this->salon->member(Role::Owner);
    $this->actingAs($this->owner);
    $this->invite = fn (array $change = []) => $this->postJson(
        '/api/team',
        [
            'name' => 'Mira Sand',
            'email' => 'mira@harbour.example',
            'role' => 'colourist',
            'licence' => 'HB-1',
            ...$change,
        ],
    );
    $this->out = function (): void {
        Auth::forgetGuards();
        $this->flushSession();
    };
    $this->said = fn (TeamMember $of, array $change = []): array => [
        'version' => $of->version

                                    ?? 1, 'name' => $of->name, 'initials' => $of->initials, 'role' => $of->role->value, 'licence' => '', 'ended' => false, ...$change,
    ];
});

afterEach(fn () => Carbon::setTestNow());

it('lets somebody in by a link, once', function () {
    $path = ($this->invite)()->assertCreated()->assertJsonPath('invited.0.name', 'Mira Sand')->json('path');
    // What leads in stands nowhere but in that answer.
    expect($this->getJson('/api/team')->assertOk()->content())->not->toContain(substr((string) $path, 6))
        ->and(Invitation::query()->where('token_hash', substr((string) $path, 6))->exists())->toBeFalse();
    ($this->out)();
    $this->getJson("/api{$path}")
        ->assertOk()
        ->assertJson(['name' => 'Mira Sand', 'email' => 'mira@harbour.example', 'known' => false]);
    $this->postJson("/api{$path}", ['name' => 'Mira Sand', 'password' => 'short'])->assertUnprocessable();
    $this->postJson("/api{$path}", ['name' => 'Mira Sand', 'password' => 'a few plain words'])->assertCreated()
        ->assertJson(['name' => 'Mira Sand', 'initials' => 'MS', 'role' => 'colourist', 'licensed' => true]);
    $mira = TeamMember::query()->where('email', 'mira@harbour.example')->firstOrFail();
    expect($mira->salon_id)
        ->toBe($this->salon->salon->id)
        ->and(Hash::check('a few plain words', $mira->password))
        ->toBeTrue();
    ($this->out)();
    $this->getJson("/api{$path}")->assertUnprocessable();
    $this->postJson(
        "/api{$path}",
        ['name' => 'Somebody Else', 'password' => 'other plain words'],
    )->assertUnprocessable();
    expect(Hash::check('a few plain words', (string) $mira->refresh()->password))->toBeTrue();
});

it('ends a link after a week, when it is taken back, and when a newer one is made', function () {
    $first = ($this->invite)()->json('path');
    $second = ($this->invite)()->assertJsonCount(1, 'invited')->json('path');
    $this->getJson("/api{$first}")->assertUnprocessable();
    $this->getJson("/api{$second}")->assertOk();
    $this->deleteJson('/api/invitations/'.Invitation::query()->firstOrFail()->id)
        ->assertOk()
        ->assertJsonCount(0, 'invited');
    $this->getJson("/api{$second}")->assertUnprocessable();
    $third = ($this->invite)()->json('path');
    Carbon::setTestNow(now()->addDays(8));
    $this->getJson("/api{$third}")->assertUnprocessable();
    $this->getJson('/api/join/'.str_repeat('0', 40))->assertUnprocessable();
});

it('gives a forgotten password back by a link, and the old one opens nothing', function () {
    $member = $this->salon->member();
    $path = $this->postJson("/api/team/{$member->id}/again")->assertCreated()->json('path');
    ($this->out)();
    $this->getJson("/api{$path}")->assertOk()->assertJson(['known' => true, 'email' => $member->email]);
    $this->postJson("/api{$path}", ['name' => 'Ignored', 'password' => 'new plain words'])
        ->assertCreated()
        ->assertJsonPath('id', $member->id)
        ->assertJsonPath('name', $member->name);
    ($this->out)();
    $this->postJson(
        '/api/session',
        ['email' => $member->email, 'password' => 'a-long-password'],
    )->assertUnprocessable();
    $this->postJson('/api/session', ['email' => $member->email, 'password' => 'new plain words'])->assertOk();
});

it('changes and ends people, and keeps the name of who left', function () {
    $member = $this->salon->member();
    $this->putJson(
        "/api/team/{$member->id}",
        ($this->said)($member, ['name' => 'Mira Loch', 'initials' => 'ml', 'role' => 'assistant', 'licence' => 'HB-9']),
    )->assertOk();
    expect($member->refresh())
        ->name->toBe('Mira Loch')
        ->initials->toBe('ML')
        ->role->toBe(Role::Assistant)
        ->version->toBe(2);
    $this->putJson("/api/team/{$member->id}", ($this->said)($member, ['version' => 1]))->assertConflict();
    DB::table('sessions')->insert(['id' => 'theirs', 'user_id' => $member->id, 'payload' => '', 'last_activity' => 0]);
    $this->putJson("/api/team/{$member->id}", ($this->said)($member, ['ended' => true]))
        ->assertOk()
        ->assertJsonPath('people.1.name', 'Mira Loch');
    expect($member->refresh()->ended_at)
        ->not->toBeNull()
        ->and(DB::table('sessions')->where('user_id', $member->id)->exists())
        ->toBeFalse();
    ($this->out)();
    $this->postJson(
        '/api/session',
        ['email' => $member->email, 'password' => 'a-long-password'],
    )->assertUnprocessable();
    $this->actingAs($this->owner);
    // Taken back, they come in as before.
    $this->putJson("/api/team/{$member->id}", ($this->said)($member, ['ended' => false]))->assertOk();
    ($this->out)();
    $this->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])->assertOk();
});

it('leaves no salon without an owner', function (array $change) {
    $this->putJson("/api/team/{$this->owner->id}", ($this->said)($this->owner, $change))
        ->assertUnprocessable()
        ->assertJsonPath('mend', 'Make somebody else an owner first.');
    expect($this->owner->refresh())->role->toBe(Role::Owner)->ended_at->toBeNull();
    // An owner who left is none.
    $this->salon->member(Role::Owner)->update(['ended_at' => now()]);
    $this->putJson("/api/team/{$this->owner->id}", ($this->said)($this->owner, $change))->assertUnprocessable();
    $this->salon->member(Role::Owner);
    $this->putJson("/api/team/{$this->owner->id}", ($this->said)($this->owner, $change))->assertOk();
})->with(['who leaves' => [['ended' => true]], 'who is made a colourist' => [['role' => 'colourist']]]);

it('takes no address twice, and lets only the owner change the team of the own salon', function () {
    ($this->invite)(['email' => mb_strtoupper($this->owner->email)])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/email');
    ($this->invite)(['email' => 'no address'])->assertUnprocessable()->assertJsonValidationErrorFor('email');
    ($this->invite)(['role' => 'queen'])->assertUnprocessable();
    $other = (new SmallSalon)->member();
    $this->putJson("/api/team/{$other->id}", ($this->said)($other))->assertNotFound();
    $this->postJson("/api/team/{$other->id}/again")->assertNotFound();
    $colourist = $this->salon->member();
    $this->actingAs($colourist);
    ($this->invite)()->assertForbidden();
    $this->putJson("/api/team/{$colourist->id}", ($this->said)($colourist, ['role' => 'owner']))->assertForbidden();
    $this->postJson("/api/team/{$this->owner->id}/again")->assertForbidden();
    $people = $this->getJson('/api/team')->assertOk()->json('people');
    expect(array_column($people, 'email'))->toBe(['', $colourist->email]);
});

it('hands a device over by a PIN, to whom it knows, and slows guessing down', function () {
    $next = $this->salon->member();
    $this->putJson('/api/session/pin', ['password' => 'wrong', 'pin' => '4711'])->assertUnprocessable();
    foreach (['12', '1111', '1234', 'abcd'] as $weak) {
        $this->putJson('/api/session/pin', ['password' => 'a-long-password', 'pin' => $weak])
            ->assertUnprocessable()
            ->assertJsonValidationErrorFor('pin');
    }
    $this->actingAs($next)
        ->putJson('/api/session/pin', ['password' => 'a-long-password', 'pin' => '4711'])
        ->assertOk()
        ->assertJsonPath('pin', true);
    $this->actingAs($this->owner);
    // A device on which they never signed in does not take their PIN.
    $this->getJson('/api/session/people')->assertOk()->assertJsonCount(0);
    $this->postJson('/api/session/take', ['member' => $next->id, 'pin' => '4711'])->assertUnprocessable();
    $this->withCredentials()->withCookie(
        KnownDevice::COOKIE,
        (string) json_encode(['id' => 'tablet', 'members' => [$next->id, $this->owner->id]]),
    );
    $this->getJson('/api/session/people')->assertOk()->assertJsonPath('0.id', $next->id);
    // Also while it is locked.
    $this->postJson('/api/session/lock')->assertNoContent();
    $this->getJson('/api/wall')->assertStatus(423);
    $this->postJson('/api/session/take', ['member' => $next->id, 'pin' => '4712'])->assertUnprocessable();
    $this->postJson('/api/session/take', ['member' => $next->id, 'pin' => '4711'])
        ->assertOk()
        ->assertJsonPath('id', $next->id)
        ->assertJsonPath('locked', false);
    expect(Auth::id())->toBe($next->id);
    for ($try = 0; $try < 5; $try++) {
        $this->postJson('/api/session/take', ['member' => $next->id, 'pin' => '0000']);
    }
    $this->postJson('/api/session/take', ['member' => $next->id, 'pin' => '4711'])->assertTooManyRequests();
    // Nobody of another salon, whatever the device says.
    $stranger = (new SmallSalon)->member();
    $stranger->forceFill(['pin' => Hash::make('4711')])->save();
    $this->withCredentials()->withCookie(
        KnownDevice::COOKIE,
        (string) json_encode(['id' => 'tablet', 'members' => [$stranger->id]]),
    );
    $this->postJson('/api/session/take', ['member' => $stranger->id, 'pin' => '4711'])->assertUnprocessable();
});

it('begins a salon where none is, once, and leads it through its first steps', function () {
    $said = [
        'salon' => 'Slip Street',
        'timezone' => 'Europe/Oslo',
        'name' => 'Ada Voss',
        'email' => 'Ada@slip.example',
        'password' => 'a few plain words',
    ];
    ($this->out)();
    config(['tinta.hosted' => false]);
    $this->getJson('/api/beginning/open')->assertOk()->assertJson(['open' => false]);
    $this->postJson('/api/beginning', $said)
        ->assertUnprocessable()
        ->assertJsonPath('message', 'There is a salon here already.');
    // An instance for several takes another.
    config(['tinta.hosted' => true]);
    $this->getJson('/api/beginning/open')->assertJson(['open' => true]);
    $bad = $this->postJson(
        '/api/beginning',
        ['salon' => ' ', 'timezone' => 'Mars', 'name' => '', 'email' => 'ada', 'password' => 'short'],
    )->assertUnprocessable();
    expect(array_keys($bad->json('errors')))->toEqualCanonicalizing(['salon', 'timezone', 'name', 'email', 'password']);
    $this->postJson('/api/beginning', $said)
        ->assertCreated()
        ->assertJson(['name' => 'Ada Voss', 'initials' => 'AV', 'role' => 'owner', 'salon' => 'Slip Street']);
    $done = fn (): array => array_keys(
        array_filter(array_column($this->getJson('/api/beginning')->assertOk()->json('steps'), 'done', 'key')),
    );
    expect($done())->toBe([]);
    $developer = $this->postJson('/api/developers', ['product' => ['strength' => '20 vol']])
        ->assertCreated()
        ->json('id');
    $this->postJson(
        '/api/lines',
        [
            'line' => [
                'name' => 'Keel',
                'kind' => 'permanent',
                'ratio' => '1:1',
                'notation' => 'letters',
                'tones' => ['N' => ['natural' => '1']],
                'window' => ['min' => 30, 'target' => 35, 'max' => 45],
                'developers' => [$developer],
            ],
        ],
    )->assertCreated();
    app()->forgetScopedInstances();
    expect($done())->toBe(['developers', 'line']);
    $this->putJson('/api/beginning', ['later' => ['people', 'rules']])->assertOk();
    expect(
        array_column($this->getJson('/api/beginning')->json('steps'), 'later', 'key'),
    )->toMatchArray(['people' => true, 'client' => false]);
    $this->putJson('/api/beginning', ['later' => ['tea']])->assertUnprocessable();
    $this->putJson('/api/beginning', ['later' => [], 'aside' => true])
        ->assertOk()
        ->assertJson(['shown' => false, 'steps' => []]);
    // The salon that was there is untouched.
    expect(Salon::query()->where('name', 'Slip Street')->count())
        ->toBe(1)
        ->and($this->salon->salon->refresh()->beginning)
        ->toBeNull();
    ($this->out)();
    $this->postJson('/api/beginning', $said)->assertUnprocessable()->assertJsonValidationErrorFor('email');
});

it('says who changed what of a person, a line, a client, a visit and the house, and to whom it may be said', function () {
    $member = $this->salon->member();
    $this->putJson(
        "/api/team/{$member->id}",
        ($this->said)($member, ['name' => 'Mira Loch', 'role' => 'assistant']),
    )->assertOk();
    $changes = fn (string $of): array => collect(
        $this->getJson("/api/{$of}/trail")->assertOk()->json(),
    )->firstWhere('event', 'updated') ?? [];
    expect($changes("team/{$member->id}"))->toMatchArray(['by' => $this->owner->name])
        ->and($changes("team/{$member->id}")['changes'])->toContain(
            ['name' => 'name', 'was' => 'Somebody', 'is' => 'Mira Loch'],
            ['name' => 'role', 'was' => 'colourist', 'is' => 'assistant'],
        );
    $line = $this->salon->line;
    $this->putJson(
        "/api/products/{$this->salon->shades['6N']->id}",
        ['version' => 1, 'product' => ['code' => '6N', 'name' => 'slate', 'price' => '9.50', 'pack' => '60 g']],
    )->assertOk();
    expect($changes("lines/{$line->id}"))->toMatchArray(['of' => '6N'])
        ->and($changes("lines/{$line->id}")['changes'])->toContain(['name' => 'price', 'was' => '', 'is' => '9.50']);
    $this->putJson(
        '/api/house',
        ['version' => 1, 'timezone' => 'UTC', 'rules' => ['level-school' => 'dye-weighted', 'weigh-ahead' => 'yes']],
    )->assertOk();
    expect($changes('house')['changes'])->toBe(
        [['name' => 'Level of a mix', 'was' => 'mean by weight', 'is' => 'the darker shade weighs more']],
    );
    $visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $visit)->assertCreated();
    expect(
        array_column($this->getJson("/api/visits/{$visit['id']}/trail")->assertOk()->json(), 'of'),
    )->toContain('bowl A');
    // No hash and no PIN stands in it.
    $member->forceFill(['pin' => Hash::make('4711'), 'password' => 'another long one'])->save();
    expect($this->getJson("/api/team/{$member->id}/trail")->content())->not->toContain('$2y$');
    // One's own, and nobody else's.
    $this->actingAs($member->refresh());
    $this->getJson("/api/team/{$member->id}/trail")->assertOk();
    $this->getJson("/api/team/{$this->owner->id}/trail")->assertForbidden();
});
