<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Formulas\CostRows;
use App\Formulas\MonthHere;
use App\Models\StockMove;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
    $this->id = fn (string $code): string => $this->salon->shades[$code]->productId();
    $this->later = fn () => app()->forgetScopedInstances();
    $this->move = function (string $code, string $kind, string $amount, array $more = []) {
        ($this->later)();

        return $this->postJson(
            '/api/stock',
            ['moves' => [['product' => ($this->id)($code), 'kind' => $kind, 'amount' => $amount, ...$more]]],
        );
    };
    $this->row = function (string $code): array {
        ($this->later)();

        return collect($this->getJson('/api/stock')->assertOk()->json('rows'))->firstWhere('id', ($this->id)($code));
    };
    $this->poured = function (string $bowl, array $grams): array {
        $batch = $this->salon->startBatch($this, $bowl);
        foreach ($grams as $line => $amount) {
            ($this->later)();
            $answer = $this->salon->record(
                $this,
                $batch,
                ['kind' => 'poured', 'line' => $line, 'grams' => $amount, 'source' => 'hand'],
            )
                ->assertCreated()
                ->json();
            $batch = $answer['batch'] ?? $answer;
        }

        return $batch;
    };
});

it('does not know what nobody has counted, and says so', function () {
    expect(($this->row)('6N'))->toMatchArray(['there' => null, 'state' => 'unknown', 'order' => null, 'packs' => null]);
    ($this->move)('6N', 'delivered', '2 tubes')->assertCreated();
    expect(($this->row)('6N'))->toMatchArray(['there' => null, 'state' => 'unknown']);
    ($this->move)('6N', 'counted', '1.5 tubes')->assertCreated();
    expect(($this->row)('6N'))->toMatchArray(['there' => '90 g', 'packs' => '1.5', 'state' => 'enough']);
});

it('moves by hand with who and why, and refuses what cannot be', function (
    string $kind,
    string $amount,
    array $more,
    string $at,
) {
    ($this->move)('6N', 'counted', '100')->assertCreated();
    ($this->move)('6N', $kind, $amount, $more)
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', "/moves/0/{$at}");
    expect(($this->row)('6N')['there'])->toBe('100 g');
})->with([
    'no amount' => ['delivered', '', [], 'amount'],
    'an amount that is none' => ['counted', 'some', [], 'amount'],
    'nothing' => ['thrown', '0', ['note' => 'dry'], 'amount'],
    'thrown without a reason' => ['thrown', '10', [], 'note'],
    'put right without a reason' => ['corrected', '10', ['out' => true], 'note'],
    'a pour by hand' => ['poured', '10', [], 'kind'],
]);

it('adds up what came, went and was put right, and keeps every row', function () {
    ($this->move)('6N', 'counted', '100')->assertCreated();
    ($this->move)('6N', 'delivered', '1 tube')->assertCreated();
    ($this->move)('6N', 'thrown', '20', ['note' => 'dried out'])->assertCreated();
    ($this->move)('6N', 'corrected', '5', ['note' => 'miscounted', 'out' => true])->assertCreated();
    ($this->move)('6N', 'corrected', '1', ['note' => 'miscounted'])->assertCreated();
    ($this->move)('6N', 'opened', '')->assertCreated();
    expect(($this->row)('6N')['there'])->toBe('136 g');
    $ledger = $this->getJson('/api/stock/'.($this->id)('6N'))->assertOk()->json();
    expect(array_column($ledger, 'kind'))->toBe(['opened', 'corrected', 'corrected', 'thrown', 'delivered', 'counted'])
        ->and($ledger[3])->toMatchArray(['out' => true, 'grams' => '20 g', 'note' => 'dried out', 'by' => 'Somebody']);
});

it('takes a whole count, or nothing of it', function () {
    $moves = fn (string $second): array => ['moves' => [
        ['product' => ($this->id)('6N'), 'kind' => 'counted', 'amount' => '120'],
        ['product' => ($this->id)('7G'), 'kind' => 'counted', 'amount' => $second],
        ['product' => $this->salon->developers[20]->productId(), 'kind' => 'counted', 'amount' => '1 kg'],
    ]];
    $this->postJson('/api/stock', $moves('many'))
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/moves/1/amount');
    expect(StockMove::query()->where('salon_id', $this->salon->salon->id)->count())->toBe(0);
    ($this->later)();
    $this->postJson('/api/stock', $moves('2 tubes'))->assertCreated()->assertJsonPath('uncounted', 2);
});

it('moves every pour out, what is taken back in again, and more than was there is said', function () {
    ($this->move)('6N', 'counted', '50')->assertCreated();
    $visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $visit, [], $bowl = (string) Str::uuid())->assertCreated();
    $batch = ($this->poured)($bowl, [($this->id)('6N') => '40']);
    expect(($this->row)('6N'))->toMatchArray(['there' => '10 g', 'missing' => null]);
    $batch = $this->getJson("/api/batches/{$batch['id']}")->json();
    ($this->later)();
    $this->salon->record($this, $batch, ['kind' => 'undone'])->assertCreated();
    expect(($this->row)('6N')['there'])->toBe('50 g');
    $kinds = fn (): array => StockMove::query()
        ->where('product', ($this->id)('6N'))
        ->orderBy('id')
        ->pluck('grams_cg')
        ->all();
    expect($kinds())->toBe([5_000, -4_000, 4_000]);
    ($this->later)();
    $batch = $this->getJson("/api/batches/{$batch['id']}")->json();
    $this->salon->record(
        $this,
        $batch,
        ['kind' => 'poured', 'line' => ($this->id)('6N'), 'grams' => '40', 'source' => 'hand'],
    )->assertCreated();
    ($this->later)();
    ($this->move)('6N', 'thrown', '15', ['note' => 'fell down'])->assertCreated();
    expect(($this->row)('6N'))->toMatchArray(['there' => '0 g', 'missing' => '5 g', 'state' => 'out']);
    // The same pour sent again moves nothing.
    expect(StockMove::query()->where('batch_id', $batch['id'])->sum('grams_cg'))->toEqual(-4_000);
});

it('sees what the week takes, what is low, and what to order', function () {
    foreach (['6N' => '70', '7G' => '200'] as $code => $there) {
        ($this->move)($code, 'counted', $there)->assertCreated();
    }
    expect(($this->row)('6N')['state'])->toBe('enough');
    foreach ([1, 2] as $number) {
        // Two bowls of 40 g of 6N and 20 g of 7G.
        $visit = $this->postJson(
            "/api/clients/{$this->salon->client->id}/visits",
            [
                'id' => (string) Str::uuid(),
                'service' => "Root {$number}",
                'startsAt' => now()->addDays($number)->toIso8601String(),
            ],
        )
            ->assertCreated()
            ->json();
        $this->salon->addBowl($this, $visit)->assertCreated();
    }
    expect(($this->row)('6N'))->toMatchArray(
        ['planned' => '80 g', 'state' => 'short', 'order' => ['packs' => 1, 'grams' => '60 g']],
    )
        ->and(($this->row)('7G'))->toMatchArray(['planned' => '40 g', 'state' => 'enough', 'order' => null]);
    $this->putJson('/api/stock/'.($this->id)('7G').'/mark', ['mark' => '4 tubes'])->assertOk();
    expect(($this->row)('7G'))->toMatchArray(
        ['state' => 'low', 'mark' => '240 g', 'order' => ['packs' => 2, 'grams' => '120 g']],
    );
    ($this->later)();
    $this->putJson('/api/stock/'.($this->id)('7G').'/mark', ['mark' => 'few'])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/mark');
    $order = $this->get('/api/stock/order')->assertOk()->getContent();
    expect($order)
        ->toContain("Line,6N,6N,1,\"60 g\",\"70 g\",\"80 g\"\r\n")
        ->toContain(',7G,7G,2,')
        ->not->toContain('Bond');
});

it('says on the bowl whether the shelf holds it, and keeps stand-ins within it', function () {
    $enough = function (): ?array {
        ($this->later)();

        return $this->postJson('/api/bowls/preview', $this->salon->bowl())->assertOk()->json('enough');
    };
    expect($enough()['times'])->toBeNull();
    ($this->move)('6N', 'counted', '130')->assertCreated();
    // 40 g of 6N in the bowl.
    expect($enough())->toMatchArray(['times' => 3, 'first' => '6N', 'short' => []]);
    ($this->move)('6N', 'counted', '39.9')->assertCreated();
    expect($enough()['times'])
        ->toBe(0)
        ->and($enough()['short'][0]['message'])
        ->toBe('6N: the bowl takes 40 g, and 39.9 g is on the shelf.');
});

it('changes no row of the ledger, and shows no other salon’s', function () {
    ($this->move)('6N', 'counted', '50')->assertCreated();
    $this->actingAs($this->salon->member(Role::Assistant));
    // Whoever stands at the shelf counts; what is low is for those who plan.
    ($this->move)('6N', 'counted', '55')->assertCreated();
    $this->putJson('/api/stock/'.($this->id)('6N').'/mark', ['mark' => '10'])->assertForbidden();
    $this->actingAs((new SmallSalon)->member());
    ($this->later)();
    $this->getJson('/api/stock/'.($this->id)('6N'))->assertNotFound();
    $this->putJson('/api/stock/'.($this->id)('6N').'/mark', ['mark' => '10'])->assertNotFound();
    ($this->move)('6N', 'counted', '1')
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/moves/0/product');
    expect(
        fn () => StockMove::query()->where('product', ($this->id)('6N'))->update(['grams_cg' => 0]),
    )->toThrow(QueryException::class);
});

it('tells what was poured cost, by what it was asked, and what of it was wasted', function () {
    $this->salon->shades['6N']->update(['price_cents' => 900]);
    $visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $visit, [], $bowl = (string) Str::uuid())->assertCreated();
    // 40 g of a tube of 60 g at 9.00; 20 g of 7G without a price.
    $batch = ($this->poured)(
        $bowl,
        [($this->id)('6N') => '40', ($this->id)('7G') => '20', $this->salon->developers[20]->productId() => '90']
    );
    ($this->later)();
    $batch = $this->getJson("/api/batches/{$batch['id']}")->json();
    $this->salon->record($this, $batch, ['kind' => 'finished'])->assertCreated();
    ($this->later)();
    $batch = $this->getJson("/api/batches/{$batch['id']}")->json();
    $this->salon->record(
        $this,
        $batch,
        ['kind' => 'weighed-back', 'grams' => '75', 'source' => 'hand'],
    )->assertCreated();
    ($this->later)();
    // Dearer from now on: what was poured keeps its price.
    $this->salon->shades['6N']->update(['price_cents' => 1800]);
    $answer = $this->getJson('/api/costs?by=client')->assertOk();
    expect($answer->json('rows'))->toHaveCount(1)
        ->and($answer->json('rows.0'))->toMatchArray(
            [
                'name' => $this->salon->client->name,
                'cost' => '6.00',
                'wastedCost' => '3.00',
                'poured' => '150 g',
                'wasted' => '75 g',
                'unpriced' => '110 g',
            ],
        );
    expect(array_column($this->getJson('/api/costs?by=product')->json('rows'), 'name'))->toContain('Line 6N', '20 vol');
    foreach (['month', 'line', 'visit', 'bowl', 'person'] as $by) {
        expect($this->getJson("/api/costs?by={$by}")->assertOk()->json('total.cost'))->toBe('6.00', $by);
    }
    expect($this->getJson('/api/costs?from=2020-01-01&to=2020-12-31')->json('rows'))->toBe([]);
    $this->getJson('/api/costs?from=2020-02-01&to=2020-01-01')->assertUnprocessable();
    $this->getJson('/api/costs?by=moon')->assertUnprocessable();
    expect($this->get('/api/costs/table?by=line')->assertOk()->getContent())->toContain(
        "Line,\"150 g\",6.00,\"75 g\",3.00,\"0 g\",0.00,\"0 g\",0.00,\"110 g\",0.00\r\n",
    );
    $this->actingAs($this->salon->member(Role::Assistant));
    $this->getJson('/api/costs')->assertForbidden();
    $this->actingAs((new SmallSalon)->member());
    ($this->later)();
    expect($this->getJson('/api/costs')->json('rows'))->toBe([]);
});

it('sums of a large salon what can be summed while somebody waits, and says from when on', function () {
    $this->travelTo('2026-11-18 12:00:00');
    $member = $this->salon->member();
    $move = fn (string $at, int $count): bool => DB::table('stock_moves')->insert(array_fill(0, $count, [
        'salon_id' => $this->salon->salon->id, 'product' => 'developer-1', 'kind' => 'counted', 'grams_cg' => 100,
        'team_member_id' => $member->id, 'moved_at' => $at,
    ]));
    $this->app->bind(CostRows::class, fn (): CostRows => new CostRows(app('db'), 10));
    $asked = function (string $how = ''): array {
        ($this->later)();

        return $this->getJson("/api/costs{$how}")->json();
    };
    $move('2026-07-10 10:00:00', 4);
    $move('2026-09-10 10:00:00', 4);
    expect($asked()['from'])->toBe('2026-06-01');
    $move('2026-10-10 10:00:00', 4);
    expect($asked()['from'])->toBe('2026-08-01')
        ->and($asked('?from=2026-06-01'))->toMatchArray([
            'message' => 'More was poured in these days than is summed up at once.',
            'mend' => 'Ask for fewer days: since 2026-08-01, say.',
        ])
        ->and($asked('?from=2026-06-01&to=2026-09-30')['from'])->toBe('2026-06-01');
    $move('2026-11-03 10:00:00', 11);
    expect($asked()['from'])->toBe('2026-11-16');
    $this->get('/api/costs/table?from=2026-06-01')->assertUnprocessable();
});

it('reads the month off the salon’s own wall clock', function (string $zone, string $moment, string $month) {
    $here = new MonthHere($zone);
    // What is a quarter of an hour away may be another month, and is asked first.
    $here->of('2026-10-31 18:14:59');
    $here->of('2026-10-31 12:59:59');
    expect($here->of($moment)[0])->toBe($month)->and($here->of($moment)[0])->toBe($month);
})->with([
    ['UTC', '2026-10-31 23:59:59', '2026-10'],
    ['UTC', '2026-11-01 00:00:00', '2026-11'],
    ['Asia/Kathmandu', '2026-10-31 18:15:00', '2026-11'],
    ['Pacific/Auckland', '2026-10-31 11:00:00', '2026-11'],
    ['Pacific/Auckland', '2026-10-31 10:59:59', '2026-10'],
]);

it('tells bowls thrown away, what went beyond the plan, and treatments done, apart', function () {
    $this->salon->shades['6N']->update(['price_cents' => 900]);
    $visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $visit, [], $bowl = (string) Str::uuid())->assertCreated();
    // 40 g are planned; 46 g are taken as they are, and the bowl is thrown away.
    $batch = ($this->poured)($bowl, [($this->id)('6N') => '46']);
    ($this->later)();
    ($this->later)();
    $this->salon->record($this, $batch, ['kind' => 'discarded', 'reason' => 'it went lumpy'])->assertCreated();
    ($this->later)();
    $this->putJson("/api/visits/{$visit['id']}/care", ['version' => $this->getJson(
        "/api/visits/{$visit['id']}",
    )->json('version'), 'steps' => [
        [
            'id' => 'a',
            'kind' => 'treatment',
            'words' => 'Mask',
            'minutes' => 5,
            'price' => '12.50',
            'done' => true,
            'round' => null,
        ],
        [
            'id' => 'b',
            'kind' => 'treatment',
            'words' => 'Another',
            'minutes' => 5,
            'price' => '9',
            'done' => false,
            'round' => null,
        ],
    ]])->assertOk();
    ($this->later)();
    $total = $this->getJson('/api/costs?by=client')->assertOk()->json('total');
    expect($total)->toMatchArray(
        [
            'thrown' => ['grams' => '46 g', 'cost' => '6.90'],
            'over' => ['grams' => '6 g', 'cost' => '0.90'],
            'wastedCost' => '6.90',
            'addOns' => '12.50',
        ],
    );
});

it('says at the bench that the shelf has less than is still to go in', function () {
    ($this->move)('6N', 'counted', '35 g')->assertCreated();
    $visit = $this->salon->planVisit($this);
    ($this->later)();
    $this->salon->addBowl($this, $visit, [], $bowl = (string) Str::uuid())->assertCreated();
    $batch = $this->salon->startBatch($this, $bowl);
    $short = fn (array $of): array => array_column($of['lines'], 'short', 'label');
    ($this->later)();
    $batch = $this->getJson("/api/batches/{$batch['id']}")->json();
    expect($short($batch)['6N']['message'])
        ->toBe('35 g of 6N on the shelf, and 40 g still to go in.')
        ->and($short($batch)['7G'])
        ->toBeNull();
    // Ten more from another pack, counted in: five are left when thirty-five are in, and five are wanted.
    ($this->move)('6N', 'delivered', '5 g')->assertCreated();
    ($this->later)();
    expect($short($this->getJson("/api/batches/{$batch['id']}")->json())['6N'])->toBeNull();
});
