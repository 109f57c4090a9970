<?php

declare(strict_types=1);

use App\Words\Catalogue;
use Core\Codec\FormulaTable;
use Core\Codec\WorkFormula;

/** @return array<string, mixed> a demi of the example’s shelf */
function timedGloss(array $change = []): array
{
    return $change + [
        'letter' => 'B',
        'job' => 'Lengths',
        'line' => 'slack',
        'ratio' => '1:2',
        'amount' => ['of' => 'colour', 'grams' => '20 g'],
        'parts' => [
            ['ingredients' => [['product' => '8.34', 'share' => 'all']]],
            ['ingredients' => [['product' => 'd10', 'share' => 'all']]],
        ],
    ];
}

/**
 * @param  list<array<string, mixed>>  $bowls
 * @return array<string, mixed>
 */
function documentTimes(array $bowls, array $more = []): array
{
    return WorkFormula::of(visitWith($bowls, $more))->whole['times'] ?? [];
}

// Common practice, no source: root and lengths off together.
it('answers a document’s times in minutes from the first touch', function () {
    $times = documentTimes([
        rootBowl(['minutes' => 35, 'applying' => 15, 'emulsify' => 3, 'through' => 5]),
        timedGloss(['minutes' => 20, 'applying' => 10]),
    ]);
    expect($times['minutes'])->toBe('50')
        ->and($times['bowls'][0])->toMatchArray(
            [
                'bowl' => 'A',
                'mix' => -3,
                'begin' => 0,
                'complete' => 15,
                'through' => 45,
                'emulsify' => 47,
                'rinse' => 50,
                'firstStrand' => 50,
                'lastStrand' => 35,
            ],
        )
        ->and($times['bowls'][1])->toMatchArray(
            ['bowl' => 'B', 'begin' => 20, 'complete' => 30, 'completeBetween' => [30, 40], 'rinse' => 50],
        )
        ->and([$times['breaks'], $times['faults']])->toBe([[], []]);
});

it('says ranges, what breaks, what mends it and what cannot be meant so', function () {
    $times = documentTimes([
        rootBowl(['minutes' => '35 to 40', 'applying' => 10]),
        timedGloss(['minutes' => 60, 'applying' => 5, 'after' => 'A', 'plus' => 0, 'rinse' => 'Z']),
    ]);
    $words = static fn ($facts): array => array_map(Catalogue::of('en')->words(...), $facts);
    expect($words(array_column($times['faults'], 'said')))->toBe([
        'Bowl B is rinsed with Z, and there is no such bowl beside it.',
        'Bowl B is planned for 60 min; Slack Water says 10 to 20.',
    ]);
    $apart = documentTimes(
        [rootBowl(['minutes' => '35 to 40', 'applying' => 10]), timedGloss(['rinse' => 'own', 'applying' => 5])],
    );
    expect($apart['minutes'])->toBe('45 to 50');
    $late = documentTimes(
        [rootBowl(['minutes' => 40, 'applying' => 10]), timedGloss(['applying' => 5, 'after' => 'A', 'plus' => 0])],
    );
    expect($words($late['breaks'])[0])->toContain('Bowl B would go on')
        ->and($words($late['mends'])[0])->toMatch('/^Begin B \d+ min later$/');
});

it('counts the people and the steps without colour that the visit tells', function () {
    $bowls = [rootBowl(['minutes' => 35, 'applying' => 20]), timedGloss(['minutes' => 20, 'applying' => 20])];
    $rounds = ['rounds' => [['name' => 'One', 'bowls' => ['A']], ['name' => 'Two', 'bowls' => ['B']]]];
    $care = static fn (array $steps): array => ['visit' => ['care' => $steps]];
    // The wash alone is five minutes (our own model); a cut after the first round and a mask at the end say their own.
    expect(documentTimes($bowls, $rounds)['minutes'])->toBe('100')
        ->and(
            documentTimes(
                $bowls,
                $rounds + $care([['words' => 'dry cut', 'kind' => 'cut', 'minutes' => 20, 'round' => 0]]),
            )['minutes'],
        )->toBe('115')
        ->and(
            documentTimes(
                $bowls,
                $rounds + $care([['words' => 'the mask', 'kind' => 'mask', 'minutes' => 10]]),
            )['minutes'],
        )->toBe('110');
    $alone = documentTimes($bowls)['bowls'][1]['begin'];
    expect($alone)
        ->toBe(20)
        ->and(documentTimes($bowls, ['visit' => ['hands' => ['Amara', 'Bo']]])['bowls'][1]['begin'])
        ->toBe(15);
});

it('keeps what the wall’s clock says, and plans the rest from it', function () {
    $times = documentTimes([
        rootBowl(['minutes' => 35, 'applying' => 15, 'times' => ['began' => '10:00', 'completed' => '10:25']]),
        timedGloss(['minutes' => 20, 'applying' => 10]),
    ]);
    expect($times['bowls'][0])->toMatchArray(['begin' => 0, 'complete' => 25, 'rinse' => 60])
        ->and($times['bowls'][1])->toMatchArray(['begin' => 30, 'rinse' => 60]);
});

it('is read by people as a table of times', function () {
    $document = visitWith([rootBowl(['minutes' => 35, 'applying' => 15])]);
    $table = FormulaTable::of($document, WorkFormula::of($document)->inWords(Catalogue::of('en')->words(...)));
    expect($table)->toContain('Times  50 min from the first touch')->toContain('begin 0  complete 15  rinse 50');
});
