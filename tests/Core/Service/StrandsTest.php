<?php

declare(strict_types=1);

use Core\Hair\CanvasZone;
use Core\Service\Outlook;
use Core\Service\Strand;
use Core\Service\Strands;
use Core\Service\StrandStory;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;

/*
 * How foils and patterns divide a head: the shares of a pattern are common practice, no source; how much a foil or a
 * weave takes is our own model.
 */

/** @return list<string> kind, percent and letters of each kind of strand */
function shown(CanvasZone $zone, Core\Service\PlacedBowl ...$bowls): array
{
    return array_map(static fn (Strand $strand): string => implode(' ', array_filter([
        $strand->kind->value,
        $strand->share->times(Fraction::of(100))->decimal(1),
        implode('', $strand->letters()),
    ], static fn (string $each): bool => $each !== '')), Strands::of($zone, $bowls));
}

/** @param  ?array<string, mixed>  $stroke  null for a bowl that only takes part in another's pattern */
function colourBowl(
    string $letter,
    ?array $stroke,
    array $colour = ['6N' => 'all'],
    int $round = 0,
): Core\Service\PlacedBowl {
    return inRound($round, Ladder::bowl($colour, ['d10' => 'all'], [
        'letter' => $letter,
        'line' => 'P',
        'place' => $stroke === null ? [] : [$stroke + ['regions' => [], 'spans' => ['mids', 'ends']]],
    ]));
}

$zone = static fn (array $more = []): CanvasZone => canvasOf($more + ['level' => '6'])->zones[0];

it('leaves hair whole where nothing divides it', function () use ($zone) {
    expect(shown($zone()))->toBe(['whole 100'])
        ->and(shown($zone(), colourBowl('A', ['method' => 'global']), gloss(1)))->toBe(['whole 100 AG']);
});

it('takes counted foils and leaves the rest', function () use ($zone) {
    // One foil takes an eightieth of the head: 40 foils half of it.
    expect(shown($zone(), powder(0, 'L', ['method' => 'fine-foils', 'foils' => 20])))->toBe(['left 75', 'taken 25 L'])
        ->and(
            shown($zone(), powder(0, 'L', ['method' => 'fine-foils', 'foils' => 400])),
        )->toBe(['taken 90 L', 'left 10'])
        ->and(shown($zone(), powder(0, 'L', ['method' => 'fine-foils'])))->toBe(['taken 50 L', 'left 50']);
});

it('puts what goes between the foils on what they leave, and what goes over all on all', function () use ($zone) {
    expect(shown(
        $zone(),
        powder(0, 'A', ['method' => 'fine-foils', 'foils' => 16]),
        colourBowl('B', ['method' => 'lowlights', 'foils' => 8]),
        colourBowl('C', ['method' => 'between-foils']),
        gloss(1),
    ))->toBe(['between 70 CG', 'taken 20 AG', 'taken 10 BG']);
});

it('lays nothing on hair that is closed up in foils, and all of it where colour went on before them', function () use ($zone) {
    $foils = ['method' => 'fine-foils', 'foils' => 20];
    $colour = static fn (array $more = []): Core\Service\PlacedBowl => colourBowl('C', ['method' => 'global'] + $more);
    expect(shown($zone(), $colour(), powder(0, 'L', $foils)))->toBe(['left 75 C', 'taken 25 L'])
        ->and(shown($zone(), powder(0, 'L', $foils), $colour()))->toBe(['left 75 C', 'taken 25 L'])
        ->and(
            shown($zone(), $colour(['order' => 1]), powder(0, 'L', ['order' => 2] + $foils)),
        )->toBe(['left 75 C', 'taken 25 CL'])
        ->and(
            shown($zone(), $colour(['order' => 2]), powder(0, 'L', ['order' => 1] + $foils)),
        )->toBe(['left 75 C', 'taken 25 L'])
        // A gloss, what goes on damp hair, and what is to run over come when the foils are out.
        ->and(shown($zone(), powder(0, 'L', $foils), gloss(0)))->toBe(['left 75 G', 'taken 25 LG'])
        ->and(shown($zone(), powder(0, 'L', $foils), $colour(['hair' => 'damp'])))->toBe(['left 75 C', 'taken 25 LC'])
        ->and(shown($zone(), powder(0, 'L', $foils), $colour(['overlaps' => true])))->toBe(['left 75 C', 'taken 25 LC'])
        // Paint in the open air is no foil, and a film is one.
        ->and(
            shown($zone(), powder(0, 'L', ['method' => 'hand-painted']), $colour()),
        )->toBe(['taken 50 LC', 'left 50 C'])
        ->and(
            shown($zone(), powder(0, 'L', ['method' => 'painted-film']), $colour()),
        )->toBe(['taken 50 L', 'left 50 C']);
});

it('lays nothing on what is shielded in that round, but what is taken through at its end', function () use ($zone) {
    $shield = inRound(0, Ladder::bowl(['powder' => 'all'], ['d10' => 'all'], [
        'letter' => 'S', 'line' => 'L', 'purpose' => 'protect', 'place' => [
            ['regions' => [], 'spans' => ['ends'], 'method' => 'protect'],
        ],
    ]));
    $all = $zone(['spans' => ['mids', 'ends']]);
    // The shield lies on the ends: three of the seven tenths that mids and ends are.
    expect(shown($all, colourBowl('C', ['method' => 'global']), $shield))->toBe(['whole 57.1 C', 'whole 42.9'])
        ->and(
            shown($all, $shield, colourBowl('C', ['method' => 'global'], round: 1)),
        )->toBe(['whole 57.1 C', 'whole 42.9 C'])
        ->and(
            shown($all, $shield, colourBowl('C', ['method' => 'between-foils'])),
        )->toBe(['between 28.6 C', 'left 28.6', 'between 21.4', 'left 21.4']);
});

it('takes what goes between foils for all the hair where none are, and for half where nobody has placed any', function () use ($zone) {
    $between = colourBowl('B', ['method' => 'between-foils']);
    expect(shown($zone(), $between))->toBe(['between 50 B', 'left 50'])
        ->and(
            shown(
                $zone(['regions' => ['nape']]),
                colourBowl('L', ['regions' => ['top'], 'method' => 'fine-foils', 'foils' => 12]),
                $between,
            ),
        )->toBe(['whole 100 B']);
});

it('deals out the hair as the pattern says', function (string $pattern, array $with, array $shown) use ($zone) {
    $bowls = [colourBowl('A', ['method' => 'blocks', 'pattern' => $pattern, 'with' => $with])];
    foreach ($with as $letter) {
        $bowls[] = colourBowl($letter, null, ['8N' => 'all']);
    }
    expect(shown($zone(), ...$bowls))->toBe($shown);
})->with([
    'every other section' => ['alternate', ['B'], ['dealt 50 A', 'dealt 50 B']],
    'two to one' => ['2:1', ['B'], ['dealt 66.7 A', 'dealt 33.3 B']],
    'three toners' => ['1:1:1', ['B', 'C'], ['dealt 33.3 A', 'dealt 33.3 B', 'dealt 33.3 C']],
    'high, low, high' => ['high, low, high', ['B'], ['dealt 66.7 A', 'dealt 33.3 B']],
    'wedges' => ['pie 8', ['B'], ['dealt 50 A', 'dealt 50 B']],
    'upper and lower half' => ['layers', ['B'], ['dealt 50 A', 'dealt 50 B']],
]);

it('counts the foils of each bowl of a pattern', function () use ($zone) {
    // 18 foils at 2:1 are 12 and 6; 24 of a head of 80.
    $bowls = [
        powder(0, 'A', ['method' => 'fine-foils', 'pattern' => '18 foils at 2:1', 'with' => ['B']]),
        colourBowl('B', null),
    ];
    expect(shown($zone(), ...$bowls))->toBe(['left 77.5', 'taken 15 A', 'taken 7.5 B']);
});

it('takes the first bowl of “between” into the foils and gives the next what they leave', function () use ($zone) {
    expect(shown(
        $zone(),
        powder(0, 'A', ['method' => 'fine-foils', 'pattern' => 'between', 'with' => ['B']]),
        colourBowl('B', null),
    ))->toBe(['taken 50 A', 'between 50 B']);
});

it('takes later foils from hair that no foil took before', function () use ($zone) {
    expect(shown(
        $zone(),
        powder(0, 'A', ['method' => 'fine-foils', 'foils' => 40]),
        colourBowl('B', ['method' => 'lowlights', 'foils' => 20], round: 1),
    ))->toBe(['taken 50 A', 'taken 25 B', 'left 25']);
});

it('takes no more of each than there is, and all that is left where that is just enough', function () use ($zone) {
    $foils = static fn (string $letter, int $count, int $round = 0): Core\Service\PlacedBowl => colourBowl(
        $letter, ['method' => 'fine-foils', 'foils' => $count], round: $round,
    );
    // 60 and 72 foils of a head of 80 share it as five to six.
    expect(shown($zone(), $foils('A', 60), $foils('B', 72)))->toBe(['taken 54.5 B', 'taken 45.5 A'])
        ->and(shown($zone(), $foils('A', 40), $foils('B', 40)))->toBe(['taken 50 A', 'taken 50 B'])
        ->and(shown($zone(), $foils('A', 40), $foils('B', 40, 1)))->toBe(['taken 50 A', 'taken 50 B'])
        // One more than there is: of each its part.
        ->and(shown($zone(), $foils('A', 40), $foils('B', 44, 1)))->toBe(
            ['taken 27.5 AB', 'taken 27.5 B', 'taken 22.5 A', 'left 22.5'],
        )
        // The third round prefers what no foil took, whichever round left it.
        ->and(shown($zone(), $foils('A', 40), $foils('B', 20, 1), $foils('C', 20, 2)))->toBe(
            ['taken 50 A', 'taken 25 B', 'taken 25 C'],
        );
});

it('shares half the hair among weaves that nobody counted', function () use ($zone) {
    expect(shown(
        $zone(),
        powder(0, 'A', ['method' => 'hand-painted']),
        powder(0, 'B', ['method' => 'hand-painted']),
    ))->toBe(['left 50', 'taken 25 A', 'taken 25 B'])
        ->and(shown(
            $zone(),
            colourBowl('A', ['pattern' => 'between', 'with' => ['B']]),
            colourBowl('B', null),
            powder(0, 'C', ['method' => 'hand-painted']),
        ))->toBe(['between 50 B', 'taken 25 A', 'taken 25 C'])
        // A counted pattern needs no method.
        ->and(shown(
            $zone(),
            colourBowl('A', ['pattern' => '18 foils at 2:1', 'with' => ['B']]),
            colourBowl('B', null),
        ))->toBe(['left 77.5', 'dealt 15 A', 'dealt 7.5 B']);
});

it('lays bowls in the order of the work: rounds first, then what was said, then as they stand', function () use ($zone) {
    $all = static fn (string $letter, ?int $order = null, int $round = 0, array $more = []): Core\Service\PlacedBowl => colourBowl(
        $letter, ['method' => 'global'] + ($order === null ? [] : ['order' => $order]) + $more, round: $round,
    );
    expect(shown($zone(), $all('A'), $all('B')))->toBe(['whole 100 AB'])
        ->and(shown($zone(), $all('A', 2), $all('B', 1)))->toBe(['whole 100 BA'])
        // What nobody ordered comes before what somebody did.
        ->and(shown($zone(), $all('A', 1), $all('B')))->toBe(['whole 100 BA'])
        ->and(shown($zone(), $all('A', 1, 1), $all('B', 2)))->toBe(['whole 100 BA'])
        // A test strand is none of it.
        ->and(shown($zone(), inRound(0, Ladder::bowl(more: [
            'letter' => 'T', 'purpose' => 'trial', 'place' => [['regions' => [], 'spans' => ['mids', 'ends']]],
        ])), $all('B')))->toBe(['whole 100 B'])
        // Taken through at the end, after what stands behind it.
        ->and(shown($zone(), inRound(0, Ladder::bowl(more: [
            'letter' => 'R', 'through' => 5, 'place' => [['regions' => [], 'spans' => ['root'], 'order' => 1]],
        ])), $all('B', 2)))->toBe(['whole 100 BR'])
        ->and(shown(
            $zone(),
            powder(0, 'A', ['method' => 'fine-foils', 'pattern' => 'between', 'with' => ['B'], 'order' => 2]),
            colourBowl('B', null),
            colourBowl('C', ['method' => 'between-foils', 'order' => 1]),
            $all('D', 3, 0, ['overlaps' => true]),
        ))->toBe(['taken 50 AD', 'between 50 CBD']);
});

it('keeps what lies underneath away from what lies on top', function () use ($zone) {
    $found = Strands::of($zone(), [
        colourBowl('A', ['regions' => ['top', 'crown', 'left', 'right', 'back', 'fringe', 'hairline', 'nape']]),
        colourBowl('B', ['regions' => ['underlayer']]),
    ]);
    expect(array_map(static fn (Strand $strand): array => $strand->letters(), $found))->toBe([['A'], ['B']])
        // The underlayer is seven hundredths of the head.
        ->and($found[1]->share->equals(Fraction::of(7, 100)))->toBeTrue()
        ->and($found[1]->isPartOfPlace)->toBeTrue();
});

it('keeps the root apart from the lengths where a bowl lies on one of them', function () {
    $zone = canvasOf(['spans' => ['root', 'mids', 'ends'], 'level' => '6'])->zones[0];
    $found = Strands::of($zone, [colourBowl('A', ['spans' => ['root']])]);
    expect(array_map(static fn (Strand $strand): array => $strand->letters(), $found))->toBe([[], ['A']])
        ->and($found[1]->span()?->value)->toBe('root')->and($found[0]->span()?->value)->toBe('mids');
});

it('gives no two kinds of strand one name', function () {
    // The same foils over the regrowth and the mids of two regions, and a colour on the mids alone.
    $found = Strands::of(canvasOf(
        ['spans' => ['regrowth', 'mids'], 'regions' => ['left', 'right'], 'level' => '6'],
    )->zones[0], [
        colourBowl('A', ['spans' => ['regrowth', 'mids'], 'method' => 'fine-foils', 'foils' => 10]),
        colourBowl('B', ['spans' => ['mids'], 'method' => 'global']),
    ]);
    $names = array_map(static fn (Strand $strand): string => said($strand->name()), $found);
    expect($names)->toContain('in A, mids, left side, right side', 'in A, regrowth, left side, right side')
        ->and(array_unique($names))->toHaveCount(count($names))
        ->and(
            array_unique(array_map(static fn (Strand $strand): string => $strand->key(), $found)),
        )->toHaveCount(count($names));
});

it('adds up to the whole zone, whatever is laid on it', function () {
    mt_srand(11);
    $methods = ['global', 'fine-foils', 'lowlights', 'between-foils', 'blocks', 'hand-painted', 'gloss', 'melt'];
    $patterns = [null, 'alternate', '2:1', '5, gap, 4', 'between', '18 foils at 2:1', 'high, low, high', 'layers'];
    for ($i = 0; $i < 150; $i++) {
        $bowls = [];
        foreach (array_slice(['A', 'B', 'C', 'D'], 0, mt_rand(1, 4)) as $at => $letter) {
            $pattern = $patterns[mt_rand(0, 7)];
            $stroke = [
                'method' => $methods[mt_rand(0, 7)],
                'regions' => mt_rand(0, 1) === 0 ? [] : ['top', 'crown'],
                'spans' => [['root'], ['mids', 'ends'], []][mt_rand(0, 2)],
                'foils' => mt_rand(0, 1) === 0 ? null : mt_rand(1, 60),
            ] + ($pattern === null ? [] : ['pattern' => $pattern] + ($letter === 'A' ? ['with' => ['B']] : []));
            if (
                $pattern !== null
                && $letter !== 'A'
                && in_array($pattern, ['2:1', '18 foils at 2:1', 'high, low, high'], true)
            ) {
                unset($stroke['pattern']);
            }
            $bowls[] = colourBowl(
                $letter,
                array_filter($stroke, static fn ($each): bool => $each !== null),
                round: mt_rand(0, 2),
            );
        }
        usort($bowls, static fn ($one, $other): int => $one->round <=> $other->round);
        $zone = canvasOf(['level' => '6', 'spans' => mt_rand(0, 1) === 0 ? [] : ['root', 'mids']])->zones[0];
        $sum = Fraction::zero();
        foreach (Strands::of($zone, $bowls) as $strand) {
            expect($strand->share->isNegative() || $strand->share->isZero())->toBeFalse();
            $sum = $sum->plus($strand->share);
        }
        expect($sum->equals(Fraction::one()))->toBeTrue((string) $i);
    }
});

it('tells each kind of strand its own story, and how the head reads as a whole', function () {
    $zone = canvasOf(['level' => '5', 'natural' => '5', 'wish' => ['level' => '9', 'tone' => ['beige']]])->zones[0];
    $outlook = Outlook::of($zone, [
        powder(0, 'A', ['method' => 'fine-foils', 'foils' => 40]),
        colourBowl('B', ['method' => 'between-foils'], ['6N' => 'all']),
        gloss(1),
    ]);
    $levels = array_combine(
        array_map(static fn (StrandStory $story): string => implode('', $story->strand->letters()), $outlook->strands),
        array_map(static fn (StrandStory $story): float => (float) $story->level()->decimal(2), $outlook->strands),
    );
    // The foils are light, what is between them never met the powder.
    expect($levels['AG'])->toBeGreaterThan(8.0)->and($levels['BG'])->toBeLessThan(7.5)
        ->and($outlook->main()?->strand->letters())->toBe(['A', 'G'])
        ->and($outlook->whole()?->light?->decimal(2))->toBe('0.5')
        ->and((float) $outlook->whole()?->contrast->decimal(2))->toBeGreaterThan(1.5)
        ->and((float) $outlook->whole()?->level->decimal(2))
        ->toBeGreaterThan($levels['BG'])
        ->toBeLessThan($levels['AG']);
});

it('is seen by how wide its sections are: one level in wide ones, hardly two in fine foils', function (
    array $stroke,
    string $dark,
    string $says,
) {
    // Pale hair, and a shade beside it that is so much deeper.
    $zone = canvasOf(['level' => '9', 'history' => 'lightened'])->zones[0];
    $whole = Outlook::of(
        $zone,
        [
            colourBowl('A', $stroke + ['pattern' => 'alternate', 'with' => ['B']], [$dark => 'all']),
            colourBowl('B', null, ['9N' => 'all']),
        ],
    )->whole();
    expect(said($whole?->says()))->toContain($says);
})->with([
    'wide sections' => [['method' => 'slice-foils', 'foils' => 80, 'width' => 'wide sections'], '8N', 'apart: seen'],
    'chunky foils' => [['method' => 'chunky-foils', 'foils' => 80], '8N', 'apart: seen'],
    'fine foils' => [['method' => 'fine-foils', 'foils' => 80], '8N', 'soft, narrow sections vanish'],
    'slivers of three levels' => [
        ['method' => 'slice-foils', 'foils' => 80, 'width' => 'slivers'],
        '6N',
        'apart: seen',
    ],
]);

it('reads as one colour where nothing divides it', function () {
    $zone = canvasOf(['level' => '6', 'wish' => ['level' => '6', 'tone' => ['natural']]])->zones[0];
    $whole = Outlook::of($zone, [gloss(0, ['d8G' => 'all'])])->whole();
    expect($whole?->light)->toBeNull()->and($whole?->contrast->isZero())->toBeTrue()
        ->and(Outlook::of($zone, [])->whole())->toBeNull();
});
