<?php

declare(strict_types=1);

use Core\Advice\AmountAdvice;
use Core\Advice\FillAdvice;
use Core\Advice\PastUse;
use Core\Advice\StrengthAdvice;
use Core\Advice\TonerAdvice;
use Core\Advice\WayToWish;
use Core\Advice\WishStep;
use Core\Advice\ZoneReading;
use Core\Codec\ReadCanvas;
use Core\Colour\Lab;
use Core\Fact;
use Core\Hair\CanvasZone;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Technique;
use Core\Pigment\Gap;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Shelf\LineKind;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;

// What advice says, with the figures it gives: uneven ones, so that none is right by being round.

it('says how far a toner goes, with the level it meets', function () {
    $advice = TonerAdvice::for(
        Fraction::parse('8.65'),
        Fraction::parse('9.85'),
        ToneMix::only(ToneFamily::Pearl),
        true,
        Porosity::High,
        [
            shadeOf('9V', '9', only(ToneFamily::Violet)), shadeOf('8P', '8.25', only(ToneFamily::Pearl)),
            shadeOf('7P', '7.4', only(ToneFamily::Pearl)),
        ],
        HouseRules::standard(),
    );
    expect(byKey($advice->why))->toMatchArray([
        'why.toner-advice.darkest-part-reached-so-that' => ['reached' => '8.7', 'bare' => 'yellow'],
        'why.toner-advice.on-damp-hair-level-deeper' => ['dampDeeper' => '0.5'],
        'why.toner-advice.porous-ends-grab-shorter-or' => [],
        'why.toner-advice.level-not-reached-by-toning' => [
            'wishLevel' => '9.9', 'reached' => '8.7', 'bare' => 'yellow',
        ],
    ])->and($advice->liftFurther)->toBeTrue()->and($advice->level->decimal(2))->toBe('8.15');
    // From 8.15, half a level deeper than 8.65 as it is damp: 8P is 0.1 lighter, 9V 0.85, 7P 0.75 deeper.
    $gaps = [];
    foreach ($advice->toners as $toner) {
        $level = $toner['why']->values['level'];
        $gaps[$toner['product']->code] = [substr($level->key, strlen('why.toner-advice.')), $level->values['gap']];
    }
    expect($gaps)->toEqual([
        '8P' => ['lighter-does-less', '0.1'],
        '9V' => ['lighter-does-less', '0.9'],
        '7P' => ['deeper-stains', '0.8'],
    ]);
});

it('asks for more lift from a whole level on', function (string $wish, bool $further) {
    expect(TonerAdvice::for(
        Fraction::of(8),
        Fraction::parse($wish),
        ToneMix::only(ToneFamily::Pearl),
        false,
        Porosity::Normal,
        [],
        HouseRules::standard(),
    )->liftFurther)->toBe($further);
})->with([['8.99', false], ['9', true]]);

it('says from where to where it fills, and with what the shelf lacks', function () {
    $for = static fn (string $start): FillAdvice => FillAdvice::for(
        Fraction::parse($start),
        HairHistory::Lightened,
        Fraction::parse('5.65'),
        ToneMix::only(ToneFamily::Brown),
        [],
        HouseRules::standard(),
    );
    expect(byKey($for('9.25')->why))->toMatchArray([
        'why.fill-advice.from-levels-down-warm-pigment' => [
            'start' => '9.3', 'target' => '5.7', 'down' => '3.6', 'target2' => '6', 'pigment' => 'orange',
        ],
        'why.fill-advice.shelf-has-no-at-or' => ['family' => 'copper', 'target' => '6'],
    ])->and(byKey($for('7.25')->why))->toBe([
        'why.fill-advice.from-levels-down-house-fills' => [
            'start' => '7.3', 'target' => '5.7', 'down' => '1.6', 'fillFromLevels' => 2,
        ],
    ])->and($for('7.25')->needed)->toBeFalse()->and($for('7.65')->needed)->toBeTrue();
});

it('says how near a way comes as an eye would', function (float $apart, string $key, string $seen) {
    // Along lightness near 50 CIEDE2000 is the difference itself (S_L = 1 at L* = 50; Sharma, Wu and Dalal 2005).
    $way = new WayToWish(
        [(new ReflectionClass(WishStep::class))->newInstanceWithoutConstructor()],
        Gap::between(new Lab(50 + $apart / 2, 0, 0), new Lab(50 - $apart / 2, 0, 0)),
    );
    expect($way->says()->key)->toBe("why.way.{$key}")->and($way->says()->values['seen'])->toBe($seen)
        ->and($way->cost(Fraction::of(2))->minus($way->gap->seen)->decimal(0))->toBe('2');
})->with([[2.86, 'same', '2.9'], [3, 'same', '3'], [3.06, 'near', '3.1'], [8, 'near', '8'], [8.06, 'off', '8.1']]);

it('takes a past visit for good only where nothing was said against it', function (
    bool $liked,
    ?bool $lasting,
    ?bool $covering,
    ?bool $bright,
    ?bool $greyShown,
    string $words,
    array $judged,
) {
    $grams = Grams::ofCentigrams(6_000);
    $use = PastUse::judged($grams, $grams, $grams, $liked, $lasting, $covering, $bright, $words, $greyShown);
    expect([$use->good, $use->fadedOrGrey])->toBe($judged);
})->with([
    'liked, and nothing else said' => [true, null, null, null, null, '', [true, false]],
    'liked, and all well' => [true, true, true, true, false, '', [true, false]],
    'not liked' => [false, true, true, true, false, '', [false, false]],
    'did not last' => [true, false, true, true, null, '', [false, true]],
    'did not cover' => [true, true, false, true, null, '', [false, true]],
    'not bright' => [true, true, true, false, null, '', [false, false]],
    'grey showed' => [true, null, null, null, true, '', [false, true]],
    'faded, in words' => [true, null, null, null, null, 'faded by week three', [true, true]],
    'no fading, in words' => [true, null, null, null, null, 'no fading at all', [true, false]],
]);

it('says whether a step less would have done', function (int $used, bool $left) {
    // 60 g of colour in 150 g mixed; 50 g of colour would have been 125 g.
    $use = new PastUse(
        Grams::ofCentigrams(6_000),
        Grams::ofCentigrams(15_000),
        Grams::ofCentigrams($used),
        good: true,
        fadedOrGrey: false,
    );
    expect($use->leftAtLeast(Grams::ofCentigrams(1_000)))->toBe($left)
        ->and($use->leftAtLeast(Grams::ofCentigrams(6_000)))->toBeFalse();
})->with([[12_500, true], [12_501, false]]);

it('says nothing of less where there was no colour', function () {
    $use = new PastUse(Grams::zero(), Grams::ofCentigrams(10_000), Grams::zero(), good: true, fadedOrGrey: false);
    expect($use->leftAtLeast(Grams::zero()))->toBeFalse();
});

/** @param  array<string, mixed>  $more */
function zoneRead(array $more): ZoneReading
{
    $zone = ReadCanvas::from(
        ['zones' => [$more + ['id' => 'z', 'name' => 'Zone', 'spans' => ['mids'], 'level' => '6.35']]],
    )->zones[0];
    expect($zone)->toBeInstanceOf(CanvasZone::class);

    return ZoneReading::of($zone, HouseRules::standard());
}

/** @return list<string> the last part of each key, in order */
function lastParts(ZoneReading $reading): array
{
    return array_map(static fn (Fact $fact): string => substr($fact->key, strrpos($fact->key, '.') + 1), $reading->lines);
}

it('reads a zone line by line', function (array $zone, string $headline, array $lines) {
    $read = zoneRead($zone);
    expect($read->headline->key)->toBe("why.zone-reading.{$headline}")->and(lastParts($read))->toBe($lines);
})->with([
    'a tone only' => [
        ['wish' => ['tone' => ['ash']], 'porosity' => 'high'],
        'tone', ['choose-toner-for-level-as', 'porous-hair-grabs-shorter-or'],
    ],
    'a tone on grey' => [
        ['wish' => ['tone' => ['ash']], 'grey' => 1],
        'tone', ['grey-house-breakpoints', 'so-little-grey-takes-vol', 'choose-toner-for-level-as'],
    ],
    'no grey at all' => [['wish' => ['tone' => ['ash']], 'grey' => 0], 'tone', ['choose-toner-for-level-as']],
    'left out' => [['offLimits' => true], 'leave-out', ['nothing-goes-on-hair']],
    'far down on lightened hair' => [
        ['level' => '9.35', 'history' => 'lightened', 'wish' => ['level' => '6'], 'porosity' => 'high'],
        'fill-then-deeper',
        ['from-levels-down-warm-pigment', 'for-brown-three-parts-gold', 'only-on-hair-that-needs'],
    ],
    'a little down' => [
        ['wish' => ['level' => '5'], 'porosity' => 'high'],
        'deeper', ['hair-was-not-lightened-its', 'porous-hair-grabs-shorter-or'],
    ],
]);

it('says at which level it reads, lifts and lies bare', function () {
    expect(byKey(zoneRead(['wish' => ['tone' => ['ash']]])->lines)['why.zone-reading.choose-toner-for-level-as'])
        ->toBe(['level' => '6.4'])
        ->and(byKey(zoneRead(['wish' => ['level' => '8.65', 'tone' => ['ash']]])->lines))
        ->toMatchArray(['why.zone-reading.at-level-lies-bare' => ['target' => '8.7', 'bare' => 'yellow']])
        ->and(zoneRead(['wish' => ['level' => '8.65']])->headline->values['levels']->values)->toBe(['levels' => '2.3']);
});

it('names the tint that another tint does not lift, in words', function () {
    $caution = zoneRead(['history' => 'coloured', 'wish' => ['level' => '9']])->cautions[0];
    expect($caution->key)->toBe('tint-on-tint')
        ->and($caution->fact->values['value'])->toBe('coloured');
});

it('goes a strength down near the scalp and a strength up in open air, along the shelf’s strengths', function (
    int $volume,
    ?int $down,
    ?int $up,
) {
    $process = static fn (array $how): \Core\Judgement\Process => laidOn(LineKind::Lightener, $volume, $how);
    $rules = Schools::read(['open-air' => 'strength-up']);
    expect(StrengthAdvice::for($process(['onScalp' => true]), $rules)?->values['lower'] ?? null)->toBe($down)
        ->and(StrengthAdvice::for($process(['technique' => Technique::OpenAir]), $rules)?->values['each'] ?? null)
        ->toBe($up)
        ->and(StrengthAdvice::for($process([]), $rules))->toBeNull()
        ->and(StrengthAdvice::for(laidOn(LineKind::Demi, $volume, ['onScalp' => true]), $rules))->toBeNull()
        ->and(StrengthAdvice::for($process(['strength' => null, 'onScalp' => true]), $rules))->toBeNull();
})->with([[5, null, 6], [6, null, 10], [7, 6, 10], [10, 6, 20], [20, 10, 30], [30, 20, 40], [40, 30, null]]);

it('takes the middle of what the house took, told with its least and most', function () {
    $grams = static fn (int ...$each): array => array_map(
        static fn (int $one): Grams => Grams::ofCentigrams($one * 100),
        $each,
    );
    $few = (int) \Core\Practice\Number::HouseLeast->value()->decimal(0);
    $used = [70, 30, 50, 90, 40, 60, 80, ...array_fill(0, max(0, $few - 7), 60)];
    $house = AmountAdvice::fromHouse($grams(...$used));
    $middle = $house?->least->text();
    expect($house?->fromHistory)->toBeTrue()->and($house->ofColour)->toBeFalse()->and($middle)->toBe('60 g')
        ->and($house->why[0]->values)
        ->toBe(['count' => count($used), 'least' => '30 g', 'most' => '90 g', 'middle' => '60 g'])
        ->and(AmountAdvice::fromHouse($grams(...array_slice($used, 0, $few - 1))))->toBeNull();
});
