<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\TeamMember;
use Illuminate\Support\Facades\DB;
use Tests\Feature\SmallSalon;

// What is counted outlives a refused request, and so the end of a test.
beforeEach(fn () => Illuminate\Support\Facades\DB::connection('aside')->table('sign_in_tries')->delete());

it('signs in with the right password and says who it is', function () {
    $member = (new SmallSalon)->member(Role::Assistant);
    $this->postJson('/api/session', ['email' => strtoupper($member->email), 'password' => 'a-long-password'])
        ->assertOk()->assertJson(['name' => 'Somebody', 'role' => 'assistant', 'formulates' => false]);
    $this->getJson('/api/today')->assertOk();
});

it('refuses a wrong password without saying which half was wrong', function (string $email, string $password) {
    $member = (new SmallSalon)->member();
    $this->postJson('/api/session', ['email' => str_replace('*', $member->email, $email), 'password' => $password])
        ->assertUnprocessable()->assertJson(['message' => 'Name or password is not right.']);
    $this->getJson('/api/today')->assertUnauthorized();
})->with([['*', 'wrong'], ['nobody@test.example', 'a-long-password']]);

it('slows down guessing', function () {
    $member = (new SmallSalon)->member();
    for ($try = 0; $try < 5; $try++) {
        $this->postJson('/api/session', ['email' => $member->email, 'password' => 'wrong'])->assertUnprocessable();
    }
    $this->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])
        ->assertTooManyRequests()
        ->assertJson(['message' => 'Too many tries.']);
});

it('says that nobody is signed in, and signs out', function () {
    expect($this->getJson('/api/session')->assertOk()->getContent())->toBe('null');
    $this->actingAs((new SmallSalon)->member())->deleteJson('/api/session')->assertNoContent();
    $this->getJson('/api/today')->assertUnauthorized();
});

it('keeps every door closed to strangers', function (string $method, string $path) {
    $this->json($method, "/api/{$path}")->assertUnauthorized();
})->with([
    ['GET', 'today'], ['GET', 'shelf'], ['GET', 'clients'], ['POST', 'clients'], ['POST', 'bowls/preview'], [
        'POST',
        'developers/blend',
    ],
    ['GET', 'scale/check'], ['POST', 'scale/panel'],
]);

it('refuses a write without the page’s token', function () {
    $member = (new SmallSalon)->member();
    // The framework waives the token in tests; here it must not.
    $this->app->bind(Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class,
        fn ($app) => new class($app, $app['encrypter']) extends Illuminate\Foundation\Http\Middleware\ValidateCsrfToken
        {
            protected function runningUnitTests(): bool
            {
                return false;
            }
        });
    $this->actingAs($member)->postJson('/api/clients', ['name' => 'X'])->assertStatus(419);
});

it('counts a guess under the person meant, however the address is spelt, and lets no spelling in but the right one', function () {
    $salon = new SmallSalon;
    $member = $salon->member();
    $member->fill(['email' => 'ines'.$member->id.'@test.example'])->save();
    $try = fn (string $email, string $password = 'wrong'): int => $this
        ->postJson('/api/session', ['email' => $email, 'password' => $password])
        ->status();
    // Full-width letters and capitals are the same address; letters with accents are another, that is nobody’s.
    expect($try('ｉｎｅｓ'.$member->id.'@TEST.example', 'a-long-password'))->toBe(200)
        ->and($try("inés{$member->id}@test.example", 'a-long-password'))->toBe(422);
    foreach (
        [
            "ínes{$member->id}@test.example",
            "inès{$member->id}@test.example",
            "inêş{$member->id}@test.example",
            "ines{$member->id}@test.example",
        ] as $spelt
    ) {
        expect($try($spelt))->toBe(422, $spelt);
    }
    expect($try("iñes{$member->id}@test.example"))->toBe(429);
});

it('slows guessing and locks nobody out: half a minute later the right password is right', function () {
    $member = (new SmallSalon)->member();
    $try = fn (string $password): int => $this
        ->postJson('/api/session', ['email' => $member->email, 'password' => $password])
        ->status();
    $this->freezeTime();
    for ($i = 0; $i < 40; $i++) {
        $try('wrong');
    }
    expect($this->postJson(
        '/api/session',
        ['email' => $member->email, 'password' => 'a-long-password'],
    )->assertTooManyRequests()->headers->get('Retry-After'))->toBeNumeric();
    $this->travel(31)->seconds();
    expect($try('a-long-password'))->toBe(200);
});

it('does not slow a person on their own device for what a stranger tries elsewhere', function () {
    $member = (new SmallSalon)->member();
    $own = $this->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])
        ->assertOk()
        ->getCookie(App\Accounts\KnownDevice::COOKIE);
    for ($i = 0; $i < 8; $i++) {
        $stranger = $this->postJson('/api/session', ['email' => $member->email, 'password' => 'wrong'])->status();
    }
    expect($stranger ?? 0)->toBe(429);
    $this->withCredentials()
        ->withCookie(App\Accounts\KnownDevice::COOKIE, $own?->getValue() ?? '')
        ->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])
        ->assertOk();
});

it('takes as long for a name it does not know as for one it does', function () {
    config()->set('hashing.bcrypt.rounds', 10);
    Illuminate\Support\Facades\Hash::setRounds(10);
    $member = (new SmallSalon)->member();
    $member->fill(['password' => 'a-long-password'])->save();
    $hashed = 0;
    $hasher = Mockery::mock(Illuminate\Contracts\Hashing\Hasher::class);
    $hasher->shouldReceive('check')->andReturnUsing(function () use (&$hashed): bool {
        $hashed++;

        return false;
    });
    $hasher->shouldReceive('make')->andReturnUsing(function () use (&$hashed): string {
        $hashed++;

        return '';
    });
    $this->app->instance(Illuminate\Contracts\Hashing\Hasher::class, $hasher);
    $this->app
        ->when(App\Accounts\CheckPassword::class)
        ->needs(Illuminate\Contracts\Hashing\Hasher::class)
        ->give(fn () => $hasher);
    foreach ([$member->email, 'nobody-at-all@test.example'] as $at => $email) {
        $this->postJson('/api/session', ['email' => $email, 'password' => 'guess'])->assertUnprocessable();
        // One password is hashed either way; the rest is a look at one row.
        expect($hashed)->toBe($at + 1);
    }
});

it('ends every other session of a person whose password changes', function () {
    $member = (new SmallSalon)->member();
    $this->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])->assertOk();
    $this->getJson('/api/today')->assertOk();
    // On another device.
    App\Models\TeamMember::query()->findOrFail($member->id)->fill(['password' => 'another-long-one'])->save();
    auth()->forgetGuards();
    $this->getJson('/api/today')->assertUnauthorized();
});

it('changes a password with the old one, and keeps the session that did it', function () {
    $member = (new SmallSalon)->member();
    $this->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])->assertOk();
    $this
        ->putJson('/api/session/password', ['password' => 'wrong', 'new' => 'another-long-one'])
        ->assertUnprocessable();
    $this->putJson('/api/session/password', ['password' => 'a-long-password', 'new' => 'short'])->assertUnprocessable();
    $this
        ->putJson('/api/session/password', ['password' => 'a-long-password', 'new' => 'another-long-one'])
        ->assertNoContent();
    $this->getJson('/api/today')->assertOk();
    expect(Illuminate\Support\Facades\Hash::check('another-long-one', $member->refresh()->password))->toBeTrue();
});

it('locks a device that nobody touches, for whatever is asked, until its person is back', function () {
    $member = (new SmallSalon)->member();
    $this->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])->assertOk();
    $ask = fn (int $ago) => $this->getJson('/api/today', ['X-Touched-Ago' => (string) $ago]);
    $ask(0)->assertOk();
    $this->travel(10)->minutes();
    $ask(600)->assertOk();
    $this->travel(6)->minutes();
    // A page that asks for news by itself is no hand.
    $ask(960)->assertStatus(423);
    $ask(0)->assertStatus(423);
    $this->postJson('/api/clients', ['name' => 'X'])->assertStatus(423);
    $this->getJson('/api/session')->assertJsonPath('locked', true)->assertJsonPath('idleMinutes', 15);
    $this->postJson('/api/session/unlock', ['password' => 'wrong'])->assertUnprocessable();
    $this->postJson('/api/session/unlock', ['password' => 'a-long-password'])
        ->assertOk()
        ->assertJsonPath('locked', false);
    $ask(0)->assertOk();
    $this->postJson('/api/session/lock')->assertNoContent();
    $ask(0)->assertStatus(423);
});

it('counts guesses from one address, and not the people who sign in there', function () {
    $salon = new SmallSalon;
    $people = array_map(fn () => $salon->member(), range(1, 12));
    $sign = fn (string $email, string $password) => $this->flushSession()
        ->withCookies([])
        ->postJson('/api/session', ['email' => $email, 'password' => $password]);
    // Forty right passwords from one address, each on a new device: nobody waits.
    for ($round = 0; $round < 40; $round++) {
        $sign($people[$round % 12]->email, 'a-long-password')->assertOk();
        auth()->logout();
    }
    // Guesses among them still add up.
    $refused = 0;
    for ($guess = 0; $guess < 34; $guess++) {
        $refused += (int) ($sign("nobody{$guess}@test.example", 'a guess of mine')->status() === 429);
    }
    expect($refused)->toBeGreaterThan(0);
});

it('shows where somebody is signed in, and ends one of them or all others with the password, of nobody else', function () {
    $salon = new SmallSalon;
    $member = $salon->member();
    $colleague = $salon->member();
    $row = fn (TeamMember $of, string $id, string $agent, int $minutes = 1) => DB::table('sessions')->insert([
        'id' => $id, 'user_id' => $of->id, 'ip_address' => '192.0.2.7', 'user_agent' => $agent, 'payload' => '',
        'last_activity' => now()
            ->subMinutes($minutes)
            ->getTimestamp(),
    ]);
    $row(
        $member,
        'one',
        'Mozilla/5.0 (iPad; CPU OS 17_0 like Mac OS X) AppleWebKit/605.1.15 Version/17.0 Safari/604.1',
    );
    $row($member, 'two', 'Mozilla/5.0 (X11; Linux x86_64; rv:120.0) Gecko/20100101 Firefox/120.0', 5);
    $row($member, 'long gone', 'x', 60 * 24 * 30);
    $row($colleague, 'theirs', 'Mozilla/5.0 (Windows NT 10.0) Chrome/120 Safari/537.36');
    $this->actingAs($member);
    $seen = $this->getJson('/api/session/devices')->assertOk()->json();
    expect(array_column($seen, 'device'))
        ->toBe(['Safari on iPad', 'Firefox on Linux'])
        ->and(json_encode($seen))
        ->not->toContain('"one"');
    $this->deleteJson(
        '/api/session/devices',
        ['device' => $seen[0]['id'], 'password' => 'not it'],
    )->assertUnprocessable();
    $this->deleteJson('/api/session/devices', ['device' => $seen[0]['id'], 'password' => 'a-long-password'])
        ->assertOk()
        ->assertJsonCount(1);
    expect(DB::table('sessions')->pluck('id')->sort()->values()->all())
        ->toContain('two', 'theirs')
        ->not->toContain('one');
    $this->deleteJson('/api/session/devices', ['password' => 'a-long-password'])->assertOk()->assertExactJson([]);
    expect(DB::table('sessions')->whereIn('id', ['one', 'two', 'theirs'])->pluck('id')->all())->toBe(['theirs']);
});

it('brings no session’s cookies with what is only read, so that none comes back over the one that followed it; a wall stays signed in', function () {
    $member = (new SmallSalon)->member();
    $name = (string) config('session.cookie');
    $brought = fn ($response): array => array_map(
        fn ($cookie): string => $cookie->getName(),
        $response->headers->getCookies(),
    );
    $signed = $this->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])->assertOk();
    expect($brought($signed))->toContain($name);
    $this->withCredentials()->withCookie($name, session()->getId());
    expect($brought($this->getJson('/api/today')->assertOk()))->toBe([])
        ->and($brought($this->getJson('/api/house')->assertOk()))->toBe([]);
    $this->travel(61)->minutes();
    expect($brought($this->getJson('/api/session')->assertOk()))->toContain($name)
        ->and($brought($this->getJson('/api/session')->assertOk()))->toBe([]);
    // Nobody is signed in: nothing that would keep it.
    $this->travelBack();
    $this->deleteJson('/api/session')->assertNoContent();
    $this->travel(61)->minutes();
    expect($brought($this->getJson('/api/session')->assertOk()))->toBe([]);
});
