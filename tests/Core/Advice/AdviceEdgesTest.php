<?php

declare(strict_types=1);

use Core\Advice\AdviceRefused;
use Core\Advice\AmountAdvice;
use Core\Advice\FillAdvice;
use Core\Advice\GreyAdvice;
use Core\Advice\Job;
use Core\Advice\PastUse;
use Core\Advice\Remix;
use Core\Advice\TonerAdvice;
use Core\Hair\Density;
use Core\Hair\HairHistory;
use Core\Hair\Length;
use Core\Hair\Porosity;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Tests\Core\Sample;

/*
 * Where advice turns over: the last value on one side and the first on the other, with the words that go with it.
 * The breakpoints themselves are common practice, no source; the factors are our own model.
 */

function shadeOf(string $code, string $level, ToneMix $tone, bool $withdrawn = false, bool $double = false): Product
{
    return Sample::shade($code, Fraction::parse($level), $tone, $withdrawn, $double);
}

function only(ToneFamily $family): ToneMix
{
    return ToneMix::only($family);
}

it('turns from one share of natural to the next at the house’s breakpoints', function (
    int $percent,
    string $least,
    string $most,
    string $strength,
    string $words,
) {
    $advice = GreyAdvice::for($percent, false, HouseRules::standard());
    expect([
        $advice->least->decimal(2),
        $advice->most->decimal(2),
        $advice->strength->showVolume(),
        $advice->extraMinutes,
    ])->toBe([$least, $most, $strength, [0, 0]])
        ->and($advice->why)->toHaveCount(2)
        ->and(said($advice->why[0]))->toBe("{$percent} % grey: {$words} (house breakpoints 25, 50, 75 % grey).");
})->with([
    [24, '0', '0', '10 vol', 'no natural is needed'],
    [25, '0.25', '0.33', '20 vol', '25 to 33 % natural'],
    [49, '0.25', '0.33', '20 vol', '25 to 33 % natural'],
    [50, '0.5', '0.5', '20 vol', '50 % natural'],
    [75, '0.5', '0.5', '20 vol', '50 % natural'],
    [76, '0.75', '1', '20 vol', '75 % natural up to all'],
    [100, '0.75', '1', '20 vol', '75 % natural up to all'],
]);

it('says by which rule and how long grey is covered', function () {
    $little = GreyAdvice::for(10, false, Schools::read(['deposit' => '20']));
    expect($little->strength->showVolume())->toBe('20 vol')
        ->and(said($little->why[1]))->toBe('So little grey takes 20 vol.')
        ->and(said(GreyAdvice::for(60, false, HouseRules::standard())->why[1]))
        ->toBe('Grey takes 20 vol and the full time, generously applied.')
        ->and(said(GreyAdvice::for(60, true, HouseRules::standard())->why[2]))
        ->toBe('Resistant: 5 to 10 minutes more, and a double natural at the hairline.')
        ->and(fn () => GreyAdvice::for(-1, false, HouseRules::standard()))->toThrow(AdviceRefused::class)
        ->and(fn () => GreyAdvice::for(101, false, HouseRules::standard()))->toThrow(AdviceRefused::class);
});

it('takes the plain natural for plain grey and the doubled one for resistant grey, never one that is not there', function (
    bool $resistant,
    array $shelf,
    ?string $code,
) {
    $natural = GreyAdvice::for(80, $resistant, HouseRules::standard())->natural($shelf, Fraction::of(6));
    expect($natural?->ingredients[0]['label'])->toBe($code);
    if ($natural !== null) {
        expect($natural->strength)->toBe('20 vol')
            ->and($natural->rule)->toBe('grey-shares')
            ->and($natural->ingredients[0]['share'])->toBe('75 %')
            ->and($natural->minutes)->toBeNull();
    }
})->with([
    'plain before doubled' => [
        false,
        fn () => [
            shadeOf('6NN', '6', only(ToneFamily::Natural), double: true),
            shadeOf('6N', '6', only(ToneFamily::Natural)),
        ],
        '6N',
    ],
    'doubled where it resists' => [
        true,
        fn () => [
            shadeOf('6N', '6', only(ToneFamily::Natural)),
            shadeOf('6NN', '6', only(ToneFamily::Natural), double: true),
        ],
        '6NN',
    ],
    'plain where no doubled one is' => [true, fn () => [shadeOf('6N', '6', only(ToneFamily::Natural))], '6N'],
    'the first of two alike' => [
        false,
        fn () => [shadeOf('6N', '6', only(ToneFamily::Natural)), shadeOf('6N2', '6', only(ToneFamily::Natural))],
        '6N',
    ],
    'withdrawn is not there' => [false, fn () => [shadeOf('6N', '6', only(ToneFamily::Natural), true)], null],
    'another level' => [false, fn () => [shadeOf('7N', '7', only(ToneFamily::Natural))], null],
    'half natural covers no grey' => [
        false,
        fn () => [
            shadeOf(
                '6NG',
                '6',
                ToneMix::mean([[only(ToneFamily::Natural), Fraction::one()], [only(ToneFamily::Gold), Fraction::one()]]),
            ),
        ],
        null,
    ],
    'clear carries no level' => [
        false,
        fn () => [
            new Product('C', 'L', 'C', 'C', ProductKind::Clear, null, null, Fraction::one(), false, Pigment::clear()),
        ],
        null,
    ],
]);

it('misses exactly what is missing of natural', function (string $has, string $missing) {
    expect(GreyAdvice::for(
        60,
        false,
        HouseRules::standard(),
    )->missing(Fraction::parse($has))->decimal(2))->toBe($missing);
})->with([['0', '0.5'], ['0.49', '0.01'], ['0.5', '0'], ['1', '0']]);

it('says each factor of an amount once, and only where it counts', function (
    array $case,
    string $least,
    string $most,
    bool $ofColour,
    array $why,
) {
    [$job, $density, $length, $resistant, $regrowth, $foils] = $case;
    $advice = AmountAdvice::start($job, $density, $length, $resistant, Fraction::parse($regrowth), $foils);
    expect([
        $advice->least->text(),
        $advice->most->text(),
        $advice->ofColour,
        $advice->fromHistory,
        $advice->alarms,
    ])->toBe([$least, $most, $ofColour, false, []])
        ->and(said($advice->why))->toBe($why);
})->with([
    'regrowth at its edge' => [
        [Job::Regrowth, Density::Medium, Length::Chin, false, '2', 0],
        '60 g',
        '60 g',
        true,
        ['To start with, a regrowth of up to 2 cm takes 60 g of colour.'],
    ],
    'regrowth beyond it' => [
        [Job::Regrowth, Density::Fine, Length::MidBack, true, '3', 0],
        '86 g',
        '86 g',
        true,
        [
            'To start with, a regrowth of up to 2 cm takes 60 g of colour.',
            'fine hair: × 0.8.',
            '3 cm grown out: × 1.5.',
            'Resistant grey: × 1.2.',
        ],
    ],
    'a head of long thick hair' => [
        [Job::Whole, Density::Thick, Length::MidBack, true, '4', 0],
        '227 g',
        '302 g',
        true,
        [
            'To start with, a whole head to the shoulder takes 90 to 120 g of colour.',
            'thick hair: × 1.4.',
            'mid-back length: × 1.5.',
            'Resistant grey: × 1.2.',
        ],
    ],
    'grey does not thicken a gloss' => [
        [Job::Gloss, Density::Medium, Length::Chin, true, '0', 0],
        '42 g',
        '63 g',
        false,
        ['To start with, a gloss takes 60 to 90 g of mixture.', 'chin length: × 0.7.'],
    ],
    'length does not reach the root' => [
        [Job::RootShadow, Density::Thick, Length::Chin, true, '0', 0],
        '42 g',
        '63 g',
        false,
        ['To start with, a root shadow takes 30 to 45 g of mixture.', 'thick hair: × 1.4.'],
    ],
    'seven foils' => [
        [Job::Foils, Density::Medium, Length::Shoulder, false, '0', 7],
        '18 g',
        '25 g',
        false,
        ['To start with, ten foils take 25 to 35 g of mixture.', '7 foils: × 0.7.'],
    ],
    'one foil' => [
        [Job::Foils, Density::Medium, Length::MidBack, false, '0', 1],
        '4 g',
        '5 g',
        false,
        ['To start with, ten foils take 25 to 35 g of mixture.', 'mid-back length: × 1.5.', '1 foils: × 0.1.'],
    ],
]);

/** @return list<PastUse> so many visits: colour, mixed, used, good, faded */
function pastUses(array ...$rows): array
{
    return array_map(
        static fn (array $row): PastUse => new PastUse(
            Sample::g($row[0]),
            Sample::g($row[1]),
            Sample::g($row[2]),
            $row[3] ?? true,
            $row[4] ?? false,
        ),
        $rows,
    );
}

it('steps down by the house’s own rule, at its very edge', function (
    array $rows,
    array $rules,
    string $colour,
    ?string $last,
) {
    $advice = AmountAdvice::fromOwn(pastUses(...$rows), Schools::read($rules));
    expect([
        $advice->least->text(),
        $advice->most->text(),
        $advice->ofColour,
        $advice->fromHistory,
    ])->toBe([$colour, $colour, true, true])
        ->and(said($advice->why[1] ?? null))->toBe($last)
        ->and(said($advice->why[0]))->toStartWith('Last time ');
})->with([
    'exactly the step left, three times' => [
        [['60', '150', '137.5'], ['60', '150', '137.5'], ['60', '150', '137.5']],
        [],
        '55 g',
        '3 good visits in a row left some over: 5 g of colour less, one visit at a time.',
    ],
    'a crumb under it, once' => [
        [['60', '150', '137.5'], ['60', '150', '137.5'], ['60', '150', '137.6']],
        [],
        '60 g',
        'The full amount is kept for the first visits.',
    ],
    'only the latest three count' => [
        [['60', '150', '137.5', false], ['60', '150', '137.5'], ['60', '150', '137.5'], ['60', '150', '137.5']],
        [],
        '55 g',
        '3 good visits in a row left some over: 5 g of colour less, one visit at a time.',
    ],
    'fading among them' => [
        [['60', '150', '137.5'], ['60', '150', '137.5', true, true], ['60', '150', '137.5'], ['60', '150', '137.5']],
        [],
        '60 g',
        null,
    ],
    'a house that stays generous' => [
        [['60', '150', '145'], ['60', '150', '145']],
        ['good-visits' => '2', 'step-down' => '2', 'amounts' => 'generous'],
        '60 g',
        'Some keeps coming back; by the house rule nothing comes off, for skimping shows as patches.',
    ],
    'a house of two visits and two grams' => [
        [['60', '150', '145'], ['60', '150', '145']],
        ['good-visits' => '2', 'step-down' => '2'],
        '58 g',
        '2 good visits in a row left some over: 2 g of colour less, one visit at a time.',
    ],
    'a house of four' => [
        [['60', '150', '140'], ['60', '150', '140'], ['60', '150', '140']],
        ['good-visits' => '4'],
        '60 g',
        'The full amount is kept for the first visits.',
    ],
    'nothing is taken off nothing' => [
        [['5', '12', '6'], ['5', '12', '6'], ['5', '12', '6']],
        [],
        '5 g',
        'The full amount is kept for the first visits.',
    ],
    'a little more than the step' => [
        [['5.1', '13', '0.2'], ['5.1', '13', '0.2'], ['5.1', '13', '0.2']],
        [],
        '0.1 g',
        '3 good visits in a row left some over: 5 g of colour less, one visit at a time.',
    ],
]);

it('names the drift with its visits, and says nothing where the first used nothing', function () {
    $advice = AmountAdvice::fromOwn(
        pastUses(['60', '150', '150'], ['50', '120', '120'], ['40', '100', '100', false, true]),
        HouseRules::standard(),
    );
    expect(said($advice->alarms))->toBe([
        'The amount used has sunk from 150 g to 100 g over 3 visits, and fading or grey was noted: the amount is the suspect.',
        'With 100 g grey showed or colour faded. The last amount that covered was 50 g of colour: mix that.',
    ])
        ->and($advice->least->text())->toBe('50 g')
        ->and(said(AmountAdvice::fromOwn(
            pastUses(['60', '150', '0'], ['60', '150', '150', false, true]),
            HouseRules::standard(),
        )->alarms))
        ->toBe(['With 150 g grey showed or colour faded, and no earlier amount is known that did better.']);
});

it('shares a pattern out whole, and refuses one that cannot be', function (array $pattern, ?array $percents) {
    if ($percents === null) {
        expect(fn () => AmountAdvice::pattern($pattern))->toThrow(AdviceRefused::class);

        return;
    }
    expect(array_map(
        static fn (Fraction $share): string => $share->times(Fraction::of(100))->decimal(1),
        AmountAdvice::pattern($pattern),
    ))->toBe($percents);
})->with(
    [
        [[1], ['100']],
        [[3, 1], ['75', '25']],
        [[1, 0], ['100', '0']],
        [[5, 4, 3, 3], ['33.3', '26.7', '20', '20']],
        [[], null],
        [[0], null],
        [[-1, 3], null],
        [[2, -1], null],
    ],
);

it('fills from the very level the house says', function (string $start, string $target, array $rules, bool $needed) {
    $advice = FillAdvice::for(
        Fraction::parse($start),
        HairHistory::Lightened,
        Fraction::parse($target),
        only(ToneFamily::Brown),
        [],
        Schools::read($rules),
    );
    expect($advice->needed)->toBe($needed);
})->with(
    [
        ['8', '6', [], true],
        ['7.9', '6', [], false],
        ['8', '6', ['fill-from' => '3'], false],
        ['9', '6', ['fill-from' => '3'], true],
        ['6', '8', [], false],
    ],
);

it('takes the shade with most of the family, deeper rather than lighter, at the target or one above', function (
    array $shelf,
    array $ingredients,
) {
    $filler = FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(6),
        only(ToneFamily::Brown),
        $shelf,
        HouseRules::standard(),
    )->filler;
    expect(array_column($filler->ingredients ?? [], 'share', 'label'))->toBe($ingredients);
})->with([
    'at the target before one above' => [
        fn () => [
            shadeOf('7G', '7', only(ToneFamily::Gold)),
            shadeOf('6G', '6', only(ToneFamily::Gold)),
            shadeOf('6C', '6', only(ToneFamily::Copper)),
        ],
        ['6G' => '3', '6C' => '1'],
    ],
    'one above where there is no other' => [
        fn () => [shadeOf('7G', '7', only(ToneFamily::Gold)), shadeOf('7C', '7', only(ToneFamily::Copper))],
        ['7G' => '3', '7C' => '1'],
    ],
    'never deeper than the target, never two above' => [
        fn () => [
            shadeOf('5G', '5', only(ToneFamily::Gold)),
            shadeOf('7.1G', '7.1', only(ToneFamily::Gold)),
            shadeOf('6C', '6', only(ToneFamily::Copper)),
        ],
        ['6C' => '1'],
    ],
    'more of it before deeper' => [
        fn () => [
            shadeOf(
                '6NG',
                '6',
                ToneMix::mean([[only(ToneFamily::Natural), Fraction::one()], [only(ToneFamily::Gold), Fraction::one()]]),
            ),
            shadeOf('7G', '7', only(ToneFamily::Gold)),
            shadeOf('6C', '6', only(ToneFamily::Copper)),
        ],
        ['7G' => '3', '6C' => '1'],
    ],
    'one shade that is both' => [
        fn () => [
            shadeOf(
                '6GC',
                '6',
                ToneMix::mean([[only(ToneFamily::Copper), Fraction::one()], [only(ToneFamily::Gold), Fraction::one()]]),
            ),
        ],
        ['6GC' => '4'],
    ],
    'not one that is withdrawn' => [
        fn () => [
            shadeOf('6G', '6', only(ToneFamily::Gold), true),
            shadeOf('7G', '7', only(ToneFamily::Gold)),
            shadeOf('6C', '6', only(ToneFamily::Copper)),
        ],
        ['7G' => '3', '6C' => '1'],
    ],
    'nothing on the shelf' => [fn () => [shadeOf('6N', '6', only(ToneFamily::Natural))], []],
]);

it('says why it fills, with the pigment that is missing and what it does about it', function () {
    $why = FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(6),
        only(ToneFamily::Brown),
        [shadeOf('6G', '6', only(ToneFamily::Gold))],
        HouseRules::standard(),
    );
    expect(said($why->why))->toBe([
        'From 9 to 6 is 3 levels down: the warm pigment of a 6 is missing, orange.',
        'For a brown: 3 parts gold to 1 of copper.',
        'Only on the hair that needs it, about 20 minutes, then the final shade.',
        'The shelf has no copper at 6 or one lighter.',
    ])->and($why->filler?->rule)->toBe('filling')->and($why->filler?->strength)->toBeNull();
    $half = ToneMix::mean([[only(ToneFamily::Red), Fraction::one()], [only(ToneFamily::Natural), Fraction::one()]]);
    expect(said(FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(6),
        $half,
        [],
        HouseRules::standard(),
    )->why[1]))->toBe('For a vivid red or copper: 3 parts copper to 1 of gold.');
});

it('counts a deeper toner twice and a lighter one once, and says what each would do', function () {
    $shelf = [
        shadeOf('8P', '8', only(ToneFamily::Violet)),
        shadeOf('10P', '10', only(ToneFamily::Violet)),
        shadeOf('9P', '9', only(ToneFamily::Violet)),
        shadeOf('9X', '9', only(ToneFamily::Violet), true),
    ];
    $advice = TonerAdvice::for(
        Fraction::of(9),
        Fraction::of(9),
        only(ToneFamily::Violet),
        false,
        Porosity::Normal,
        $shelf,
        HouseRules::standard(),
    );
    expect(array_map(static fn (array $toner): string => words($toner['why']), $advice->toners))->toBe([
        '9P: violet, at the level reached',
        '10P: violet, 1 lighter: does less',
        '8P: violet, 1 deeper: stains',
    ])
        ->and($advice->toners[1]['distance']->minus($advice->toners[0]['distance'])->decimal(2))->toBe('1')
        ->and($advice->toners[2]['distance']->minus($advice->toners[0]['distance'])->decimal(2))->toBe('2');
});

it('says what toning cannot reach from a whole level on', function (string $wish, bool $further) {
    $advice = TonerAdvice::for(
        Fraction::of(8),
        Fraction::parse($wish),
        only(ToneFamily::Pearl),
        false,
        Porosity::Normal,
        [],
        HouseRules::standard(),
    );
    expect($advice->liftFurther)->toBe($further)
        ->and($advice->toners)->toBe([])
        ->and(str_contains(
            implode(' ', said($advice->why)),
            "Level {$wish} is not reached by toning level 8: gold cannot be glazed away, it must be lifted further.",
        ))
        ->toBe($further);
})->with([['8', false], ['8.9', false], ['9', true], ['10', true]]);

it('dilutes on damp hair as the house has it, warns of porous ends, and keeps three of many', function () {
    $shelf = array_map(static fn (int $n): Product => shadeOf("9V{$n}", '9', only(ToneFamily::Violet)), [4, 2, 3, 1]);
    $advice = TonerAdvice::for(
        Fraction::of(9),
        null,
        only(ToneFamily::Gold),
        true,
        Porosity::High,
        $shelf,
        Schools::read(['damp' => '1']),
    );
    expect($advice->level->decimal(1))->toBe('8')->and(said($advice->why))->toBe([
        'The darkest part reached 9, so that is the level to tone: yellow lies bare.',
        'On damp hair 1 level deeper, or dry first.',
        'Porous ends grab: shorter there, or with more clear.',
        'The wish is warm: the bare pigment helps, do not neutralise it.',
    ])->and(
        array_map(static fn (array $toner): string => $toner['product']->code, $advice->toners),
    )->toBe(['9V1', '9V2', '9V3']);
    $cool = TonerAdvice::for(
        Fraction::of(9),
        null,
        only(ToneFamily::Pearl),
        false,
        Porosity::Normal,
        $shelf,
        HouseRules::standard(),
    );
    expect($cool->why)->toHaveCount(2)
        ->and(said($cool->why[1]))->toBe('violet softens yellow; it does not erase it.')
        ->and($cool->level->decimal(1))->toBe('9');
});

it('says when to mix again, with the grams it rests on', function (int $done, int $left, string $words) {
    expect(words(Remix::of(
        $done,
        30,
        Grams::ofCentigrams(9000),
        Grams::ofCentigrams($left),
        HouseRules::standard(),
    )->words))->toBe($words);
})->with([
    'it will do' => [15, 4500, '15 foils took 45 g; 15 more take about 45 g, and 45 g are left: it will do.'],
    'before two thirds' => [
        10,
        3010,
        '10 foils took 59.9 g; 20 more take about 119.8 g, 89.7 g more than is left. Mix again before the bowl is two thirds empty.',
    ],
    'at two thirds' => [
        10,
        3000,
        '10 foils took 60 g; 20 more take about 120 g, 90 g more than is left. Mix now: the bowl is two thirds empty.',
    ],
]);
