<?php

declare(strict_types=1);

use Core\CoreException;
use Core\Shelf\Legend;
use Core\Shelf\ReadCode;
use Core\Shelf\UnreadableCode;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

function letterLegend(): Legend
{
    return Legend::letters(array_map(ToneMix::only(...), [
        'N' => ToneFamily::Natural,
        'A' => ToneFamily::Ash,
        'G' => ToneFamily::Gold,
        'C' => ToneFamily::Copper,
        'R' => ToneFamily::Red,
        'P' => ToneFamily::Pearl, 'V' => ToneFamily::Violet, 'PV' => ToneFamily::Mahogany, 'B' => ToneFamily::Beige,
    ]));
}

function digitLegend(): Legend
{
    return Legend::digits(array_map(ToneMix::only(...), [
        '1' => ToneFamily::Ash,
        '2' => ToneFamily::Matte,
        '3' => ToneFamily::Gold,
        '4' => ToneFamily::Copper,
        '5' => ToneFamily::Mahogany,
        '6' => ToneFamily::Red,
        '7' => ToneFamily::Brown,
    ]));
}

it('reads letters by the line’s legend', function (string $code, int $level, string $tone, string $intensity) {
    $read = ReadCode::by(letterLegend(), $code);
    expect([$read->level, $read->tone->words(), $read->intensity->decimal(1)])->toBe([$level, $tone, $intensity]);
})->with([
    '6N' => ['6N', 6, 'natural', '1'],
    'spoken' => ['6 n', 6, 'natural', '1'],
    'two letters of equal rank weigh 1:1 (common practice, no source)' => ['6VR', 6, '50 % violet, 50 % red', '1'],
    'doubled' => ['5RR', 5, 'red', '2'],
    'double natural' => ['6NN', 6, 'natural', '2'],
    'a word of the legend’s own' => ['8PV', 8, 'mahogany', '1'],
    'level of two digits' => ['10P', 10, 'pearl', '1'],
]);

it('reads digits by the line’s legend', function (string $code, int $level, string $tone, string $intensity) {
    $read = ReadCode::by(digitLegend(), $code);
    expect([$read->level, $read->tone->words(), $read->intensity->decimal(1)])->toBe([$level, $tone, $intensity]);
})->with([
    'point' => ['7.3', 7, 'gold', '1'],
    'spoken comma' => ['7,3', 7, 'gold', '1'],
    'slash, primary twice the secondary (our model)' => ['6/43', 6, '67 % copper, 33 % gold', '1'],
    'dash' => ['7-35', 7, '67 % gold, 33 % mahogany', '1'],
    'doubled level' => ['44/65', 4, '67 % red, 33 % mahogany', '2'],
    'doubled level as people say it' => ['4/4-65', 4, '67 % red, 33 % mahogany', '2'],
    'doubled tone' => ['7.44', 7, 'copper', '2'],
    'natural' => ['6.0', 6, 'natural', '1'],
    'strong natural' => ['6.00', 6, 'natural', '2'],
    'muted' => ['7.03', 7, 'gold', '0.5'],
    'bare level' => ['6', 6, 'natural', '1'],
    'level of two digits' => ['10.1', 10, 'ash', '1'],
]);

it('gives the same digit another meaning in another line', function () {
    $other = Legend::digits(['3' => ToneMix::only(ToneFamily::Violet)]);
    expect(ReadCode::by($other, '7.3')->tone->words())->toBe('violet')
        ->and(ReadCode::by(digitLegend(), '7.3')->tone->words())->toBe('gold');
});

it('lets a line weigh primary and secondary its own way', function () {
    expect(ReadCode::by(
        digitLegend()->withPrimary(Fraction::of(3)),
        '6.43',
    )->tone->words())->toBe('75 % copper, 25 % gold');
});

it('says how it read a code', function () {
    expect(ReadCode::by(digitLegend(), '44/65')->steps)->toBe([
        'level 4, doubled: intense',
        '6: red, primary',
        '5: mahogany, secondary',
    ])
        ->and(ReadCode::by(letterLegend(), '6NN')->steps)->toContain('double natural covers grey better')
        ->and(ReadCode::by(letterLegend(), '6NN')->doubleNatural)->toBeTrue();
});

it('says step by step how it read', function (
    Legend $legend,
    string $code,
    array $steps,
    string $intensity,
    bool $natural,
) {
    $read = ReadCode::by($legend, $code);
    expect($read->steps)->toBe($steps)->and($read->intensity->decimal(1))->toBe($intensity)
        ->and($read->doubleNatural)->toBe($natural);
})->with([
    'a letter' => [fn () => letterLegend(), '7G', ['level 7', 'G: gold'], '1', false],
    'two letters' => [fn () => letterLegend(), '6VR', ['level 6', 'V: violet', 'R: red'], '1', false],
    'a letter twice' => [fn () => letterLegend(), '5RR', ['level 5', 'R: red, doubled: intense'], '2', false],
    'natural twice' => [fn () => letterLegend(), '6NN', [
        'level 6', 'N: natural, doubled: intense', 'double natural covers grey better',
    ], '2', true],
    'the legend’s own word' => [fn () => letterLegend(), '8PV', ['level 8', 'PV: mahogany'], '1', false],
    'a bare level' => [fn () => digitLegend(), '8', ['level 8', 'no tone written: natural'], '1', false],
    'the lowest level' => [fn () => digitLegend(), '1', ['level 1', 'no tone written: natural'], '1', false],
    'the highest level' => [fn () => digitLegend(), '12', ['level 12', 'no tone written: natural'], '1', false],
    'eleven is a level' => [fn () => digitLegend(), '11', ['level 11', 'no tone written: natural'], '1', false],
    'a point' => [fn () => digitLegend(), '12.3', ['level 12', '3: gold, primary'], '1', false],
    'two digits' => [
        fn () => digitLegend(),
        '7-35',
        ['level 7', '3: gold, primary', '5: mahogany, secondary'],
        '1',
        false,
    ],
    'a tone twice' => [fn () => digitLegend(), '7.44', ['level 7', '44: copper, doubled: intense'], '2', false],
    'a level twice' => [fn () => digitLegend(), '44/6', ['level 4, doubled: intense', '6: red, primary'], '2', false],
    'a level said twice' => [
        fn () => digitLegend(),
        '4/4-6',
        ['level 4, said twice: intense', '6: red, primary'],
        '2',
        false,
    ],
    'a level twice, natural' => [
        fn () => digitLegend(),
        '44.0',
        ['level 4, doubled: intense', '0: natural'],
        '2',
        true,
    ],
    'natural' => [fn () => digitLegend(), '6.0', ['level 6', '0: natural'], '1', false],
    'strong natural' => [fn () => digitLegend(), '6.00', ['level 6', '00: strong natural'], '2', true],
    'muted' => [fn () => digitLegend(), '7.03', ['level 7', '03: a muted gold'], '0.5', false],
    'a doubled level muted' => [
        fn () => digitLegend(),
        '44.03',
        ['level 4, doubled: intense', '03: a muted gold'],
        '1',
        false,
    ],
]);

it('takes a naught as a natural base where the line means that', function () {
    $plain = digitLegend();
    $based = new Legend($plain->kind, $plain->tones, $plain->separators, $plain->primary, false, [1, 10], false, false);
    $read = ReadCode::by($based, '7.03');
    expect($read->tone->words())->toBe('67 % natural, 33 % gold')
        ->and($read->steps)->toBe(['level 7', '03: natural with a touch of gold'])
        ->and($read->intensity->decimal(1))->toBe('1')
        ->and(fn () => ReadCode::by($based, '4/4-65'))->toRefuse(UnreadableCode::class, 'two levels')
        ->and(fn () => ReadCode::by($based, '44/65'))->toRefuse(UnreadableCode::class, 'this line has 1 to 10');
});

it('weighs the first letter more where the line ranks them', function () {
    $plain = letterLegend();
    $ranked = new Legend($plain->kind, $plain->tones, [], Fraction::of(2), false, [1, 12], false, false);
    expect(ReadCode::by($ranked, '6VR')->tone->words())->toBe('67 % violet, 33 % red')
        ->and(ReadCode::by($ranked->withPrimary(Fraction::of(3)), '6VR')->tone->words())->toBe('75 % violet, 25 % red');
});

it('names every way that a code without its point can be read', function (string $code, array $readings) {
    try {
        ReadCode::by(digitLegend(), $code);
        $this->fail("read {$code}");
    } catch (UnreadableCode $refusal) {
        expect($refusal->fact()->values['readings'])->toBe($readings);
    }
})->with([
    'one place' => ['73', ['7.3', 'a level']],
    'two places' => ['123', ['1.23', '12.3', 'a level']],
    'one place only, 13 is no level' => ['135', ['1.35', 'a level']],
    'the highest level' => ['1204', ['1.204', '12.04', 'a level']],
]);

it('says so where no way of reading leads to a level of the line', function () {
    $plain = digitLegend();
    $light = new Legend($plain->kind, $plain->tones, $plain->separators, $plain->primary, false, [5, 10], true, true);
    try {
        ReadCode::by($light, '12');
        $this->fail('read 12');
    } catch (UnreadableCode $refusal) {
        expect($refusal->fact()->values['readings'])->toBe(['no level of this line']);
    }
});

it('refuses what is ambiguous or unknown, and says why', function (Legend $legend, string $code, string $message) {
    try {
        ReadCode::by($legend, $code);
        $this->fail("read {$code}");
    } catch (UnreadableCode $refusal) {
        expect(words($refusal))->toContain($message)->and(mend($refusal))->not->toBeEmpty();
    }
})->with([
    'nothing' => [fn () => digitLegend(), ' ', 'no code'],
    'no level' => [fn () => letterLegend(), 'N6', 'does not begin with a level'],
    'unknown letter' => [fn () => letterLegend(), '6X', 'means nothing in this line'],
    'unknown digit' => [fn () => digitLegend(), '7.9', 'means nothing in this line'],
    'level outside' => [fn () => digitLegend(), '13.1', 'this line has 1 to 12'],
    'letters in a line of digits' => [fn () => digitLegend(), '6N', 'not this line’s notation'],
    'digits in a line of letters' => [fn () => letterLegend(), '6.1', 'not this line’s notation'],
    'point left out' => [fn () => digitLegend(), '73', 'can be read as 7.3'],
    'a doubled level, or a point left out' => [fn () => digitLegend(), '66', 'can be read as 6.6'],
    'two levels' => [fn () => digitLegend(), '5/6-46', 'two levels'],
    'three tones' => [fn () => digitLegend(), '7.346', 'means nothing'],
    'separator of another line' => [
        fn () => Legend::digits(['1' => ToneMix::only(ToneFamily::Ash)], ['/']),
        '7.1',
        'not how this line parts',
    ],
    'two ways to cut' => [
        fn () => Legend::letters(
            [
                'A' => ToneMix::only(ToneFamily::Ash),
                'AB' => ToneMix::only(ToneFamily::Beige),
                'BC' => ToneMix::only(ToneFamily::Copper),
                'C' => ToneMix::only(ToneFamily::Gold),
            ],
        ),
        '6ABC',
        'A+BC or AB+C',
    ],
]);

it('never crashes and never guesses, whatever is typed', function () {
    mt_srand(31);
    $alphabet = ['1', '2', '3', '5', '6', '0', '9', '.', '/', '-', ',', ' ', 'N', 'n', 'G', 'R', 'é', '½', "\n", '%'];
    foreach ([letterLegend(), digitLegend()] as $legend) {
        for ($i = 0; $i < 2500; $i++) {
            $text = implode(
                '',
                array_map(static fn () => $alphabet[mt_rand(0, count($alphabet) - 1)], range(1, mt_rand(1, 6))),
            );
            try {
                $read = ReadCode::by($legend, $text);
                $sum = array_reduce(
                    $read->tone->shares(),
                    static fn (Fraction $all, Fraction $share) => $all->plus($share),
                    Fraction::zero(),
                );
                expect($read->level)->toBeGreaterThanOrEqual(1)->toBeLessThanOrEqual(12)
                    ->and($sum->equals(Fraction::one()))->toBeTrue($text);
            } catch (CoreException $refusal) {
                expect($refusal)->toBeInstanceOf(UnreadableCode::class);
            }
        }
    }
});
