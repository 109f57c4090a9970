<?php

declare(strict_types=1);

use Core\Hair\Cell;
use Core\Hair\Coverage;
use Core\Hair\InvalidPattern;
use Core\Hair\Method;
use Core\Hair\Pattern;
use Core\Hair\Placement;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Hair\Stroke;
use Core\Units\Fraction;

it('reads a pattern as people write it and writes it back', function (string $text, string $shown, array $sequence) {
    $pattern = Pattern::parse($text);
    expect($pattern->text())->toBe($shown)
        ->and(Pattern::parse($pattern->text()))->toEqual($pattern)
        ->and($pattern->sequence(['A', 'B']))->toBe($sequence);
})->with([
    'alternate' => ['Alternate', 'alternate', ['A', 'B', 'A', 'B', 'A', 'B']],
    'two to one' => ['2 : 1', '2:1', ['A', 'A', 'B', 'A', 'A', 'B', 'A', 'A', 'B']],
    'groups from face to back' => ['3, gap, 2, 1', '3, gap, 2, 1', ['A', 'A', 'A', null, 'A', 'A', null, 'A']],
    'a pie' => ['pie 6', 'pie 6', ['A', 'B', 'A', 'B', 'A', 'B']],
    'layers' => ['layers', 'layers', ['A', 'B', 'A', 'B', 'A', 'B']],
    'so many, in turn' => ['alternate, 5', 'alternate, 5', ['A', 'B', 'A', 'B', 'A']],
    'foils at a count' => ['6 foils at 2:1', '6 foils at 2:1', ['A', 'A', 'B', 'A', 'A', 'B']],
    'groups with strokes' => ['5/4', '5, 4', ['A', 'A', 'A', 'A', 'A', null, 'A', 'A', 'A', 'A']],
    'in words' => ['High, low, high', 'high, low, high', ['A', 'B', 'A']],
    'only counted' => ['3 to 4 foils', '3 to 4 foils', ['A', 'B', 'A', 'B']],
    'rows of two techniques' => ['2 rows of fine and 1 row chunky', '2 rows fine, 1 row chunky', ['A', 'A', 'B']],
]);

it('counts foils as people say them', function (string $text, int $bowls, ?array $each, ?int $fewest) {
    $pattern = Pattern::parse($text);
    expect($pattern->foilsEach($bowls))->toBe($each)->and($pattern->fewestFoils())->toBe($fewest);
    foreach (range(0, $bowls - 1) as $place) {
        expect($pattern->seenFrom($place)->foilsEach($bowls)[0] ?? null)->toBe($each[$place] ?? null);
    }
})->with([
    '18 at 2:1 are 12 and 6' => ['18 foils at 2:1', 2, [12, 6], 18],
    'five in turn' => ['alternate, 5', 2, [3, 2], 5],
    'a range' => ['10 to 12 foils', 1, [12], 10],
    'groups' => ['5/4/3/3', 1, [15], 15],
    'nobody counted' => ['2:1', 2, null, null],
]);

it('refuses what is no pattern', function (string $text) {
    expect(fn () => Pattern::parse($text))->toThrow(InvalidPattern::class);
})->with(
    [
        '',
        'zigzag',
        '2:0',
        '12 to 10 foils',
        '0 foils',
        'high',
        '999 foils',
        '2 rows',
        '1:2:3:4:5:6',
        '5, hole, 4',
        '99999:1',
        'pie 0',
        ':',
        '2:',
        '-1:2',
        str_repeat('1,', 200),
    ],
);

it('never crashes on any text', function () {
    mt_srand(4);
    $pieces = [
        'alternate',
        'pie',
        '2',
        ':',
        ',',
        ' ',
        'gap',
        '9999',
        '-',
        'x',
        "\0",
        '½',
        ' foils',
        ' at ',
        'high',
        ' rows ',
        '/',
    ];
    for ($i = 0; $i < 2000; $i++) {
        $text = implode('', array_map(static fn (): string => $pieces[mt_rand(0, 16)], range(1, mt_rand(1, 6))));
        try {
            expect(Pattern::parse(Pattern::parse($text)->text()))->toEqual(Pattern::parse($text));
        } catch (InvalidPattern $refusal) {
            expect(mend($refusal))->not->toBe('');
        }
    }
});

// Two foils of A for each of B is 66.7 % and 33.3 % (common practice, no source).
it('shares the hair as the pattern says, the same from every bowl', function (string $text, int $bowls) {
    $pattern = Pattern::parse($text);
    $shares = $pattern->shares($bowls);
    $sum = array_reduce(
        $shares,
        static fn (Fraction $sum, Fraction $share): Fraction => $sum->plus($share),
        Fraction::zero(),
    );
    expect($sum->equals(Fraction::one()))->toBeTrue();
    foreach ($shares as $place => $share) {
        expect($pattern->seenFrom($place)->shares($bowls)[0]->equals($share))->toBeTrue();
    }
})->with([['2:1', 2], ['3:2:1', 3], ['alternate', 2], ['layers', 3], ['pie 8', 2], ['5, gap, 4', 1],
    ['alternate, 5', 2], ['7 foils at 2:1', 2],
    ['high, low, high', 2], ['3 rows fine, 2 rows chunky', 2], ['10 to 12 foils', 3]]);

it('asks for one number a bowl', function () {
    expect(fn () => Pattern::parse('2:1')->shares(3))->toThrow(InvalidPattern::class);
});

function stroke(array $regions, array $spans, ?Method $method = null, bool $overlaps = false, array $with = []): Stroke
{
    return new Stroke(Placement::of($regions, $spans), $method, with: $with, overlaps: $overlaps);
}

/** @param  list<array{string, string, Stroke}>  $strokes */
function covered(array $strokes, array $wished = [], array $off = []): Coverage
{
    return Coverage::of(
        array_map(
            static fn (array $each): array => ['letter' => $each[0], 'round' => $each[1], 'stroke' => $each[2]],
            $strokes,
        ),
        $wished,
        $off,
    );
}

it('finds what is bare and what is doubled', function (array $strokes, array $uncovered, array $doubled) {
    $wished = [
        new Cell(Region::Top, Span::Root),
        new Cell(Region::Top, Span::Mids),
        new Cell(Region::Nape, Span::Root),
    ];
    $coverage = covered($strokes, $wished);
    $keys = static fn (array $cells): array => array_map(static fn (Cell $cell): string => $cell->key(), $cells);
    expect($keys($coverage->uncovered))->toBe($uncovered)->and($keys($coverage->doubled))->toBe($doubled);
})->with([
    'nothing painted' => [[], ['top/root', 'top/mids', 'nape/root'], []],
    'all over the root' => [[['A', '1', stroke([], [Span::Root])]], ['top/mids'], []],
    'two bowls on one place' => [
        [['A', '1', stroke([Region::Top], [Span::Root, Span::Mids])], ['B', '1', stroke([], [Span::Root])]],
        [],
        ['top/root'],
    ],
    'one after the other is no doubling' => [
        [['A', '1', stroke([Region::Top], [Span::Root, Span::Mids])], ['B', '2', stroke([], [Span::Root])]],
        [],
        [],
    ],
    'foils leave room' => [
        [
            ['A', '1', stroke([Region::Top], [Span::Root, Span::Mids], Method::FineFoils)],
            ['B', '1', stroke([], [Span::Root, Span::Mids], Method::BetweenFoils)],
        ],
        [],
        [],
    ],
    'meant to run over' => [
        [['A', '1', stroke([], [Span::Root, Span::Mids])], ['B', '1', stroke([Region::Top], [Span::Mids], null, true)]],
        [],
        [],
    ],
    'a shield is no colour' => [
        [['A', '1', stroke([], [Span::Root, Span::Mids])], ['B', '1', stroke([], [Span::Mids], Method::Protect)]],
        [],
        [],
    ],
]);

it('calls it doubled where a bowl lies on hair that is left out', function () {
    $coverage = covered(
        [['A', '1', stroke([Region::Nape], [Span::Ends])]],
        [new Cell(Region::Nape, Span::Ends)],
        [new Cell(Region::Nape, Span::Ends)],
    );
    expect(Cell::words($coverage->doubled))->toBe('ends nape')->and($coverage->uncovered)->toBe([]);
});

it('says cells in few words', function () {
    expect(Cell::words(Cell::all()))->toBe('root and regrowth and mids and ends all over')
        ->and(Cell::words([
            new Cell(Region::Left, Span::Mids),
            new Cell(Region::Crown, Span::Mids),
            new Cell(Region::Crown, Span::Ends),
        ]))
        ->toBe('mids left side, crown; ends crown');
});

it('shows a shared stroke to each bowl that takes part', function () {
    $owned = new Stroke(
        Placement::of([Region::Top], [Span::Mids]),
        Method::FineFoils,
        Pattern::parse('3:2:1'),
        ['B', 'C'],
    );
    expect($owned->seenBy('C', 'A')?->pattern?->text())->toBe('1:3:2')
        ->and($owned->seenBy('C', 'A')?->with)->toBe(['A', 'B'])
        ->and($owned->seenBy('D', 'A'))->toBeNull();
});

it('knows what touches the scalp and what runs through in one pass', function (
    Stroke $stroke,
    bool $scalp,
    bool $onePass,
) {
    expect($stroke->touchesScalp())->toBe($scalp)->and($stroke->isOnePass())->toBe($onePass);
})->with([
    'global' => [stroke([], [], Method::WholeHead), true, true],
    'root' => [stroke([], [Span::Root]), true, false],
    'foils to the root' => [stroke([], [Span::Root, Span::Mids], Method::SliceFoils), false, false],
    'a melt is no one pass' => [stroke([], [], Method::Melt), true, false],
]);
