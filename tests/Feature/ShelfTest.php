<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Edition;
use App\Models\Measure;
use App\Models\Shade;
use App\Models\Visit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->colourist = $this->salon->member();
    $this->actingAs($this->colourist);
    // Each request of the world asks for its salon anew.
    $this->later = function (): void {
        app()->forgetScopedInstances();
        auth()->user()?->unsetRelation('salon');
    };
    $this->json = fn (array $change = []): array => [
        'name' => 'Keel', 'kind' => 'permanent', 'ratio' => '1:1', 'notation' => 'digits',
        'window' => ['min' => 30, 'target' => 35, 'max' => 45],
        'developers' => [$this->salon->developers[20]->productId()],
        'tones' => ['1' => ['ash' => '1'], '3' => ['gold' => '1']],
        ...$change,
    ];
    $this->make = function (array $change = []): array {
        $made = $this->postJson('/api/lines', ['line' => ($this->json)($change), 'about' => 'Ours'])
            ->assertCreated()
            ->json();
        ($this->later)();

        return $made;
    };
    $this->row = fn (array $line): ColourLine => ColourLine::query()->findOrFail((int) Str::after($line['id'], '-'));
    $this->address = fn (array $line, string $rest = ''): string => '/api/lines/'.Str::after($line['id'], '-').$rest;
});

afterEach(fn () => Carbon::setTestNow());

it('makes a line, reads it back as it was written, and offers it on the shelf', function () {
    $said = ($this->json)([
        'windows' => [
            '20' => ['min' => 25, 'target' => 30, 'max' => 40],
        ], 'grey' => ['min' => 40, 'target' => 45, 'max' => 50],
        'lift' => ['20' => '1.5'], 'heat' => false, 'stops' => true, 'apart' => ['lightener'], 'density' => '1.1', 'order' => [
            'colour',
            'base',
            'developer',
        ], 'ratio' => '1:2:1.5',
        'marks' => ['+' => 'intense'], 'separators' => ['/'], 'zero' => 'natural', 'primary' => '3', 'levels' => [
            'lowest' => 1,
            'highest' => 10,
        ],
    ]);
    $line = $this->postJson('/api/lines', ['line' => $said, 'about' => 'Ours'])->assertCreated()->json();
    expect($line['line'])->toEqual($said)
        ->and($line['version'])->toBe(1)->and($line['about'])->toBe('Ours');
    ($this->later)();
    expect($this->getJson(($this->address)($line))->assertOk()->json('line'))->toEqual($said);
    $shelf = collect($this->getJson('/api/shelf')->json('lines'))->firstWhere('id', $line['id']);
    expect($shelf['order'])
        ->toBe(['colour', 'base', 'developer'])
        ->and($shelf['usualDeveloper'])
        ->toBe($this->salon->developers[20]->productId());
});

it('says everything that is wrong in a line, where and how to mend it, and keeps nothing', function () {
    $answer = $this->postJson('/api/lines', ['line' => ($this->json)([
        'name' => 'line', 'kind' => 'paint', 'ratio' => '1:x', 'window' => ['min' => 40, 'target' => '', 'max' => 45],
        'developers' => ['developer-999999'], 'tones' => ['1' => ['blue-ish' => '1']],
    ])])->assertUnprocessable();
    expect(array_column($answer->json('problems'), 'pointer'))->toEqualCanonicalizing([
        '/line/ratio', '/line/kind', '/line/developers/0', '/line/tones/1/blue-ish', '/line/name',
    ]);
    foreach ($answer->json('problems') as $problem) {
        expect($problem['mend'])->not->toBe('');
    }
    expect(ColourLine::query()->where('salon_id', $this->salon->salon->id)->count())->toBe(1);
    $this->postJson('/api/lines', ['line' => ($this->json)(['window' => ['min' => 40, 'target' => 35, 'max' => 45]])])
        ->assertUnprocessable()->assertJsonPath('problems.0.pointer', '/line/window');
});

it('refuses a change that was made against an older version, with the newer one', function () {
    $line = ($this->make)();
    $this->putJson(($this->address)($line), ['version' => 1, 'line' => ($this->json)(['ratio' => '1:2'])])
        ->assertOk()
        ->assertJsonPath('version', 2);
    ($this->later)();
    $this->putJson(($this->address)($line), ['version' => 1, 'line' => ($this->json)(['ratio' => '1:3'])])
        ->assertConflict()->assertJsonPath('newer.line.ratio', '1:2');
    expect(($this->row)($line)->ratio)->toBe('1:2');
});

it('reads codes by a line that is being typed, and marks those it cannot read', function () {
    $answer = $this->postJson(
        '/api/lines/tried',
        ['line' => ($this->json)(), 'codes' => ['7.3', '7.8', '9.13', '']],
    )->assertOk();
    expect($answer->json('problems'))->toBe([])
        ->and($answer->json('codes.0.read.level'))->toBe('7')
        ->and($answer->json('codes.0.read.tone'))->toBe('gold')
        ->and($answer->json('codes.1.read.unread'))->toContain('8')
        ->and($answer->json('codes.2.read.tone'))->toContain('ash');
    // The name of a line is no clash with itself.
    $this->postJson(
        '/api/lines/tried',
        ['of' => "line-{$this->salon->line->id}", 'line' => ($this->json)(['name' => 'Line']), 'codes' => []],
    )
        ->assertOk()->assertJsonPath('problems', []);
    expect(ColourLine::query()->where('salon_id', $this->salon->salon->id)->count())->toBe(1);
});

it('keeps an unread code, draws it when the legend learns it, and lets level and tone be given by hand', function () {
    $line = ($this->make)();
    $add = function (array $product) use ($line): array {
        $answer = $this->postJson(($this->address)($line, '/products'), ['product' => $product])
            ->assertCreated()
            ->json();
        ($this->later)();

        return collect($answer['products'])->firstWhere('said.code', $product['code']);
    };
    expect($add(['code' => '7.8', 'name' => 'harbour'])['read'])->toMatchArray(['level' => null])
        ->and(
            $add(
                [
                    'code' => '902',
                    'level' => '9.5',
                    'tone' => ['pearl' => '1'],
                    'pack' => '60 g',
                    'price' => '8,50',
                    'packCode' => '4006381333931',
                ],
            )['read'],
        )
        ->toMatchArray(['level' => '9.5', 'tone' => 'pearl', 'unread' => null])
        ->and(
            $add(['code' => '7.3', 'tone' => ['copper' => '1']])['read'],
        )->toMatchArray(['level' => '7', 'tone' => 'copper'])
        ->and($add(['code' => 'Thin', 'kind' => 'clear'])['read']['unread'])->toBeNull();
    $row = Shade::query()->where('code', '902')->firstOrFail();
    expect($row->price_cents)->toBe(850)->and($row->pack_cg->centigrams)->toBe(6000);
    $before = Shade::query()->where('code', '7.8')->firstOrFail()->swatch;
    $this->putJson(
        ($this->address)($line),
        [
            'version' => 1,
            'line' => ($this->json)(
                ['tones' => ['1' => ['ash' => '1'], '3' => ['gold' => '1'], '8' => ['red' => '1']]]
            ),
        ],
    )->assertOk();
    expect(Shade::query()->where('code', '7.8')->firstOrFail()->swatch)->not->toBe($before);
});

it('takes no code twice, no pack code of another, and no price that is none', function (array $product, string $at) {
    $line = ($this->make)();
    $this->postJson(
        ($this->address)($line, '/products'),
        ['product' => ['code' => '7.3', 'packCode' => '123']],
    )->assertCreated();
    ($this->later)();
    $this->postJson(($this->address)($line, '/products'), ['product' => $product])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', $at);
    expect(($this->row)($line)->shades()->count())->toBe(1);
})->with([
    'the same code in other letters' => [['code' => ' 7.3'], '/product/code'],
    'no code' => [['code' => ' '], '/product/code'],
    'a pack that is known' => [['code' => '8.3', 'packCode' => '123'], '/product/packCode'],
    'a price in words' => [['code' => '8.3', 'price' => '8.5.0'], '/product/price'],
    'thousands' => [['code' => '8.3', 'price' => '1,250'], '/product/price'],
    'a pack of nothing known' => [['code' => '8.3', 'pack' => 'big'], '/product/pack'],
    'a level above all' => [['code' => '8.3', 'level' => '14'], '/product/level'],
    'a tone that is none' => [['code' => '8.3', 'level' => '8', 'tone' => ['sunny' => '1']], '/product/tone/sunny'],
]);

it('withdraws a product without losing it, and refuses a change against an older version', function () {
    $line = ($this->make)();
    $id = $this->postJson(
        ($this->address)($line, '/products'),
        ['product' => ['code' => '7.3']],
    )->json('products.0.id');
    ($this->later)();
    $put = '/api/products/'.Str::after($id, '-');
    $this->putJson($put, ['version' => 1, 'product' => ['code' => '7.3'], 'withdrawn' => true])
        ->assertOk()
        ->assertJsonPath('products.0.withdrawn', true);
    ($this->later)();
    $this->putJson($put, ['version' => 1, 'product' => ['code' => '7.1']])
        ->assertConflict()
        ->assertJsonPath('newer.products.0.said.code', '7.3');
});

it('shows a closed visit as its line and its house were when it closed', function () {
    Carbon::setTestNow('2026-11-20 10:00:00');
    $planned = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $planned)->assertCreated();
    $visit = Visit::query()->findOrFail($planned['id']);
    $visit->update(['status' => 'closed', 'closed_at' => now()]);
    ($this->later)();
    $read = fn (): array => $this->getJson("/api/visits/{$visit->id}")->assertOk()->json('rounds.0.bowls.0');
    $before = $read();
    Carbon::setTestNow('2026-11-21 10:00:00');
    $line = $this->salon->line;
    $this->putJson("/api/lines/{$line->id}", ['version' => 1, 'line' => ($this->json)([
        'name' => 'Other', 'ratio' => '1:3', 'notation' => 'letters', 'window' => [
            'min' => 5,
            'target' => 10,
            'max' => 15,
        ],
        'tones' => [
            'N' => ['ash' => '1'],
            'G' => ['violet' => '1'],
        ], 'developers' => [$this->salon->developers[10]->productId()],
    ])])->assertOk();
    ($this->later)();
    $this->putJson(
        "/api/products/{$this->salon->shades['6N']->id}",
        ['version' => 1, 'product' => ['code' => '6N', 'level' => '2', 'tone' => ['red' => '1']]],
    )->assertOk();
    ($this->later)();
    $this->actingAs($this->salon->member(Role::Owner));
    $this->putJson(
        '/api/house',
        ['version' => 1, 'timezone' => 'UTC', 'rules' => ['level-school' => 'dye-weighted', 'weigh-ahead' => 'yes']],
    )->assertOk();
    ($this->later)();
    expect($read())->toEqual($before)
        ->and(
            Edition::query()->where('salon_id', $this->salon->salon->id)->pluck('subject')->all(),
        )->toBe(["line-{$line->id}", $this->salon->shades['6N']->productId(), 'house']);
    // A visit that is not closed follows the house as it is.
    Visit::query()->whereKey($visit->id)->update(['status' => 'expected', 'closed_at' => null]);
    ($this->later)();
    expect($read()['judgement'] ?? $read())->not->toEqual($before['judgement'] ?? $before);
});

it('brings in a table whole or not at all, and says each row that is wrong', function () {
    $line = ($this->make)();
    $good = "Shade;Description;Pack;Price;Barcode\r\n7.3;\"sand; warm\";60;8,50;111\r\n8.1;slate;60 g;;\r\n\r\n9.99;far;;;\r\n";
    $tried = $this->postJson(($this->address)($line, '/table/tried'), ['text' => $good])->assertOk();
    expect($tried->json('fields'))->toBe(['code', 'name', 'pack', 'price', 'packCode'])
        ->and($tried->json('faulty'))->toBe(0)
        ->and($tried->json('rows.0'))->toMatchArray(
            ['row' => 2, 'code' => '7.3', 'name' => 'sand; warm', 'pack' => '60 g', 'known' => false],
        )
        ->and($tried->json('rows.2.read.unread'))->not->toBeNull();
    expect(($this->row)($line)->shades()->count())->toBe(0);
    $this->postJson(($this->address)($line, '/table'), ['text' => $good])
        ->assertCreated()
        ->assertJsonPath('added', 3)
        ->assertJsonPath('changed', 0);
    ($this->later)();
    // One row that is wrong keeps all of them out.
    $bad = "code,name,price\n6.1,new,9\n7.3,twice,1\n7.3,again,2\n8.3,dear,much\n";
    $answer = $this->postJson(($this->address)($line, '/table'), ['text' => $bad])->assertUnprocessable();
    expect(array_column($answer->json('problems'), 'pointer'))->toBe(['/rows/3/code', '/rows/4/price'])
        ->and(($this->row)($line)->shades()->count())->toBe(3)
        ->and(($this->row)($line)->shades()->where('code', '7.3')->value('name'))->toBe('sand; warm');
    ($this->later)();
    // What a table does not say of a known product stays.
    $this->postJson(($this->address)($line, '/table'), ['text' => "code\tname\n7.3\tdune\n8.1\tslate"])->assertCreated()
        ->assertJsonPath('added', 0)->assertJsonPath('changed', 1);
    expect(($this->row)($line)->shades()->where('code', '7.3')->firstOrFail())
        ->name->toBe('dune')
        ->price_cents->toBe(850);
});

it('lets the columns be said, and reads a table without headings', function () {
    $line = ($this->make)();
    $text = "sand,7.3,60\nslate,8.1,60";
    $this->postJson(
        ($this->address)($line, '/table/tried'),
        ['text' => $text, 'fields' => ['name', 'code', 'pack']],
    )->assertOk()
        ->assertJsonPath('rows.1.code', '8.1')->assertJsonPath('rows.0.row', 1);
    $this->postJson(
        ($this->address)($line, '/table'),
        ['text' => $text, 'fields' => ['name', '', 'pack']],
    )->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/fields');
    $this->postJson(($this->address)($line, '/table/tried'), ['text' => "7.3\n8.1"])
        ->assertOk()
        ->assertJsonPath('fields', ['code'])
        ->assertJsonPath('rows.1.read.level', '8');
    $this->postJson(
        ($this->address)($line, '/table/tried'),
        ['text' => implode("\n", array_fill(0, 2100, '7.3'))],
    )->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/text');
    $this->postJson(($this->address)($line, '/table'), ['text' => "\n \n"])->assertUnprocessable();
});

it('writes a line\'s products as a table that reads as the same products', function () {
    $line = ($this->make)();
    foreach ([
        ['code' => '7.3', 'name' => 'a "quoted", name', 'pack' => '60 g', 'price' => '8.50', 'packCode' => '77'],
        ['code' => '902', 'level' => '9.5', 'tone' => ['gold' => '2', 'copper' => '1'], 'density' => '1.05'],
        ['code' => 'Blue', 'kind' => 'booster', 'tone' => ['ash' => '1']],
        ['code' => 'Bond', 'kind' => 'additive', 'name' => "two\nlines"],
    ] as $product) {
        $this->postJson(($this->address)($line, '/products'), ['product' => $product])->assertCreated();
        ($this->later)();
    }
    $text = $this->get(($this->address)($line, '/table'))
        ->assertOk()
        ->assertHeader('content-type', 'text/csv; charset=utf-8; header=present')
        ->getContent();
    $other = ($this->make)(['name' => 'Twin']);
    // The same packs cannot be two products.
    $this->postJson(($this->address)($other, '/table'), ['text' => $text])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/rows/1/packCode');
    ($this->later)();
    Shade::query()->where('pack_code', '77')->update(['pack_code' => '']);
    $this->postJson(($this->address)($other, '/table'), ['text' => str_replace(',77,', ',,', $text)])
        ->assertCreated()
        ->assertJsonPath('added', 4);
    ($this->later)();
    $columns = fn (array $of): array => ($this->row)($of)
        ->shades()
        ->orderBy('id')
        ->get(['code', 'name', 'kind', 'pack_cg', 'density_milli', 'own', 'price_cents', 'swatch'])
        ->toArray();
    expect($columns($other))->toEqual($columns($line));
});

it('keeps developers in volumes or percent, and measures that were weighed once', function () {
    $made = $this->postJson(
        '/api/developers',
        ['product' => ['strength' => '1.5 %', 'name' => 'soft', 'pack' => '1 kg']],
    )
        ->assertCreated()
        ->json();
    expect($made['strength'])
        ->toBe('5 vol')
        ->and(Developer::query()->where('name', 'soft')->value('pack_cg')->centigrams)
        ->toBe(100_000);
    ($this->later)();
    $put = '/api/developers/'.Str::after($made['id'], '-');
    $this->putJson($put, ['version' => 1, 'product' => ['strength' => '7 vol', 'name' => 'soft']])
        ->assertOk()
        ->assertJsonPath('version', 2)
        ->assertJsonPath('pack', '');
    ($this->later)();
    $this->putJson($put, ['version' => 1, 'product' => ['strength' => '9 vol']])
        ->assertConflict()
        ->assertJsonPath('newer.strength', '7 vol');
    // A finger that presses twice makes one.
    $this->postJson(
        '/api/developers',
        ['product' => ['strength' => '30 vol', 'name' => 'developer 30 vol']],
    )->assertCreated();
    $this->postJson('/api/developers', ['product' => ['strength' => '30 vol', 'name' => 'developer 30 vol']])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/developer/name');
    $this->postJson('/api/developers', ['product' => ['strength' => 'strong']])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/developer/strength');

    $this->postJson('/api/measures', ['name' => 'Scoop', 'grams' => '18.5'])
        ->assertCreated()
        ->assertJsonPath('0.grams', '18.5 g');
    ($this->later)();
    $this->postJson(
        '/api/measures',
        ['name' => 'scoop', 'grams' => '20', 'product' => $this->salon->shades['6N']->productId()],
    )->assertCreated();
    ($this->later)();
    $preview = fn (string $code): array => $this->postJson('/api/bowls/preview', $this->salon->bowl(['amount' => null, 'parts' => [
        ['ingredients' => [['product' => $this->salon->shades[$code]->productId(), 'share' => '2 scoops']]],
        ['ingredients' => [['product' => $this->salon->developers[20]->productId(), 'share' => 'all']]],
    ]]))->assertOk()->json();
    expect(json_encode($preview('6N')))->toContain('"40.0 g')
        ->and(json_encode($preview('7G')))->toContain('"37.0 g');
    foreach (['g', 'wt oz', 'tube', 'oz'] as $unit) {
        $this->postJson('/api/measures', ['name' => $unit, 'grams' => '3'])
            ->assertUnprocessable()
            ->assertJsonPath('problems.0.pointer', '/measure/name');
    }
    $this->postJson('/api/measures', ['name' => 'cap', 'grams' => '0'])
        ->assertUnprocessable()
        ->assertJsonPath('problems.0.pointer', '/measure/grams');
    $this->deleteJson(
        '/api/measures/'.Measure::query()->where('salon_id', $this->salon->salon->id)->where('product', '')->value('id'),
    )
        ->assertOk()
        ->assertJsonCount(1);
});

it('lets assistants read the shelf and write nothing on it, and nobody reach another salon\'s', function () {
    $line = ($this->make)();
    $shade = $this->salon->shades['6N']->id;
    $writes = fn (): array => [
        ['POST', '/api/lines', ['line' => ($this->json)(['name' => 'Mine'])]],
        ['PUT', ($this->address)($line), ['version' => 1, 'line' => ($this->json)()]],
        ['POST', ($this->address)($line, '/products'), ['product' => ['code' => '7.3']]],
        ['PUT', "/api/products/{$shade}", ['version' => 1, 'product' => ['code' => '7.3']]],
        ['POST', ($this->address)($line, '/table'), ['text' => '7.3']],
        ['POST', '/api/developers', ['product' => ['strength' => '9 vol']]],
        ['POST', '/api/measures', ['name' => 'cap', 'grams' => '3']],
    ];
    $this->actingAs($this->salon->member(Role::Assistant));
    foreach ($writes() as [$method, $url, $body]) {
        $this->json($method, $url, $body)->assertForbidden();
    }
    $this->getJson(($this->address)($line))->assertOk();
    $this->actingAs((new SmallSalon)->member());
    ($this->later)();
    foreach (array_slice($writes(), 1, 4) as [$method, $url, $body]) {
        $this->json($method, $url, $body)->assertNotFound();
    }
    $this->getJson(($this->address)($line, '/table'))->assertNotFound();
    $this->postJson(
        '/api/lines/tried',
        ['of' => $line['id'], 'line' => ($this->json)(), 'codes' => []],
    )->assertNotFound();
});

it('keeps house blends by version, says how often they were used, and retires a name without touching what used it', function () {
    $keep = fn (array $change = []) => $this->postJson(
        '/api/house-blends',
        ['name' => 'Sand glaze', 'bowl' => $this->salon->bowl($change)],
    )->assertCreated();
    $keep();
    ($this->later)();
    $keep(['parts' => [
        [
            'ingredients' => [
                ['product' => $this->salon->shades['6N']->productId(), 'share' => '1'],
                ['product' => $this->salon->shades['7G']->productId(), 'share' => '3'],
            ],
        ],
        ['ingredients' => [['product' => $this->salon->developers[20]->productId(), 'share' => 'all']]],
    ]]);
    ($this->later)();
    $visit = $this->salon->planVisit($this);
    $this->salon->addBowl($this, $visit, ['parts' => [
        ['ingredients' => [['blend' => 'Sand glaze', 'version' => 1, 'share' => 'all']]],
        ['ingredients' => [['product' => $this->salon->developers[20]->productId(), 'share' => 'all']]],
    ]])->assertCreated();
    ($this->later)();
    $blends = $this->getJson('/api/house-blends')->assertOk()->json();
    expect(array_column($blends[0]['versions'], 'bowls', 'version'))->toBe([2 => 0, 1 => 1])
        ->and(array_column($blends[0]['versions'][1]['ingredients'], 'label'))->toBe(['6N', '7G']);
    $before = $this->getJson("/api/visits/{$visit['id']}")->json('rounds.0.bowls.0.worked');
    $this->postJson('/api/house-blends/retire', ['name' => 'Sand glaze', 'retired' => true])
        ->assertOk()
        ->assertJsonPath('0.retired', true);
    ($this->later)();
    expect($this->getJson('/api/shelf')->json('blends'))->toBe([])
        ->and($this->getJson("/api/visits/{$visit['id']}")->json('rounds.0.bowls.0.worked'))->toEqual($before);
    $this->postJson('/api/house-blends/retire', ['name' => 'Sand glaze', 'retired' => false])
        ->assertOk()
        ->assertJsonPath('0.retired', false);
    $this->postJson('/api/house-blends/retire', ['name' => 'Nobody’s', 'retired' => true])->assertNotFound();
    $this->actingAs($this->salon->member(Role::Assistant));
    $this->postJson('/api/house-blends/retire', ['name' => 'Sand glaze', 'retired' => true])->assertForbidden();
});
