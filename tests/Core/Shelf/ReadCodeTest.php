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
    'separator of another line' => [fn () => Legend::digits(['1' => ToneMix::only(ToneFamily::Ash)], ['/']), '7.1', 'not how this line parts'],
    'two ways to cut' => [fn () => Legend::letters(['A' => ToneMix::only(ToneFamily::Ash), 'AB' => ToneMix::only(ToneFamily::Beige), 'BC' => ToneMix::only(ToneFamily::Copper), 'C' => ToneMix::only(ToneFamily::Gold)]), '6ABC', 'A+BC or AB+C'],
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
