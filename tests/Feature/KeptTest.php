<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Kept\KeptValues;
use App\Kept\Reads;
use App\Kept\Turns;
use App\Models\Client;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

// An answer is worked once while nothing it is made of has changed.

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->tomasz = $this->salon->member(Role::Colourist);
    $this->actingAs($this->tomasz);
    $this->visit = $this->salon->planVisit($this);
    // From here on everything is counted.
    app(Turns::class)->count($this->salon->salon->id);
    /** @return array{int, string, string} status, tag and how many statements it took */
    $this->ask = function (string $path, array $headers = []): array {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $answer = $this->getJson("/api/{$path}", $headers);
        $asked = count(DB::getQueryLog());
        DB::disableQueryLog();

        return [
            $answer->getStatusCode(),
            (string) $answer->headers->get('ETag'),
            $asked,
            (string) $answer->getContent(),
        ];
    };
});

it('answers again without looking anything up, and says so to who has it already', function (string $path) {
    $path = str_replace(['{visit}', '{client}'], [$this->visit['id'], (string) $this->salon->client->id], $path);
    [$status, $tag, $first, $body] = ($this->ask)($path);
    [$again, $same, $second, $kept] = ($this->ask)($path);
    expect([$status, $again, $same])->toBe([200, 200, $tag])->and($tag)->not->toBe('')
        ->and(preg_replace('/"now":"[^"]*"/', '', $kept))->toBe(preg_replace('/"now":"[^"]*"/', '', $body))
        ->and($second)->toBeLessThan($first)->and($second)->toBeLessThan(8);
    [$none, $its, , $nothing] = ($this->ask)($path, ['If-None-Match' => $tag]);
    expect([$none, $its, $nothing])->toBe([304, $tag, '']);
})->with(
    [
        'visits/{visit}',
        'clients/{client}',
        'clients',
        'today',
        'wall',
        'shelf',
        'messages',
        'house',
        'stock',
        'templates',
    ],
);

it('works it anew after every write, of whatever it is made', function () {
    [, $before] = ($this->ask)("visits/{$this->visit['id']}");
    $this->salon->addBowl($this, $this->visit)->assertCreated();
    [$status, $after, , $body] = ($this->ask)("visits/{$this->visit['id']}", ['If-None-Match' => $before]);
    expect($status)->toBe(200)->and($after)->not->toBe($before)->and($body)->toContain('"letter":"A"');
    // Past the models, too: a statement is a statement.
    DB::table('clients')->where('id', $this->salon->client->id)->update(['name' => 'Renamed beside it']);
    expect(($this->ask)("visits/{$this->visit['id']}")[3])->toContain('Renamed beside it');
});

it('answers as before what was written beside it, and tells it apart from what was written of it', function () {
    $other = Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Somebody else']);
    app(Turns::class)->count($this->salon->salon->id);
    $path = "visits/{$this->visit['id']}";
    [, $tag, $first] = ($this->ask)($path);
    // Another client's name stands in the table that this one's is read from: it is asked for again, and nothing else.
    $other->forceFill(['name' => 'Somebody renamed'])->save();
    app(Turns::class)->count($this->salon->salon->id);
    [$status, $same, $asked] = ($this->ask)($path, ['If-None-Match' => $tag]);
    expect([$status, $same])->toBe([304, $tag])->and($asked)->toBeLessThan(intdiv($first, 2));
    // Once found to hold, it is as if nothing had been written.
    expect(($this->ask)($path)[2])->toBeLessThan($asked);
    $this->salon->client->forceFill(['name' => 'Renamed herself'])->save();
    app(Turns::class)->count($this->salon->salon->id);
    expect(($this->ask)($path)[3])->toContain('Renamed herself');
    // What one is oneself is part of every answer, too.
    $kept = ($this->ask)($path)[2];
    $this->tomasz->forceFill(['licence' => 'L-77'])->save();
    app(Turns::class)->count($this->salon->salon->id);
    expect(($this->ask)($path)[2])->toBeGreaterThan($kept + 5);
});

it('works once for everybody of a role what they all see alike', function (string $path) {
    $bowl = $this->salon->addBowl($this, $this->visit)->assertCreated()->json('id');
    $batch = str_contains($path, 'batch') ? $this->salon->startBatch($this, $bowl)['id'] : '';
    $path = str_replace(
        ['{visit}', '{client}', '{bowl}', '{batch}'],
        [$this->visit['id'], (string) $this->salon->client->id, $bowl, $batch],
        $path,
    );
    $body = fn (array $answer): string => (string) preg_replace('/"now":"[^"]*"/', '', $answer[3]);
    $anew = fn (): array => ($this->ask)($path, ['Cache-Control' => 'no-cache']);
    $other = $this->salon->member(Role::Colourist);
    $owner = $this->salon->member(Role::Owner);
    app(Turns::class)->count($this->salon->salon->id);
    $mine = $anew();
    $this->actingAs($other);
    $kept = ($this->ask)($path);
    $theirs = $anew();
    // What is shared is what each would have been told.
    expect($body($theirs))->toBe($body($mine))->and($body($kept))->toBe($body($mine))
        ->and($kept[2])->toBeLessThan($theirs[2]);
    // Whoever may do other things has it worked for themselves.
    $this->actingAs($owner);
    expect(($this->ask)($path)[2])->toBeGreaterThan($kept[2]);
    // Another salon's people are never told.
    $this->actingAs((new SmallSalon)->member(Role::Colourist));
    $elsewhere = ($this->ask)($path);
    expect($elsewhere[0] === 404 || $elsewhere[2] > $kept[2])->toBeTrue();
})->with([
    'today', 'wall', 'shelf', 'messages', 'clients/{client}', 'visits/{visit}', 'bowls/{bowl}/bench',
    'bowls/{bowl}/batch', 'batches/{batch}',
]);

it('tells a device that looks on at a bowl what was poured, and nothing while nothing is', function () {
    $bowl = $this->salon->addBowl($this, $this->visit)->assertCreated()->json('id');
    $batch = $this->salon->startBatch($this, $bowl);
    app(Turns::class)->count($this->salon->salon->id);
    $path = "bowls/{$bowl}/batch";
    [, $tag, $first] = ($this->ask)($path);
    [$status, , $again] = ($this->ask)($path, ['If-None-Match' => $tag]);
    expect($status)->toBe(304)->and($again)->toBeLessThan(intdiv($first, 2));
    $pour = ['kind' => 'poured', 'line' => $batch['lines'][0]['key'], 'grams' => '12.3', 'source' => 'hand'];
    $poured = $this->salon->record($this, $batch, $pour)->assertCreated()->json();
    app(Turns::class)->count($this->salon->salon->id);
    [$status, , , $body] = ($this->ask)($path, ['If-None-Match' => $tag]);
    // What whoever poured was answered is what is read by everybody else.
    expect($status)->toBe(200)->and(json_decode($body, true))->toEqual($poured)
        ->and($poured['sequence'])->toBe($batch['sequence'] + 1);
});

it('writes a pour down once, and beside it what else changed of the bowl', function () {
    $bowl = $this->salon->addBowl($this, $this->visit)->assertCreated()->json('id');
    $batch = $this->salon->startBatch($this, $bowl);
    $changes = fn (): int => DB::table('activity_log')->where('subject_id', $batch['id'])->count();
    $before = $changes();
    $pour = ['kind' => 'poured', 'line' => $batch['lines'][0]['key'], 'grams' => '12.3', 'source' => 'hand'];
    $batch = $this->salon->record($this, $batch, $pour)->assertCreated()->json();
    // What is in it stands in its pours; the sum of them is written when no more can go in.
    $kept = fn (): int => (int) DB::table('batches')->where('id', $batch['id'])->value('mixed_cg');
    expect($kept())->toBe(0)->and($batch['total'])->toBe('12.3 g')->and($changes())->toBe($before);
    $this->getJson("/api/visits/{$this->visit['id']}")
        ->assertJsonPath('rounds.0.bowls.0.batches.0.mixed', '12.3 g');
    $this->salon->record($this, $batch, ['kind' => 'discarded', 'reason' => 'spilled'])->assertCreated();
    expect($changes())->toBe($before + 1)->and($kept())->toBe(1_230);
});

it('shares no answer of a route that the test above does not ask', function () {
    $shared = array_filter(
        iterator_to_array(app('router')->getRoutes()),
        fn (Route $route): bool => array_any(
            $route->gatherMiddleware(),
            fn (mixed $each): bool => is_string($each) && str_starts_with($each, 'kept:') && str_contains($each, 'shared'),
        ),
    );
    expect(array_values(array_map(fn (Route $route): string => $route->uri(), $shared)))->toEqualCanonicalizing([
        'api/today', 'api/wall', 'api/shelf', 'api/messages', 'api/clients/{client}', 'api/visits/{visit}',
        'api/bowls/{bowl}/bench', 'api/bowls/{bowl}/batch', 'api/batches/{batch}',
    ]);
});

it('works it anew where nobody can say what was written', function (Closure $write) {
    Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Somebody else']);
    app(Turns::class)->count($this->salon->salon->id);
    $path = "visits/{$this->visit['id']}";
    [, , $first] = ($this->ask)($path);
    expect(($this->ask)($path)[2])->toBeLessThan($first - 3);
    $write($this->salon->salon->id);
    app(Turns::class)->count($this->salon->salon->id);
    expect(($this->ask)($path)[2])->toBeGreaterThan(intdiv($first, 2));
})->with([
    'by a statement over two tables' => fn () => DB::update(
        'update clients inner join salons on salons.id = clients.salon_id set clients.about = "x"',
    ),
    'by another release' => fn (int $salon) => DB::table('turns')->where('salon_id', $salon)->increment('record'),
    'by one who began to count later' => fn (int $salon) => DB::table('turns')->insert(
        ['salon_id' => $salon, 'node' => 77, 'record' => 5, 'shelf' => 0, 'tables' => '{"since":5,"last":5}'],
    ),
]);

it('asks again only of what names a table that was written, and not what it could not hear', function () {
    $reads = app(Reads::class);
    $name = fn (): ?string => DB::table('clients')->where('id', $this->salon->client->id)->value('name');
    [$said, $heard] = $reads->during($name);
    expect($said)->toBe($this->salon->client->name)->and($heard)->toHaveCount(1);
    $this->salon->client->forceFill(['name' => 'Another'])->save();
    expect($reads->saidOtherwise($heard, []))->toBeNull()
        ->and($reads->saidOtherwise($heard, ['visits', 'client']))->toBeNull()
        ->and($reads->saidOtherwise($heard, ['visits', 'clients']))->not->toBeNull();
    $byRow = fn (): int => DB::table('clients')->where('id', $this->salon->client->id)->cursor()->count();
    expect($reads->during($byRow))->toBe([1, null]);
    $many = 'with recursive n as (select 1 i union all select i + 1 from n where i < 45) select a.i from n a, n b';
    expect($reads->during(fn (): int => count(DB::select($many)))[1])->toBeNull();
    // Nothing is heard once it is over.
    $name();
    expect($reads->during(fn (): int => 7))->toBe([7, []]);
});

it('asks first what was answered otherwise the last time, also where it is asked about more', function () {
    $reads = app(Reads::class);
    $id = $this->salon->client->id;
    $work = fn (array $ids): array => $reads->during(function () use ($ids, $id): void {
        DB::select('select count(*) from clients');
        DB::select('select phone from clients where id = ?', [$id]);
        DB::select('select name from clients where id in ('.implode(', ', array_fill(0, count($ids), '?')).')', $ids);
    })[1];
    $asked = 0;
    DB::listen(function () use (&$asked): void {
        $asked++;
    });
    $heard = $work([$id]);
    DB::table('clients')->where('id', $id)->update(['name' => 'Renamed once']);
    $asked = 0;
    $which = $reads->saidOtherwise($heard, ['clients']);
    expect($asked)->toBe(3)->and($which)->not->toBeNull();
    $heard = $work([$id, $id + 1]);
    DB::table('clients')->where('id', $id)->update(['name' => 'Renamed twice']);
    $asked = 0;
    expect($reads->saidOtherwise($heard, ['clients'], $which))->toBe($which)->and($asked)->toBe(1);
    // Where it was something else this time, everything is asked all the same.
    $heard = $work([$id]);
    DB::table('clients')->where('id', $id)->update(['phone' => '0555 999']);
    expect($reads->saidOtherwise($heard, ['clients'], $which))->not->toBeNull()->not->toBe($which);
    $heard = $work([$id]);
    $asked = 0;
    expect($reads->saidOtherwise($heard, ['clients'], $which))->toBeNull()->and($asked)->toBe(3);
});

it('asks each question once while one thing is worked, and anew once something is written', function () {
    $clients = DB::table('clients')->where('id', $this->salon->client->id);
    $asked = function (Closure $work): array {
        DB::flushQueryLog();
        DB::enableQueryLog();
        [$said, $heard] = app(Reads::class)->during($work);
        $statements = count(DB::getQueryLog());
        DB::disableQueryLog();

        return [$said, count($heard), $statements];
    };
    $twice = function () use ($clients): array {
        $first = $clients->first();
        $first->name = 'written over by whoever asked';

        return [$clients->value('name'), $clients->first()->name];
    };
    $name = $this->salon->client->name;
    expect($asked($twice))->toBe([[$name, $name], 2, 2]);
    $between = function () use ($clients): array {
        $clients->first();
        (clone $clients)->update(['name' => 'Renamed']);

        return [$clients->first()->name];
    };
    expect($asked($between))->toBe([['Renamed'], 2, 3]);
    $locked = fn (): int => count([$clients->lockForUpdate()->get(), $clients->lockForUpdate()->get()]);
    expect($asked($locked))->toBe([2, 2, 2]);
});

it('knows which rows go with others', function () {
    $found = [];
    foreach (DB::select('show tables') as $row) {
        $child = (string) current((array) $row);
        $made = (string) ((array) DB::selectOne("show create table `{$child}`"))['Create Table'];
        preg_match_all('/REFERENCES `(\w+)` \([^)]*\) ON (?:DELETE|UPDATE) (?!RESTRICT)/', $made, $rules);
        foreach ($rules[1] as $parent) {
            $found[$parent][$child] = true;
        }
    }
    // What a trigger does is not told to the application's account: the migrations tell it.
    foreach (glob(base_path('database/migrations/*.php')) as $migration) {
        preg_match_all('/CREATE TRIGGER .*? ON (\w+)\s+FOR EACH ROW(.*?)"\)/is', file_get_contents($migration), $made, PREG_SET_ORDER);
        foreach ($made as [, $table, $does]) {
            preg_match_all('/\b(?:INSERT INTO|UPDATE|DELETE FROM)\s+(\w+)\s*(?:\(|SET|WHERE)/', $does, $written);
            foreach ($written[1] as $other) {
                $found[$table][$other] = true;
            }
        }
    }
    // Doors are never part of an answer; a row of the same table is named by the statement itself.
    unset($found['team_members']['second_factors'], $found['bowls']['bowls']);
    foreach (array_filter($found) as $parent => $children) {
        expect(array_diff(array_keys($children), Turns::ALSO[$parent] ?? []))->toBe([], "What goes with {$parent}");
    }
    expect(array_keys(array_filter($found)))->toEqualCanonicalizing(array_keys(Turns::ALSO));
});

it('works it anew when its minutes are over, or when somebody asks for that', function () {
    ($this->ask)('today');
    $kept = ($this->ask)('today')[2];
    expect(($this->ask)('today', ['Cache-Control' => 'no-cache'])[2])->toBeGreaterThan($kept + 2)
        ->and(($this->ask)('today')[2])->toBe($kept);
    $this->travel(16)->seconds();
    expect(($this->ask)('today')[2])->toBeGreaterThan($kept + 2);
});

it('answers the same posted question again without working it, and another one anew', function () {
    $bowl = $this->salon->addBowl($this, $this->visit)->assertCreated()->json();
    app(Turns::class)->count($this->salon->salon->id);
    $ask = function (array $asked): array {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $answer = $this->postJson("/api/visits/{$this->visit['id']}/picture", $asked)->assertOk();
        $statements = count(DB::getQueryLog());
        DB::disableQueryLog();

        return [$statements, $answer->json('bowls') ?? $answer->json()];
    };
    [$first, $picture] = $ask(['drafts' => []]);
    [$again, $same] = $ask(['drafts' => []]);
    expect($again)->toBeLessThan($first - 5)->and($same)->toBe($picture);
    [$other, $without] = $ask(['drafts' => [], 'without' => [$bowl['id']]]);
    expect($other)->toBeGreaterThan($again + 5)->and($without)->not->toBe($picture);
    // What somebody is typing is worked each time, and kept nowhere.
    $draft = ['drafts' => [[
        'id' => $bowl['id'], 'round' => $this->visit['rounds'][0]['id'], 'bowl' => $this->salon->bowl(),
    ]]];
    expect($ask($draft)[0])->toBe($ask($draft)[0])->toBeGreaterThan($again + 5);
    // What cannot be asked is refused as often as it is sent.
    foreach ([1, 2] as $time) {
        $this->postJson("/api/visits/{$this->visit['id']}/picture", ['drafts' => 'none'])->assertUnprocessable();
    }
    // Once the record has changed, it is worked anew.
    $this->salon->client->forceFill(['name' => 'Renamed'])->save();
    app(Turns::class)->count($this->salon->salon->id);
    expect($ask(['drafts' => []])[0])->toBeGreaterThan($again + 5);
});

it('is each person’s own, and what one may no longer see is not answered from before', function () {
    $owner = $this->salon->member(Role::Owner);
    $this->actingAs($owner);
    expect([($this->ask)('costs')[0], ($this->ask)('costs')[0]])->toBe([200, 200]);
    $this->actingAs($this->salon->member(Role::Assistant));
    expect(($this->ask)('costs')[0])->toBe(403);
    $owner->forceFill(['role' => Role::Assistant])->save();
    app(Turns::class)->count($this->salon->salon->id);
    $this->actingAs($owner);
    expect(($this->ask)('costs')[0])->toBe(403);
    $this->actingAs($this->tomasz);
    ($this->ask)("clients/{$this->salon->client->id}");
    // Another salon's person asks for the same address.
    $other = new SmallSalon;
    $this->actingAs($other->member(Role::Colourist));
    expect(($this->ask)("clients/{$this->salon->client->id}")[0])->toBe(404);
});

it('counts each salon for itself, and nothing that was undone', function () {
    $turns = app(Turns::class);
    $other = new SmallSalon;
    $turns->count($other->salon->id);
    $at = fn (): array => [$turns->ofRecord($this->salon->salon->id), $turns->ofRecord($other->salon->id)];
    [$mine, $theirs] = $at();
    $this->postJson('/api/clients', ['id' => (string) Str::uuid(), 'name' => 'Wren Abbott'])->assertSuccessful();
    expect($at())->toBe([$turns->ofRecord($this->salon->salon->id), $theirs])->and($at()[0])->toBeGreaterThan($mine);
    // What is refused is not kept, and changes nothing that is.
    $now = $at();
    $this->postJson('/api/clients', ['id' => (string) Str::uuid(), 'name' => ''])->assertUnprocessable();
    expect($at())->toBe($now);
});

it('knows nothing while a write of its own is not kept', function () {
    $turns = app(Turns::class);
    Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => 'Half written']);
    expect($turns->ofRecord($this->salon->salon->id))
        ->toBeNull()
        ->and($turns->ofShelf($this->salon->salon->id))
        ->toBeInt();
    $this->salon->line->forceFill(['name' => 'Another name'])->save();
    expect($turns->ofShelf($this->salon->salon->id))->toBeNull();
    $turns->count($this->salon->salon->id);
    expect($turns->ofRecord($this->salon->salon->id))->toBeInt();
});

it('reads the shelf once, and anew when something on it changes', function () {
    ($this->ask)('shelf');
    $shelf = fn (): string => ($this->ask)('shelf', ['Cache-Control' => 'no-cache'])[3];
    $this->salon->line->forceFill(['name' => 'Ebbwater'])->save();
    app(Turns::class)->count($this->salon->salon->id);
    expect($shelf())->toContain('Ebbwater');
    $shade = array_values($this->salon->shades)[0];
    $shade->forceFill(['name' => 'told apart'])->save();
    app(Turns::class)->count($this->salon->salon->id);
    expect($shelf())->toContain('told apart');
});

it('keeps no answer longer than it could hold, and lets all of it go at once', function () {
    $kept = app(KeptValues::class);
    $made = 0;
    $work = function () use (&$made): int {
        return ++$made;
    };
    expect([$kept->of('a', $work), $kept->of('a', $work)])->toBe([1, 1]);
    $this->travel(KeptValues::LONGEST_SECONDS + 1)->seconds();
    expect($kept->of('a', $work))->toBe(2);
    $kept->forgetAll();
    expect($kept->of('a', $work))->toBe(3);
});
