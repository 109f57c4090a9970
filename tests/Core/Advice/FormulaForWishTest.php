<?php

declare(strict_types=1);

use Core\Advice\FormulaForWish;
use Core\Advice\WayToWish;
use Core\Advice\WishStep;
use Core\Advice\WishStepKind;
use Core\Codec\ReadCanvas;
use Core\Hair\CanvasZone;
use Core\Judgement\ExpectedTone;
use Core\Practice\HouseRules;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;

/*
 * From a wish back to a formula. What the ways keep to is common practice, no source; how near they come is our own
 * model's word.
 */

/** @param  array<string, mixed>  $more */
function wishing(array $more): CanvasZone
{
    return ReadCanvas::from(
        ['zones' => [$more + ['id' => 'z', 'name' => 'Zone', 'spans' => ['mids', 'ends'], 'level' => '6']]],
    )->zones[0];
}

/** @return list<WayToWish> */
function waysTo(CanvasZone $zone): array
{
    return FormulaForWish::of($zone, Ladder::shelf(), HouseRules::standard());
}

/** @return list<string> */
function kinds(WayToWish $way): array
{
    return array_map(static fn (WishStep $step): string => $step->kind->value, $way->steps);
}

it('finds one bowl where one does it, and it is on target', function (string $level, string $tone) {
    $best = waysTo(
        wishing(['level' => $level, 'natural' => $level, 'wish' => ['level' => $level, 'tone' => [$tone]]]),
    )[0];
    expect($best->steps)->toHaveCount(1)
        ->and($best->last()->expected->against)->toBe([ExpectedTone::OnTarget])
        ->and(count($best->last()->colour))->toBeLessThanOrEqual(3);
})->with([['6', 'natural'], ['7', 'gold'], ['6', 'copper'], ['5', 'ash']]);

it('comes no further from the wish than any single shade of the shelf', function () {
    $zone = wishing(
        ['level' => '7', 'history' => 'coloured', 'wish' => ['level' => '6', 'tone' => ['copper', 'gold']]],
    );
    $best = waysTo($zone)[0];
    foreach (['6N', '6G', '6C', '6A', '7C', '7G'] as $code) {
        $sheet = Ladder::bowl(
            [$code => 'all'],
            ['d10' => 'all'],
            ['letter' => 'A', 'line' => 'P', 'place' => [['regions' => [], 'spans' => ['mids', 'ends']]]],
        );
        $rules = HouseRules::standard();
        $bowl = Core\Service\PlacedBowl::of(0, $sheet, Ladder::shelf()->line('P'), $sheet->known($rules->step), $rules);
        $story = Core\Service\Outlook::of($zone, [$bowl])->main();
        expect((float) $best->gap->seen->decimal(2))->toBeLessThanOrEqual(
            (float) $story?->gap()->seen->decimal(2) + 1.5,
        );
    }
});

it('lifts and tones where the wish is light and cool, by the weakest lightener that gets there', function () {
    $ways = waysTo(
        wishing(
            ['level' => '6', 'natural' => '5', 'history' => 'coloured', 'wish' => ['level' => '9', 'tone' => ['ash']]],
        ),
    );
    $lifting = array_values(
        array_filter($ways, static fn (WayToWish $way): bool => $way->steps[0]->kind === WishStepKind::Lift),
    );
    expect(kinds($ways[0]))->toBe(['lift', 'tone'])
        ->and($lifting[0]->steps[0]->strength()?->showVolume())->toBe('10 vol')
        ->and($ways[0]->last()->expected->level->compare(Fraction::of(8)))->toBeGreaterThan(0);
});

it('fills before it colours where lightened hair goes dark', function () {
    $ways = waysTo(
        wishing(['level' => '9', 'history' => 'lightened', 'wish' => ['level' => '6', 'tone' => ['natural']]]),
    );
    expect(kinds($ways[0]))->toBe(['fill', 'colour'])
        ->and(
            array_map(static fn (ExpectedTone $each): string => $each->value, $ways[0]->last()->expected->against),
        )->not->toContain('green');
});

it('has natural and 20 vol for grey', function () {
    $best = waysTo(
        wishing(
            [
                'spans' => ['root'],
                'level' => '6',
                'natural' => '6',
                'grey' => 60,
                'wish' => ['level' => '6', 'tone' => ['gold']],
            ],
        ),
    )[0];
    $step = $best->last();
    $natural = $whole = 0;
    foreach ($step->colour as $each) {
        $weight = $each['share'] === 'all' ? 1 : (int) $each['share'];
        $whole += $weight;
        $natural += $each['product']->pigment?->tone->share(ToneFamily::Natural)->equals(Fraction::one()) === true
            ? $weight
            : 0;
    }
    // Half natural for 60 % grey.
    expect($step->strength()?->showVolume())->toBe('20 vol')->and(2 * $natural)->toBeGreaterThanOrEqual($whole);
});

it('never lifts tint with tint, and keeps 40 vol from the scalp', function () {
    foreach (
        waysTo(
            wishing(['level' => '5', 'history' => 'coloured', 'wish' => ['level' => '7', 'tone' => ['gold']]]),
        ) as $way
    ) {
        expect($way->steps[0]->kind === WishStepKind::Lift || $way->last()->expected->lift->isZero())->toBeTrue();
    }
    foreach (
        waysTo(
            wishing(
                ['spans' => ['root'], 'level' => '4', 'natural' => '4', 'wish' => ['level' => '8', 'tone' => ['gold']]],
            ),
        ) as $way
    ) {
        foreach ($way->steps as $step) {
            expect($step->strength()?->volume->compare(Fraction::of(30)))->toBeLessThanOrEqual(0);
        }
    }
});

it('finds the same whatever the order of the shelf, and nothing where nothing is wished or read', function () {
    $zone = wishing(['level' => '7', 'wish' => ['level' => '6', 'tone' => ['copper']]]);
    $shades = static fn (): array => array_map(
        static fn (WayToWish $way): string => $way->last()->shades(),
        waysTo($zone),
    );
    expect($shades())->toBe($shades())
        ->and(waysTo(wishing([])))->toBe([])
        ->and(waysTo(wishing(['level' => null, 'wish' => ['level' => '7']])))->toBe([])
        ->and(waysTo(wishing(['offLimits' => true, 'wish' => ['level' => '7']])))->toBe([]);
});
