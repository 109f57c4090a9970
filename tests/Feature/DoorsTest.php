<?php

declare(strict_types=1);

use App\Models\Visit;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

/*
 * Every address that names a record, asked for from another salon and without a session. The list is the router's own,
 * so that an address added tomorrow is asked too.
 */
beforeEach(function () {
    $mine = new SmallSalon;
    $member = $mine->member();
    $this->actingAs($member);
    $visit = $mine->planVisit($this);
    $bowl = (string) Str::uuid();
    $mine->addBowl($this, $visit, [], $bowl)->assertCreated();
    $batch = $mine->startBatch($this, $bowl);
    $test = $this
        ->postJson(
            "/api/clients/{$mine->client->id}/skin-tests",
            ['id' => (string) Str::uuid(), 'lines' => ["line-{$mine->line->id}"], 'spot' => 'behind the ear'],
        )
        ->assertSuccessful();
    $this->ids = [
        'client' => $mine->client->id,
        'visit' => $visit['id'],
        'round' => $visit['rounds'][0]['id'],
        'bowl' => $bowl,
        'batch' => $batch['id'],
        'other' => $visit['id'],
        'line' => $mine->line->id,
        'shade' => $mine->shades['6N']->id,
        'developer' => $mine->developers[20]->id,
        'member' => $member->id,
        'second' => $mine->client->id,
        'measure' => App\Models\Measure::query()
            ->create(['salon_id' => $mine->salon->id, 'name' => 'cap', 'grams_cg' => 300])
            ->id,
        'match' => App\Models\ClientMatch::query()
            ->create(
                [
                    'salon_id' => $mine->salon->id,
                    'client_id' => $mine->client->id,
                    'other_id' => App\Models\Client::query()
                        ->create(['salon_id' => $mine->salon->id, 'name' => 'Twin'])
                        ->id,
                    'how' => 'twins',
                    'made_by' => $member->id,
                ],
            )
            ->id,
        'test' => App\Models\SkinTest::query()->where('client_id', $mine->client->id)->value('id'),
    ];
    expect($test->getStatusCode())->toBeLessThan(300);
    $this->doors = array_values(array_filter(
        iterator_to_array(Route::getRoutes()),
        // An invitation's link is no record: it leads in by itself, or nowhere.
        fn (OneRoute $route): bool => str_starts_with($route->uri(), 'api/')
            && str_contains($route->uri(), '{')
            && ! str_starts_with($route->uri(), 'api/join/'),
    ));
    $this->address = fn (OneRoute $route, array $ids): string => '/'.preg_replace_callback(
        '/\{(\w+)\}/',
        fn (array $m): string => (string) ($ids[$m[1]] ?? (string) Str::uuid()),
        $route->uri(),
    );
});

it('does not know another salon’s records, whatever is sent', function () {
    $this->actingAs((new SmallSalon)->member(App\Enums\Role::Owner));
    app()->forgetScopedInstances();
    $before = Visit::query()->with('rounds.bowls.batches.pours')->findOrFail($this->ids['visit'])->toArray();
    foreach ($this->doors as $door) {
        foreach (array_diff($door->methods(), ['HEAD']) as $method) {
            foreach ([[], ['id' => (string) Str::uuid(), 'version' => 1, 'kind' => 'poured']] as $body) {
                $answer = $this->json($method, ($this->address)($door, $this->ids), $body);
                expect($answer->getStatusCode())->toBe(404, "{$method} {$door->uri()}")
                    ->and($answer->json('message'))->toBe('There is no such record in this salon.');
            }
        }
    }
    expect(
        Visit::query()->with('rounds.bowls.batches.pours')->findOrFail($this->ids['visit'])->toArray(),
    )->toEqual($before)
        ->and(count($this->doors))->toBeGreaterThan(30);
});

it('opens none of them without a session', function () {
    auth()->logout();
    foreach ($this->doors as $door) {
        foreach (array_diff($door->methods(), ['HEAD']) as $method) {
            expect($this->json($method, ($this->address)($door, $this->ids))->getStatusCode())->toBe(
                401,
                "{$method} {$door->uri()}",
            );
        }
    }
});

it('answers an id that is none as it answers one that is nobody’s', function (string $id) {
    foreach (['visits', 'bowls', 'batches', 'clients'] as $kind) {
        $door = [
            'visits' => "visits/{$id}",
            'bowls' => "bowls/{$id}/bench",
            'batches' => "batches/{$id}",
            'clients' => "clients/{$id}",
        ][$kind];
        expect($this->getJson("/api/{$door}")->getStatusCode())->toBe(404, $door);
    }
})->with(
    ['0', '-1', 'abc', '99999999999999999999', '1e3', "1' or '1'='1", '%00', '00000000-0000-0000-0000-000000000000'],
);

it('sends no answer of an error’s insides, whatever body comes', function () {
    mt_srand(21);
    $values = [
        null,
        true,
        0,
        -1,
        1.5,
        '',
        'x',
        [],
        ['a' => 1],
        [[]],
        str_repeat('9', 400),
        ['of' => 'colour', 'grams' => []],
        "\0",
        '1:0',
    ];
    $fields = [
        'id',
        'bowl',
        'version',
        'change',
        'kind',
        'line',
        'grams',
        'after',
        'canvas',
        'drafts',
        'regions',
        'words',
        'result',
        'verdict',
        'service',
        'startsAt',
        'name',
        'lines',
        'spot',
        'reason',
        'action',
        'minutes',
        'round',
        'position',
        'part',
        'rules',
        'timezone',
    ];
    foreach ($this->doors as $door) {
        foreach (array_diff($door->methods(), ['HEAD', 'GET']) as $method) {
            for ($i = 0; $i < 6; $i++) {
                $body = [];
                for ($n = mt_rand(0, 8); $n > 0; $n--) {
                    $body[$fields[mt_rand(0, count($fields) - 1)]] = $values[mt_rand(0, count($values) - 1)];
                }
                $status = $this->json($method, ($this->address)($door, $this->ids), $body)->getStatusCode();
                expect($status)->toBeLessThan(500, "{$method} {$door->uri()} ".json_encode($body));
            }
        }
    }
});

// Every address of the router, those without an id too: what is no value of a field is refused in words, and nothing
// breaks.
it('answers numbers beyond range and arrays for texts in words, at every door', function (bool $signedIn) {
    $signedIn ? $this->actingAs((new SmallSalon)->member(App\Enums\Role::Owner)) : auth()->logout();
    mt_srand(7);
    $nasty = [
        '[]',
        '{}',
        '["a"]',
        '{"a":["b"]}',
        '1e308',
        '-1e308',
        '1e9999',
        '9223372036854775808',
        '-1',
        '0',
        '1.5',
        'true',
        'null',
        '""',
        '"\u0000"',
        '"2026-02-30"',
        '"1e308"',
        '"9999999999999999999999"',
        '"-0"',
        '"\ud83d\ude00"',
        '[[[[[[[[[[[[[[[[[[[[1]]]]]]]]]]]]]]]]]]]]',
    ];
    $fields = [
        'email',
        'password',
        'new',
        'id',
        'name',
        'phone',
        'about',
        'cautions',
        'bornOn',
        'training',
        'version',
        'reason',
        'service',
        'startsAt',
        'note',
        'bowl',
        'letter',
        'line',
        'wish',
        'kind',
        'lines',
        'spot',
        'placedAt',
        'placedBy',
        'result',
        'clearance',
        'canvas',
        'drafts',
        'verdict',
        'results',
        'nextOn',
        'lasting',
        'times',
        'strength',
        'after',
        'grams',
        'source',
        'reading',
        'percent',
        'place',
        'round',
        'product',
        'why',
        'change',
        'do',
        'corrections',
        'level',
        'minutes',
        'command',
        'rules',
        'timezone',
        'words',
        'job',
        'ratio',
        'amount',
        'parts',
        'additives',
        'search',
        'code',
        'target',
        'foils',
        'regrowth',
        'text',
    ];
    $asked = 0;
    foreach (Route::getRoutes() as $door) {
        if (! str_starts_with($door->uri(), 'api/')) {
            continue;
        }
        foreach (array_diff($door->methods(), ['HEAD']) as $method) {
            for ($i = 0; $i < 14; $i++) {
                $pairs = [];
                foreach (array_rand(array_flip($fields), mt_rand(2, 12)) as $field) {
                    $pairs[] = '"'.$field.'":'.$nasty[mt_rand(0, count($nasty) - 1)];
                }
                $body = '{'.implode(',', $pairs).'}';
                $query = $method === 'GET'
                    ? '?'.http_build_query(array_map(
                        fn ($value) => is_scalar($value) || $value === null ? (string) $value : $value,
                        (array) json_decode($body, true, 64, JSON_INVALID_UTF8_SUBSTITUTE),
                    ))
                    : '';
                $answer = $this->call(
                    $method,
                    ($this->address)($door, $this->ids).$query,
                    [],
                    [],
                    [],
                    ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                    $method === 'GET' ? null : $body,
                );
                expect($answer->getStatusCode())->toBeLessThan(500, "{$method} {$door->uri()} {$query} {$body}");
                $asked++;
            }
        }
    }
    expect($asked)->toBeGreaterThan(700);
})->with(['signed in' => true, 'a stranger' => false]);

it('says in words that the machine has no room, or that its database is on its way back, and keeps the rest to itself', function (
    int $code,
    int $status,
    string $words,
) {
    Route::get('/api/breaks', function () use ($code): never {
        $cause = new PDOException('a secret of the tables');
        $cause->errorInfo = ['HY000', $code, 'a secret of the tables'];
        throw new Illuminate\Database\QueryException('mariadb', 'insert into pours', ['7 g'], $cause);
    });
    $answer = $this->getJson('/api/breaks');
    expect($answer->getStatusCode())
        ->toBe($status)
        ->and((string) $answer->getContent())
        ->not->toContain('secret')
        ->not->toContain('insert into')
        ->and((string) $answer->json('message'))->toContain($words);
})->with(
    [
        [1021, 507, 'no room left'],
        [1114, 507, 'no room left'],
        [2002, 503, 'started again'],
        [2006, 503, 'started again'],
        [1146, 500, 'Server Error'],
    ],
);

it('reads no body of more values than anything holds', function () {
    $tried = fn (int $many) => $this->postJson(
        "/api/lines/{$this->ids['line']}/table/tried",
        ['text' => "code\n6N", 'fields' => array_fill(0, $many, 'code')],
    );
    // Refused before any of it is checked: nobody has looked at a single field.
    $tried(200_000)
        ->assertUnprocessable()
        ->assertJsonPath('mend', 'This holds more values than anything here does: send it in parts.')
        ->assertJsonMissingPath('errors');
    $tried(100)->assertUnprocessable()->assertJsonValidationErrors('fields');
});
