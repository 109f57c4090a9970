<?php

declare(strict_types=1);

use App\Enums\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->owner = $this->salon->member(Role::Owner);
    $this->file = tempnam(sys_get_temp_dir(), 'tinta-security-');
    config(['logging.channels.security' => ['driver' => 'single', 'path' => $this->file, 'level' => 'info']]);
    $this->told = fn (): array => array_map(function (string $line): array {
        preg_match('/INFO: ([^{]+) (\{.*\})/', $line, $m);

        return ['event' => $m[1], ...json_decode($m[2], true)];
    }, file($this->file, FILE_IGNORE_NEW_LINES) ?: []);
});

afterEach(function () {
    unlink($this->file);
    Carbon::setTestNow();
    CarbonImmutable::setTestNow();
});

it('asks for the password again before who works here is changed or what is held on somebody leaves', function () {
    $this->actingAs($this->owner);
    $team = ['name' => 'Wren Holloway', 'email' => 'wren@small.example', 'role' => 'assistant', 'licence' => ''];
    $client = $this->salon->client->id;
    $this->getJson('/api/sure')->assertNoContent();
    $this->postJson('/api/team', $team)->assertCreated();
    // Five minutes later the tablet may be in other hands.
    Carbon::setTestNow(now()->addSeconds(301));
    $this->postJson('/api/team', ['email' => 'wren2@small.example'] + $team)->assertStatus(428)
        ->assertJsonPath('mend', 'Enter your password; what you asked for goes on.');
    $this->putJson("/api/team/{$this->owner->id}", [])->assertStatus(428);
    $this->postJson("/api/team/{$this->owner->id}/again")->assertStatus(428);
    $this->getJson("/api/clients/{$client}/all")->assertStatus(428);
    $this->getJson("/api/clients/{$client}/page")->assertStatus(428);
    $this->getJson('/api/sure')->assertStatus(428);
    // What everybody does all day asks nothing.
    $this->getJson("/api/clients/{$client}")->assertOk();
    $this->getJson('/api/team')->assertOk();
    $this->postJson('/api/session/again', ['password' => 'not this one'])->assertUnprocessable();
    $this->getJson('/api/sure')->assertStatus(428);
    $this->postJson('/api/session/again', ['password' => 'a-long-password'])->assertNoContent();
    $this->postJson('/api/team', ['email' => 'wren2@small.example'] + $team)->assertCreated();
    $this->getJson("/api/clients/{$client}/all")->assertOk();
});

it('takes no password of somebody else for one’s own', function () {
    $this->actingAs($this->owner);
    $this->postJson('/api/session/again', ['password' => 'a-long-password'])->assertNoContent();
    session(['password_said' => ['by' => $this->salon->member()->id, 'at' => now()->getTimestamp()]]);
    $this->getJson('/api/sure')->assertStatus(428);
});

it('tells what happens at the doors, and names nobody', function () {
    $this->postJson(
        '/api/session',
        ['email' => $this->owner->email, 'password' => 'wrong-and-wrong'],
    )->assertUnprocessable();
    $this->getJson('/api/today')->assertUnauthorized();
    $this->postJson('/api/session', ['email' => $this->owner->email, 'password' => 'a-long-password'])->assertOk();
    $this->getJson('/api/session')->assertOk();
    $this->actingAs($colourist = $this->salon->member());
    $this->putJson('/api/house', ['version' => 1, 'timezone' => 'UTC', 'rules' => []])->assertForbidden();
    $this->getJson("/api/clients/{$this->salon->client->id}/all")->assertOk();
    $this->getJson('/api/today')->assertOk();
    $told = ($this->told)();
    expect(
        array_map(fn (array $each): array => [$each['event'], $each['answer'], $each['person'] ?? null], $told),
    )->toBe([
        ['sign-in', 422, null],
        ['refused', 401, null],
        ['sign-in', 200, $this->owner->id],
        ['rules changed', 403, $colourist->id],
        ['all of a client taken', 200, $colourist->id],
    ])->and($told[4]['asked'])->toBe(
        'GET api/clients/{client}/all',
    )->and($told[4]['salon'])->toBe($this->salon->salon->id)
        ->and($told[0]['origin'])->toBe($told[4]['origin'])->toHaveLength(12);
    $written = (string) file_get_contents($this->file);
    foreach (
        [
            $this->owner->email,
            $this->owner->name,
            $this->salon->client->name,
            '127.0.0.1',
            'wrong-and-wrong',
            'a-long-password',
        ] as $secret
    ) {
        expect($written)->not->toContain($secret);
    }
});

it('keeps no door shut because its log cannot be written', function () {
    config(
        [
            'logging.channels.security' => [
                'driver' => 'single',
                'path' => '/proc/there/is/no/room.log',
                'level' => 'info',
            ],
        ],
    );
    $this->postJson('/api/session', ['email' => $this->owner->email, 'password' => 'a-long-password'])->assertOk();
    $this->getJson('/api/today')->assertOk();
});
