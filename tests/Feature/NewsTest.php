<?php

declare(strict_types=1);

use App\Records\WriteContext;
use Illuminate\Support\Str;
use Tests\Feature\Rounds\RealVisit;

beforeEach(function () {
    $this->v = new RealVisit($this, 'News');
    $this->ear = stream_socket_server('tcp://127.0.0.1:0');
    config(['tinta.bridge' => (int) substr((string) strrchr((string) stream_socket_get_name($this->ear, false), ':'), 1)]);
    /** What the bridge was told by now, and nothing that comes later. */
    $this->told = function (): array {
        $told = [];
        while (($said = @stream_socket_accept($this->ear, 0)) !== false) {
            preg_match('#^POST /news/tell\?salon=(\d+)&visit=(\S*) #', (string) fgets($said), $m);
            $told[] = [(int) ($m[1] ?? 0), $m[2] ?? null];
            fclose($said);
        }

        return $told;
    };
});

it('tells the other devices of a write, and of one that is sent again because its answer was lost', function () {
    ($this->told)();
    $visit = $this->v->visit['id'];
    $salon = $this->v->salon->id;
    $body = ['name' => 'Rinse', 'id' => (string) Str::uuid()];
    $headers = [WriteContext::ID => (string) Str::uuid()];
    $this->postJson("/api/visits/{$visit}/rounds", $body, $headers)->assertSuccessful();
    expect(($this->told)())->toBe([[$salon, $visit]]);
    $this->postJson("/api/visits/{$visit}/rounds", $body, $headers)->assertOk()->assertExactJson(['already' => true]);
    expect(($this->told)())->toBe([[$salon, $visit]]);
});

it('tells nobody of what was refused or only asked', function () {
    ($this->told)();
    $this->postJson("/api/visits/{$this->v->visit['id']}/rounds", [])->assertUnprocessable();
    $this->getJson("/api/visits/{$this->v->visit['id']}")->assertOk();
    // Posted because it is long, and writing nothing.
    $this->postJson("/api/visits/{$this->v->visit['id']}/picture", ['drafts' => []])->assertOk();
    expect(($this->told)())->toBe([]);
});

it('answers a write all the same where nobody listens', function () {
    fclose($this->ear);
    $this->postJson(
        "/api/visits/{$this->v->visit['id']}/rounds",
        ['name' => 'Rinse', 'id' => (string) Str::uuid()],
    )->assertSuccessful();
});
