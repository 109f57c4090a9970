<?php

declare(strict_types=1);

use Core\Codec\JsonNode;
use Core\Codec\Problem;
use Core\Codec\ProblemList;
use Core\Codec\ReadLine;
use Core\Practice\HouseRules;
use Core\Shelf\CodeMark;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\NotationKind;
use Core\Shelf\PartRole;
use Core\Units\Strength;

/** @return array{?Line, list<string>} the line, and what is said against it */
function lineRead(array $said): array
{
    $problems = new ProblemList;
    $line = ReadLine::from(new JsonNode($said + [
        'id' => 'tide', 'kind' => 'permanent', 'ratio' => '1:1.5', 'notation' => 'letters',
    ], '', $problems), ['d10', 'd20'], HouseRules::standard());

    return [$line, array_map(
        static fn (Problem $problem): string => "{$problem->pointer} {$problem->fact->key}",
        $problems->all(),
    )];
}

it('takes what is said of a line', function () {
    [$line, $problems] = lineRead([
        'name' => 'Tidewater',
        'notation' => 'digits',
        'developers' => ['d20', 'd10'],
        'window' => ['min' => 1, 'target' => 35, 'max' => 600],
        'windows' => ['40' => ['min' => 35, 'target' => 40, 'max' => 50], '20' => ['min' => 30, 'target' => 35, 'max' => 45]],
        'lift' => ['20' => '1', '40' => '2.5'],
        'grey' => ['min' => 40, 'target' => 45, 'max' => 50],
        'order' => ['colour', 'base', 'developer'],
        'apart' => ['direct', 'lightener', 'direct'],
        'heat' => false,
        'stops' => true,
        'density' => '1.05',
        'primary' => '3',
        'lettersEqual' => false,
        'doubledLevel' => false,
        'zero' => 'natural',
        'separators' => ['/', '-'],
        'levels' => ['lowest' => 12, 'highest' => 1],
        'marks' => ['i' => 'intense', '+' => 'muted'],
        'tones' => ['n' => ['natural' => 1], '34' => ['gold' => '2', 'copper' => '1'], 'x' => ['ash' => 0]],
    ]);
    expect($problems)->toBe([])->and($line)->toBeInstanceOf(Line::class);
    if ($line === null) {
        return;
    }
    expect([$line->id, $line->name, $line->ratio->show(), $line->developers, $line->kind])
        ->toBe(['tide', 'Tidewater', '1:1.5', ['d20', 'd10'], LineKind::Permanent])
        ->and($line->window)->toBe(['min' => 1, 'target' => 35, 'max' => 600])
        // By strength, whatever the order they were written in.
        ->and($line->windows)->toBe([
            20 => ['min' => 30, 'target' => 35, 'max' => 45], 40 => ['min' => 35, 'target' => 40, 'max' => 50],
        ])
        ->and($line->forGrey)->toBe(['min' => 40, 'target' => 45, 'max' => 50])
        ->and($line->order)->toBe([PartRole::Colour, PartRole::Base, PartRole::Developer])
        ->and($line->apart)->toBe([LineKind::Direct, LineKind::Lightener])
        ->and([$line->heat, $line->stops])->toBe([false, true])
        ->and($line->density?->decimal(2))->toBe('1.05')
        ->and($line->lift->levelsAt(Strength::vol(40))->decimal(1))->toBe('2.5');
    $legend = $line->legend;
    expect([$legend->kind, $legend->separators, $legend->primary->decimal(1), $legend->levels])
        ->toBe([NotationKind::Digits, ['/', '-'], '3', [1, 12]])
        ->and([$legend->lettersRankEqually, $legend->doubledLevelIsIntense, $legend->zeroMutes])
        ->toBe([false, false, false])
        ->and($legend->marks)->toBe(['I' => CodeMark::Intense, '+' => CodeMark::Muted])
        ->and(array_map(strval(...), array_keys($legend->tones)))->toBe(['N', '34'])
        ->and($legend->tones['34']->words())->toBe('67 % gold, 33 % copper');
});

it('takes what is usual where nothing is said', function (string $notation, array $usual) {
    [$line, $problems] = lineRead(['notation' => $notation]);
    expect($problems)->toBe([])->and($line)->toBeInstanceOf(Line::class);
    $legend = $line?->legend;
    expect([
        $line?->name, $line?->developers, $line?->windows, $line?->forGrey, $line?->order, $line?->apart, $line?->heat,
        $line?->stops, $line?->density,
    ])->toBe(['tide', [], [], null, PartRole::USUAL, [], null, null, null])
        ->and($line?->window)->toBe(['min' => 0, 'target' => 0, 'max' => 0])
        ->and([
            $legend?->separators, $legend?->lettersRankEqually, $legend?->levels, $legend?->doubledLevelIsIntense,
            $legend?->zeroMutes, $legend?->marks,
        ])->toBe($usual)
        ->and($legend?->primary)->toEqual(HouseRules::standard()->primaryWeight);
})->with([
    'letters' => ['letters', [[], true, [1, 12], false, false, []]],
    'digits' => ['digits', [['.', '/', '-'], true, [1, 12], true, true, []]],
]);

it('says what of a line cannot be', function (array $said, array $problems) {
    expect(lineRead($said)[1])->toBe($problems);
})->with([
    'no id' => [['id' => ''], ['/id documents.no-id']],
    'no kind' => [['kind' => 'wax'], ['/kind documents.no-kind-line']],
    'no notation' => [['notation' => 'runes'], ['/notation documents.no-notation']],
    'a developer that is nowhere' => [['developers' => ['d10', 'd40']], ['/developers/1 documents.developer-not-document']],
    'no order' => [['order' => ['developer', 'colour']], ['/order documents.colour-comes-first']],
    'a separator that is none' => [['separators' => ['/', '_']], ['/separators/1 documents.no-separator']],
    'a mark that says nothing known' => [['marks' => ['+' => 'loud']], ['/marks/+ documents.no-mark']],
    'another kind that is none' => [['apart' => ['direct', 'wax']], ['/apart/1 documents.no-kind-line']],
    'a zero that means nothing' => [['zero' => 'adds'], ['/zero documents.no-zero']],
    'a family that is none, a weight below nothing' => [
        ['tones' => ['N/~' => ['natural' => 1, 'teal' => 1], 'G' => ['gold' => -1]]],
        ['/tones/N~1~0/teal documents.no-tone-family', '/tones/G/gold documents.tone-weighs-zero-or-more'],
    ],
]);

it('is no line without an id, a kind and a ratio', function (array $said) {
    expect(lineRead($said)[0])->toBeNull();
})->with([[['id' => '']], [['kind' => '']], [['ratio' => 'plenty']]]);
