<?php

declare(strict_types=1);

use Core\Codec\ReadBowl;
use Core\Codec\WriteBowl;
use Core\Formula\BowlSheet;
use Core\Formula\ScaleBowl;
use Core\Judgement\JudgeBowl;
use Core\Practice\HouseRules;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\ChangeRefused;
use Core\Record\StandIns;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Tests\Core\Record\Formulas;
use Tests\Core\Record\Ladder;

function changed(BowlSheet $sheet, Change $change, Shelf $shelf): BowlSheet
{
    return ApplyChange::to($sheet, $change, $shelf, HouseRules::standard());
}

/** Centigrams of the colour part, without what was added to it. */
function colourOf(BowlSheet $sheet): int
{
    $sum = 0;
    foreach ($sheet->work(HouseRules::standard()->step)->parts[0]->ingredients as $each) {
        $sum += $each->isExtra() ? 0 : $each->grams->centigrams;
    }

    return $sum;
}

function warmthOf(BowlSheet $sheet): Fraction
{
    return JudgeBowl::of($sheet->known(HouseRules::standard()->step), HouseRules::standard())->tone->warmth();
}

/** @param  callable(BowlSheet, Shelf): ?bool  $holds  null where the change was refused with a mend */
function overFormulas(int $seed, int $times, callable $holds): int
{
    mt_srand($seed);
    $shelf = Formulas::shelf();
    $carried = 0;
    for ($turn = 0; $turn < $times; $turn++) {
        $sheet = Formulas::one($turn, $shelf);
        try {
            $holds($sheet, $shelf);
            $carried++;
        } catch (ChangeRefused $refusal) {
            expect(mend($refusal))->not->toBe('');
        }
    }

    return $carried;
}

it('takes exactly five grams of colour off, and gives them back', function () {
    $carried = overFormulas(41, 180, function (BowlSheet $sheet, Shelf $shelf): void {
        $less = changed($sheet, new Change(ChangeKind::Amount, value: '-5 g'), $shelf);
        expect(colourOf($less))->toBe(colourOf($sheet) - 500)
            ->and(colourOf(changed($less, new Change(ChangeKind::Amount, value: '+5 g'), $shelf)))
            ->toBe(colourOf($sheet));
    });
    expect($carried)->toBeGreaterThan(150);
});

it('makes half of it half, to the step, and twice the half the same', function () {
    $carried = overFormulas(42, 180, function (BowlSheet $sheet, Shelf $shelf): void {
        $double = ScaleBowl::by(
            $sheet,
            Fraction::of(2),
            $shelf->withMixtures($shelf->product('bowl:L')->holding(null)),
            HouseRules::standard()->step,
        );
        $back = ScaleBowl::by($double, Fraction::of(1, 2), $shelf, HouseRules::standard()->step);
        expect(colourOf($double))->toEqualWithDelta(2 * colourOf($sheet), 10)
            ->and(Ladder::grams($back))->toBe(Ladder::grams($sheet));
    });
    expect($carried)->toBe(180);
});

it('resizes what was poured, whatever it was', function () {
    mt_srand(43);
    $step = HouseRules::standard()->step;
    for ($i = 0; $i < 300; $i++) {
        $poured = static fn (int $least, int $most): string => (mt_rand($least * 100, $most * 100) / 100).' g';
        $sheet = Ladder::bowl(
            ['6N' => $poured(5, 40), '6G' => $poured(5, 40)],
            ['d20' => $poured(15, 60), 'd40' => $poured(15, 60)],
            ['amount' => ['of' => 'shares']],
        );
        $factor = Fraction::of(mt_rand(40, 300), 100);
        $scaled = ScaleBowl::by($sheet, $factor, Ladder::shelf(), $step);
        $wanted = $sheet->work($step)->total()->exactly()->times($factor);
        expect($scaled->work($step)->total()->centigrams)->toEqualWithDelta(
            $wanted->numerator / $wanted->denominator,
            40,
        );
    }
});

it('is warmer when it is made warmer, cooler when cooler, and keeps its amount', function (ChangeKind $kind, int $way) {
    $carried = overFormulas(44, 90, function (BowlSheet $sheet, Shelf $shelf) use ($kind, $way): void {
        $turned = changed($sheet, new Change($kind), $shelf);
        expect(warmthOf($turned)->compare(warmthOf($sheet)))->toBe($way)
            ->and(colourOf($turned))->toBe(colourOf($sheet));
    });
    expect($carried)->toBeGreaterThan(70);
})->with([[ChangeKind::Warmer, 1], [ChangeKind::Cooler, -1]]);

it('turns half and all gold further, never back', function (array $colour) {
    // A quarter of what is left goes over; all gold has nothing left to give.
    $sheet = Ladder::bowl($colour);
    expect(warmthOf(changed(
        $sheet,
        new Change(ChangeKind::Warmer),
        Ladder::shelf(),
    ))->compare(warmthOf($sheet)))->toBe(1);
})->with([[['6G' => '1', '6N' => '1']], [['6G' => 'all']], [['6A' => 'all']]]);

it('is lighter or deeper by what was asked', function (string $value, float $levels) {
    $level = static fn (BowlSheet $sheet): float => (static fn (Fraction $f): float => $f->numerator / $f->denominator)(
        JudgeBowl::of($sheet->known(HouseRules::standard()->step), HouseRules::standard())->level->value()
    );
    $carried = overFormulas(45, 90, function (BowlSheet $sheet, Shelf $shelf) use ($value, $levels, $level): void {
        // What was left of another bowl stays what it is.
        if (in_array('bowl:L', $sheet->draft->products(), true)) {
            return;
        }
        $extras = array_filter($sheet->extras, static fn ($extra): bool => $extra->product->pigment?->level !== null);
        expect($level(changed($sheet, new Change(ChangeKind::Level, value: $value), $shelf)))->toEqualWithDelta(
            $level($sheet) + ($extras === [] ? $levels : 0),
            0.06,
        );
    });
    expect($carried)->toBeGreaterThan(60);
})->with([['+1', 1.0], ['-1', -1.0], ['-0.5', -0.5]]);

it('never takes natural away when more grey is to be covered', function (
    string $percent,
    string $colour,
    string $wanted,
) {
    $sheet = Ladder::bowl(['6N' => $colour, '6G' => 'rest']);
    expect(Ladder::grams(changed(
        $sheet,
        new Change(ChangeKind::Grey, value: $percent),
        Ladder::shelf(),
    ))['6N'])->toBe($wanted);
})->with([['60 %', '20 g', '30 g'], ['80 %', '30 g', '45 g']]);

it('leaves a bowl that has enough natural, and says so', function () {
    changed(
        Ladder::bowl(['6N' => '40 g', '6G' => 'rest']),
        new Change(ChangeKind::Grey, value: '60 %'),
        Ladder::shelf(),
    );
})->throws(ChangeRefused::class, 'change-refused.enough-natural (has: 67');

it('is stronger a strength up and weaker a strength down, at the same grams', function (string $value, int $way) {
    $carried = overFormulas(46, 90, function (BowlSheet $sheet, Shelf $shelf) use ($value, $way): void {
        $step = HouseRules::standard()->step;
        $after = changed($sheet, new Change(ChangeKind::Strength, value: $value), $shelf);
        expect($after->work($step)->developerStrength()->compare($sheet->work($step)->developerStrength()))->toBe($way)
            ->and($after->work($step)->total()->text())->toBe($sheet->work($step)->total()->text());
    });
    expect($carried)->toBeGreaterThan(70);
})->with([['+1', 1], ['-1', -1]]);

it('takes grams of one product only', function () {
    $carried = overFormulas(47, 90, function (BowlSheet $sheet, Shelf $shelf): void {
        $step = HouseRules::standard()->step;
        $before = $sheet->work($step)->parts[0]->ingredients;
        $key = $before[0]->key;
        $after = changed(
            $sheet,
            new Change(ChangeKind::Product, value: '-1 g', from: $key),
            $shelf,
        )->work($step)->parts[0]->ingredients;
        $grams = static fn (array $list): array => array_column(
            array_map(static fn ($each): array => [$each->key, $each->grams->centigrams], $list),
            1,
            0,
        );
        expect($grams($after))->toBe([$key => $grams($before)[$key] - 100] + $grams($before));
    });
    expect($carried)->toBe(90);
});

it('changes other things of a formula, each as it says', function (Change $change, array $grams) {
    expect(Ladder::grams(changed(Ladder::bowl(), $change, Ladder::shelf())))->toBe($grams);
})->with([
    'two developers named' => [
        new Change(ChangeKind::Strength, value: '30+40 vol'),
        ['6N' => '40 g', '6G' => '20 g', '30 vol' => '45 g', '40 vol' => '45 g'],
    ],
    'half dose' => [
        new Change(ChangeKind::Amount, value: '× 1/2'),
        ['6N' => '20 g', '6G' => '10 g', '20 vol' => '45 g'],
    ],
    'so much in all' => [
        new Change(ChangeKind::Total, value: '40 g'),
        ['6N' => '10.7 g', '6G' => '5.3 g', '20 vol' => '24 g'],
    ],
    'five grams less of one' => [
        new Change(ChangeKind::Product, value: '-5 g', from: '6G'),
        ['6N' => '40 g', '6G' => '15 g', '20 vol' => '82.5 g'],
    ],
    'one out' => [new Change(ChangeKind::TakeOut, from: '6G'), ['6N' => '40 g', '20 vol' => '60 g']],
    'one in' => [
        new Change(ChangeKind::PutIn, value: '10 g', to: '7C'),
        ['6N' => '40 g', '6G' => '20 g', '7C' => '10 g', '20 vol' => '105 g'],
    ],
    'a quarter in' => [
        new Change(ChangeKind::PutIn, value: '25 %', to: '7C'),
        ['6N' => '30 g', '6G' => '15 g', '7C' => '15 g', '20 vol' => '90 g'],
    ],
    'thinned to half' => [
        new Change(ChangeKind::Dilute, value: '50 %'),
        ['6N' => '20 g', '6G' => '10 g', 'Clear' => '30 g', '20 vol' => '90 g'],
    ],
    'a shade that is there already' => [
        new Change(ChangeKind::Swap, from: '6G', to: '6N'),
        ['6N' => '60 g', '20 vol' => '90 g'],
    ],
]);

it('changes what is not known as far as it is known', function () {
    $open = Ladder::bowl(
        ['6N' => '20 g', '6G' => '10 to 16 g', '6C' => '“a dash”'],
        ['d20' => '?'],
        ['amount' => null, 'ratio' => '?'],
    );
    $half = WriteBowl::toArray(changed($open, new Change(ChangeKind::Amount, value: '× 1/2'), Ladder::shelf()));
    expect(array_column($half['parts'][0]['ingredients'], 'share'))->toBe(['10 g', '5 g to 8 g', '“a dash”'])
        ->and(array_column(
            WriteBowl::toArray(changed(
                $open,
                new Change(ChangeKind::Level, value: '-1'),
                Ladder::shelf(),
            ))['parts'][0]['ingredients'],
            'product',
        ))
        ->toBe(['5N', '5G', '5C'])
        ->and(WriteBowl::toArray(changed(
            $open,
            new Change(ChangeKind::Strength, value: '10 vol'),
            Ladder::shelf(),
        ))['parts'][1]['ingredients'])
        ->toBe([['product' => 'd10', 'share' => '?']])
        ->and(fn () => changed($open, new Change(ChangeKind::Warmer), Ladder::shelf()))
        ->toRefuse(ChangeRefused::class, 'warmer')
        ->and(fn () => changed($open, new Change(ChangeKind::Amount, value: '-5 g'), Ladder::shelf()))
        ->toRefuse(ChangeRefused::class, 'not known');
});

it('changes a proportion without ever naming grams', function () {
    $proportion = Ladder::bowl(['6N' => '1', '6G' => '1'], more: ['amount' => null]);
    $after = changed(
        changed($proportion, new Change(ChangeKind::Level, value: '+1'), Ladder::shelf()),
        new Change(ChangeKind::Strength, value: '15 vol'),
        Ladder::shelf(),
    );
    $written = WriteBowl::toArray($after);
    expect($written['amount'])->toBeNull()
        ->and(array_column($written['parts'][0]['ingredients'], 'product'))->toBe(['7N', '7G'])
        ->and($after->known(HouseRules::standard()->step)->developer->show(1))->toBe('15');
});

it('keeps what a first stand-in stood for when a second is found, and the house blends', function () {
    $shelf = Formulas::shelf();
    $sheet = Ladder::bowl(
        more: [
            'parts' => [
                ['ingredients' => [
                    ['product' => '7C', 'share' => '20 g'],
                    ['product' => '6A', 'share' => '20 g'],
                    ['blend' => 'Sand', 'version' => 1, 'share' => '20 g'],
                ]],
                ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
            ],
            'amount' => ['of' => 'shares'],
        ],
        shelf: $shelf,
    );
    $once = StandIns::for($sheet, '7C', 'out', $shelf, HouseRules::standard())[0]['sheet'];
    $twice = WriteBowl::toArray(StandIns::for(
        $once,
        '6A',
        'gone',
        $shelf,
        HouseRules::standard(),
    )[0]['sheet'])['parts'][0]['ingredients'];
    expect(array_values(array_unique(array_column($twice, 'wanted'))))->toBe(['7C', '6A'])
        ->and(array_values(array_filter($twice, static fn (array $each): bool => isset($each['blend']))))
        ->toBe([['blend' => 'Sand', 'version' => 1, 'share' => '20 g']]);
});

it('finds a stand-in beside what was left of another bowl', function () {
    $shelf = Formulas::shelf();
    $sheet = Ladder::bowl(['bowl:L' => '20 g', '7N' => '30 g'], more: ['amount' => ['of' => 'shares']], shelf: $shelf);
    $after = StandIns::for($sheet, '7N', 'out', $shelf, HouseRules::standard())[0]['sheet'];
    expect(colourOf($after))->toBe(5000)->and($after->draft->products())->toContain('bowl:L');
});

it('makes one amount of a house blend and its own shade beside it', function () {
    $shelf = Formulas::shelf();
    // 30 g of 2:1 are 20 g and 10 g; 20 g of the 7N stand beside them.
    $bowl = [
        'parts' => [
            ['ingredients' => [
                ['blend' => 'Sand', 'version' => 1, 'share' => '30 g'],
                ['product' => '7N', 'share' => '20 g'],
            ]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
        'amount' => ['of' => 'shares'],
    ];
    expect(Ladder::grams(Ladder::bowl(more: $bowl, shelf: $shelf)))->toBe([
        '7N' => '40 g',
        '7G' => '10 g',
        '20 vol' => '75 g',
    ]);
});

it('rounds grams to the step of the scale and never refuses them', function (
    array $colour,
    array $developer,
    string $ratio,
    string $total,
) {
    $sheet = Ladder::bowl($colour, $developer, ['ratio' => $ratio, 'amount' => ['of' => 'shares']]);
    expect($sheet->work(HouseRules::standard()->step)->total()->text())->toBe($total);
})->with([
    'a quarter gram' => [['6N' => '14.25 g', '6G' => '10 g'], ['d20' => 'all'], '1:1', '48.6 g'],
    // 2 wt oz = 56.70 g; the same of developer (NIST SP 811).
    'weight ounces' => [['6N' => '1.5 wt oz', '6G' => '0.5 wt oz'], ['d20' => 'all'], '1:1', '113.4 g'],
    // 4 + 4 US fl oz = 236.59 ml (NIST SP 811).
    'fluid ounces in both parts' => [
        ['6N' => '2 US fl oz', '6G' => '2 US fl oz'],
        ['d20' => '4 US fl oz'],
        '1:1',
        '236.6 g',
    ],
    'fractions of an ounce' => [['6N' => '¾ wt oz', '6G' => '½ wt oz'], ['d20' => 'all'], '1:1', '70.8 g'],
]);

it('keeps what was typed beside the grams it comes to', function () {
    $written = WriteBowl::toArray(Ladder::bowl(
        ['6N' => '1.5 wt oz', '6G' => '20 g'],
        more: ['amount' => ['of' => 'shares']],
    ))['parts'][0]['ingredients'];
    expect($written[0])->toBe(['product' => '6N', 'share' => '42.52 g', 'said' => '1.5 wt oz'])
        ->and($written[1])->toBe(['product' => '6G', 'share' => '20 g']);
});

it('never crashes on any change of any formula', function () {
    $values = [
        '',
        '-5 g',
        '+10 %',
        '0 g',
        '-100 %',
        '× 0',
        '× 1/3',
        '30 vol',
        '+1',
        '-1',
        '0.5',
        '1:2',
        '99 %',
        '0 %',
        'abc',
        '20+40 vol',
        'no',
        'mids first',
        '10 min',
        '-999 min',
    ];
    mt_srand(48);
    $shelf = Formulas::shelf();
    $made = 0;
    for ($i = 0; $i < 800; $i++) {
        $sheet = Formulas::one($i, $shelf);
        $products = $sheet->draft->products();
        $change = new Change(
            ChangeKind::cases()[array_rand(ChangeKind::cases())], 'A', $values[array_rand($values)],
            $products[array_rand($products)], ['6N', '7C', 'clear', 'd30', 'nothing'][mt_rand(0, 4)],
        );
        try {
            $after = changed($sheet, $change, $shelf);
            expect(WriteBowl::toArray(ReadBowl::from(
                WriteBowl::toArray($after),
                $shelf,
            )))->toBe(WriteBowl::toArray($after));
            $made++;
        } catch (Core\CoreException $refusal) {
            expect(mend($refusal))->not->toBe('')->and(words($refusal))->not->toContain('contradict');
        }
    }
    expect($made)->toBeGreaterThan(150);
});
