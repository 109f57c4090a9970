<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\TeamMember;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\Feature\Rounds\RealVisit;
use Tests\WrittenBodies;

/*
 * Every address that writes, with bodies that were taken there and then broken in one place or several: no answer of
 * 500, none slower than two seconds. ./tinta drill fuzz sends ten times as many.
 */

/** Sends nothing but its address. */
const WITHOUT_BODY = ['DELETE api/scale/formats/{format}'];

/** What stands at no place of any body. */
const BROKEN = [
    null, true, false, 0, -1, 1.5, 1e308, PHP_INT_MAX, '', ' ', '0', '-1', '1e308', '9999999999999999999999', '½',
    '1,5', "\0", "a\u{202e}b", "\u{1f600}", '2026-02-30', '2026-13-01T25:61:00Z', '../../etc/passwd',
    "'; drop table visits; --", '<script>alert(1)</script>', '{uuid}', '{shade}', '{line}', [], [[]], ['a' => 1],
    [null], [[[[[[[[1]]]]]]]],
];

/** Every place of a body, as the keys that lead there. @return list<list<int|string>> */
function placesOf(mixed $body, array $at = []): array
{
    $found = $at === [] ? [] : [$at];
    foreach (is_array($body) ? $body : [] as $key => $value) {
        array_push($found, ...placesOf($value, [...$at, $key]));
    }

    return $found;
}

/** @param  array<mixed>  $body @return array<mixed> broken in one place */
function broken(array $body): array
{
    $places = placesOf($body);
    if ($places === []) {
        return ['x' => BROKEN[mt_rand(0, count(BROKEN) - 1)]];
    }
    $place = $places[mt_rand(0, count($places) - 1)];
    $last = array_pop($place);
    $here = &$body;
    foreach ($place as $key) {
        $here = &$here[$key];
    }
    $was = $here[$last];
    match (mt_rand(0, 7)) {
        0 => (function () use (&$here, $last): void {
            unset($here[$last]);
        })(),
        1 => $here[$last] = [$was],
        2 => $here[$last] = is_string($was)
            ? mb_strimwidth(str_repeat($was === '' ? 'long ' : mb_strimwidth($was, 0, 200), 400), 0, 60_000)
            : array_fill(0, 30, $was),
        3 => $here[$last] = is_array($was) ? [...$was, ...$was] : [$last => $was],
        4 => $here['unknown'] = $was,
        default => $here[$last] = BROKEN[mt_rand(0, count(BROKEN) - 1)],
    };

    return $body;
}

it('answers whatever is sent where something is written, in words and in time', function () {
    $v = new RealVisit($this, 'Fuzz');
    TeamMember::query()->whereKey($v->member->id)->update(['role' => Role::Owner]);
    $owner = $v->member->refresh();
    $v->bowl(
        'Colour',
        'A',
        'Root',
        'Tidewater',
        ['6N' => '2', '6G' => '1'],
        [20 => 'all'],
        ['colour', '30 g'],
        ['place' => [['regions' => [], 'spans' => ['root']]]],
    );
    $v->bowl('Colour', 'B', 'Ends', 'Slack Water', ['8G' => '1'], [10 => 'all'], ['total', '40 g']);
    $batch = $this->postJson("/api/bowls/{$v->refresh()->of('A')['id']}/batches", ['id' => (string) Str::uuid()])
        ->assertCreated()
        ->json('id');
    $test = (string) Str::uuid();
    $v->post(
        "clients/{$v->client->id}/skin-tests",
        ['id' => $test, 'lines' => [array_values($v->lines)[0]], 'spot' => 'inner elbow'],
    );
    $second = $this->postJson('/api/clients', ['id' => (string) Str::uuid(), 'name' => 'Second Person'])
        ->assertSuccessful()
        ->json('id');
    $known = [
        'client' => $v->client->id, 'second' => $second, 'visit' => $v->visit['id'],
        'round' => $v->visit['rounds'][0]['id'], 'bowl' => $v->of('A')['id'], 'batch' => $batch, 'test' => $test,
        'member' => $owner->id, 'line' => (int) substr(
            array_values($v->lines)[0],
            5,
        ), 'product' => $v->product('Tidewater', '6N'), 'shade' => (int) substr(
            $v->product('Tidewater', '6N'),
            6,
        ),
        'developer' => (int) substr($v->developer(20), 10),
    ];
    $filled = function (mixed $value) use (&$filled, $v, $known): mixed {
        return match (true) {
            is_array($value) => array_map($filled, $value),
            $value === '{uuid}' => mt_rand(0, 2) === 0
                ? (string) $known[['visit', 'round', 'bowl', 'batch'][mt_rand(0, 3)]]
                : (string) Str::uuid(),
            $value === '{shade}' => $v->product('Tidewater', ['6N', '6G', '7N'][mt_rand(0, 2)]),
            $value === '{developer}' => $v->developer([10, 20, 30][mt_rand(0, 2)]),
            $value === '{line}' => array_values($v->lines)[mt_rand(0, 2)],
            $value === '{moment}' => now()->subHours(mt_rand(0, 60))->toIso8601String(),
            $value === '{mail}' => Str::uuid().'@test.example',
            $value === '{token}' => str_repeat('0', 40),
            default => $value,
        };
    };
    $bodies = WrittenBodies::all();
    // Who signs in or out, and who is somebody else afterwards, is tried elsewhere.
    $doors = array_values(array_filter(
        iterator_to_array(Route::getRoutes()),
        fn (OneRoute $route): bool => str_starts_with($route->uri(), 'api/') && array_intersect(
            $route->methods(),
            ['POST', 'PUT', 'PATCH', 'DELETE'],
        ) !== []
            && ! str_starts_with($route->uri(), 'api/session') && ! str_starts_with($route->uri(), 'api/join/'),
    ));
    $without = array_values(
        array_filter(
            array_map(fn (OneRoute $door): string => "{$door->methods()[0]} {$door->uri()}", $doors),
            fn (string $key): bool => ! isset($bodies[$key]),
        ),
    );
    // Of each there is a body that was taken (WRITES=write gathers them anew).
    expect(array_values(array_diff($without, WITHOUT_BODY)))->toBe([]);
    $requests = (int) (getenv('FUZZ') ?: 2_000);
    mt_srand((int) (getenv('FUZZ_SEED') ?: 2026));
    $slowest = [0.0, ''];
    $broke = [];
    for ($sent = 0; $sent < $requests; $sent++) {
        $door = $doors[$sent % count($doors)];
        $method = $door->methods()[0];
        $some = $bodies["{$method} {$door->uri()}"] ?? [[]];
        $body = $filled($some[mt_rand(0, count($some) - 1)]);
        for ($times = mt_rand(0, 3); $times > 0; $times--) {
            $body = $filled(broken($body));
        }
        $address = '/'.preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $m): string => (string) ($known[$m[1]] ?? Str::uuid()),
            $door->uri(),
        );
        // A machine that stands still for a moment says nothing of the request: what took long is sent again to the
        // same rows (nothing of it stayed), and only what is slow each time is slow.
        $took = INF;
        for ($again = 0; $again < 3 && $took >= 2.0; $again++) {
            $this->actingAs($owner);
            app()->forgetScopedInstances();
            DB::beginTransaction();
            $from = microtime(true);
            $answer = $this->json($method, $address, $body);
            $took = min($took, microtime(true) - $from);
            DB::rollBack();
        }
        $said = "{$method} {$address} ".mb_strimwidth(
            (string) json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE),
            0,
            1500,
            '…',
        ).' → '.mb_strimwidth((string) $answer->getContent(), 0, 400, '…');
        if (
            $answer->getStatusCode() >= 500
            || ($answer->getStatusCode() >= 400 && (string) $answer->json('message') === '')
        ) {
            // One of each address is enough to mend it.
            $broke["{$method} {$door->uri()}"] ??= $said.' '.mb_strimwidth(
                (string) $answer->baseResponse->exception,
                0,
                600,
                '…',
            );
        }
        $slowest = $took > $slowest[0] ? [$took, $said] : $slowest;
    }
    expect(array_values($broke))->toBe([])
        ->and($slowest[0])->toBeLessThan(2.0, $slowest[1]);
})->group('alone', 'apart');
