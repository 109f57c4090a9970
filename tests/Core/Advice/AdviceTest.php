<?php

declare(strict_types=1);

use Core\Advice\AdviceRefused;
use Core\Advice\AmountAdvice;
use Core\Advice\FillAdvice;
use Core\Advice\GreyAdvice;
use Core\Advice\Job;
use Core\Advice\PastUse;
use Core\Advice\StrengthAdvice;
use Core\Advice\TonerAdvice;
use Core\Hair\Density;
use Core\Hair\HairHistory;
use Core\Hair\Length;
use Core\Hair\Porosity;
use Core\Hair\Technique;
use Core\Judgement\Process;
use Core\Practice\Filling;
use Core\Practice\GreyBreakpoints;
use Core\Practice\HouseRules;
use Core\Practice\OpenAir;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;
use Tests\Core\Sample;

/** @return list<Product> one shade of each family at each level */
function ladder(ToneFamily ...$families): array
{
    $shelf = [];
    foreach (range(4, 10) as $level) {
        foreach ($families as $family) {
            $shelf[] = Sample::shade("{$level} {$family->value}", Fraction::of($level), ToneMix::only($family));
        }
    }

    return $shelf;
}

it('asks for natural as grey rises', function (int $percent, string $least, string $most, string $strength) {
    // Common practice, no source.
    $advice = GreyAdvice::for($percent, false, HouseRules::standard());
    expect([
        $advice->least->decimal(2),
        $advice->most->decimal(2),
        $advice->strength->showVolume(),
    ])->toBe([$least, $most, $strength]);
})->with([
    [0, '0', '0', '10 vol'], [20, '0', '0', '10 vol'], [
        30,
        '0.25',
        '0.33',
        '20 vol',
    ], [60, '0.5', '0.5', '20 vol'], [75, '0.5', '0.5', '20 vol'], [90, '0.75', '1', '20 vol'],
]);

it('gives resistant grey more time, and follows the house’s breakpoints', function () {
    expect(GreyAdvice::for(80, true, HouseRules::standard())->extraMinutes)->toBe([5, 10])
        ->and(GreyAdvice::for(
            20,
            false,
            HouseRules::standard()->withGrey(GreyBreakpoints::of(10, 40, 60)),
        )->least->decimal(2))
        ->toBe('0.25')
        ->and(fn () => GreyAdvice::for(120, false, HouseRules::standard()))->toThrow(AdviceRefused::class);
});

it('never asks for less natural when there is more grey', function () {
    for ($percent = 0; $percent < 100; $percent++) {
        expect(GreyAdvice::for(
            $percent + 1,
            false,
            HouseRules::standard(),
        )->least->compare(GreyAdvice::for($percent, false, HouseRules::standard())->least))->toBeGreaterThanOrEqual(0);
    }
});

it('says what a mix still lacks of natural', function () {
    $advice = GreyAdvice::for(60, false, HouseRules::standard());
    expect($advice->missing(Fraction::of(1, 4))->decimal(2))->toBe('0.25')
        ->and($advice->missing(Fraction::of(3, 4))->isZero())->toBeTrue();
});

it('offers the natural that covers, doubled where grey resists', function () {
    $shelf = ladder(ToneFamily::Natural, ToneFamily::Gold);
    $shelf[] = new Product(
        '6NN',
        'L',
        '6NN',
        '6NN',
        ProductKind::Shade,
        null,
        null,
        Fraction::one(),
        false,
        new Pigment(Fraction::of(6), ToneMix::only(ToneFamily::Natural), Fraction::of(2), true),
    );
    $rules = HouseRules::standard();
    expect(GreyAdvice::for(60, false, $rules)->natural(
        $shelf,
        Fraction::of(6),
    )?->ingredients)->toBe([['product' => '6 natural', 'label' => '6 natural', 'share' => '50 %']])
        ->and(GreyAdvice::for(90, true, $rules)->natural($shelf, Fraction::of(6))?->ingredients[0]['product'])
        ->toBe('6NN')
        ->and(GreyAdvice::for(10, false, $rules)->natural($shelf, Fraction::of(6)))->toBeNull();
});

it('goes a strength up in open air and down near the scalp, or as the house has it', function (
    array $change,
    HouseRules $rules,
    ?string $advice,
) {
    $process = new Process(...[
        ...[
            'kind' => LineKind::Lightener,
            'mix' => null,
            'strength' => Strength::vol(20),
            'minutes' => 35,
            'window' => ['min' => 20, 'target' => 35, 'max' => 50],
            'lift' => LiftTable::standard(LineKind::Lightener),
        ],
        ...$change,
    ]);
    $said = StrengthAdvice::for($process, $rules);
    $advice === null ? expect($said)->toBeNull() : expect(words($said))->toContain($advice);
})->with([
    'open air' => [['technique' => Technique::OpenAir], fn (): HouseRules => HouseRules::standard(), '30 vol'],
    'slow and low' => [
        ['technique' => Technique::OpenAir],
        fn (): HouseRules => HouseRules::standard()->withOpenAir(OpenAir::SlowAndLow),
        'more time',
    ],
    'scalp' => [['onScalp' => true], fn (): HouseRules => HouseRules::standard(), '10 vol'],
    'foil' => [['technique' => Technique::Foil], fn (): HouseRules => HouseRules::standard(), null],
    'nothing above 40' => [
        ['technique' => Technique::OpenAir, 'strength' => Strength::vol(40)],
        fn (): HouseRules => HouseRules::standard(),
        'already',
    ],
]);

it('fills lightened hair that goes two levels darker', function () {
    // Common practice, no source: target 6 asks for orange; a brown takes three parts gold to one of copper.
    $advice = FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(6),
        ToneMix::only(ToneFamily::Brown),
        ladder(ToneFamily::Natural, ToneFamily::Gold, ToneFamily::Copper),
        HouseRules::standard(),
    );
    expect($advice->needed)->toBeTrue()->and($advice->pigment?->name)->toBe('orange')
        ->and($advice->filler?->ingredients)
        ->toBe([
            ['product' => '6 gold', 'label' => '6 gold', 'share' => '3'],
            ['product' => '6 copper', 'label' => '6 copper', 'share' => '1'],
        ])
        ->and($advice->filler?->minutes)->toBe(20);
});

it('turns the filler round for a vivid red', function () {
    $advice = FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(6),
        ToneMix::only(ToneFamily::Red),
        ladder(ToneFamily::Gold, ToneFamily::Copper),
        HouseRules::standard(),
    );
    expect(array_column($advice->filler->ingredients, 'share'))->toBe(['1', '3']);
});

it('does not fill what needs none', function (
    int $start,
    HairHistory $history,
    int $target,
    HouseRules $rules,
    string $why,
) {
    $advice = FillAdvice::for(
        Fraction::of($start),
        $history,
        Fraction::of($target),
        ToneMix::only(ToneFamily::Brown),
        ladder(ToneFamily::Gold),
        $rules,
    );
    expect($advice->needed)->toBeFalse()->and(said($advice->why[0]))->toContain($why);
})->with([
    'natural hair' => [9, HairHistory::Natural, 5, fn (): HouseRules => HouseRules::standard(), 'not lightened'],
    'one level' => [7, HairHistory::Lightened, 6, fn (): HouseRules => HouseRules::standard(), 'fills from 2'],
    'a house that fills from three' => [
        8,
        HairHistory::Lightened,
        6,
        fn (): HouseRules => HouseRules::standard()->withFillFromLevels(3),
        'fills from 3',
    ],
]);

it('says what skipping the filler risks, and what the shelf lacks', function () {
    $skip = FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(5),
        ToneMix::only(ToneFamily::Brown),
        ladder(ToneFamily::Gold),
        HouseRules::standard()->withFilling(Filling::Skip),
    );
    expect($skip->needed)->toBeTrue()
        ->and($skip->filler)->toBeNull()
        ->and(implode(' ', said($skip->why)))->toContain('green or hollow');
    $lacking = FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(5),
        ToneMix::only(ToneFamily::Brown),
        ladder(ToneFamily::Gold),
        HouseRules::standard(),
    );
    expect(implode(' ', said($lacking->why)))->toContain('no copper')
        ->and($lacking->filler->ingredients)->toHaveCount(1);
});

it('tones for the level reached', function () {
    $shelf = ladder(ToneFamily::Natural, ToneFamily::Violet, ToneFamily::Gold, ToneFamily::Pearl);
    $dry = TonerAdvice::for(
        Fraction::of(9),
        Fraction::of(9),
        ToneMix::only(ToneFamily::Natural),
        false,
        Porosity::Normal,
        $shelf,
        HouseRules::standard(),
    );
    expect($dry->level->decimal(1))->toBe('9')->and($dry->toners)->toHaveCount(3)->and($dry->liftFurther)->toBeFalse();
    foreach ($dry->toners as $toner) {
        expect($toner['product']->pigment->level->decimal(1))->toBe('9');
    }
    expect(TonerAdvice::for(
        Fraction::of(9),
        null,
        ToneMix::only(ToneFamily::Natural),
        true,
        Porosity::Normal,
        $shelf,
        HouseRules::standard(),
    )->level->decimal(1))->toBe('8.5');
});

it('prefers a natural to a gold where neither is the wished pearl', function () {
    $toners = TonerAdvice::for(
        Fraction::of(9),
        null,
        ToneMix::only(ToneFamily::Pearl),
        false,
        Porosity::Normal,
        ladder(ToneFamily::Natural, ToneFamily::Gold, ToneFamily::Pearl),
        HouseRules::standard(),
    )->toners;
    expect(array_map(
        static fn (array $toner) => $toner['product']->code,
        $toners,
    ))->toBe(['9 pearl', '9 natural', '9 gold']);
});

it('says that yellow cannot be glazed into white', function () {
    $advice = TonerAdvice::for(
        Fraction::of(8),
        Fraction::of(10),
        ToneMix::only(ToneFamily::Pearl),
        false,
        Porosity::High,
        ladder(ToneFamily::Pearl),
        HouseRules::standard(),
    );
    expect($advice->liftFurther)->toBeTrue()
        ->and(implode(' ', said($advice->why)))->toContain('lifted further')->toContain('Porous ends grab');
});

it('keeps warm pigment as an ally of a warm wish', function () {
    $advice = TonerAdvice::for(
        Fraction::of(8),
        Fraction::of(8),
        ToneMix::only(ToneFamily::Gold),
        false,
        Porosity::Normal,
        ladder(ToneFamily::Gold, ToneFamily::Violet),
        HouseRules::standard(),
    );
    expect($advice->toners[0]['product']->code)->toBe('8 gold');
});

it('starts with the trade’s amounts', function (
    Job $job,
    Density $density,
    Length $length,
    bool $resistant,
    int $foils,
    string $least,
    string $most,
) {
    // Common practice and our own model.
    $advice = AmountAdvice::start($job, $density, $length, $resistant, Fraction::of(2), $foils);
    expect([$advice->least->text(), $advice->most->text()])->toBe([$least, $most]);
})->with([
    'regrowth' => [Job::Regrowth, Density::Medium, Length::Shoulder, false, 0, '60 g', '60 g'],
    'resistant thick regrowth' => [Job::Regrowth, Density::Thick, Length::MidBack, true, 0, '101 g', '101 g'],
    'global, chin' => [Job::Whole, Density::Medium, Length::Chin, false, 0, '63 g', '84 g'],
    'gloss, fine' => [Job::Gloss, Density::Fine, Length::Shoulder, false, 0, '48 g', '72 g'],
    'root shadow' => [Job::RootShadow, Density::Medium, Length::MidBack, false, 0, '30 g', '45 g'],
    'twenty foils' => [Job::Foils, Density::Medium, Length::Shoulder, false, 20, '50 g', '70 g'],
]);

it('asks for the number of foils', function () {
    AmountAdvice::start(Job::Foils, Density::Medium, Length::Shoulder, false, Fraction::of(2), 0);
})->throws(AdviceRefused::class, 'advice-refused.foils-missing');

/** @param  list<array{string, string, string, bool, bool}>  $rows */
function past(array $rows): array
{
    return array_map(
        static fn (array $row) => new PastUse(
            Sample::g($row[0]),
            Sample::g($row[1]),
            Sample::g($row[2]),
            $row[3],
            $row[4],
        ),
        $rows,
    );
}

it('steps down five grams after three good visits with leftovers, not before', function () {
    // Common practice, no source: five grams of colour at a time, three good ones first.
    // All 12.5 g of mixture that the five grams make came back: it never goes below what was used.
    $good = ['60', '150', '137.5', true, false];
    $rules = HouseRules::standard();
    expect(AmountAdvice::fromOwn(past([$good, $good, $good]), $rules)->least->text())->toBe('55 g')
        ->and(AmountAdvice::fromOwn(past([$good, $good]), $rules)->least->text())->toBe('60 g')
        ->and(AmountAdvice::fromOwn(
            past([$good, $good, ['60', '150', '137.5', false, false]]),
            $rules,
        )->least->text())
        ->toBe('60 g')
        ->and(AmountAdvice::fromOwn(past([$good, $good, ['60', '150', '149', true, false]]), $rules)->least->text())
        ->toBe('60 g')
        ->and(AmountAdvice::fromOwn(past([$good, $good, ['60', '150', '138', true, false]]), $rules)->least->text())
        ->toBe('60 g');
});

it('steps down once, and again only after three more at the new amount', function () {
    $good = ['60', '150', '130', true, false];
    $less = ['55', '137.5', '120', true, false];
    $rules = HouseRules::standard();
    $colour = static fn (array ...$rows): string => AmountAdvice::fromOwn(past($rows), $rules)->most->text();
    expect($colour($good, $good, $good))->toBe('55 g')
        ->and($colour($good, $good, $good, $less))->toBe('55 g')
        ->and($colour($good, $good, $good, $less, $less))->toBe('55 g')
        ->and($colour($good, $good, $good, $less, $less, $less))->toBe('50 g');
});

it('brings back the last amount that covered on the day that grey shows', function () {
    $advice = AmountAdvice::fromOwn(
        past(
            [
                ['60', '150', '140', true, false],
                ['55', '137.5', '137.5', true, false],
                ['50', '125', '125', false, true],
            ],
        ),
        HouseRules::standard(),
    );
    expect($advice->most->text())->toBe('55 g')
        ->and(said($advice->alarms[1] ?? $advice->alarms[0]))->toContain(
            'The last amount that covered was 55 g of colour',
        );
    $never = AmountAdvice::fromOwn(past([['60', '150', '150', false, true]]), HouseRules::standard());
    expect($never->most->text())->toBe('60 g')->and(said($never->alarms[0]))->toContain('no earlier amount');
});

it('says a drift from its first sign, and only there', function () {
    $said = static fn (string $used): array => said(AmountAdvice::fromOwn(
        past([['60', '150', '150', true, false], ['60', '150', $used, true, false]]),
        HouseRules::standard(),
    )->why);
    expect($said('137.5'))->toContain('Used: 150 g at first, 137.5 g last time, over 2 visits.')
        ->and(implode(' ', $said('138')))->not->toContain('at first,');
});

it('takes the middle of what such bowls took in this house', function () {
    $advice = AmountAdvice::fromHouse(array_map(Sample::g(...), ['90', '60', '75', '70', '200']));
    expect($advice?->most->text())->toBe('75 g')->and($advice?->ofColour)->toBeFalse()
        // Four say nothing of a house.
        ->and(AmountAdvice::fromHouse(array_map(Sample::g(...), ['90', '60', '75', '70'])))->toBeNull();
});

it('calls a drift to 80 from 150 with grey showing by its name', function () {
    $advice = AmountAdvice::fromOwn(
        past([['60', '150', '150', true, false], ['45', '112', '112', true, false], ['32', '80', '80', false, true]]),
        HouseRules::standard(),
    );
    expect(said($advice->alarms[0]))->toContain('150 g')->toContain('80 g')->toContain('the amount is the suspect')
        // The last that covered, not the first of all.
        ->and($advice->least->text())->toBe('45 g');
    $quiet = AmountAdvice::fromOwn(
        past([['60', '150', '150', true, false], ['32', '80', '80', true, false]]),
        HouseRules::standard(),
    );
    expect(said($quiet->alarms))->toBe([]);
});

it('knows the shares of a pattern', function () {
    // Common practice, no source: two foils of A for each of B is 66.7 % and 33.3 %.
    expect(array_map(
        static fn (Fraction $share) => $share->times(Fraction::of(100))->decimal(1),
        AmountAdvice::pattern([2, 1]),
    ))->toBe(['66.7', '33.3'])
        ->and(fn () => AmountAdvice::pattern([0, 0]))->toThrow(AdviceRefused::class);
});

it('takes more colour for a longer regrowth, and only there', function (Job $job, string $regrowth, string $least) {
    expect(AmountAdvice::start(
        $job,
        Density::Medium,
        Length::Shoulder,
        false,
        Fraction::parse($regrowth),
        0,
    )->least->text())->toBe($least);
})->with(
    [
        [Job::Regrowth, '2', '60 g'],
        [Job::Regrowth, '4', '120 g'],
        [Job::Regrowth, '1', '60 g'],
        [Job::Gloss, '4', '60 g'],
    ],
);

it('suspects the amount from two thirds of the first downwards', function (string $used, int $alarms) {
    expect(said(AmountAdvice::fromOwn(
        past([['60', '150', '150', true, false], ['40', $used, $used, false, true]]),
        HouseRules::standard(),
    )->alarms[0]))->toContain($alarms === 1 ? 'is the suspect' : 'at first,');
})->with([['100', 1], ['101', 0], ['80', 1]]);

it('weighs a filler out in grams that make the amount', function () {
    $filler = FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(6),
        ToneMix::only(ToneFamily::Brown),
        ladder(ToneFamily::Gold, ToneFamily::Copper),
        HouseRules::standard(),
    )->filler;
    expect(array_column(
        $filler->weighed(Sample::g('30'), Core\Units\ScaleStep::TenthGram)->ingredients,
        'share',
    ))->toBe(['22.5 g', '7.5 g'])
        ->and(array_column(
            $filler->weighed(Sample::g('30'), Core\Units\ScaleStep::WholeGram)->ingredients,
            'share',
        ))
        ->toBe(['23 g', '7 g']);
});

// The next batch is planned before the bowl is empty, at two thirds (common practice, no source).
it('says from the foils so far whether a bowl will do', function (int $done, string $left, ?string $times, bool $now) {
    $remix = Core\Advice\Remix::of(
        $done,
        30,
        Core\Units\Grams::ofCentigrams(9000),
        Core\Units\MassReading::plain()->read($left),
        HouseRules::standard(),
    );
    expect($remix->times?->decimal(1))->toBe($times)->and($remix->now)->toBe($now);
})->with([
    'ten took a third: it will do' => [10, '60 g', null, false],
    'ten took half: as much again is missing' => [10, '45 g', '0.5', false],
    'ten took two thirds: a whole bowl more' => [10, '30 g', '1', true],
    'all are in' => [30, '5 g', null, false],
    'empty with ten to go' => [20, '0 g', '0.5', true],
]);

it('never plans less than the foils to come will take', function () {
    mt_srand(8);
    for ($i = 0; $i < 300; $i++) {
        $mixed = mt_rand(500, 20_000);
        $left = mt_rand(0, $mixed);
        $planned = mt_rand(2, 60);
        $done = mt_rand(1, $planned);
        $remix = Core\Advice\Remix::of(
            $done,
            $planned,
            Core\Units\Grams::ofCentigrams($mixed),
            Core\Units\Grams::ofCentigrams($left),
            HouseRules::standard(),
        );
        $more = $remix->times === null
            ? 0
            : $remix->times->times(Core\Units\Fraction::of($mixed))->rounded(1, Core\Units\Rounding::HalfUp);
        expect($left + $more)->toBeGreaterThanOrEqual($remix->needed->centigrams);
    }
});

it('refuses foils and grams that cannot be', function (int $done, int $planned, int $mixed, int $left) {
    expect(fn () => Core\Advice\Remix::of(
        $done,
        $planned,
        Core\Units\Grams::ofCentigrams($mixed),
        Core\Units\Grams::ofCentigrams($left),
        HouseRules::standard(),
    ))->toThrow(Core\Advice\AdviceRefused::class);
})->with([[0, 30, 100, 50], [31, 30, 100, 50], [3, 0, 100, 50], [3, 30, 100, 101], [3, 30, 0, 0]]);

it('reads fading where it is said, and only there', function (string $words, bool $faded) {
    expect(Core\Advice\PastUse::saysFaded($words))->toBe($faded);
})->with([
    ['The ends faded after three weeks', true],
    ['Even. Grey shows at the temples', true],
    ['patchy at the crown', true],
    ['Bright, but fading', true],
    ['no fading at all', false],
    ['It did not fade', false],
    ['never patchy, even colour', false],
    ['Nothing has faded', false],
    ['Not so warm. It faded', true],
    ['Lovely', false],
]);
