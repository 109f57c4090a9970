<?php

declare(strict_types=1);

use Core\Codec\ReadCanvas;
use Core\Formula\FollowFrom;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Record\CareKind;
use Core\Record\CareStep;
use Core\Service\PlacedBowl;
use Core\Service\TimesOfVisit;
use Core\Shelf\Shelf;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\Window;
use Tests\Core\Record\Ladder;

// What the plan of times is told of each bowl. The lines' windows: tint 20, 35 to 45 min; demi 10, 20 to 20.

/**
 * @param  list<array<string, mixed>>  $bowls  each beside a bowl of tint all over the roots; `round` among it
 * @param  list<array<string, mixed>>  $zones
 * @param  array<string, mixed>  $more  of the arguments of TimesOfVisit
 */
function visitTimed(array $bowls, array $zones = [], array $more = [], ?Shelf $shelf = null): TimedVisit
{
    $shelf ??= Ladder::shelf();
    $rules = $more['rules'] ?? HouseRules::standard();
    $placed = [];
    foreach ($bowls as $at => $bowl) {
        $demi = ($bowl['line'] ?? 'P') === 'D';
        $sheet = Ladder::bowl(
            $bowl['colour'] ?? ($demi ? ['d8N' => 'all'] : ['6N' => 'all']),
            $bowl['developer'] ?? [$demi ? 'd10' : 'd20' => 'all'],
            array_diff_key($bowl, ['round' => 0, 'colour' => 0, 'developer' => 0])
                + ['letter' => chr(65 + $at), 'minutes' => null],
            $shelf,
        );
        $line = $shelf->line($sheet->line) ?? throw new RuntimeException($sheet->line);
        $placed[] = PlacedBowl::of($bowl['round'] ?? 0, $sheet, $line, $sheet->known($rules->step), $rules);
    }
    $canvas = ReadCanvas::from(['zones' => array_map(
        static fn (array $zone, int $at): array => $zone + ['id' => "z{$at}", 'name' => "Zone {$at}"],
        $zones,
        array_keys($zones),
    )]);

    return (new TimesOfVisit(...['canvas' => $canvas, 'rules' => $rules, ...$more]))->of(PlacedBowl::sharing($placed));
}

/**
 * @param  array<string, mixed>  $bowl
 * @param  list<array<string, mixed>>  $zones
 * @param  array<string, mixed>  $more
 */
function timedBowl(array $bowl, array $zones = [], array $more = [], ?Shelf $shelf = null): TimedBowl
{
    return visitTimed([$bowl], $zones, $more, $shelf)->bowls[0];
}

/** @return list<int> least, target, most */
function spanOf(?Window $window): array
{
    return $window === null ? [] : [$window->least, $window->target, $window->most];
}

it('has the line’s minutes, or what was said, or what its heat takes', function (array $bowl, array $window) {
    expect(spanOf(timedBowl($bowl)->window))->toBe($window);
})->with([
    'the line’s own' => [[], [20, 35, 45]],
    'said' => [['minutes' => 30], [20, 30, 45]],
    'said, short of the line’s least' => [['minutes' => 15], [15, 15, 45]],
    'said, beyond its longest' => [['minutes' => 50], [20, 50, 50]],
    'a range' => [['minutes' => '25-30'], [25, 25, 30]],
    'by its heat' => [
        ['heat' => [['with' => true, 'minutes' => 20], ['with' => false, 'minutes' => 12]]], [20, 32, 45],
    ],
    'said, whatever the heat' => [['minutes' => 30, 'heat' => [['with' => true, 'minutes' => 20]]], [20, 30, 45]],
]);

it('gives grey its full time, and resistant grey ten minutes more within the line’s longest', function (
    array $zone,
    array $bowl,
    array $window,
) {
    $zone += ['spans' => ['root', 'regrowth'], 'level' => '6'];
    expect(spanOf(timedBowl($bowl, [$zone])->window))->toBe($window);
})->with([
    'no grey' => [[], [], [20, 35, 45]],
    'less than counts' => [['grey' => 24], [], [20, 35, 45]],
    'grey' => [['grey' => 25], [], [35, 35, 45]],
    'resistant' => [['grey' => 60, 'resistant' => true], [], [45, 45, 45]],
    'grey, minutes said' => [['grey' => 60], ['minutes' => 40], [40, 40, 45]],
    'resistant, minutes said' => [['resistant' => true], ['minutes' => 40], [40, 40, 45]],
    'grey under a demi' => [['grey' => 60], ['line' => 'D'], [10, 20, 20]],
    'grey that the bowl does not touch' => [['grey' => 60, 'spans' => ['ends']], [], [20, 35, 45]],
    'a bowl on the lengths' => [
        ['grey' => 60, 'spans' => ['mids']], ['place' => [['regions' => [], 'spans' => ['mids']]]], [20, 35, 45],
    ],
]);

it('takes the minutes that the line prints for grey, on grey', function () {
    $shelf = Ladder::shelf([], ['grey' => ['min' => 40, 'target' => 45, 'max' => 55]]);
    $grey = [['spans' => ['root', 'regrowth'], 'level' => '6', 'grey' => 60]];
    expect(spanOf(timedBowl([], $grey, [], $shelf)->window))->toBe([45, 45, 55])
        ->and(spanOf(timedBowl([], [], [], $shelf)->window))->toBe([20, 35, 45]);
});

it('says what a strength lower takes, where the line prints it', function (array $bowl, int $volume, array $window) {
    $shelf = Ladder::shelf([], ['windows' => [
        '10' => ['min' => 10, 'target' => 20, 'max' => 25], '20' => ['min' => 25, 'target' => 30, 'max' => 40],
        '30' => ['min' => 30, 'target' => 40, 'max' => 50],
    ]]);
    $timed = timedBowl($bowl, [], [], $shelf);
    expect($timed->weakerVolume)->toBe($volume)->and(spanOf($timed->weaker))->toBe($window);
})->with([
    'of 30 vol, 20' => [['developer' => ['d30' => 'all']], 20, [25, 30, 40]],
    'of 20 vol, 10' => [['developer' => ['d20' => 'all']], 10, [10, 20, 25]],
    'of 10 vol, nothing' => [['developer' => ['d10' => 'all']], 0, []],
    'not where minutes were said' => [['developer' => ['d30' => 'all'], 'minutes' => 30], 0, []],
    'not where heat says them' => [
        ['developer' => ['d30' => 'all'], 'heat' => [['with' => true, 'minutes' => 20]]], 0, [],
    ],
]);

it('starts its clock at the last touch or the first, as the bowl says, else the house', function () {
    $first = Schools::read(['clock' => 'first-touch']);
    expect(timedBowl([])->fromFirstTouch)->toBeFalse()
        ->and(timedBowl(['clock' => 'first-touch'])->fromFirstTouch)->toBeTrue()
        ->and(timedBowl([], [], ['rules' => $first])->fromFirstTouch)->toBeTrue()
        ->and(timedBowl(['clock' => 'complete'], [], ['rules' => $first])->fromFirstTouch)->toBeFalse();
});

it('follows another bowl from where was said', function (array $said, FollowFrom $from, ?int $plus) {
    $timed = visitTimed([[], ['after' => 'A', ...$said]])->bowl('B') ?? throw new RuntimeException('B');
    expect($timed->follows?->bowl)->toBe('A')->and($timed->follows->from)->toBe($from)
        ->and($timed->follows->least)->toBe($plus);
})->with([
    'nothing more' => [[], FollowFrom::LastTouch, null],
    'so many minutes into its clock' => [['plus' => 10], FollowFrom::Clock, 10],
    'after its rinse' => [['afterFrom' => 'rinsed', 'plus' => 5], FollowFrom::Rinsed, 5],
]);

it('lasts as long as was said where it goes on at the end of another', function () {
    $lasts = static fn (array $said): array => spanOf(
        visitTimed([[], ['after' => 'A', 'afterFrom' => 'end', ...$said]])->bowl('B')?->window,
    );
    expect($lasts(['plus' => '8 to 10']))->toBe([10, 10, 10])
        ->and($lasts(['plus' => 8]))->toBe([8, 8, 8])
        ->and($lasts([]))->toBe([20, 35, 45]);
});

it('is weighed and mixed and ages only where there is something to', function () {
    $cream = ['purpose' => 'protect'];
    expect(timedBowl([])->mixing)->toBe(3)->and(timedBowl([])->fresh)->toBe(HouseRules::standard()->freshnessMinutes)
        ->and(timedBowl($cream)->mixing)->toBeNull()->and(timedBowl($cream)->window)->toBeNull()
        ->and(timedBowl([])->firstStrandCounts)->toBeFalse()
        ->and(timedBowl(['line' => 'L', 'colour' => ['powder' => 'all']])->firstStrandCounts)->toBeTrue();
});

it('is looked at from the minute said, else from its least where it ends by eye', function () {
    expect(timedBowl([])->lookFrom)->toBeNull()->and(timedBowl([])->lookEvery)->toBe(5)
        ->and(timedBowl(['until' => 'pale yellow'])->lookFrom)->toBe(20)
        ->and(timedBowl(['until' => 'pale yellow', 'lookFrom' => 12])->lookFrom)->toBe(12)
        ->and(timedBowl(['until' => 'pale yellow', 'purpose' => 'protect'])->lookFrom)->toBeNull();
});

it('leaves test strands out, and keeps what was said of order and hands', function () {
    $place = static fn (array ...$strokes): array => ['place' => $strokes];
    $timed = visitTimed([
        $place(
            ['regions' => ['top'], 'spans' => ['mids'], 'order' => 3, 'hands' => 'Ana'],
            ['regions' => ['left'], 'spans' => ['mids'], 'order' => 2, 'hands' => 'Ben and Ana'],
        ),
        ['purpose' => 'trial'],
        ['round' => 1],
    ]);
    expect(array_map(static fn (TimedBowl $bowl): string => $bowl->letter, $timed->bowls))->toBe(['A', 'C'])
        ->and($timed->bowls[0]->order)->toBe(2)
        ->and($timed->bowls[0]->hands)->toEqualCanonicalizing(['Ana', 'Ben'])
        ->and($timed->bowls[1]->order)->toBeNull()->and($timed->hands)->toBe(1)->and($timed->coatCounts)->toBe(
            HouseRules::standard()->shadowTime === Core\Practice\ShadowTime::Full,
        );
});

it('washes between rounds, or takes the steps that were said and are not done', function (array $care, array $between, int $after) {
    $timed = visitTimed([[], ['round' => 2]], [], ['care' => $care]);
    expect($timed->between)->toBe($between)->and($timed->after)->toBe($after);
})->with([
    'nothing said' => [[], [5, 5], 0],
    'a step after the first round' => [fn (): array => [careFor(12, 0), careFor(4, 0, true)], [12, 5], 0],
    'all of it done' => [fn (): array => [careFor(12, 1, true)], [5, 0], 0],
    'at the end' => [fn (): array => [careFor(7), careFor(9, null, true), careFor(2)], [5, 5], 9],
]);

function careFor(int $minutes, ?int $round = null, bool $done = false): CareStep
{
    return new CareStep("c{$minutes}", CareKind::cases()[0], 'care', $minutes, null, $done, $round);
}

it('says minutes beyond the line, and none that are within it', function () {
    $beyond = static function (array $bowl): array {
        $sheet = Ladder::bowl(['6N' => 'all'], ['d20' => 'all'], $bowl + ['minutes' => null]);
        $line = Ladder::shelf()->line('P') ?? throw new RuntimeException('P');
        $rules = HouseRules::standard();

        return array_map(
            static fn (Core\Fact $fact): array => [$fact->key, $fact->values],
            TimesOfVisit::beyond([PlacedBowl::of(0, $sheet, $line, $sheet->known($rules->step), $rules)]),
        );
    };
    $said = static fn (int $minutes): array => [['times.beyond-line', [
        'letter' => 'A', 'minutes' => $minutes, 'line' => 'Ladder', 'least' => 20, 'most' => 45,
    ]]];
    expect($beyond([]))->toBe([])->and($beyond(['minutes' => 45]))->toBe([])
        ->and($beyond(['minutes' => 46]))->toBe($said(46))->and($beyond(['minutes' => '30-50']))->toBe($said(50));
});

/** @return array<string, mixed> a bowl of a melt on some regions */
function melting(string $letter, array $regions, string $span): array
{
    return ['letter' => $letter, 'place' => [['regions' => $regions, 'spans' => [$span], 'method' => 'melt']]];
}

it('lays in turn what melts on the same sections, in one application', function () {
    $timed = visitTimed([
        melting('A', ['top', 'crown'], 'root'), melting('B', ['crown'], 'mids'), melting('C', ['left'], 'ends'),
        [...melting('D', ['top'], 'ends'), 'round' => 1], [...melting('E', ['top'], 'ends'), 'after' => 'A'],
    ]);
    $together = array_column(
        array_map(static fn (TimedBowl $bowl): array => [$bowl->letter, $bowl->together], $timed->bowls),
        1,
        0,
    );
    ksort($together);
    expect($together)->toBe(['A' => ['B'], 'B' => ['A'], 'C' => [], 'D' => [], 'E' => []]);
    // 15 min for a whole head of a melt: the two sections of A and the one of B, one after the other.
    $alone = timedBowl(melting('A', ['top', 'crown'], 'root'))->applying + timedBowl(melting('B', ['crown'], 'mids'))->applying;
    expect($timed->bowl('A')?->applying)->toBe($alone)->and($timed->bowl('B')?->applying)->toBe($alone)
        ->and($timed->bowl('C')?->applying)->toBeLessThan($alone);
});

it('lays bowls of one pattern in turn, all along; what lies between foils goes on by itself', function (
    array $stroke,
    array $together,
) {
    $timed = visitTimed([
        ['place' => [['regions' => ['top'], 'spans' => ['mids'], ...$stroke, 'with' => ['C']]]],
        [],
        ['place' => [['regions' => ['left'], 'spans' => ['ends'], 'method' => 'blocks']]],
    ]);
    expect(array_map(static fn (TimedBowl $bowl): array => $bowl->together, $timed->bowls))->toBe($together);
})->with([
    'alternating foils' => [['method' => 'fine-foils', 'pattern' => '2:1'], [['C'], [], ['A']]],
    'between foils' => [['method' => 'fine-foils', 'pattern' => 'between'], [[], [], []]],
]);

it('takes as long to apply as was said, or as it took the last time', function () {
    $took = ['applied' => ['A' => 21]];
    expect(timedBowl(['applying' => 33])->applying)->toBe(33)
        ->and(timedBowl([], [], $took)->applying)->toBe(21)
        ->and(timedBowl(['applying' => 33], [], $took)->applying)->toBe(33)
        ->and(visitTimed([
            [...melting('A', ['top'], 'root'), 'applying' => 200], [...melting('B', ['top'], 'mids'), 'applying' => 90],
        ])->bowls[0]->applying)->toBe(240);
});
