<?php

declare(strict_types=1);

use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadLine;
use Core\Practice\HouseRules;
use Core\Shelf\Line;
use Core\Shelf\LineFaults;
use Core\Shelf\ReadCode;
use Core\Shelf\UnreadableCode;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Core\Units\Strength;

/** @param  array<string, mixed>  $change */
function keelLine(array $change = [], ?ProblemList $problems = null): Line
{
    $line = ReadLine::from(new JsonNode([
        'id' => 'keel', 'name' => 'Keel', 'kind' => 'permanent', 'ratio' => '1:1.5', 'notation' => 'letters',
        'window' => ['min' => 30, 'target' => 35, 'max' => 45], 'developers' => ['ten'],
        'tones' => ['N' => ['natural' => 1], 'R' => ['red' => 1], 'V' => ['violet' => 1]],
        ...$change,
    ], '', $problems ?? new ProblemList), ['ten'], HouseRules::standard());
    assert($line !== null);

    return $line;
}

it('has minutes of its own for a strength, and never leaves a blend of two short', function () {
    $line = keelLine(['windows' => [
        '40' => ['min' => 40, 'target' => 45, 'max' => 50],
        '20' => ['min' => 25, 'target' => 30, 'max' => 35],
    ]]);
    $target = fn (?Strength $strength): int => $line->windowAt($strength)['target'];
    expect($target(Strength::vol(10)))->toBe(30)
        ->and($target(Strength::vol(20)))->toBe(30)
        // 25 vol of two bottles is timed as the stronger.
        ->and($target(Strength::ofVolume(Fraction::of(25))))->toBe(45)
        ->and($target(Strength::vol(40)))->toBe(45)
        ->and($target(null))->toBe(35)
        ->and(keelLine()->windowAt(Strength::vol(40))['target'])->toBe(35);
});

it('reads a mark behind a code as its line says', function () {
    $legend = keelLine(['marks' => ['+' => 'intense', '*' => 'muted', 'mix' => 'nothing']])->legend;
    $plain = ReadCode::by($legend, '6R');
    expect(ReadCode::by($legend, '6R+')->intensity)->toEqual($plain->intensity->times(Fraction::of(2)))
        ->and(ReadCode::by($legend, '6r *')->intensity)->toEqual($plain->intensity->dividedBy(Fraction::of(2)))
        ->and(ReadCode::by($legend, '6R mix')->intensity)->toEqual($plain->intensity)
        ->and(ReadCode::by($legend, '6R+')->tone->share(ToneFamily::Red))->toEqual(Fraction::one())
        ->and(ReadCode::by($legend, '6R+')->level)->toBe(6)
        ->and(ReadCode::by($legend, '6R+')->steps)->toContain('+: intense');
    // Another line knows no such mark.
    expect(fn () => ReadCode::by(keelLine()->legend, '6R+'))->toRefuse(UnreadableCode::class);
});

it('takes from a legend what doubling, a zero, the order of letters and the levels mean', function () {
    $digits = ['notation' => 'digits', 'tones' => ['3' => ['gold' => 1], '4' => ['copper' => 1]]];
    $gold = fn (array $legend, string $code): Fraction => ReadCode::by(
        keelLine([...$digits, ...$legend])->legend,
        $code,
    )->tone->share(ToneFamily::Gold);
    expect($gold(['primary' => 3], '6.34'))->toEqual(Fraction::of(3, 4))
        ->and($gold([], '6.34'))->toEqual(Fraction::of(2, 3))
        ->and($gold(['zero' => 'natural'], '6.03'))->toEqual(Fraction::of(1, 3))
        ->and($gold(['zero' => 'mutes'], '6.03'))->toEqual(Fraction::one());
    $levels = keelLine([...$digits, 'levels' => ['lowest' => 1, 'highest' => 10]])->legend;
    expect(fn () => ReadCode::by($levels, '12.3'))->toThrow(UnreadableCode::class)
        ->and(ReadCode::by(keelLine([...$digits, 'separators' => ['/']])->legend, '6/3')->level)->toBe(6)
        ->and(
            fn () => ReadCode::by(keelLine([...$digits, 'separators' => ['/']])->legend, '6.3'),
        )->toThrow(UnreadableCode::class);
});

it('says what a line contradicts itself in, and where', function (array $change, array $at, string $words) {
    $faults = LineFaults::of(keelLine($change));
    expect(array_column($faults, 'at'))->toBe($at)
        ->and(
            implode(' ', array_map(static fn (array $fault): string => words($fault['fact']), $faults)),
        )->toContain($words);
})->with([
    'nothing' => [[], [], ''],
    'minutes that do not rise' => [
        ['window' => ['min' => 40, 'target' => 35, 'max' => 45]],
        ['/window'],
        '40, 35 and 45 minutes do not rise',
    ],
    'minutes that are missing' => [['window' => ['min' => 30]], ['/window'], 'not all there'],
    'minutes of one strength' => [
        ['windows' => ['20' => ['min' => 30, 'target' => 50, 'max' => 45]]],
        ['/windows/20'],
        'do not rise',
    ],
    'minutes for grey' => [['grey' => ['min' => 50, 'target' => 45, 'max' => 60]], ['/grey'], 'do not rise'],
    'letters that read two ways' => [
        [
            'tones' => ['A' => ['ash' => 1], 'AB' => ['brown' => 1], 'BA' => ['beige' => 1]],
        ], ['/tones'], '“ABA” could be read as A+BA, AB+A',
    ],
    'which a word of its own does not' => [
        ['tones' => ['R' => ['red' => 1], 'V' => ['violet' => 1], 'RV' => ['red' => 1]]],
        [],
        '',
    ],
    'a mark that is a letter' => [['marks' => ['x' => 'intense']], ['/marks'], '“X” is itself written like a code'],
    'a tone of two digits' => [
        ['notation' => 'digits', 'tones' => ['34' => ['gold' => 1]]],
        ['/tones'],
        '“34” is no digit',
    ],
]);

it('says what of a line cannot be read, each at its place', function () {
    $problems = new ProblemList;
    keelLine(
        [
            'zero' => 'maybe',
            'marks' => ['+' => 'loud'],
            'heat' => 'yes',
            'notation' => 'digits',
            'separators' => ['_'],
            'levels' => ['highest' => 40],
        ],
        $problems,
    );
    expect(array_map(static fn ($problem): string => $problem->pointer, $problems->all()))->toEqualCanonicalizing([
        '/zero', '/marks/+', '/heat', '/separators/0', '/levels/highest',
    ]);
});

it('warns of heat where the line is not to be heated, and says of one that stops that longer brings nothing', function () {
    expect(keelLine(['heat' => false])->heat)->toBeFalse()
        ->and(keelLine()->heat)->toBeNull()
        ->and(keelLine(['stops' => true])->stops)->toBeTrue();
    expect(
        words(Core\Judgement\Cautions::ofTime(50, keelLine(['stops' => true]), null)[0]),
    )->toContain('stopped by itself')
        ->and(words(Core\Judgement\Cautions::ofTime(50, keelLine(), null)[0]))->toBe('50 minutes is beyond Keel’s 45.')
        ->and(Core\Judgement\Cautions::ofTime(45, keelLine(), null))->toBe([]);
});
