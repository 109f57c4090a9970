<?php

declare(strict_types=1);

use Core\Hair\Canvas;
use Core\Hair\Span;
use Core\Hair\Stroke;
use Core\Judgement\Caution;
use Core\Judgement\JudgeBowl;
use Core\Judgement\Learnt;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\ChangeRefused;
use Core\Record\ReadChange;
use Core\Service\PlacedBowl;
use Core\Service\SuggestedBowl;
use Core\Service\TimesOfVisit;
use Core\Service\VisitPicture;
use Core\Timing\TimedBowl;
use Tests\Core\Record\Ladder;

// Where good people disagree about roots, lengths and ends (common practice, no source): each school says its own.

/** @param  array<string, string>  $house */
function seenBy(Canvas $head, array $house, PlacedBowl ...$bowls): VisitPicture
{
    return VisitPicture::of($head, $bowls, new Learnt, Ladder::shelf(), Schools::read($house));
}

/** @param  array<string, mixed>  $more */
function bowlOn(string $letter, array $place, array $more = []): PlacedBowl
{
    return placed(
        Ladder::bowl(
            ['7N' => 'all'],
            ['d20' => 'all'],
            ['letter' => $letter, 'place' => $place, 'minutes' => 35, ...$more],
        ),
        $more['round'] ?? 0,
    );
}

/** @return list<string> */
function schoolCautions(VisitPicture $picture): array
{
    return array_values(array_intersect(
        array_map(static fn (Caution $caution): string => $caution->key, $picture->cautions),
        ['root-order', 'root-as-strong', 'combed-through'],
    ));
}

/** @return list<SuggestedBowl> */
function schoolWays(VisitPicture $picture): array
{
    return array_values(
        array_filter(
            $picture->suggestions,
            static fn (SuggestedBowl $each): bool => str_starts_with($each->key, 'order-')
                || str_starts_with($each->key, 'through-'),
        ),
    );
}

/** @return list<string> */
function spansOf(Stroke ...$strokes): array
{
    return array_map(
        static fn (Stroke $stroke): string => implode(
            '+',
            array_map(static fn (Span $span): string => $span->value, $stroke->spans()),
        ),
        $strokes,
    );
}

function virginHead(): Canvas
{
    return readHead(
        [
            'regions' => [],
            'spans' => ['root', 'mids', 'ends'],
            'level' => '5',
            'history' => 'natural',
            'wish' => ['level' => '7'],
        ],
    );
}

function regrownHead(string $tone = 'gold'): Canvas
{
    return readHead(
        ['regions' => [], 'spans' => ['root'], 'level' => '5', 'history' => 'natural', 'wish' => ['level' => '6']],
        [
            'regions' => [],
            'spans' => ['mids', 'ends'],
            'level' => '6',
            'history' => 'coloured',
            'wish' => $tone === '' ? [] : ['tone' => [$tone]],
        ],
    );
}

it('parts a bowl that lifts in one pass as the house does', function () {
    $bowl = bowlOn('A', [['regions' => [], 'spans' => []]]);
    $mids = schoolWays(seenBy(virginHead(), ['root-order' => 'mids-first'], $bowl))[0];
    expect($mids->change?->kind)->toBe(ChangeKind::Place)->and($mids->like)->toBeNull();
    $parted = ApplyChange::to($bowl->sheet, $mids->change, Ladder::shelf(), HouseRules::standard());
    expect(spansOf(...$parted->strokes))->toBe(['mids+ends', 'root+regrowth'])
        ->and(array_map(static fn (Stroke $stroke): ?int => $stroke->order, $parted->strokes))->toBe([1, 2]);

    $roots = schoolWays(seenBy(virginHead(), ['root-order' => 'roots-first'], $bowl))[0];
    $lengths = ApplyChange::to(
        $bowl->sheet,
        $roots->change ?? new Change(ChangeKind::Words),
        Ladder::shelf(),
        HouseRules::standard(),
    );
    expect(spansOf(...$lengths->strokes))
        ->toBe(['mids+ends'])
        ->and(spansOf(...$roots->like->strokes ?? []))
        ->toBe(['root+regrowth'])
        // A strength lower would lift nothing: half a level deeper, at the same strength.
        ->and($roots->like?->work(HouseRules::standard()->step)->developerStrength()?->showVolume())->toBe('20 vol')
        ->and(
            JudgeBowl::worked($roots->like->work(HouseRules::standard()->step), HouseRules::standard())
                ?->level?->value()
                ?->decimal(1),
        )->toBe('6.5');
    // What is taken is what the house asked for: it asks no more.
    expect(schoolWays(seenBy(virginHead(), [], placed($lengths), placed($roots->like))))->toBe([])
        ->and(schoolCautions(seenBy(virginHead(), [], placed($lengths), placed($roots->like))))->toBe([]);
});

it('takes a strength lower for the root where that still lifts', function () {
    $bowl = placed(
        Ladder::bowl(
            ['7N' => 'all'],
            ['d30' => 'all'],
            ['letter' => 'A', 'place' => [['regions' => [], 'spans' => []]]],
        ),
    );
    $root = schoolWays(seenBy(virginHead(), [], $bowl))[0]->like;
    expect($root?->work(HouseRules::standard()->step)->developerStrength()?->showVolume())->toBe('20 vol');
});

it('says where the plan goes against the house’s order', function (
    string $school,
    ?int $root,
    ?int $lengths,
    string $volume,
    array $said,
) {
    $picture = seenBy(
        virginHead(),
        ['root-order' => $school],
        placed(
            Ladder::bowl(
                ['7N' => 'all'],
                [$volume => 'all'],
                ['letter' => 'R', 'place' => [['regions' => [], 'spans' => ['root'], 'order' => $root]]],
            ),
        ),
        bowlOn('L', [['regions' => [], 'spans' => ['mids', 'ends'], 'order' => $lengths]]),
    );
    expect(schoolCautions($picture))->toBe($said);
})->with([
    'mids first, and the root is said to come first' => ['mids-first', 1, 2, 'd20', ['root-order']],
    'mids first, as it is planned' => ['mids-first', 2, 1, 'd20', []],
    'mids first, and nobody said' => ['mids-first', null, null, 'd20', []],
    'a weak root does not lift' => ['mids-first', 1, 2, 'd10', []],
    'roots first, as strong' => ['roots-first', 1, 2, 'd20', ['root-as-strong']],
    'roots first, nobody said the order' => ['roots-first', null, null, 'd20', ['root-as-strong']],
    'roots first, weaker' => ['roots-first', 1, 2, 'd10', []],
    'roots first, and these come last on purpose' => ['roots-first', 2, 1, 'd20', []],
]);

it('counts rounds before order, and lets a deeper root be', function () {
    $lengths = bowlOn('L', [['regions' => [], 'spans' => ['mids', 'ends']]], ['round' => 1]);
    expect(
        schoolCautions(
            seenBy(
                virginHead(),
                ['root-order' => 'mids-first'],
                bowlOn('R', [['regions' => [], 'spans' => ['root']]]),
                $lengths,
            ),
        ),
    )->toBe(['root-order'])
        ->and(
            schoolCautions(
                seenBy(
                    virginHead(),
                    [],
                    placed(
                        Ladder::bowl(
                            ['6N' => 'all'],
                            ['d20' => 'all'],
                            ['letter' => 'R', 'place' => [['regions' => [], 'spans' => ['root']]]],
                        ),
                    ),
                    $lengths,
                ),
            ),
        )->toBe([]);
});

it('leaves tinted lengths out of it, and what nobody read', function () {
    $bowls = [
        bowlOn('R', [['regions' => [], 'spans' => ['root']]]),
        bowlOn('L', [['regions' => [], 'spans' => ['mids', 'ends']]]),
    ];
    expect(schoolCautions(seenBy(regrownHead(), [], ...$bowls)))
        ->toBe([])
        ->and(schoolCautions(seenBy(new Canvas, [], ...$bowls)))
        ->toBe([]);
});

it('puts the lengths on first in the plan of times where the house does and nobody said', function (
    string $school,
    ?int $said,
    array $orders,
) {
    $bowls = [
        bowlOn('R', [['regions' => [], 'spans' => ['root'], 'order' => $said]]),
        bowlOn('L', [['regions' => [], 'spans' => ['mids', 'ends']]]),
    ];
    $timed = (new TimesOfVisit(virginHead(), Schools::read(['root-order' => $school])))->of($bowls);
    $found = array_column(
        array_map(
            static fn (TimedBowl $bowl): array => ['letter' => $bowl->letter, 'order' => $bowl->order],
            $timed->bowls,
        ),
        'order',
        'letter',
    );
    expect([$found['R'], $found['L']])->toBe($orders);
})->with([
    'mids first' => ['mids-first', null, [2, 1]],
    'what is said stays' => ['mids-first', 3, [3, 1]],
    'roots first says no order' => ['roots-first', null, [null, null]],
]);

it('takes root colour through coloured lengths every time, or never', function (
    string $school,
    ?int $through,
    string $tone,
    ?string $change,
    array $said,
) {
    $bowl = bowlOn('A', [['regions' => [], 'spans' => ['root']]], $through === null ? [] : ['through' => $through]);
    $picture = seenBy(regrownHead($tone), ['refresh-ends' => $school], $bowl);
    $ways = schoolWays($picture);
    expect(($ways[0] ?? null)?->change?->value)->toBe($change)->and(schoolCautions($picture))->toBe($said);
})->with([
    'every time, for a refresh' => ['every-time', null, 'gold', '15 min', []],
    'every time, where nothing is to change' => ['every-time', null, '', '5 min', []],
    'every time, and it is' => ['every-time', 15, 'gold', null, []],
    'never, and it is not' => ['never', null, 'gold', null, []],
    'never, and it is' => ['never', 15, 'gold', 'no', ['combed-through']],
    'judged, either way' => ['judged', 15, 'gold', null, []],
    'judged, and not' => ['judged', null, 'gold', null, []],
]);

it('keeps colour in one pass at the roots where the house never combs it through', function () {
    $bowl = bowlOn('A', [['regions' => [], 'spans' => []]]);
    $picture = seenBy(regrownHead(), ['refresh-ends' => 'never'], $bowl);
    $way = array_values(
        array_filter(
            schoolWays($picture),
            static fn (SuggestedBowl $each): bool => str_starts_with($each->key, 'through-'),
        ),
    )[0];
    expect($way->change?->value)->toBe('roots')->and(schoolCautions($picture))->toBe(['combed-through'])
        ->and(
            spansOf(...ApplyChange::to($bowl->sheet, $way->change, Ladder::shelf(), HouseRules::standard())->strokes),
        )->toBe(['root+regrowth']);
});

it('lays what is taken through on the lengths, for those minutes only', function () {
    $at = static function (?int $through): VisitPicture {
        $bowl = bowlOn('A', [['regions' => [], 'spans' => ['root']]], $through === null ? [] : ['through' => $through]);

        return seenBy(
            regrownHead('natural'),
            [],
            PlacedBowl::of(
                0,
                $bowl->sheet,
                $bowl->line,
                $bowl->sheet->known(HouseRules::standard()->step),
                HouseRules::standard(),
            ),
        );
    };
    $bare = static fn (VisitPicture $picture): int => count($picture->coverage->uncovered);
    expect($bare($at(null)))->toBeGreaterThan(0)->and($bare($at(15)))->toBe(0)
        ->and($at(null)->outlooks[1]->steps())->toBe([]);
    $swatch = static fn (?int $through): string => $at($through)->outlooks[1]->main()->colour->seen()->hex();
    // A little of it in five minutes, more in twenty.
    expect($at(5)->outlooks[1]->steps())
        ->toHaveCount(1)
        ->and($swatch(5))
        ->not->toBe($swatch(20))
        ->and($swatch(0))
        ->not->toBe($swatch(20));
});

it('is said in words too, and refuses what cannot be', function () {
    $sheet = bowlOn('A', [['regions' => [], 'spans' => []]])->sheet;
    $read = static fn (string $words): Change => ReadChange::from($words, [$sheet], Ladder::shelf())[0];
    expect(
        [$read('take it through for the last 15 min')->kind, $read('take it through for the last 15 min')->value],
    )->toBe([ChangeKind::Through, '15 min'])
        ->and(
            [$read('mids and ends first, roots later')->kind, $read('mids first')->value],
        )->toBe([ChangeKind::Place, 'mids first'])
        ->and($read('do not take it through')->kind)->toBe(ChangeKind::Words);
    $through = ApplyChange::to(
        $sheet,
        new Change(ChangeKind::Through, 'A', '15 min'),
        Ladder::shelf(),
        HouseRules::standard(),
    );
    expect($through->details->through)->toBe(15)
        ->and(
            ApplyChange::to(
                $through,
                new Change(ChangeKind::Through, 'A', 'no'),
                Ladder::shelf(),
                HouseRules::standard(),
            )->details->through,
        )->toBeNull();
    $rooted = bowlOn('A', [['regions' => [], 'spans' => ['root']]])->sheet;
    foreach (
        [
            [$rooted, ChangeKind::Place, 'roots'],
            [$sheet, ChangeKind::Place, 'sideways'],
            [$sheet, ChangeKind::Through, '999 min'],
            [$sheet, ChangeKind::Through, 'a while'],
        ] as [$of, $kind, $value]
    ) {
        expect(
            fn () => ApplyChange::to($of, new Change($kind, 'A', $value), Ladder::shelf(), HouseRules::standard()),
        )->toThrow(ChangeRefused::class);
    }
});
