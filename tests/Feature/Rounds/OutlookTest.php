<?php

declare(strict_types=1);

use App\Formulas\JudgeRows;
use App\Models\ForetoldRow;
use App\Models\Observation;
use App\Models\Salon;
use App\Models\Visit;
use Tests\Feature\Rounds\RealVisit;

/** A root of natural hair coloured with one bowl, weighed, timed and closed. */
function coloured(RealVisit $v, string $level, int $minutes = 35, array $tone = ['natural']): RealVisit
{
    $v->canvas(
        [
            'root' => [
                'spans' => ['root', 'regrowth'],
                'natural' => '6',
                'level' => '6',
                'wish' => ['level' => '6', 'tone' => ['natural']],
            ],
        ],
    );
    $v->bowl('Colour', 'A', 'Root', 'Tidewater', ['6N' => 'all'], [20 => 'all'], ['colour', '40 g'], [
        'place' => [['regions' => [], 'spans' => ['root', 'regrowth']]], 'minutes' => 35,
    ]);
    $v->testSkin()->refresh();
    $v->weigh('A');
    $v->stamp('A', 'began', 'completed')->after($minutes)->stamp('A', 'rinsed');

    return $v->close(['results' => [['zone' => 'root', 'level' => $level, 'tone' => $tone]], 'verdict' => 'good']);
}

it('learns once from a closed visit, as long as the bowl was on, and anew where it is corrected', function () {
    $v = coloured(new RealVisit($this, 'Learnt'), '5');
    $id = $v->visit['id'];
    $seen = Observation::query()->where('visit_id', $id)->sole();
    expect($seen->deeper_hundredths)->toBeGreaterThan(0)->and($seen->alike)->toBe('root-natural')
        ->and(ForetoldRow::query()->where('visit_id', $id)->pluck('by')->all())->toBe(['table', 'house', 'client'])
        ->and(
            resolve(JudgeRows::class)->of(
                Salon::query()->findOrFail(Visit::query()->findOrFail($id)->salon_id),
            )['table']['count'],
        )->toBe(1);
    // Corrected: it was a seven, so it came out lighter than expected.
    $this->postJson("/api/visits/{$id}/amend", [
        'version' => $v->visit['version'], 'why' => 'A slip of the pen',
        'results' => [['zone' => 'root', 'level' => '7', 'tone' => ['natural']]],
    ])->assertOk();
    expect(Observation::query()->where('visit_id', $id)->sole()->deeper_hundredths)->toBeLessThan(0);
    // And the House page says how far off that was.
    $by = $this->getJson('/api/house/judgement')->assertOk()->json('by');
    expect(array_column($by, 'by'))->toBe(['table', 'house', 'client'])->and($by[0]['count'])->toBe(1);
});

it('learns of the foils and of what lies between them apart, and carries the zone on by its wish', function () {
    $v = new RealVisit($this, 'By strand');
    $v->canvas(
        [
            'lengths' => [
                'spans' => ['mids', 'ends'],
                'natural' => '6',
                'level' => '6',
                'wish' => ['level' => '9', 'tone' => ['gold']],
            ],
        ],
    );
    $v->bowl(
        'Colour',
        'A',
        'Foils',
        'Brightwork',
        ['Powder' => 'all'],
        [20 => 'all'],
        ['colour', '30 g'],
        [
            'minutes' => 35,
            'place' => [['regions' => [], 'spans' => ['mids', 'ends'], 'method' => 'fine-foils', 'foils' => 20]],
        ],
    );
    $v->bowl(
        'Colour',
        'B',
        'Between',
        'Tidewater',
        ['6G' => 'all'],
        [10 => 'all'],
        ['colour', '40 g'],
        ['minutes' => 35, 'place' => [['regions' => [], 'spans' => ['mids', 'ends'], 'method' => 'between-foils']]],
    );
    $v->testSkin()->refresh();
    foreach (['A', 'B'] as $letter) {
        $v->weigh($letter);
        $v->stamp($letter, 'began', 'completed');
    }
    $v->after(35)->stamp('A', 'rinsed')->stamp('B', 'rinsed');
    $strands = collect($v->refresh()->visit['picture']['zones'][0]['strands']);
    $other = $strands->first(fn (array $each): bool => ! $each['main'] && $each['letters'] === ['B']);
    expect($strands->firstWhere('main', true)['letters'])->toBe(['A']);
    $v->close(['results' => [
        ['zone' => 'lengths', 'level' => '8.5', 'tone' => ['gold']],
        [
            'zone' => 'lengths',
            'strand' => $other['key'],
            'level' => '5.5',
            'tone' => ['gold'],
            'words' => 'a shade too deep',
        ],
    ]]);
    expect(array_column($v->visit['results'], 'strand', 'level'))->toBe(['5.5' => $other['key']])
        ->and(
            Observation::query()->where('visit_id', $v->visit['id'])->orderBy('kind')->pluck('kind')->all(),
        )->toBe(['lightener', 'permanent'])
        // How far off the outlook was is told of what carries the wish, once.
        ->and(ForetoldRow::query()->where('visit_id', $v->visit['id'])->where('by', 'table')->count())->toBe(1);
    // The next visit begins with the zone as it was told, not as what lies between.
    $v->repeat();
    expect($v->refresh()->visit['canvas']['canvas']['zones'][0]['level'])->toBe('8.5');
});

it('tells what the same bowls came to last time, and no more once a bowl is another', function () {
    $v = coloured(new RealVisit($this, 'Last time'), '6')->repeat();
    $zone = $v->refresh()->visit['picture']['zones'][0];
    expect($zone['lastTime']['words'])->toBe('level 6 natural');
    $bowl = $v->of('A');
    $this->putJson(
        "/api/bowls/{$bowl['id']}",
        ['version' => $bowl['version'], 'bowl' => ['minutes' => 20] + $bowl['sheet']],
    )->assertOk();
    expect($v->refresh()->visit['picture']['zones'][0]['lastTime'])->toBeNull();
});

it('looks ahead from what was poured, and from how long it was on, not from what was planned', function () {
    $v = new RealVisit($this, 'As it is');
    $v->canvas(
        [
            'lengths' => [
                'spans' => ['mids', 'ends'],
                'level' => '9',
                'history' => 'lightened',
                'wish' => ['level' => '7', 'tone' => ['natural']],
            ],
        ],
    );
    $v->bowl('Colour', 'A', 'Lengths', 'Tidewater', ['6N' => '?', '8N' => '20 g'], [10 => '?'], null, [
        'place' => [['regions' => [], 'spans' => ['mids', 'ends']]], 'minutes' => 35,
    ]);
    $v->testSkin()->refresh();
    $level = fn (): float => (float) substr(
        (string) strstr($v->refresh()->visit['picture']['zones'][0]['expected']['words'], ' '),
        1,
    );
    $planned = $level();
    // A lot of the six: the mixture is deeper than anybody could know before.
    $v->weigh('A', [$v->product('Tidewater', '6N') => '60 g', $v->developer(10) => '120 g']);
    $poured = $level();
    expect($poured)->toBeLessThan($planned - 0.2);
    // What is asked of a bowl that is mixed is asked of what is in it.
    $asked = fn (int $minutes): float => (float) substr((string) strstr($this->postJson("/api/visits/{$v->visit['id']}/picture", [
        'drafts' => [
            [
                'id' => $v->of('A')['id'],
                'round' => $v->visit['rounds'][0]['id'],
                'bowl' => ['minutes' => $minutes] + $v->of('A')['sheet'],
            ],
        ],
    ])->assertOk()->json('zones.0.expected.words'), ' '), 1);
    expect($asked(35))->toBe($poured)->and($asked(10))->toBeGreaterThan($poured + 0.3);
    // Rinsed long before its time: lighter than if it had stayed.
    $v->stamp('A', 'began', 'completed')->after(10)->stamp('A', 'rinsed');
    expect($level())->toBeGreaterThan($poured + 0.3)->and($level())->toBe($asked(10));
});

it('says at the bench that a bowl is mixed long before its turn, and not once it is near', function () {
    $v = new RealVisit($this, 'Too early');
    $v->bowl('Colour', 'A', 'Root', 'Tidewater', ['6N' => 'all'], [20 => 'all'], ['colour', '40 g'], ['minutes' => 45]);
    $v->round('Gloss');
    $v->bowl('Gloss', 'B', 'Gloss', 'Slack Water', ['8B' => 'all'], [6 => 'all'], ['total', '60 g']);
    $v->testSkin()->refresh();
    $early = fn (): mixed => $this->getJson("/api/bowls/{$v->of('B')['id']}/bench")->assertOk()->json('early');
    // Three to mix the root, fifteen to apply it, its 45, and five to rinse it.
    expect($early()['reason'])->toContain('68 minutes')
        ->and($this->getJson("/api/bowls/{$v->of('A')['id']}/bench")->json('early'))->toBeNull();
    $v->weigh('A');
    $v->stamp('A', 'began', 'completed')->after(30);
    expect($early())->toBeNull();
});

it('keeps what somebody has said is meant, and asks no more', function () {
    $v = new RealVisit($this, 'Meant');
    $v->bowl(
        'Colour',
        'A',
        'Root',
        'Tidewater',
        ['6N' => 'all'],
        [20 => 'all'],
        ['colour', '40 g'],
        ['meant' => ['implausible-ratio']],
        '1:4',
    );
    $keys = array_column($v->refresh()->of('A')['worked']['warnings'], 'key');
    expect($keys)->not->toContain('implausible-ratio')->and($v->of('A')['sheet']['meant'])->toBe(['implausible-ratio']);
    $asked = new RealVisit($this, 'Asked');
    $asked->bowl('Colour', 'A', 'Root', 'Tidewater', ['6N' => 'all'], [20 => 'all'], ['colour', '40 g'], [], '1:4');
    $warning = collect($asked->refresh()->of('A')['worked']['warnings'])->firstWhere('key', 'implausible-ratio');
    expect($warning['asks'])->toBeTrue();
});
