<?php

declare(strict_types=1);

use App\Enums\Role;
use App\Kept\KeptValues;
use App\Models\TeamMember;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\Rounds\RealVisit;

// How many statements a page's answer takes does not grow with what the salon holds.

/** Two bowls weighed and put on, closed; then the same again, some weeks later. */
function visitOnce(RealVisit $v): void
{
    $v->testSkin();
    foreach (array_merge(...array_column($v->visit['rounds'], 'bowls')) as $bowl) {
        $v->weigh($bowl['letter']);
        $v->stamp($bowl['letter'], 'began', 'completed');
    }
    $v->after(30);
    $v->close(['results' => []]);
}

it('asks as often of a salon of many as of a salon of few', function () {
    // Whatever the hour at which it runs: what is due on a day follows from it.
    $this->travelTo('2026-03-02 10:00:00');
    $v = new RealVisit($this, 'Statements');
    TeamMember::query()->whereKey($v->member->id)->update(['role' => Role::Owner]);
    $this->actingAs($v->member->refresh());
    foreach (['A' => ['root', 'regrowth'], 'B' => ['mids', 'ends']] as $letter => $spans) {
        $v->bowl(
            'Colour',
            $letter,
            "Job {$letter}",
            'Tidewater',
            ['6N' => '2', '6G' => '1'],
            [20 => 'all'],
            ['colour', '30 g'],
            ['place' => [['regions' => [], 'spans' => $spans]]],
        );
    }
    $v->canvas(
        [
            'root' => ['spans' => ['root', 'regrowth'], 'level' => '6', 'wish' => ['level' => '6']],
            'ends' => [
                'spans' => ['mids', 'ends'],
                'level' => '6',
                'history' => 'coloured',
                'wish' => ['level' => '6'],
            ],
        ],
    );
    $closed = [];
    $go = function (int $visits) use ($v, &$closed): void {
        for ($each = 0; $each < $visits; $each++) {
            visitOnce($v);
            $closed[] = $v->visit['id'];
            $v->repeat(1);
        }
        visitOnce($v);
        $closed[] = $v->visit['id'];
        $v->repeat(1);
        $v->testSkin();
        $v->weigh('A');
        $v->stamp('A', 'began');
        $other = $v->ofAnother('Neighbour '.Str::random(4));
        $other->bowl('Colour', 'A', 'Job A', 'Tidewater', ['6N' => '1'], [20 => 'all'], ['colour', '30 g']);
    };
    $count = function () use ($v, &$closed): array {
        // Weeks go by between visits: whoever asks has just come in.
        $this->actingAs($v->member);
        $id = $v->visit['id'];
        $bowl = $v->refresh()->of('A')['id'];
        $paths = [
            'visit, open' => "visits/{$id}", 'visit, closed' => "visits/{$closed[0]}",
            'client file' => "clients/{$v->client->id}", 'clients' => 'clients', 'search' => 'clients?search=client',
            'today' => 'today', 'week' => 'today?days=7', 'wall' => 'wall', 'bench' => "bowls/{$bowl}/bench",
            'shelf' => 'shelf', 'stock' => 'stock', 'messages' => 'messages', 'costs' => 'costs',
            'house' => 'house', 'judgement' => 'house/judgement', 'team' => 'team', 'templates' => 'templates',
            'all of a client' => "clients/{$v->client->id}/all",
            'compare' => "visits/{$closed[0]}/compare/{$closed[1]}", 'bowls to take' => "visits/{$id}/bowls-to-take",
            'practice' => 'practice',
        ];
        $found = [];
        foreach ($paths as $name => $path) {
            app()->forgetScopedInstances();
            // What is kept of the past is worked too: the most that a request can ask.
            resolve(KeptValues::class)->forgetAll();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson("/api/{$path}", ['Cache-Control' => 'no-cache'])->assertOk();
            $found[$name] = count(DB::getQueryLog());
            DB::disableQueryLog();
        }

        return $found;
    };
    $go(1);
    $count();
    $few = $count();
    $v->close();
    $closed[] = $v->visit['id'];
    $v->repeat(1);
    $go(3);
    $many = $count();
    $grown = array_filter(
        array_map(fn (int $then, int $now): ?string => $now > $then ? "{$then} → {$now}" : null, $few, $many),
    );
    expect(
        array_combine(array_map(fn (int $at): string => array_keys($few)[$at], array_keys($grown)), $grown),
    )->toBe([]);
});
