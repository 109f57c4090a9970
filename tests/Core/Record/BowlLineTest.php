<?php

declare(strict_types=1);

use Core\Codec\ReadBowl;
use Core\Formula\BowlSheet;
use Core\Record\BowlLine;
use Core\Record\ReadBowlLine;
use Core\Record\WriteBowlLine;
use Tests\Core\Record\Ladder;

/** What was understood, in short. */
function understood(BowlLine $line): string
{
    $entries = static fn (array $part): string => implode(' + ', array_map(
        static fn (array $each): string => "{$each['share']} ".($each['product'] ?? $each['words'] ?? ''),
        $part,
    ));

    return implode(' | ', array_filter([
        $line->as === null ? '' : "as {$line->as}",
        $line->line,
        $line->ratio ?? '',
        ...array_map($entries, $line->parts),
        implode(
            ' + ',
            array_map(static fn (array $each): string => "{$each['dose']} {$each['product']}", $line->additives),
        ),
        $line->amount === null ? '' : "{$line->amount['of']} {$line->amount['grams']}",
        $line->place === null
            ? ''
            : implode(
                '/',
                [
                    ...$line->place['regions'],
                    ...$line->place['spans'],
                    $line->place['method'] ?? '-',
                    $line->place['foils'] ?? '-',
                ],
            ),
        $line->minutes === null ? '' : "{$line->minutes} min",
        $line->job === '' ? '' : "“{$line->job}”",
        $line->rest === [] ? '' : 'rest: '.implode(' / ', $line->rest),
    ], static fn (string $each): bool => $each !== ''));
}

it('reads a bowl as it is written on a card', function (string $text, string $read) {
    expect(understood(ReadBowlLine::of($text, Ladder::shelf(), 'P')))->toBe($read);
})->with([
    'grams and a quarter' => [
        '30 6N + 15 6G, quarter 6A, 1:1.5 20 vol, root, 35 min, foils 20',
        'P | 1:1.5 | 30 g 6N + 15 g 6G + quarter 6A | all d20 | root/fine-foils/20 | 35 min',
    ],
    'equal, and a strength that is blended' => ['equal 7G 7C, 1:2 15 vol', 'P | 1:2 | 1 7G + 1 7C | 1/2 d10 + 1/2 d20'],
    'in any order' => [
        '20 min, 10 vol, mids ends, 1:2, 40 g 7G',
        'P | 1:2 | 40 g 7G | all d10 | mids/ends/-/- | 20 min',
    ],
    'parts' => ['2 6N + 1 6G 20 vol 1:1', 'P | 1:1 | 2 6N + 1 6G | all d20'],
    'one shade, a total' => ['7C 20 vol, total 90 g', 'P | all 7C | all d20 | total 90 g'],
    'grams of the colour' => ['7C + 7G equal, 60 g colour, 20 vol', 'P | 1 7C + 1 7G | all d20 | colour 60 g'],
    'like another one' => ['as A, 30 vol', 'as A | P | all d30'],
    'two developers together' => [
        '50 g powder 1:2 20+40 vol, foils 12',
        'L | 1:2 | 50 g powder | 1 d20 + 1 d40 | fine-foils/12',
    ],
    'a line by its name' => ['Soft, 8G, 10 vol', 'D | all d8G | all d10'],
    'what is not understood stays as it was written' => [
        '30 6N, a drop of moonlight, 1:1.5, 20 vol',
        'P | 1:1.5 | 30 g 6N | all d20 | rest: a drop of moonlight',
    ],
    'a strength the line cannot reach stays' => ['Soft 8G 40 vol', 'D | all d8G | all not said | rest: 40 vol'],
    'a dash of something' => ['30 6N + a dash of 6A, 20 vol', 'P | 30 g 6N + a dash 6A | all d20'],
    'a decimal comma' => ['22,5 6N + 7,5 6G, 1:1,5, 20 vol', 'P | 1:1.5 | 22,5 g 6N + 7,5 g 6G | all d20'],
    'developer in grams' => ['30 6N, 45 g 20 vol', 'P | 30 g 6N | 45 g d20'],
    'a gold in small letters is no gram' => ['30 6n + 15 6g 20 vol', 'P | 30 g 6N + 15 g 6G | all d20'],
    'a job in quotes' => ['“Root” 30 6N 20 vol', 'P | 30 g 6N | all d20 | “Root”'],
    'no developer' => ['clear 20 g, no developer', 'P | no developer | 20 g clear'],
    'a range of minutes, sides and a technique' => [
        '7C 20 vol, left side root touch-up, 30-35 min',
        'P | all 7C | all d20 | left/root-touch-up/- | 30-35 min',
    ],
    'nothing of it' => ['good morning', 'P | all not said | rest: good morning'],
]);

it('takes a letter in front, and several lines for several bowls', function () {
    $all = ReadBowlLine::all("A: 30 6N 20 vol\n\n B) as A, 10 vol\n", Ladder::shelf(), 'P');
    expect(array_map(static fn (BowlLine $each): ?string => $each->letter, $all))->toBe(['A', 'B'])
        ->and($all[1]->as)->toBe('A')->and($all[0]->isEmpty())->toBeFalse()
        ->and(ReadBowlLine::of('hello', Ladder::shelf(), 'P')->isEmpty())->toBeTrue();
});

it('takes the usual line where two know the codes', function () {
    expect(ReadBowlLine::of('8G 10 vol', Ladder::shelf(), 'D')->line)->toBe('D')
        ->and(ReadBowlLine::of('8G 10 vol', Ladder::shelf(), 'P')->line)->toBe('P');
});

it('writes a bowl in one line that reads as the same bowl', function (BowlSheet $sheet) {
    $written = WriteBowlLine::of($sheet, Ladder::shelf());
    $line = ReadBowlLine::of($written, Ladder::shelf(), 'D');
    $read = ReadBowl::from([
        'letter' => $sheet->letter, 'job' => $line->job, 'line' => $line->line, 'ratio' => $line->ratio ?? '1:1.5',
        'amount' => $line->amount ?? ['of' => 'shares'],
        'parts' => array_map(static fn (array $part): array => ['ingredients' => $part], $line->parts),
        'additives' => $line->additives, 'minutes' => $line->minutes, 'note' => '', 'place' => [],
    ], Ladder::shelf());
    expect($line->rest)->toBe([], $written)
        ->and(Ladder::grams($read))->toBe(Ladder::grams($sheet), $written)
        ->and($read->minutesWords())->toBe($sheet->minutesWords());
})->with([
    'parts and a total' => [fn (): BowlSheet => Ladder::bowl()],
    'a total of the mixture' => [
        fn (): BowlSheet => Ladder::bowl(
            ['7C' => 'all'],
            ['d30' => 'all'],
            ['amount' => ['of' => 'total', 'grams' => '90 g'], 'ratio' => '1:2'],
        ),
    ],
    'grams' => [fn (): BowlSheet => Ladder::bowl(['6N' => '22.5 g', '6A' => '7.5 g'], ['d20' => 'all'], ['amount' => ['of' => 'shares']])],
    'a fraction and the rest' => [fn (): BowlSheet => Ladder::bowl(['6N' => 'rest', '6A' => '1/4'])],
    'percents, two strengths' => [fn (): BowlSheet => Ladder::bowl(['6N' => '75 %', '7C' => '25 %'], ['d10' => '1', 'd30' => '1'])],
    'on the lengths' => [
        fn (): BowlSheet => Ladder::bowl(
            more: [
                'place' => [['regions' => ['top', 'crown'], 'spans' => ['mids', 'ends'], 'method' => 'gloss']],
                'minutes' => '20-25',
            ],
        ),
    ],
]);
