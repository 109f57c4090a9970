<?php

declare(strict_types=1);

use Core\Hair\CanvasZone;
use Core\Hair\Cell;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Service\PlacedBowl;
use Core\Service\Strand;
use Core\Service\StrandKind;
use Core\Service\Strands;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;

// What a kind of strand is called on the screen, and by which key a look at it is kept.

/** A strand of those places, each “region/span”, in the order they are given. */
function strandAt(array $places, StrandKind $kind = StrandKind::Whole, bool $part = true, array $laid = []): Strand
{
    return new Strand($kind, Fraction::one(), $laid, array_map(static function (string $place): Cell {
        [$region, $span] = explode('/', $place);

        return new Cell(Region::from($region), Span::from($span));
    }, $places), $part);
}

/** @return list<array{string, string, string}> what each kind is called, its key and its percent */
function named(CanvasZone $zone, PlacedBowl ...$bowls): array
{
    return array_map(static fn (Strand $strand): array => [
        said($strand->name()), $strand->key(), $strand->share->times(Fraction::of(100))->decimal(1),
    ], Strands::of($zone, $bowls));
}

it('says where a strand grows in as few words as tell it', function (array $places, string $place, string $withSpan) {
    $strand = strandAt($places);
    expect($strand->place())->toBe($place)->and($strand->bySpan()->place())->toBe($withSpan);
})->with([
    'one place' => [['top/root'], 'top', 'root, top'],
    'two regions' => [['left/mids', 'right/mids'], 'left side, right side', 'mids, left side, right side'],
    'three' => [
        ['nape/ends', 'left/ends', 'right/ends'], 'nape, left side and 1 more', 'ends, nape, left side and 1 more',
    ],
    'five' => [
        ['nape/ends', 'top/ends', 'crown/ends', 'left/ends', 'right/ends'],
        'nape, top and 3 more',
        'ends, nape, top and 3 more',
    ],
    'spans in their order along the hair' => [
        ['top/ends', 'top/root', 'top/mids'], 'top', 'root and mids and ends, top',
    ],
    'the whole head' => [
        array_map(static fn (Region $region): string => "{$region->value}/ends", Region::cases()), 'ends', 'ends',
    ],
    'the whole head at two spans' => [
        array_merge(...array_map(
            static fn (Region $region): array => ["{$region->value}/ends", "{$region->value}/mids"],
            Region::cases(),
        )),
        'mids and ends', 'mids and ends',
    ],
    'nowhere' => [[], '', ', '],
]);

it('has the span nearest to the scalp', function (array $places, ?Span $span) {
    expect(strandAt($places)->span())->toBe($span);
})->with([
    [['top/ends', 'top/regrowth', 'left/mids'], Span::Regrowth],
    [['top/ends', 'top/root'], Span::Root],
    [['top/ends'], Span::Ends],
    [[], null],
]);

it('names a kind by what lies on it, and by its place where that is a part of the zone', function () {
    $zone = canvasOf(['level' => '6'])->zones[0];
    expect(named($zone))->toBe([['all of it', 'whole', '100']])
        ->and(named($zone, powder(0, 'L', ['method' => 'fine-foils', 'foils' => 20])))->toBe([
            ['the rest', 'left', '75'],
            ['in L', 'taken L', '25'],
        ])
        ->and(named(
            $zone,
            colourBowl('L', ['method' => 'fine-foils', 'foils' => 20, 'regions' => ['top', 'crown']]),
        ))->toBe([
            // Top and crown are 28 of a head's 100; 20 of 80 foils there are 25/28 of them, at most nine tenths.
            ['hairline, fringe and 5 more', 'whole  hairline, fringe and 5 more', '72'],
            ['in L, top, crown', 'taken L top, crown', '25'],
            ['the rest, top, crown', 'left  top, crown', '3'],
        ]);
});

it('names foils by the bowls that divide the hair, and keeps its look by all of them', function () {
    // More foils in a later round than there is hair without any: they are taken of each alike.
    expect(named(
        canvasOf(['level' => '6'])->zones[0],
        powder(0, 'A', ['method' => 'fine-foils', 'foils' => 60]),
        colourBowl('B', ['method' => 'lowlights', 'foils' => 40], round: 1),
        gloss(2),
    ))->toBe([
        ['in A, B', 'taken ABG', '37.5'],
        ['in A', 'taken AG', '37.5'],
        ['in B', 'taken BG', '12.5'],
        ['the rest', 'left G', '12.5'],
    ]);
});

it('names strands that a pattern deals out by their bowl', function () {
    expect(named(
        canvasOf(['level' => '6'])->zones[0],
        colourBowl('A', ['method' => 'blocks', 'pattern' => '2:1', 'with' => ['B']]),
        colourBowl('B', null),
    ))->toBe([['with A', 'dealt A', '66.7'], ['with B', 'dealt B', '33.3']]);
});

it('is one kind where the same bowl lies in the same way, however many strokes it takes', function () {
    $foils = static fn (string $region): array => [
        'regions' => [$region], 'spans' => ['mids', 'ends'], 'method' => 'fine-foils', 'foils' => 5,
    ];
    $bowl = inRound(0, Ladder::bowl(['powder' => 'all'], ['d20' => 'all'], [
        'letter' => 'L', 'line' => 'L', 'place' => [$foils('left'), $foils('right')],
    ]));
    // Five of 80 foils on 13 hundredths of the head are 5/80 of all of it.
    expect(named(canvasOf(['level' => '6', 'regions' => ['left', 'right']])->zones[0], $bowl))->toBe([
        ['the rest, left side, right side', 'left  left side, right side', '51.9'],
        ['in L, left side, right side', 'taken L left side, right side', '48.1'],
    ]);
});

it('meets a bowl that lies on a strand twice once among its letters', function () {
    $zone = canvasOf(['level' => '6'])->zones[0];
    $twice = colourBowl('C', ['method' => 'global']);
    $laid = array_map(static fn ($stroke): array => ['bowl' => $twice, 'stroke' => $stroke], [
        ...$twice->strokes, ...$twice->strokes,
    ]);
    $other = gloss(1);
    $laid[] = ['bowl' => $other, 'stroke' => $other->strokes[0]];
    $strand = strandAt(['top/mids'], StrandKind::Whole, false, $laid);
    expect($strand->letters())->toBe(['C', 'G'])
        ->and($strand->services())->toHaveCount(3)
        ->and($strand->key())->toBe('whole CG')
        ->and(Strands::of($zone, [$twice, $other])[0]->key())->toBe('whole CG');
    $foils = powder(0, 'L');
    $taken = ['bowl' => $foils, 'stroke' => $foils->strokes[0]];
    expect(said(strandAt(['top/mids'], StrandKind::Taken, false, [$taken, ...$laid, $taken])->name()))->toBe('in L');
});

it('is shielded in the round in which something shields it', function () {
    $shield = inRound(1, Ladder::bowl(['powder' => 'all'], ['d10' => 'all'], [
        'letter' => 'S', 'line' => 'L', 'purpose' => 'protect',
        'place' => [['regions' => [], 'spans' => ['ends'], 'method' => 'protect']],
    ]));
    $colour = colourBowl('C', ['method' => 'global'], round: 0);
    $strand = strandAt(['top/ends'], StrandKind::Whole, false, array_map(
        static fn (PlacedBowl $bowl): array => ['bowl' => $bowl, 'stroke' => $bowl->strokes[0]],
        [$colour, $shield],
    ));
    expect($strand->isShielded(1))->toBeTrue()
        ->and($strand->isShielded(0))->toBeFalse()
        ->and($strand->letters())->toBe(['C']);
});
