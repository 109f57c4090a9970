<?php

declare(strict_types=1);

use App\Models\Client;
use Illuminate\Support\Str;
use Tests\Feature\Rounds\RealVisit;

/**
 * What the page reads of an answer: its members and their kinds. Texts and numbers may differ from day to day; a member
 * that comes, goes, or changes its kind breaks the page, and so it breaks the contract.
 */
function shapeOf(mixed $value): mixed
{
    if (! is_array($value)) {
        return $value === null ? null : get_debug_type($value);
    }
    if (array_is_list($value)) {
        $shapes = [];
        foreach ($value as $each) {
            $shapes[(string) json_encode(shapeOf($each))] = shapeOf($each);
        }
        ksort($shapes);

        return ['list' => array_values($shapes)];
    }
    ksort($value);

    return array_map(shapeOf(...), $value);
}

/**
 * The answer as it is kept for the page's own tests (resources/js/contract.test.ts): written anew with CONTRACT=write.
 *
 * @param  array<mixed>  $answer
 */
function keepsContract(string $name, array $answer): void
{
    $file = dirname(__DIR__)."/contract/{$name}.json";
    // Ids and moments are no part of it, and would make every day another file.
    $steady = (string) preg_replace(
        [
            '/"[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/',
            '/"\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(?:\.\d+)?(?:\+00:00|Z)"/',
            '/"(line|shade|developer)-\d+"/',
        ],
        ['"00000000-0000-4000-8000-000000000000', '"2026-01-02T03:04:05+00:00"', '"$1-1"'],
        (string) json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT),
    );
    if (getenv('CONTRACT') === 'write') {
        file_put_contents($file, $steady."\n");
    }
    $kept = json_decode((string) file_get_contents($file), true);
    expect(shapeOf(json_decode($steady, true)))->toEqual(shapeOf($kept), "{$name}: CONTRACT=write writes it anew");
}

it('answers the page as the page reads it', function () {
    $v = new RealVisit($this, 'Contract');
    $v->canvas([
        'root' => [
            'spans' => ['root', 'regrowth'],
            'level' => '6',
            'natural' => '6',
            'grey' => 60,
            'wish' => ['level' => '6', 'tone' => ['copper'], 'words' => 'deep'],
        ],
        'ends' => [
            'spans' => ['mids', 'ends'],
            'level' => '8',
            'history' => 'lightened',
            'wish' => ['level' => '8', 'tone' => ['gold'], 'words' => ''],
        ],
    ]);
    $v->bowl('Colour', 'A', 'Root', 'Tidewater', ['6N' => '2', '6C' => '1'], [20 => 'all'], ['colour', '60 g'], [
        'place' => [
            ['regions' => [], 'spans' => ['root', 'regrowth'], 'method' => 'root-touch-up'],
        ], 'minutes' => '30 to 40',
    ]);
    $v->bowl('Colour', 'B', 'Ends, as remembered', 'Slack Water', [
        '8G' => '20 g',
        'Clear' => '“a dash”',
    ], [10 => '?'], null, [
        'place' => [['regions' => [], 'spans' => ['ends'], 'reach' => '8 cm to the ends']],
    ]);
    $v->refresh();
    $visit = $v->visit['id'];
    $sheet = $v->of('A')['sheet'];
    keepsContract('preview', $this->postJson("/api/bowls/preview?visit={$visit}", $sheet)->assertOk()->json());
    keepsContract(
        'preview-open',
        $this->postJson("/api/bowls/preview?visit={$visit}", $v->of('B')['sheet'])->assertOk()->json(),
    );
    $adjusted = "/api/bowls/adjusted?visit={$visit}";
    keepsContract('tried', $this->postJson($adjusted, ['bowl' => $sheet, 'words' => '5 g less'])->assertOk()->json());
    keepsContract('picture', $this->postJson("/api/visits/{$visit}/picture", ['drafts' => []])->assertOk()->json());
    keepsContract('stand-ins', $this->postJson('/api/bowls/substitutes', [
        'bowl' => $sheet, 'product' => $v->product('Tidewater', '6C'), 'why' => 'out', 'visit' => $visit,
    ])->assertOk()->json());
    keepsContract('visit', $this->getJson("/api/visits/{$visit}")->assertOk()->json());
    keepsContract('session', $this->getJson('/api/session')->assertOk()->json());
    keepsContract('house', $this->getJson('/api/house')->assertOk()->json());
    keepsContract('shelf', $this->getJson('/api/shelf')->assertOk()->json());
    $line = $this->getJson('/api/lines/'.substr($v->of('A')['line']['id'], strlen('line-')))->assertOk()->json();
    keepsContract('line', $line);
    keepsContract(
        'tried-line',
        $this->postJson(
            '/api/lines/tried',
            ['of' => $line['id'], 'line' => [...$line['line'], 'ratio' => 'x'], 'codes' => ['6N', '6Q']],
        )
            ->assertOk()
            ->json(),
    );
    keepsContract(
        'tried-line-read',
        $this->postJson('/api/lines/tried', ['of' => $line['id'], 'line' => $line['line'], 'codes' => ['6N', '6Q']])
            ->assertOk()
            ->json(),
    );
    $table = '/api/lines/'.substr($line['id'], strlen('line-')).'/table/tried';
    keepsContract(
        'tried-table',
        $this->postJson($table, ['text' => "code,name,price\n6N,slate,9\n6Q,new,much"])->assertOk()->json(),
    );
    keepsContract(
        'measures',
        $this->postJson('/api/measures', ['name' => 'scoop', 'grams' => '18'])->assertCreated()->json(),
    );
    keepsContract(
        'stock',
        $this->postJson(
            '/api/stock',
            ['moves' => [['product' => $v->product('Tidewater', '6N'), 'kind' => 'counted', 'amount' => '10']]],
        )
            ->assertCreated()
            ->json(),
    );
    keepsContract('ledger', $this->getJson('/api/stock/'.$v->product('Tidewater', '6N'))->assertOk()->json());
    keepsContract('team', $this->getJson('/api/team')->assertOk()->json());
});

it('answers the page as the page reads it, of a visit that was weighed, closed and repeated', function () {
    $v = new RealVisit($this, 'Contract');
    $v->bowl('Colour', 'A', 'Root', 'Tidewater', ['6N' => '2', '6C' => '1'], [20 => 'all'], ['colour', '60 g'], [
        'place' => [['regions' => [], 'spans' => ['root']]],
    ]);
    $v->refresh();
    $v->testSkin()->weigh('A');
    $id = $v->of('A')['id'];
    keepsContract('bench', $this->getJson("/api/bowls/{$id}/bench")->assertOk()->json());
    $first = $v->visit['id'];
    $v->close(['change' => "another bowl like A, 30 g\n5 g less", 'results' => []]);
    keepsContract('visit-closed', $this->getJson("/api/visits/{$first}")->assertOk()->json());
    $v->repeat();
    keepsContract('visit-repeated', $this->getJson("/api/visits/{$v->visit['id']}")->assertOk()->json());
    keepsContract('comparison', $this->getJson("/api/visits/{$first}/compare/{$v->visit['id']}")->assertOk()->json());
    keepsContract('costs', $this->getJson('/api/costs?by=product')->assertOk()->json());
    keepsContract('trail', $this->getJson("/api/visits/{$first}/trail")->assertOk()->json());
    $twin = Client::query()->create(['salon_id' => $v->client->salon_id, 'name' => 'Twin of Contract']);
    $this->postJson("/api/clients/{$twin->id}/matches", ['other' => $v->client->id, 'how' => 'twins'])->assertCreated();
    $this->postJson(
        "/api/clients/{$v->client->id}/consents",
        ['id' => (string) Str::uuid(), 'kind' => 'messages', 'given' => true, 'words' => 'said so'],
    )->assertCreated();
    keepsContract(
        'matched',
        $this->getJson(
            '/api/visits/'.$this->postJson(
                "/api/clients/{$twin->id}/visits",
                [
                    'id' => (string) Str::uuid(),
                    'service' => 'Root',
                    'startsAt' => now()->addHours(20)->toIso8601String(),
                ],
            )
                ->assertCreated()
                ->json('id').'/matched',
        )
            ->assertOk()
            ->json(),
    );
    $outbox = $this->getJson('/api/messages')->assertOk()->json();
    // What else the demo has to say depends on the hour.
    keepsContract(
        'messages',
        [
            ...$outbox,
            'due' => array_values(
                array_filter($outbox['due'], fn (array $due): bool => $due['client']['id'] === $twin->id),
            ),
            'past' => [],
        ],
    );
    keepsContract('both-files', $this->getJson("/api/clients/{$v->client->id}/merge/{$twin->id}")->assertOk()->json());
    keepsContract('client', $this->getJson("/api/clients/{$v->client->id}")->assertOk()->json());
    keepsContract('gone', $this->getJson('/api/visits/'.Str::uuid())->assertNotFound()->json());
});
