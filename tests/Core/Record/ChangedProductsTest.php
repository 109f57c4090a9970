<?php

declare(strict_types=1);

use Core\Formula\BowlSheet;
use Core\Formula\BowlUse;
use Core\Formula\Entry;
use Core\Practice\HouseRules;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\ChangeRefused;
use Core\Units\Grams;
use Tests\Core\Record\Ladder;

/** @return list<string> part by part what it says, then how much it is given by, and its total */
function changedTo(BowlSheet $sheet, ChangeKind $kind, string $value = '', string $from = '', string $to = ''): array
{
    $rules = HouseRules::standard();
    $after = ApplyChange::to($sheet, new Change($kind, 'A', $value, $from, $to), Ladder::shelf(), $rules);

    return [
        ...array_map(static fn (array $part): string => implode(' + ', array_map(
            static fn (Entry $each): string => "{$each->portion->text()} {$each->product}"
                .($each->wanted === '' ? '' : " for {$each->wanted}").($each->why === '' ? '' : " ({$each->why})"),
            $part,
        )), $after->entries),
        ($after->draft->amount?->kind->value ?? 'none'),
        $after->known($rules->step)->total->show(),
    ];
}

function inGramsOnly(array $developer = ['d20' => '90 g']): BowlSheet
{
    return Ladder::bowl(['6N' => '40 g', '6G' => '20 g'], $developer, ['amount' => ['of' => 'shares']]);
}

it('puts another product in its place, and says what was wanted', function () {
    $stood = Ladder::bowl(more: ['parts' => [
        ['ingredients' => [['product' => '6C', 'share' => '1', 'wanted' => '6R', 'why' => 'out']]],
        ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
    ]]);
    expect(changedTo(Ladder::bowl(), ChangeKind::Swap, '', '6G', '6C'))
        ->toBe(['2 6N + 1 6C for 6G (changed)', 'all d20', 'colour', '150.0 g'])
        ->and(changedTo($stood, ChangeKind::Swap, '', '6C', '6G'))
        ->toBe(['1 6G for 6R (changed)', 'all d20', 'colour', '150.0 g'])
        // What is in it already takes its share too.
        ->and(changedTo(Ladder::bowl(), ChangeKind::Swap, '', '6G', '6N'))
        ->toBe(['100 % 6N', 'all d20', 'colour', '150.0 g'])
        ->and(changedTo(Ladder::bowl(), ChangeKind::Swap, '', 'd20', 'd30'))
        ->toBe(['2 6N + 1 6G', 'all d30 for 20 vol (changed)', 'colour', '150.0 g'])
        ->and(fn () => changedTo(Ladder::bowl(), ChangeKind::Swap, '', '7C', '6N'))->toThrow(ChangeRefused::class);
});

it('takes more or less of one, and the others stay', function () {
    expect(changedTo(Ladder::bowl(), ChangeKind::Product, '-5 g', '6G'))
        ->toBe(['40 g 6N + 15 g 6G', 'all d20', 'shares', '137.5 g'])
        ->and(changedTo(Ladder::bowl(), ChangeKind::Product, '+10 %', '6N'))
        ->toBe(['44 g 6N + 20 g 6G', 'all d20', 'shares', '160.0 g'])
        ->and(changedTo(inGramsOnly(), ChangeKind::Product, '+20 g', '6G'))
        ->toBe(['40 g 6N + 40 g 6G', '120 g d20', 'shares', '200.0 g'])
        ->and(changedTo(inGramsOnly(['d10' => '60 g', 'd20' => '30 g']), ChangeKind::Product, '+20 g', '6G'))
        ->toBe(['40 g 6N + 40 g 6G', '80 g d10 + 40 g d20', 'shares', '200.0 g'])
        ->and(fn () => changedTo(Ladder::bowl(), ChangeKind::Product, '-20 g', '6G'))->toThrow(ChangeRefused::class)
        ->and(fn () => changedTo(Ladder::bowl(), ChangeKind::Product, '-25 g', '6G'))->toThrow(ChangeRefused::class)
        ->and(fn () => changedTo(Ladder::bowl(), ChangeKind::Product, '+5 g', '7C'))->toThrow(ChangeRefused::class);
});

it('takes a product out, and the others stay', function () {
    expect(changedTo(Ladder::bowl(), ChangeKind::TakeOut, '', '6G'))->toBe(['40 g 6N', 'all d20', 'shares', '100.0 g'])
        ->and(changedTo(inGramsOnly(), ChangeKind::TakeOut, '', '6N'))->toBe(['20 g 6G', '30 g d20', 'shares', '50.0 g'])
        ->and(changedTo(
            Ladder::bowl(['6N' => '“a dash”', '6G' => '20 g'], more: ['amount' => null]),
            ChangeKind::TakeOut,
            '',
            '6N',
        )[0])->toBe('20 g 6G')
        ->and(fn () => changedTo(Ladder::bowl(['6N' => 'all']), ChangeKind::TakeOut, '', '6N'))
        ->toThrow(ChangeRefused::class)
        ->and(fn () => changedTo(Ladder::bowl(), ChangeKind::TakeOut, '', '7C'))->toThrow(ChangeRefused::class);
});

it('puts one in, beside what is there or on top of it', function () {
    expect(changedTo(Ladder::bowl(), ChangeKind::PutIn, '10 g', '', '6C'))
        ->toBe(['40 g 6N + 20 g 6G + 10 g 6C', 'all d20', 'shares', '175.0 g'])
        ->and(changedTo(Ladder::bowl(), ChangeKind::PutIn, '+5 g', '', '6G'))
        ->toBe(['40 g 6N + 25 g 6G', 'all d20', 'shares', '162.5 g'])
        ->and(changedTo(Ladder::bowl(), ChangeKind::PutIn, '20 %', '', '6C')[0])->toContain('20')
        ->and(fn () => changedTo(Ladder::bowl(), ChangeKind::PutIn, '-10 %', '', '6C'))->toThrow(ChangeRefused::class)
        ->and(fn () => changedTo(Ladder::bowl(), ChangeKind::PutIn, '10 g', '', 'moon'))->toThrow(ChangeRefused::class);
});

it('thins with the line’s clear, and keeps how much it is', function () {
    expect(changedTo(Ladder::bowl(), ChangeKind::Dilute, '40 %'))
        ->toBe(['40 % 6N + 20 % 6G + 40 % clear', 'all d20', 'colour', '150.0 g']);
});

it('thins neither by nothing nor by all of it', function (string $by) {
    changedTo(Ladder::bowl(), ChangeKind::Dilute, $by);
})->with(['0 %', '100 %', '120 %', '-10 %', '5 g'])->throws(ChangeRefused::class);

it('goes on serving its jobs, each with as much of it as before', function (string $change, string $product, array $jobs) {
    $forTwo = Ladder::bowl(['6N' => '1', '6G' => '1'], more: [
        'uses' => [['job' => 'root', 'grams' => '100 g'], ['job' => 'foils', 'grams' => '50 g']],
        'amount' => null,
    ]);
    $rules = HouseRules::standard();
    $after = ApplyChange::to($forTwo, new Change(ChangeKind::Product, 'A', $change, $product, ''), Ladder::shelf(), $rules);
    $said = array_map(static fn (BowlUse $use): string => "{$use->job} {$use->grams->show($rules->step)}", $after->uses);
    expect($said)->toBe($jobs);
    $sum = Grams::sum(array_map(static fn (BowlUse $use): Grams => $use->grams, $after->uses));
    expect($after->known($rules->step)->total->show())->toBe($sum->show($rules->step));
})->with([
    // 60 g of colour with 90 g of developer; 6 g more of it are 15 g more.
    'more' => ['+6 g', '6G', ['root 110.0 g', 'foils 55.0 g']],
    'less' => ['-12 g', '6N', ['root 80.0 g', 'foils 40.0 g']],
    'what cannot be shared evenly' => ['+1 g', '6G', ['root 101.7 g', 'foils 50.8 g']],
]);
