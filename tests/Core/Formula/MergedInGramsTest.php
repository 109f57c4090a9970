<?php

declare(strict_types=1);

use Core\Formula\Additive;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Formula\Extra;
use Core\Formula\MergeBowls;
use Core\Formula\UnworkableBowl;
use Core\Practice\HouseRules;
use Tests\Core\Record\Ladder;

function merged(BowlSheet $one, BowlSheet $other): BowlSheet
{
    return MergeBowls::of($one, $other, Ladder::shelf(), HouseRules::standard()->step);
}

/** @return list<list<string>> */
function portionsOf(BowlSheet $sheet): array
{
    return array_map(static fn (array $part): array => array_map(
        static fn (Entry $each): string => "{$each->portion->text()} {$each->product}",
        $part,
    ), $sheet->entries);
}

function withExtra(string $letter, string $grams, string $counts): BowlSheet
{
    return Ladder::bowl(more: [
        'letter' => $letter,
        'extras' => [['product' => 'blue', 'grams' => $grams, 'counts' => $counts]],
    ]);
}

it('adds up what was added to both, where it counts alike', function (string $counts) {
    $both = merged(withExtra('A', '5 g', $counts), withExtra('B', '7 g', $counts));
    expect(portionsOf($both))->toBe([['80 g 6N', '40 g 6G'], ['180 g d20']])
        ->and(array_map(
            static fn (Extra $each): string => "{$each->amount->text()} {$each->counts->value}",
            $both->extras,
        ))->toBe(["12 g {$counts}"])
        ->and($both->known(HouseRules::standard()->step)->total->show())->toBe('312.0 g');
})->with(['inside', 'on-top']);

it('keeps what was added to one of them only', function () {
    expect(array_map(
        static fn (Extra $each): string => $each->amount->text(),
        merged(Ladder::bowl(), withExtra('B', '7 g', 'on-top'))->extras,
    ))->toBe(['7 g']);
});

it('asks where the same was added to both and it does not count alike, or is not known', function (array $one, array $other) {
    expect(fn () => merged(withExtra('A', ...$one), withExtra('B', ...$other)))
        ->toRefuse(UnworkableBowl::class, 'Blue');
})->with([
    'inside and on top' => [['5 g', 'inside'], ['7 g', 'on-top']],
    'the first not known' => [['?', 'on-top'], ['7 g', 'on-top']],
    'the second not known' => [['7 g', 'on-top'], ['?', 'on-top']],
]);

it('adds up doses, whatever each follows', function () {
    $dosed = static fn (string $letter, string $dose): BowlSheet => Ladder::bowl(more: [
        'letter' => $letter,
        'additives' => [['product' => 'blue', 'dose' => $dose]],
    ]);
    // Three grams, and five in a hundred of 150.
    expect(array_map(
        static fn (Additive $each): string => "{$each->dose->text()} {$each->key}",
        merged($dosed('A', '3 g'), $dosed('B', '5 %'))->additives,
    ))->toBe(['10.5 g blue']);
});

it('is no longer one formula where anything but the amount differs', function (array $second, array $portions) {
    $other = Ladder::bowl($second[0], $second[1], ['letter' => 'B'] + ($second[2] ?? []));
    expect(portionsOf(merged(Ladder::bowl(), $other)))->toBe($portions);
})->with([
    'the ratio' => [
        [['6N' => '2', '6G' => '1'], ['d20' => 'all'], ['ratio' => '1:2']],
        [['80 g 6N', '40 g 6G'], ['210 g d20']],
    ],
    'the shares' => [
        [['6N' => '1', '6G' => '1'], ['d20' => 'all']],
        [['70 g 6N', '50 g 6G'], ['180 g d20']],
    ],
    'the shades' => [
        [['6N' => '2', '6C' => '1'], ['d20' => 'all']],
        [['80 g 6N', '20 g 6G', '20 g 6C'], ['180 g d20']],
    ],
    'one that says grams' => [
        [['6N' => '40 g', '6G' => '20 g'], ['d20' => 'all'], ['amount' => ['of' => 'shares']]],
        [['80 g 6N', '40 g 6G'], ['180 g d20']],
    ],
    'the strength' => [
        [['6N' => '2', '6G' => '1'], ['d30' => 'all']],
        [['80 g 6N', '40 g 6G'], ['90 g d20', '90 g d30']],
    ],
]);

it('merges two bowls without developer', function () {
    $bare = ['ratio' => 'no developer', 'amount' => ['of' => 'shares']];
    $both = merged(
        Ladder::bowl(['6N' => '30 g'], [], $bare),
        Ladder::bowl(['6C' => '20 g', '6N' => '5 g'], [], ['letter' => 'B'] + $bare),
    );
    expect(portionsOf($both))->toBe([['35 g 6N', '20 g 6C']])->and($both->ratio?->show())->toBe('no developer');
});

it('is called by the jobs of both, each once', function (string $one, string $other, string $job) {
    expect(merged(
        Ladder::bowl(more: ['job' => $one]),
        Ladder::bowl(['6C' => 'all'], more: ['letter' => 'B', 'job' => $other]),
    )->job)->toBe($job);
})->with([
    'two' => ['Root', 'Foils', 'Root + Foils'],
    'the same' => ['Root', 'Root', 'Root'],
    'only the second' => ['', 'Foils', 'Foils'],
    'neither' => ['', '', ''],
    'as long as a job may be' => [
        str_repeat('r', 60),
        str_repeat('f', 60),
        str_repeat('r', 60).' + '.str_repeat('f', 17),
    ],
]);

it('keeps the note of the one that has one', function () {
    expect(merged(Ladder::bowl(), Ladder::bowl(['6C' => 'all'], more: ['letter' => 'B', 'note' => 'soft']))->note)
        ->toBe('soft');
});

it('says of two lines which they are', function () {
    $soft = Ladder::bowl(['d7G' => 'all'], ['d10' => 'all'], ['line' => 'D', 'letter' => 'B', 'ratio' => '1:2']);
    expect(fn () => merged(Ladder::bowl(), $soft))->toRefuse(UnworkableBowl::class, 'Ladder')
        ->and(fn () => merged(Ladder::bowl(), $soft))->toRefuse(UnworkableBowl::class, 'Soft');
});
