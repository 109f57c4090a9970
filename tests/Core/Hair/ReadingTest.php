<?php

declare(strict_types=1);

use Core\Advice\ZoneReading;
use Core\Codec\ReadCanvas;
use Core\Hair\Canvas;
use Core\Hair\Cell;
use Core\Hair\Density;
use Core\Hair\Direction;
use Core\Hair\Length;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Hair\Tones;
use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** @param  array<string, mixed>  ...$zones */
function headOf(array ...$zones): Canvas
{
    return ReadCanvas::from(['zones' => array_map(
        static fn (int $at, array $zone): array => $zone + ['id' => "z{$at}", 'name' => "Zone {$at}"],
        array_keys($zones),
        $zones,
    )]);
}

function readingOf(array $zone, ?HouseRules $rules = null): ZoneReading
{
    return ZoneReading::of(headOf($zone)->zones[0], $rules ?? HouseRules::standard());
}

/** @return list<string> */
function cautionKeys(ZoneReading $reading): array
{
    return array_map(static fn (Caution $caution): string => $caution->key, $reading->cautions);
}

it('says which way a wish goes and how far', function (array $zone, Direction $direction, string $headline) {
    $reading = readingOf($zone);
    expect($reading->direction)->toBe($direction)->and(said($reading->headline))->toBe($headline);
})->with([
    'not read' => [['wish' => ['level' => '8']], Direction::Unread, 'Read its level'],
    'nothing wished' => [['level' => '6'], Direction::Leave, 'Nothing wished'],
    'left out, whatever is wished' => [
        ['level' => '6', 'offLimits' => true, 'wish' => ['level' => '9']],
        Direction::Leave,
        'Leave out',
    ],
    'only a tone' => [
        ['level' => '9', 'wish' => ['tone' => ['pearl', 'beige']]],
        Direction::Tone,
        'Tone to pearl-beige',
    ],
    'at its level' => [['level' => '6', 'wish' => ['level' => '6']], Direction::Tone, 'Deposit at its level'],
    'a quarter is its level' => [
        ['level' => '6', 'wish' => ['level' => '6.25']],
        Direction::Tone,
        'Deposit at its level',
    ],
    'more is lifting' => [['level' => '6', 'wish' => ['level' => '6.3']], Direction::Lift, 'Lift 0.3 levels'],
    'one level' => [['level' => '6', 'wish' => ['level' => '7']], Direction::Lift, 'Lift 1 level'],
    'deeper' => [['level' => '7', 'wish' => ['level' => '5']], Direction::Deepen, '2 levels deeper'],
    'lightened, one deeper' => [
        ['level' => '9', 'history' => 'lightened', 'wish' => ['level' => '8']],
        Direction::Deepen,
        '1 level deeper',
    ],
    'lightened, two deeper' => [
        ['level' => '9', 'history' => 'lightened', 'wish' => ['level' => '7']],
        Direction::Fill,
        'Fill, then 2 levels deeper',
    ],
]);

it('follows the house in where filling begins', function () {
    $zone = ['level' => '9', 'history' => 'lightened', 'wish' => ['level' => '7']];
    expect(readingOf($zone, Schools::read(['fill-from' => '3']))->direction)->toBe(Direction::Deepen);
});

it('says what will lie bare, and whether it is friend or foe of the wish', function (array $tone, string $expected) {
    // Underlying pigment of an 8 is gold, softened by violet-blue (common practice, no source).
    $lines = said(readingOf(['level' => '6', 'wish' => ['level' => '8', 'tone' => $tone]])->lines);
    expect($lines[0])->toBe('At level 8 lies bare: gold.')->and($lines[1])->toContain($expected);
})->with(
    [
        [['gold'], 'this pigment helps'],
        [['copper', 'red'], 'this pigment helps'],
        [['ash'], 'soften, do not erase'],
        [[], 'soften, do not erase'],
    ],
);

it('cautions where the hair or its history asks for it', function (array $zone, array $keys) {
    expect(cautionKeys(readingOf($zone + ['level' => '6', 'wish' => ['level' => '8']])))->toBe($keys);
})->with([
    'nothing' => [[], []],
    'coloured' => [['history' => 'coloured'], ['tint-on-tint']],
    'direct dye' => [['history' => 'direct-dye'], ['tint-on-tint']],
    'lightened' => [['history' => 'lightened'], ['lift-again']],
    'unknown' => [['history' => 'unknown'], ['unknown-dye', 'tint-on-tint']],
    'gum' => [['elasticity' => 'gum', 'breakage' => 'much'], ['gum']],
    'weak' => [['elasticity' => 'weak'], ['weak']],
    'broken' => [['elasticity' => 'good', 'breakage' => 'much'], ['weak']],
    'some breakage is none' => [['breakage' => 'some'], []],
    'guessed, with words' => [['confidence' => 'guessed', 'historyWords' => 'henna once'], ['guessed']],
    'guessed, of nothing' => [['confidence' => 'guessed'], []],
    'told' => [['confidence' => 'told', 'historyWords' => 'henna once'], []],
]);

it('tells of grey, bands and porous hair only where they matter', function () {
    $lines = said(readingOf([
        'level' => '6',
        'grey' => 60,
        'banded' => true,
        'porosity' => 'high',
        'wish' => ['level' => '6'],
    ])->lines);
    expect($lines[0])->toStartWith('60 % grey: 50 % natural')
        ->and($lines)
        ->toContain(
            'A band of another level: its own bowl, or a blending pass.',
            'Porous hair grabs: shorter, or with more clear.',
        )
        ->and(readingOf(['level' => '6', 'grey' => 60])->lines)->toBe([])
        ->and(readingOf(['level' => '6', 'grey' => 0, 'wish' => ['level' => '6']])->lines)->toBe([]);
});

it('wishes for each cell once, never where hair is left out', function () {
    $head = headOf(
        ['regions' => ['top', 'crown'], 'spans' => ['root'], 'level' => '6', 'wish' => ['level' => '7']],
        ['regions' => ['crown'], 'spans' => ['root', 'ends'], 'wish' => ['tone' => ['gold']]],
        ['regions' => ['nape'], 'spans' => ['root'], 'offLimits' => true, 'wish' => ['level' => '7']],
        ['regions' => ['back'], 'spans' => ['root'], 'level' => '5'],
    );
    $keys = static fn (array $cells): array => array_map(static fn (Cell $cell): string => $cell->key(), $cells);
    expect($keys($head->wished()))->toBe(['top/root', 'crown/root', 'crown/ends'])
        ->and($keys($head->offLimits()))->toBe(['nape/root']);
});

it('finds the zone of a place: a part of the head before all of it', function () {
    $head = headOf(
        ['spans' => ['root']],
        ['regions' => ['top'], 'spans' => ['root']],
        ['regions' => ['top', 'crown'], 'spans' => ['root']],
    );
    expect($head->zoneAt(new Cell(Region::Top, Span::Root))?->name)->toBe('Zone 1')
        ->and($head->zoneAt(new Cell(Region::Crown, Span::Root))?->name)->toBe('Zone 2')
        ->and($head->zoneAt(new Cell(Region::Nape, Span::Root))?->name)->toBe('Zone 0')
        ->and($head->zoneAt(new Cell(Region::Nape, Span::Ends)))->toBeNull();
});

it('takes the thickest and the longest that was read', function (array $zones, Density $density, Length $length) {
    $head = headOf(...$zones);
    expect([$head->density(), $head->length()])->toBe([$density, $length]);
})->with([
    'nothing read' => [[[]], Density::Medium, Length::Shoulder],
    'one zone of two' => [[[], ['density' => 'fine', 'length' => 'chin']], Density::Fine, Length::Chin],
    'the most of several' => [
        [
            ['density' => 'fine', 'length' => 'mid-back'],
            ['density' => 'thick', 'length' => 'chin'],
            ['density' => 'medium'],
        ],
        Density::Thick,
        Length::MidBack,
    ],
]);

it('names a mix as an eye would: what makes up most of it, at most two, none that is hardly there', function (
    array $parts,
    string $words,
) {
    $mix = ToneMix::mean(array_map(
        static fn (string $family, int $weight): array => [
            ToneMix::only(ToneFamily::from($family)),
            Fraction::of($weight),
        ],
        array_keys($parts),
        $parts,
    ));
    expect(Tones::seenIn($mix)->words())->toBe($words);
})->with([
    [['gold' => 1], 'gold'],
    [['ash' => 1, 'gold' => 3], 'gold-ash'],
    [['ash' => 10, 'gold' => 31], 'gold'],
    [['ash' => 3, 'gold' => 4, 'copper' => 5], 'copper-gold'],
    [['ash' => 1, 'gold' => 1, 'copper' => 1, 'red' => 1, 'violet' => 1], ''],
]);

it('gives the first tone twice the second', function () {
    $mix = (new Tones([ToneFamily::Copper, ToneFamily::Gold]))->mix();
    expect($mix->share(ToneFamily::Copper)->decimal(3))->toBe('0.667')
        ->and($mix->share(ToneFamily::Gold)->decimal(3))->toBe('0.333')
        ->and((new Tones([]))->mix()->isNone())->toBeTrue();
});
