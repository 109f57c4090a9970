<?php

declare(strict_types=1);

use Core\Fact;
use Core\Hair\Canvas;
use Core\Service\SuggestedBowl;
use Tests\Core\Record\Ladder;

// What is suggested, word for word: each bowl in the shape in which it is taken, each reason with its figures.

/** @return array<string, mixed> key, words, why, bowl, job and change of the one that is suggested first */
function firstSuggested(Canvas $canvas, Core\Service\PlacedBowl ...$bowls): array
{
    $found = suggested($canvas, ...$bowls)[0] ?? null;

    return $found === null ? [] : [
        'key' => $found->key,
        'words' => said($found->words),
        'why' => array_map(static fn (Fact $why): string => said($why), $found->why),
        'bowl' => $found->bowl,
        'job' => $found->job === null ? null : said($found->job),
        'first' => $found->first,
        'change' => $found->change === null
            ? null
            : [$found->change->kind->value, $found->change->bowl, $found->change->value, $found->change->words],
    ];
}

/** A bowl of the soft line, all of its glosses are of 60 g. */
function softBowl(array $colour, array $place, int $minutes, array $more = []): array
{
    return [
        'line' => 'D',
        'ratio' => '1:2',
        'amount' => ['of' => 'total', 'grams' => '60 g', 'ingredient' => null],
        'parts' => [
            ['ingredients' => $colour],
            ['ingredients' => [['product' => 'd10', 'share' => 'all']]],
        ],
        'additives' => [],
        'minutes' => $minutes,
        'note' => '',
        ...$more,
        'place' => [$place],
    ];
}

it('fills lightened hair that is to be deeper', function () {
    $head = readHead([
        'name' => 'Ends', 'regions' => ['left', 'right'], 'spans' => ['ends'], 'level' => '9',
        'history' => 'lightened', 'wish' => ['level' => '6', 'tone' => ['brown']],
    ]);
    $fill = firstSuggested($head);
    expect($fill)->toMatchArray([
        'key' => 'fill-z0',
        'words' => 'Fill Ends first: 3 6G : 1 6C',
        'bowl' => softBowl(
            [['product' => 'd6G', 'share' => '3'], ['product' => 'd6C', 'share' => '1']],
            ['regions' => ['left', 'right'], 'spans' => ['ends'], 'method' => 'filler'],
            20,
        ),
        'job' => 'Filler, Ends',
        'first' => true,
        'change' => null,
    ])->and($fill['why'])->not->toBe([]);
});

it('tones hair that only a tone is wished for, while nothing goes on it', function () {
    $zone = [
        'name' => 'Lengths', 'regions' => [], 'spans' => ['mids', 'ends'], 'level' => '9', 'history' => 'lightened',
        'wish' => ['tone' => ['ash']],
    ];
    $tone = firstSuggested(readHead($zone));
    expect($tone)->toMatchArray([
        'key' => 'tone-z0',
        'words' => 'Tone Lengths with 9A',
        'bowl' => softBowl(
            [['product' => 'd9A', 'share' => 'all']],
            ['regions' => [], 'spans' => ['mids', 'ends'], 'method' => 'gloss'],
            10,
            ['hair' => 'damp'],
        ),
        'job' => 'Toner, Lengths',
        'first' => false,
        'change' => null,
    ])
        // How the hair takes it, and then what of the shade itself.
        ->and($tone['why'])->toContain('On damp hair 0.5 level deeper, or dry first.')
        ->and(end($tone['why']))->toBe('9A: ash, 0.5 lighter: does less')
        ->and(firstSuggested(readHead(['wish' => []] + $zone)))->toBe([])
        ->and(firstSuggested(readHead(['wish' => ['level' => '9']] + $zone)))->toBe([])
        ->and(firstSuggested(readHead(['wish' => ['level' => '7', 'tone' => ['ash']]] + $zone))['key'])->toBe('fill-z0')
        ->and(firstSuggested(readHead($zone), gloss(0)))->toBe([])
        // Another zone's bowl is not on it.
        ->and(firstSuggested(
            readHead(['spans' => ['ends']] + $zone),
            placed(Ladder::bowl(more: ['place' => [['regions' => [], 'spans' => ['root']]]])),
        )['key'])->toBe('tone-z0');
});

it('asks for no toner where nobody read how light the hair gets', function () {
    $zone = ['spans' => ['mids', 'ends'], 'wish' => ['tone' => ['ash']]];
    expect(firstSuggested(readHead($zone), lightener()))->toBe([])
        ->and(firstSuggested(readHead($zone)))->toBe([])
        ->and(firstSuggested(readHead(['level' => '9'] + $zone))['key'])->toBe('tone-z0')
        ->and(firstSuggested(readHead(['level' => '3'] + $zone), lightener())['key'])->toBe('tone-z0')
        // Colour lifts too, and is its own tone.
        ->and(firstSuggested(readHead(['level' => '3'] + $zone), colourBowl('C', ['method' => 'global'])))->toBe([]);
});

it('tells how much natural a bowl has that is to cover grey', function () {
    $zone = [
        'name' => 'Root', 'spans' => ['root'], 'level' => '6', 'grey' => 60,
        'wish' => ['level' => '6', 'tone' => ['gold']],
    ];
    $bowl = placed(Ladder::bowl(['6G' => '2', '6N' => '1']));
    $grey = firstSuggested(readHead($zone), $bowl);
    expect($grey)->toMatchArray([
        'key' => 'grey-z0-A',
        'words' => '60 % grey at Root: more natural in A',
        'bowl' => null,
        'job' => null,
        'first' => false,
        'change' => ['grey', 'A', '60 %', 'for grey'],
    ])
        ->and(count($grey['why']))->toBeGreaterThan(1)
        ->and(end($grey['why']))->toBe('Bowl A has 33 % natural.')
        ->and(firstSuggested(readHead(['grey' => null] + $zone), $bowl))->toBe([])
        ->and(firstSuggested(readHead(['wish' => []] + $zone), $bowl))->toBe([])
        // A gloss blends, it does not cover.
        ->and(firstSuggested(
            readHead(['spans' => ['mids', 'ends']] + $zone), gloss(0, ['d8G' => 'all'], []),
        ))->toBe([]);
});

it('suggests for each zone and each bowl in turn', function () {
    $zone = ['spans' => ['root'], 'level' => '6', 'grey' => 80, 'wish' => ['level' => '6', 'tone' => ['gold']]];
    expect(array_map(
        static fn (SuggestedBowl $each): string => $each->key,
        suggested(
            readHead(['regions' => ['top']] + $zone, ['regions' => ['nape']] + $zone),
            placed(Ladder::bowl(['6G' => '1'], more: ['place' => [['regions' => ['nape'], 'spans' => ['root']]]])),
            placed(Ladder::bowl(['6G' => '1'], more: [
                'letter' => 'B', 'place' => [['regions' => ['top', 'nape'], 'spans' => ['root']]],
            ])),
        ),
    ))->toBe(['grey-z0-B', 'grey-z1-A', 'grey-z1-B']);
});
