<?php

declare(strict_types=1);

use Core\Codec\ReadBowl;
use Core\Formula\BowlSheet;
use Core\Record\WriteBowlLine;
use Tests\Core\Record\Ladder;

it('writes a bowl as it stands on a card', function (BowlSheet $sheet, string $line) {
    expect(WriteBowlLine::of($sheet, Ladder::shelf()))->toBe($line);
})->with([
    'parts' => [
        fn () => Ladder::bowl(),
        '“Root”, Ladder, 2 parts 6N + 1 part 6G, 20 vol, 1:1.5, 60 g of colour, 35 min, root regrowth',
    ],
    'equal parts, two strengths, no job' => [
        fn () => Ladder::bowl(
            ['6N' => '2', '6G' => '2'],
            ['d10' => '1', 'd20' => '1'],
            ['job' => '', 'amount' => ['of' => 'total', 'grams' => '100 g']],
        ),
        'Ladder, equal 6N + 6G, 1 part 10 vol + 1 part 20 vol, 1:1.5, total 100 g, 35 min, root regrowth',
    ],
    'grams of the developer' => [
        fn () => Ladder::bowl(['6N' => 'all'], more: ['amount' => ['of' => 'developer', 'grams' => '90 g']]),
        '“Root”, Ladder, 6N, 20 vol, 1:1.5, 90 g of developer, 35 min, root regrowth',
    ],
    'a word and what is not known' => [
        fn () => Ladder::bowl(
            ['6N' => '20 g', '6G' => '“a dash”'],
            ['d20' => '?'],
            ['amount' => null, 'ratio' => '?', 'place' => [], 'minutes' => null],
        ),
        '“Root”, Ladder, 20 g 6N + “a dash” 6G, ? 20 vol',
    ],
    'no developer, by shares' => [
        fn () => Ladder::bowl(
            ['6N' => '1', '6G' => '1'],
            [],
            ['ratio' => 'no developer', 'amount' => ['of' => 'shares']],
        ),
        '“Root”, Ladder, equal 6N + 6G, no developer, 35 min, root regrowth',
    ],
    'fixed, rest and a quarter' => [
        fn () => Ladder::bowl(['6N' => '20 g', '6G' => 'rest', '6C' => '1/4']),
        '“Root”, Ladder, 20 g 6N + rest 6G + 1/4 6C, 20 vol, 1:1.5, 60 g of colour, 35 min, root regrowth',
    ],
    'the same fixed grams twice are no equal parts' => [
        fn () => Ladder::bowl(['6N' => '30 g', '6G' => '30 g'], more: ['amount' => ['of' => 'shares']]),
        '“Root”, Ladder, 30 g 6N + 30 g 6G, 20 vol, 1:1.5, 35 min, root regrowth',
    ],
    'percents' => [
        fn () => Ladder::bowl(['6N' => '50 %', '6G' => '50 %'], more: ['minutes' => '20-25']),
        '“Root”, Ladder, 50 % 6N + 50 % 6G, 20 vol, 1:1.5, 60 g of colour, 20 to 25 min, root regrowth',
    ],
    'an addition, and the first of two strokes' => [
        fn () => Ladder::bowl(['6N' => 'all'], more: [
            'additives' => [['product' => 'blue', 'dose' => '5 g']],
            'place' => [
                [
                    'regions' => ['left', 'right'],
                    'spans' => ['root', 'regrowth', 'mids', 'ends'],
                    'method' => 'fine-foils',
                    'foils' => 12,
                ],
                ['regions' => ['top'], 'spans' => ['root']],
            ],
        ]),
        '“Root”, Ladder, 6N, 20 vol, 5 g Blue, 1:1.5, 60 g of colour, 35 min, '
            .'fine foils left side right side all over, foils 12',
    ],
    'two uses come to one total' => [
        fn () => Ladder::bowl(['6N' => 'all'], more: [
            'uses' => [['for' => 'root', 'grams' => '40 g'], ['for' => 'foils', 'grams' => '20 g']],
            'amount' => null,
        ]),
        '“Root”, Ladder, 6N, 20 vol, 1:1.5, total 60 g, 35 min, root regrowth',
    ],
    'something without a name on the shelf' => [
        fn () => ReadBowl::from([
            'letter' => 'A',
            'job' => 'Gloss',
            'line' => 'D',
            'ratio' => '1:2',
            'amount' => ['of' => 'shares'],
            'parts' => [
                ['ingredients' => [
                    ['words' => 'something blue', 'share' => '2'],
                    ['product' => 'd8G', 'share' => '1'],
                ]],
                ['ingredients' => [['product' => 'd10', 'share' => 'all']]],
            ],
            'minutes' => null,
            'note' => '',
            'place' => [],
        ], Ladder::shelf()),
        '“Gloss”, Soft, 2 parts something blue + 1 part 8G, 10 vol, 1:2',
    ],
]);
