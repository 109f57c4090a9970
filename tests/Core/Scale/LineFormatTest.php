<?php

declare(strict_types=1);

use Core\Scale\FormatRefused;
use Core\Scale\GarbledLine;
use Core\Scale\LearnFormat;
use Core\Scale\LineFormat;
use Core\Scale\ScaleLine;
use Core\Scale\StillWatch;
use Core\Scale\WeightUnit;

/** What a line says: 12.5 still. */
function heard(LineFormat $format, string $line): string
{
    $read = $format->read($line);

    return $read->isOverload() ? 'overload' : sprintf('%d %s', $read->centigrams, $read->still ? 'still' : 'moving');
}

it('learns a way of writing from three lines, and reads the next ones', function (array $three, array $lines) {
    $format = LearnFormat::from(...$three);
    // As it is kept, it reads the same.
    $format = LineFormat::fromArray(json_decode((string) json_encode($format->toArray()), true));
    $read = [];
    foreach (array_keys($lines) as $line) {
        $read[$line] = heard($format, (string) $line);
    }
    expect($read)->toBe($lines);
})->with([
    'a mark before, signs and noughts' => [
        ['A,W,+0000.0,g', 'A,W,+0210.4,g', 'B,W,+0215.9,g'],
        ['A,W,+0012.3,g' => '1230 still', 'B,W,-0000.5,g' => '-50 moving', ' A,W,+3000.0,g ' => '300000 still'],
    ],
    'the unit only when it is still' => [
        ['  0.00 g', '210.40 g', '215.91'],
        ['  12.30 g' => '1230 still', '- 0.52' => '-52 moving', '1.5 g' => '150 still'],
    ],
    'a word while it moves' => [
        ['Net 0.0 g', 'Net 210.4 g', 'Net 215.9 g M'],
        ['Net 12.3 g' => '1230 still', 'Net 14.0 g M' => '1400 moving'],
    ],
    'a sign while it moves, a decimal comma' => [
        ['0,0 g', '210,4 g', '~ 215,9 g'],
        ['12,3 g' => '1230 still', '~ 0,7 g' => '70 moving'],
    ],
    'a running number before the weight with its unit' => [
        ['1 0.0 g S', '2 210.4 g S', '3 215.9 g D'],
        ['17 12.3 g S' => '1230 still', '18 12.3 g D' => '1230 moving'],
    ],
    'kilograms, and the unit key pressed' => [
        ['S 0.0000 kg', 'S 0.2104 kg', 'D 0.2159 kg'],
        [
            'S 0.0123 kg' => '1230 still',
            'S 12.3 g' => '1230 still',
            'D 1.000 oz' => '2835 moving',
            'S 1.0 lb' => '45359 still',
        ],
    ],
    'overload, in several hands' => [
        ['0.0 g', '210.4 g', '~ 215.9 g'],
        ['OL' => 'overload', '-------' => 'overload', ' ^^^^^ g' => 'overload'],
    ],
]);

it('leaves it to time where no line says that it is still', function () {
    $format = LearnFormat::from('0.0', '210.4', '215.9');
    expect($format->tellsStill())->toBeFalse()->and($format->in)->toBe(WeightUnit::Gram);
    $watch = new StillWatch;
    $still = [];
    foreach (
        [
            0 => 0,
            100 => 500,
            200 => 1_230,
            300 => 1_235,
            400 => 1_230,
            500 => 1_230,
            600 => 1_231,
            700 => 1_300,
        ] as $now => $reading
    ) {
        $still[] = $watch->see($reading, $now);
    }
    expect($still)->toBe([false, false, false, false, false, false, true, false]);
});

it('reads grams where the house says that its bare numbers are ounces', function () {
    $format = LearnFormat::from('0.000', '7.421', '7.500', WeightUnit::Ounce);
    expect(heard($format, '1.000'))->toBe('2835 still');
});

it('takes nothing damaged for a reading', function (string $line) {
    $format = LearnFormat::from('A,W,+0000.0,g', 'A,W,+0210.4,g', 'B,W,+0215.9,g');
    $format->read($line);
})->throws(GarbledLine::class)->with([
    'half a line' => 'A,W,+00',
    'another word' => 'A,X,+0012.3,g',
    'nothing' => '',
    'two at once' => 'A,W,+0012.3,gA,W,+0012.3,g',
    'another unit' => 'A,W,+0012.3,ct',
    'noise' => "\xfe\x01?",
]);

it('refuses lines from which nothing can be learnt', function (array $lines, string $why) {
    try {
        LearnFormat::from(...$lines);
        $said = '';
    } catch (FormatRefused $refusal) {
        $said = $refusal->fact()->key;
    }
    expect($said)->toBe("refusals.format-refused.{$why}");
})->with([
    'nothing' => [['', '', ''], 'three-lines'],
    'the same weight' => [['0.0 g', '0.0 g', '1.0 g'], 'nothing-changes'],
    'two scales' => [['0.0 g', 'ST,GS,210.4,g', '215.9 g'], 'not-alike'],
    'two numbers' => [['1 0', '2 210', '3 215'], 'several-numbers'],
    'two marks' => [['A S 0.0 g', 'A S 2.0 g', 'B D 3.0 g'], 'not-alike'],
]);

it('reads its own lines in whatever unit they are', function (string $body, int $centigrams) {
    $xor = array_reduce(str_split($body), static fn (int $xor, string $byte): int => $xor ^ ord($byte), 0);
    expect(ScaleLine::parse($body.sprintf(' *%02X', $xor))->centigrams)->toBe($centigrams);
})->with([
    'grams' => ['@7 60.00 g still', 6_000],
    'kilograms' => ['@7 0.0600 kg still', 6_000],
    // 60 g are 2.1164 oz: GNU units, from memory.
    'ounces' => ['@7 2.1164 oz still', 6_000],
    'below zero' => ['@7 -210.00 g moving', -21_000],
]);

it('refuses a kept format that is none', function (array $json) {
    LineFormat::fromArray($json);
})->throws(GarbledLine::class)->with([
    'empty' => [[]],
    'no place of the weight' => [['kinds' => '1', 'weight' => -1, 'in' => 'g', 'still' => '']],
    'no unit' => [['kinds' => '1', 'weight' => 0, 'in' => 'stone', 'still' => '']],
]);
