<?php

declare(strict_types=1);

use Core\Hair\InvalidReach;
use Core\Hair\Reach;
use Core\Hair\Span;

it('reads how far along the strand, however it is said', function (string $text, string $words) {
    $reach = Reach::parse($text);
    expect($reach->words())->toBe($words)
        ->and($reach->text())->toBe(trim($text))
        ->and(Reach::parse($reach->text()))->toEqual($reach);
})->with([
    ['3 cm', '0 to 3 cm from the scalp'],
    ['0 to 3 cm', '0 to 3 cm from the scalp'],
    ['3-8cm', '3 to 8 cm from the scalp'],
    ['3 – 8 cm', '3 to 8 cm from the scalp'],
    ['from 3 to 8 cm', '3 to 8 cm from the scalp'],
    ['First 2 CM', '0 to 2 cm from the scalp'],
    ['the first 2,5 cm', '0 to 2.5 cm from the scalp'],
    [' up to 2 cm ', '0 to 2 cm from the scalp'],
    ['from 5 cm', 'from 5 cm to the ends'],
    ['from 5 cm to the ends', 'from 5 cm to the ends'],
    ['5 cm to ends', 'from 5 cm to the ends'],
    ['5 cm on', 'from 5 cm to the ends'],
    ['5 cm and on', 'from 5 cm to the ends'],
    // An inch is 2.54 cm (international yard and pound agreement of 1959).
    ['1 inch', '0 to 2.5 cm from the scalp'],
    ['2 to 4 inches', '5.1 to 10.2 cm from the scalp'],
    ['1½ in', '0 to 3.8 cm from the scalp'],
    ['2"', '0 to 5.1 cm from the scalp'],
    ['10 in to the ends', 'from 25.4 cm to the ends'],
    ['200 cm', '0 to 200 cm from the scalp'],
]);

it('refuses what is no reach, and says how to mend it', function (string $text, string $words) {
    expect(static fn () => Reach::parse($text))->toRefuse(InvalidReach::class, $words);
})->with([
    'nothing' => ['', ''],
    'no unit' => ['3 to 8', '3 to 8'],
    'no number' => ['some cm', 'some cm'],
    'two ways to the end' => ['3 to 8 cm to the ends', '3 to 8 cm'],
    'three numbers' => ['1 to 2 to 3 cm', '1 to 2 to 3 cm'],
    'backwards' => ['8 to 3 cm', '8 to 3 cm'],
    'no length' => ['3 to 3 cm', '3 to 3 cm'],
    'nothing of it' => ['0 cm', '0 cm'],
    'longer than hair' => ['200.1 cm', '200.1 cm'],
    'from further than hair' => ['from 201 cm', '201 cm'],
    'a hundred inches' => ['100 inches', '100 inches'],
]);

it('says only the spans in which it surely lies', function (string $text, array $spans, bool $scalp) {
    expect(Reach::parse($text)->spans())->toBe($spans)->and(Reach::parse($text)->touchesScalp())->toBe($scalp);
})->with([
    // The root ends at 1.5 cm (common practice, no source).
    'within the root' => ['1 cm', [Span::Root], true],
    'to its end' => ['1.5 cm', [Span::Root], true],
    'beyond it' => ['2 cm', [Span::Root, Span::Regrowth], true],
    'off the scalp, within the root' => ['0.5 to 1.5 cm', [Span::Root], false],
    'off the scalp and beyond' => ['1 to 4 cm', [Span::Root, Span::Regrowth], false],
    'from where the root ends' => ['1.5 to 4 cm', [Span::Mids], false],
    'further out' => ['3 to 8 cm', [Span::Mids], false],
    'to the ends' => ['from 5 cm', [Span::Mids, Span::Ends], false],
    'all of it' => ['from 0 cm', Span::cases(), true],
]);

it('never crashes on any text, and never reads one that runs back', function () {
    mt_srand(71);
    $one = static fn (string ...$of): string => $of[mt_rand(0, count($of) - 1)];
    $read = 0;
    for ($i = 0; $i < 2000; $i++) {
        $text = implode($one(' ', '', ' '), [
            $one('', '', 'from', 'first', 'the first', 'up to', 'é'), $one('3', '0', '1½', '8', ',', '201'),
            $one('', '', 'to', '–', '-'), $one('', '5', '8', '2.5'), $one('cm', 'in', '"', '', 'x'),
            $one('', '', 'to the ends', 'on'),
        ]);
        try {
            $reach = Reach::parse($text);
            expect($reach->spans())->not->toBeEmpty()
                ->and($reach->to === null || $reach->to->compare($reach->from) > 0)->toBeTrue($text);
            $read++;
        } catch (InvalidReach $refusal) {
            expect(words($refusal))->not->toBe('');
        }
    }
    expect($read)->toBeGreaterThan(100);
});
