<?php

declare(strict_types=1);

use Core\Codec\ReadCanvas;
use Core\Formula\BowlSheet;
use Core\Hair\Canvas;
use Core\Hair\Coverage;
use Core\Judgement\Caution;
use Core\Judgement\JudgeBowl;
use Core\Judgement\Learnt;
use Core\Judgement\Observed;
use Core\Practice\HouseRules;
use Core\Service\MapCautions;
use Core\Service\Outlook;
use Core\Service\PlacedAmount;
use Core\Service\PlacedBowl;
use Core\Service\SuggestBowls;
use Core\Service\SuggestedBowl;
use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;

function placed(BowlSheet $sheet, int $round = 0): PlacedBowl
{
    $shelf = Ladder::shelf();
    $worked = $sheet->work(HouseRules::standard()->step);

    return new PlacedBowl(
        $round,
        $sheet,
        $shelf->line($sheet->line),
        JudgeBowl::worked($worked, HouseRules::standard())?->asPigment(),
        $worked->developerStrength(),
        $sheet->strokes,
    );
}

function lightener(
    string $volume = 'd20',
    array $place = [['regions' => [], 'spans' => ['mids', 'ends'], 'method' => 'fine-foils']],
): PlacedBowl {
    return placed(Ladder::bowl(
        ['powder' => 'all'],
        [$volume => 'all'],
        ['letter' => 'L', 'line' => 'L', 'ratio' => '1:2', 'place' => $place, 'minutes' => 35],
    ));
}

function readHead(array ...$zones): Canvas
{
    return ReadCanvas::from(['zones' => array_map(
        static fn (int $at, array $zone): array => $zone + ['id' => "z{$at}", 'name' => "Zone {$at}"],
        array_keys($zones),
        $zones,
    )]);
}

it('follows a zone through the rounds', function () {
    $zone = readHead([
        'spans' => ['mids', 'ends'],
        'level' => '5',
        'wish' => ['level' => '8', 'tone' => ['gold']],
    ])->zones[0];
    $gloss = placed(
        Ladder::bowl(
            ['8G' => '1', 'clear' => '1'],
            ['d10' => 'all'],
            ['letter' => 'G', 'place' => [['regions' => [], 'spans' => ['mids', 'ends'], 'method' => 'gloss']]],
        ),
        1,
    );
    $outlook = Outlook::of($zone, [lightener(), $gloss]);
    expect(array_column($outlook->steps(), 'letter'))->toBe(['L', 'G'])
        ->and($outlook->steps()[0]['expected']->lifted->compare(Fraction::of(8)))->toBeGreaterThanOrEqual(0)
        // What is toned starts from what was reached, not from what was there.
        ->and($outlook->steps()[1]['expected']->lifted->equals($outlook->steps()[0]['expected']->level))->toBeTrue()
        ->and($outlook->last())->toBe($outlook->steps()[1]['expected']);
});

it('takes no part in what does not touch it', function () {
    $zone = readHead(['spans' => ['root'], 'level' => '5'])->zones[0];
    expect(Outlook::of($zone, [lightener()])->steps())->toBe([])
        ->and(Outlook::of($zone, [lightener()])->verdict())->toBe('');
});

it('leaves test strands and shields out of it', function () {
    $zone = readHead(['spans' => ['mids'], 'level' => '5'])->zones[0];
    $strand = placed(Ladder::bowl(more: ['purpose' => 'trial', 'place' => [['regions' => [], 'spans' => ['mids']]]]));
    expect(Outlook::of($zone, [$strand])->steps())->toBe([]);
});

it('moves from the table towards what this client’s hair really did', function () {
    $zone = readHead(['spans' => ['mids', 'ends'], 'level' => '5'])->zones[0];
    // The table says five levels; this hair lifted one and a half.
    $seen = new Observed(LineKind::Lightener, 'L', Fraction::of(5), Fraction::of(3, 2), alike: 'lengths-natural');
    $lifted = static fn (int $visits): Fraction => Outlook::of(
        $zone,
        [lightener()],
        new Learnt(array_fill(0, $visits, $seen)),
    )->last()->lifted ?? Fraction::zero();
    $last = $lifted(0);
    foreach ([1, 2, 5, 20] as $visits) {
        $now = $lifted($visits);
        expect($now->compare($last))->toBeLessThan(0)->and($now->compare(Fraction::of(13, 2)))->toBeGreaterThan(0);
        $last = $now;
    }
    // Twenty visits outweigh any table.
    expect((float) $last->decimal(2))->toEqualWithDelta(6.5, 0.4)
        ->and(Outlook::of($zone, [lightener()], new Learnt([$seen]))->last()?->calibrated)->toBeTrue()
        ->and(Outlook::of($zone, [lightener()])->last()?->calibrated)->toBeFalse();
});

it('lifts no more with less strength', function () {
    $zone = readHead(['spans' => ['mids', 'ends'], 'level' => '4'])->zones[0];
    $last = Fraction::zero();
    foreach (['d10', 'd20', 'd30', 'd40'] as $volume) {
        $now = Outlook::of($zone, [lightener($volume)])->last()?->lifted ?? Fraction::zero();
        expect($now->compare($last))->toBeGreaterThanOrEqual(0);
        $last = $now;
    }
});

it('fires where one strength goes over dark and over lightened hair', function (
    string $volume,
    array $second,
    array $keys,
) {
    $canvas = readHead(['spans' => ['mids'], 'level' => '5'], $second + ['spans' => ['ends'], 'level' => '9']);
    $found = MapCautions::of($canvas, Coverage::of([], []), [lightener($volume)]);
    expect(array_map(static fn (Caution $caution): string => $caution->key, $found))->toBe($keys);
})->with([
    '20 vol on both' => ['d20', ['history' => 'lightened'], ['dark-strength-on-light']],
    '10 vol on both' => ['d10', ['history' => 'lightened'], []],
    'nothing lightened' => ['d20', ['history' => 'coloured'], []],
]);

it('says 40 vol on the scalp and lightener over lightened hair', function () {
    $zone = readHead(['spans' => ['root'], 'level' => '5'])->zones[0];
    $scalp = Outlook::of($zone, [lightener('d40', [['regions' => [], 'spans' => ['root']]])]);
    $foil = Outlook::of($zone, [lightener('d40', [['regions' => [], 'spans' => ['root'], 'method' => 'fine-foils']])]);
    $again = Outlook::of(
        readHead(['spans' => ['mids'], 'level' => '9', 'history' => 'lightened'])->zones[0],
        [lightener()],
    );
    $keys = static fn (Outlook $outlook): array => array_map(
        static fn (Caution $caution): string => $caution->key,
        $outlook->cautions(),
    );
    expect($keys($scalp))->toContain('strong-on-scalp')
        ->and($keys($foil))->not->toContain('strong-on-scalp')
        ->and($keys($again))->toContain('overlap');
});

// Starting points for an average head (common practice and our own model).
it('works out what the painted places take', function (array $place, string $least, string $most, array $zone = []) {
    $amount = PlacedAmount::of(
        placed(Ladder::bowl(more: ['place' => $place])),
        readHead($zone + ['spans' => ['root']]),
    );
    expect([$amount?->least->text(), $amount?->most->text()])->toBe([$least, $most]);
})->with([
    // 60 g of colour at 1:1.5 is 150 g.
    'a whole regrowth' => [
        [['regions' => [], 'spans' => ['root', 'regrowth'], 'method' => 'root-touch-up']],
        '150 g',
        '150 g',
    ],
    'a whole regrowth of 3 cm' => [
        [['regions' => [], 'spans' => ['root', 'regrowth']]],
        '225 g',
        '225 g',
        ['regrowth' => '3'],
    ],
    'on thick hair' => [[['regions' => [], 'spans' => ['root']]], '210 g', '210 g', ['density' => 'thick']],
    'resistant grey' => [[['regions' => [], 'spans' => ['root']]], '180 g', '180 g', ['resistant' => true]],
    'the top only' => [[['regions' => ['top'], 'spans' => ['root']]], '21 g', '21 g'],
    'a whole head' => [[['regions' => [], 'spans' => [], 'method' => 'global']], '225 g', '300 g'],
    'mids and ends, long' => [
        [['regions' => [], 'spans' => ['mids', 'ends']]],
        '237 g',
        '315 g',
        ['length' => 'mid-back'],
    ],
    'a root shadow' => [[['regions' => [], 'spans' => ['root'], 'method' => 'root-shadow']], '30 g', '45 g'],
    'thirty foils' => [
        [['regions' => ['top'], 'spans' => ['mids'], 'method' => 'chunky-foils', 'foils' => 30]],
        '75 g',
        '105 g',
    ],
    'foils counted by their groups' => [
        [['regions' => ['top'], 'spans' => ['mids'], 'method' => 'fine-foils', 'pattern' => '5, gap, 5']],
        '25 g',
        '35 g',
    ],
]);

it('takes more for more of the head, and nothing for nothing', function () {
    expect(PlacedAmount::of(placed(Ladder::bowl(more: ['place' => []])), readHead(['spans' => ['root']])))->toBeNull();
    $last = 0;
    $regions = [];
    foreach (['hairline', 'fringe', 'top', 'crown', 'left', 'right', 'back', 'nape', 'underlayer'] as $region) {
        $regions[] = $region;
        $now = PlacedAmount::of(
            placed(Ladder::bowl(more: ['place' => [['regions' => $regions, 'spans' => ['root']]]])),
            readHead(['spans' => ['root']]),
        )->most->centigrams ?? 0;
        expect($now)->toBeGreaterThan($last);
        $last = $now;
    }
    expect($last)->toBe(15_000);
});

/** @return list<SuggestedBowl> */
function suggested(Canvas $canvas, PlacedBowl ...$bowls): array
{
    return SuggestBowls::for(
        $canvas,
        array_map(static fn ($zone): Outlook => Outlook::of($zone, $bowls), $canvas->zones),
        $bowls,
        Ladder::shelf(),
        HouseRules::standard(),
    );
}

it('suggests the filler that lightened hair needs, until there is one', function () {
    $canvas = readHead([
        'spans' => ['ends'],
        'level' => '9',
        'history' => 'lightened',
        'wish' => ['level' => '6', 'tone' => ['brown']],
    ]);
    [$fill] = suggested($canvas);
    // Three parts gold to one of copper for a brown (common practice, no source).
    expect($fill->first)->toBeTrue()
        ->and($fill->bowl['parts'][0]['ingredients'])
        ->toBe([['product' => 'd6G', 'share' => '3'], ['product' => 'd6C', 'share' => '1']])
        ->and($fill->bowl['minutes'])->toBe(20)
        ->and($fill->bowl['place'][0])->toMatchArray(['spans' => ['ends'], 'method' => 'filler']);
    $taken = Core\Codec\ReadBowl::from(['letter' => 'F'] + $fill->bowl, Ladder::shelf());
    expect($taken->work(HouseRules::standard()->step)->total()->text())->toBe('60 g')
        ->and(suggested($canvas, placed($taken)))->toBe([]);
});

it('suggests a toner for the level reached, not the level hoped for', function () {
    $canvas = readHead(['spans' => ['mids', 'ends'], 'level' => '3', 'wish' => ['level' => '9', 'tone' => ['ash']]]);
    $lifting = lightener();
    $reached = Outlook::of($canvas->zones[0], [$lifting])->last()?->lifted;
    [$tone] = suggested($canvas, $lifting);
    expect($tone->key)->toBe('tone-z0')
        ->and($tone->first)->toBeFalse()
        ->and(said($tone->why[0]))->toContain("reached {$reached?->decimal(1)}")
        ->and($tone->bowl['hair'])->toBe('damp');
    $toner = placed(Core\Codec\ReadBowl::from(['letter' => 'T'] + $tone->bowl, Ladder::shelf()), 1);
    expect(suggested($canvas, $lifting, $toner))->toBe([]);
});

it('asks for natural where grey is to be covered and the bowl has too little', function (array $colour, array $keys) {
    $canvas = readHead([
        'spans' => ['root'],
        'level' => '6',
        'grey' => 60,
        'wish' => ['level' => '6', 'tone' => ['gold']],
    ]);
    expect(array_map(
        static fn (SuggestedBowl $each): string => $each->key,
        suggested($canvas, placed(Ladder::bowl($colour))),
    ))->toBe($keys);
})->with([
    'all gold' => [['6G' => '1'], ['grey-z0-A']],
    'half natural' => [['6G' => '1', '6N' => '1'], []],
    'a third' => [['6G' => '2', '6N' => '1'], ['grey-z0-A']],
]);

it('asks for wide sections where two bowls of a pattern lie close', function (
    string $other,
    string $width,
    array $keys,
) {
    $stroke = [
        'regions' => ['top'],
        'spans' => ['mids'],
        'method' => 'slice-foils',
        'pattern' => 'alternate',
        'with' => ['B'],
        'width' => $width,
    ];
    $bowls = [
        placed(Ladder::bowl(['6N' => '1'], more: ['place' => [$stroke]])),
        placed(Ladder::bowl([$other => '1'], more: ['letter' => 'B', 'place' => []])),
    ];
    expect(array_map(
        static fn (Caution $caution): string => $caution->key,
        MapCautions::of(new Canvas, Coverage::of([], []), $bowls),
    ))->toBe($keys);
})->with(
    [
        ['7N', 'narrow', ['low-contrast']],
        ['7N', 'wide at the back', []],
        ['8N', 'narrow', []],
        ['6G', '', ['low-contrast']],
    ],
);
