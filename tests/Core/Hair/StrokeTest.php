<?php

declare(strict_types=1);

use Core\Hair\CanvasZone;
use Core\Hair\Cell;
use Core\Hair\Covering;
use Core\Hair\HairHistory;
use Core\Hair\HairState;
use Core\Hair\Method;
use Core\Hair\Pattern;
use Core\Hair\Placement;
use Core\Hair\Porosity;
use Core\Hair\Reach;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Hair\Stroke;
use Core\Hair\Technique;
use Core\Hair\Tones;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;

it('says a place in the trade’s words, in the order of the head and the strand', function (
    array $regions,
    array $spans,
    string $words,
) {
    $placement = Placement::of($regions, $spans);
    expect($placement->words())->toBe($words)
        ->and(Placement::of(array_reverse([...$regions, ...$regions]), array_reverse([...$spans, ...$spans])))
        ->toEqual($placement);
})->with([
    'nothing said' => [[], [], 'all over'],
    'a region' => [[Region::Crown], [], 'crown'],
    'two regions' => [[Region::Crown, Region::Back], [], 'crown and back'],
    'three' => [[Region::Left, Region::Right, Region::Nape], [], 'left side, right side and nape'],
    'a span' => [[], [Span::Root], 'all over, root'],
    'spans that follow' => [[Region::Top], [Span::Root, Span::Regrowth, Span::Mids], 'top, root to mids'],
    'spans with a gap' => [[], [Span::Root, Span::Ends], 'all over, root and ends'],
    'three spans with a gap' => [[], [Span::Root, Span::Regrowth, Span::Ends], 'all over, root, regrowth and ends'],
]);

it('says everything that is known of a stroke, in the order of work', function () {
    $whole = new Stroke(
        placement: Placement::of([Region::Crown, Region::Back], [Span::Root]),
        method: Method::FineFoils,
        pattern: Pattern::parse('2:1'),
        with: ['B'],
        order: 1,
        hands: 'Amara',
        hair: HairState::cases()[0],
        covering: Covering::Foil,
        foils: 24,
        width: 'narrow',
        overlaps: true,
        note: 'mind the cowlick',
        reach: Reach::parse('2 cm'),
    );
    $state = HairState::cases()[0]->value;
    expect($whole->words())->toBe(
        '1. crown and back, root, 0 to 2 cm from the scalp, fine foils 2:1 with B, 24 foils, narrow, '
        ."on {$state} hair, under foil, running over, by Amara, mind the cowlick",
    );
});

it('leaves out what nobody said', function (Stroke $stroke, string $words) {
    expect($stroke->words())->toBe($words);
})->with([
    'only a place' => [new Stroke(Placement::of([], [Span::Ends])), 'all over, ends'],
    'left open' => [new Stroke(Placement::of([], []), covering: Covering::Open), 'all over, left open'],
    'a pattern of no method' => [
        new Stroke(Placement::of([], []), pattern: Pattern::parse('1:1'), with: ['B', 'C']), 'all over, 1:1 with B, C',
    ],
    'a pattern alone' => [new Stroke(Placement::of([], []), pattern: Pattern::parse('2:1')), 'all over, 2:1'],
    'a method alone' => [new Stroke(Placement::of([], []), Method::HandPainted), 'all over, hand-painted, open air'],
    'third in order' => [new Stroke(Placement::of([Region::Fringe], []), order: 3), '3. fringe'],
]);

it('keeps off the skin what lies in a packet or begins away from it', function (
    Stroke $stroke,
    bool $touches,
    bool $onePass,
) {
    expect($stroke->touchesScalp())->toBe($touches)->and($stroke->isOnePass())->toBe($onePass);
})->with([
    'everywhere' => [new Stroke(Placement::of([], [])), true, true],
    'a melt' => [new Stroke(Placement::of([], []), Method::Melt), true, false],
    'mids and ends' => [new Stroke(Placement::of([], [Span::Mids, Span::Ends])), false, false],
    'foils to the root' => [new Stroke(Placement::of([], [Span::Root]), Method::FineFoils), false, false],
    'painted by hand, the root named' => [
        new Stroke(Placement::of([], [Span::Root, Span::Mids]), Method::HandPainted),
        true,
        false,
    ],
    'painted by hand, no span named' => [new Stroke(Placement::of([], []), Method::HandPainted), false, true],
    'between the foils' => [new Stroke(Placement::of([], [Span::Root]), Method::BetweenFoils), true, false],
    'measured from 1 cm' => [new Stroke(Placement::of([], []), reach: Reach::parse('1 to 4 cm')), false, false],
    'measured from the scalp' => [new Stroke(Placement::of([], []), reach: Reach::parse('1 cm')), true, false],
    'measured, all of it' => [new Stroke(Placement::of([], []), reach: Reach::parse('from 0 cm')), true, true],
]);

it('knows of each way of working whether it takes strands, foils, and touches the skin', function (
    string $what,
    array $methods,
) {
    $holds = static fn (Method $method): bool => match ($what) {
        'partial' => $method->isPartial(),
        'foils' => $method->usesFoils(),
        'off the scalp' => $method->keepsOffScalp(),
    };
    expect(array_values(array_filter(Method::cases(), $holds)))->toBe($methods);
})->with([
    ['partial', [
        Method::FineFoils, Method::ChunkyFoils, Method::SliceFoils, Method::BackcombedFoils, Method::HandPainted,
        Method::PaintedUnderFilm, Method::Lowlights, Method::Strand,
    ]],
    ['foils', [
        Method::FineFoils, Method::ChunkyFoils, Method::SliceFoils, Method::BackcombedFoils, Method::Lowlights,
    ]],
    ['off the scalp', [
        Method::FineFoils, Method::ChunkyFoils, Method::SliceFoils, Method::BackcombedFoils, Method::Lowlights,
        Method::Strand,
    ]],
]);

it('keeps everything of a stroke where another bowl leaves it', function () {
    $stroke = new Stroke(
        placement: Placement::of(
            [Region::Top],
            [Span::Root],
        ), method: Method::FineFoils, pattern: Pattern::parse('2:1'),
        with: ['B'], order: 2, hands: 'Ines', covering: Covering::Foil, foils: 12, width: 'wide', overlaps: true,
        note: 'n', reach: Reach::parse('1 cm'),
    );
    $alone = $stroke->withoutBowl('B');
    expect($stroke->withoutBowl('C'))->toBe($stroke)
        ->and($alone->with)->toBe([])->and($alone->pattern)->toBeNull()
        ->and([$alone->order, $alone->hands, $alone->foils, $alone->width, $alone->overlaps, $alone->note])
        ->toBe([2, 'Ines', 12, 'wide', true, 'n'])
        ->and([$alone->covering, $alone->reach, $alone->method])
        ->toBe([Covering::Foil, $stroke->reach, Method::FineFoils]);
    $three = new Stroke(Placement::of([], []), pattern: Pattern::parse('2:1:1'), with: ['B', 'C']);
    expect($three->withoutBowl('B')->with)->toBe(['C'])->and($three->withoutBowl('B')->pattern)->not->toBeNull();
});

it('judges a zone once its level is read, with the wish that is there', function () {
    $unread = new CanvasZone('a', 'Front', Placement::of([Region::Fringe], [Span::Root, Span::Mids]));
    $read = new CanvasZone(
        id: 'a', name: 'Front', placement: Placement::of([Region::Fringe], [Span::Mids, Span::Ends]),
        level: Fraction::of(6), porosity: Porosity::High, history: HairHistory::Lightened, banded: true,
        wishLevel: Fraction::of(8), wishTone: new Tones([ToneFamily::Gold]),
    );
    expect($unread->judged())->toBeNull()->and($unread->hasWish())->toBeFalse()
        ->and(array_map(static fn (Cell $cell): string => $cell->key(), $unread->cells()))
        ->toBe(['fringe/root', 'fringe/mids'])
        ->and(count((new CanvasZone('b', 'All', Placement::of([], [])))->cells()))->toBe(count(Cell::all()));
    $zone = $read->judged(damp: true);
    expect(
        [$zone?->level->decimal(1), $zone?->wishLevel?->decimal(1), $zone?->wishTone?->words()],
    )->toBe(['6', '8', 'gold'])
        ->and([$zone?->span, $zone?->porosity, $zone?->history, $zone?->damp, $zone?->banded])
        ->toBe([Span::Mids, Porosity::High, HairHistory::Lightened, true, true])
        ->and(
            (new CanvasZone('c', 'C', Placement::of([], []), wishTone: new Tones([ToneFamily::Ash])))->hasWish(),
        )->toBeTrue()
        ->and((new CanvasZone('d', 'D', Placement::of([], []), wishLevel: Fraction::of(5)))->hasWish())->toBeTrue();
});

it('lifts less in the open air', function () {
    // Our own model: open air gets no heat.
    expect(Technique::OpenAir->liftFactor()->compare(Fraction::one()))->toBeLessThan(0)
        ->and(Technique::Foil->liftFactor()->equals(Fraction::one()))->toBeTrue()
        ->and(Technique::Covered->liftFactor()->equals(Fraction::one()))->toBeTrue();
});
