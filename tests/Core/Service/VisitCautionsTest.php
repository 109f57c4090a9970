<?php

declare(strict_types=1);

use Core\Hair\Canvas;
use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Service\PlacedBowl;
use Core\Service\VisitPicture;
use Tests\Core\Record\Ladder;

/*
 * Which cautions stand over a visit (common practice, no source): each where it is true, once, worst first.
 */

/** @return array<string, list<string>> the zones of each caution, by its key, worst first */
function warned(Canvas $canvas, PlacedBowl ...$bowls): array
{
    $picture = VisitPicture::of(
        $canvas,
        PlacedBowl::sharing($bowls),
        new Core\Judgement\Learnt,
        Ladder::shelf(),
        HouseRules::standard(),
    );

    return array_combine(
        array_map(static fn (Caution $caution): string => $caution->key, $picture->cautions),
        array_map(static fn (Caution $caution): array => $caution->zones, $picture->cautions),
    );
}

function tintBowl(string $letter, string $developer, array $place, array $more = []): PlacedBowl
{
    return inRound(
        0,
        Ladder::bowl(
            ['6N' => 'all'],
            [$developer => 'all'],
            ['letter' => $letter, 'line' => 'P', 'place' => [$place], 'minutes' => 35] + $more,
        ),
    );
}

it('says the same of two zones once, with both their names', function () {
    $canvas = canvasOf(
        ['level' => '9', 'history' => 'lightened', 'regions' => ['top']],
        ['level' => '9', 'history' => 'lightened', 'regions' => ['back']],
    );
    expect(
        warned($canvas, tintBowl('A', 'd20', ['spans' => ['mids', 'ends']]))['strong-on-light'],
    )->toBe(['Zone 0', 'Zone 1']);
});

it('does not warn of 20 vol where grey is advised to have it, nor over virgin hair beside lightened', function () {
    $grey = canvasOf(
        ['level' => '6', 'grey' => 60, 'spans' => ['root'], 'wish' => ['level' => '6', 'tone' => ['natural']]],
        ['level' => '9', 'history' => 'lightened'],
    );
    $root = tintBowl('A', 'd20', ['spans' => ['root']]);
    expect(warned($grey, $root))->not->toHaveKey('strong-on-light')->not->toHaveKey('dark-strength-on-light')
        // The same bowl drawn over the lengths is another matter.
        ->and(
            warned($grey, tintBowl('A', 'd20', ['spans' => ['root', 'mids', 'ends']]))['strong-on-light'],
        )->toBe(['Zone 1']);
});

it('asks for no lightener where one is planned', function () {
    $canvas = canvasOf(['level' => '5', 'history' => 'coloured', 'wish' => ['level' => '8', 'tone' => ['beige']]]);
    expect(warned($canvas))->toHaveKey('tint-on-tint')
        ->and(warned($canvas, powder(0)))->not->toHaveKey('tint-on-tint');
});

it('speaks of one pass from scalp to ends only where something lifts', function () {
    $pass = ['spans' => ['root', 'regrowth', 'mids', 'ends'], 'method' => 'global'];
    $virgin = canvasOf(['level' => '5', 'spans' => ['root', 'mids', 'ends']]);
    $tinted = canvasOf(['level' => '5', 'history' => 'coloured', 'spans' => ['root', 'mids', 'ends']]);
    expect(warned($virgin, tintBowl('A', 'd30', $pass)))->toHaveKey('hot-roots')
        ->and(warned($tinted, tintBowl('A', 'd30', $pass)))->not->toHaveKey('hot-roots');
});

it('warns of 40 vol painted by hand from the scalp, and not where the scalp is left', function () {
    $canvas = canvasOf(['level' => '5', 'spans' => ['root', 'mids', 'ends']]);
    $paint = static fn (array $spans): PlacedBowl => inRound(0, Ladder::bowl(['powder' => 'all'], ['d40' => 'all'], [
        'letter' => 'L', 'line' => 'L', 'ratio' => '1:2', 'place' => [['spans' => $spans, 'method' => 'hand-painted']],
    ]));
    expect(array_key_first(warned($canvas, $paint(['root', 'mids', 'ends']))))->toBe('strong-on-scalp')
        ->and(warned($canvas, $paint(['mids', 'ends'])))->not->toHaveKey('strong-on-scalp');
});

it('warns of brown that runs into foils at the rinse, unless something shields them', function () {
    $canvas = canvasOf(['level' => '6']);
    $foils = powder(0, 'A', ['method' => 'fine-foils']);
    $between = inRound(0, Ladder::bowl(['4N' => 'all'], ['d10' => 'all'], [
        'letter' => 'B', 'line' => 'P', 'place' => [['spans' => ['mids', 'ends'], 'method' => 'between-foils']],
    ]));
    $shield = inRound(0, Ladder::bowl(['powder' => 'all'], ['d10' => 'all'], [
        'letter' => 'S', 'line' => 'L', 'purpose' => 'protect', 'place' => [
            ['spans' => ['mids', 'ends'], 'method' => 'protect'],
        ],
    ]));
    expect(warned($canvas, $foils, $between))->toHaveKey('runs-into')
        ->and(warned($canvas, $foils, $between, $shield))->not->toHaveKey('runs-into')
        ->and(warned($canvas, $foils))->not->toHaveKey('runs-into');
});

it('asks no more once somebody has said that it is meant so, and never drops what can hurt', function () {
    $canvas = canvasOf(['level' => '8', 'porosity' => 'high', 'spans' => ['root', 'mids', 'ends']]);
    $place = ['spans' => ['root', 'mids', 'ends'], 'method' => 'global'];
    $asked = warned($canvas, tintBowl('A', 'd40', $place));
    $meant = warned($canvas, tintBowl('A', 'd40', $place, ['meant' => ['hot-roots', 'porous', 'strong-on-scalp']]));
    expect($asked)->toHaveKey('strong-on-scalp')->toHaveKey('porous')
        ->and($meant)->toHaveKey('strong-on-scalp')->not->toHaveKey('porous')->not->toHaveKey('hot-roots');
});

it('puts what hurts before what spoils', function () {
    $canvas = canvasOf(
        [
            'level' => '5',
            'history' => 'unknown',
            'banded' => true,
            'elasticity' => 'gum',
            'spans' => ['root', 'mids', 'ends'],
        ],
    );
    expect(array_slice(array_keys(warned($canvas, tintBowl('A', 'd40', ['spans' => ['root', 'mids', 'ends']]))), 0, 3))
        ->toBe(['gum', 'strong-on-scalp', 'unknown-dye']);
});

it('says where a line meets one on a strand that its maker keeps it from, and not where each has strands of its own', function () {
    $canvas = canvasOf(['level' => '6', 'spans' => ['mids', 'ends']]);
    $root = tintBowl('A', 'd20', ['spans' => ['root', 'regrowth']]);
    $lengths = tintBowl('A', 'd20', ['spans' => ['mids', 'ends']]);
    $said = static function (array $rules, PlacedBowl ...$bowls) use ($canvas): array {
        $picture = VisitPicture::of(
            $canvas,
            PlacedBowl::sharing($bowls),
            new Core\Judgement\Learnt,
            Ladder::shelf([], $rules),
            HouseRules::standard(),
        );

        return array_values(
            array_filter($picture->cautions, static fn (Caution $caution): bool => $caution->key === 'touching'),
        );
    };
    $found = $said(['apart' => ['lightener']], $lengths, powder(1));
    expect($found)
        ->toHaveCount(1)
        ->and($found[0]->fact->values)
        ->toMatchArray(['line' => 'Ladder', 'kind' => 'lightener', 'one' => 'A'])
        ->and($said([], $lengths, powder(1)))->toBe([])
        ->and($said(['apart' => ['demi']], $lengths, powder(1)))->toBe([])
        ->and($said(['apart' => ['lightener']], $root, powder(1)))->toBe([])
        // Of the same line two bowls may meet.
        ->and(
            $said(['apart' => ['permanent']], $lengths, tintBowl('B', 'd10', ['spans' => ['mids', 'ends']])),
        )->toBe([]);
});
