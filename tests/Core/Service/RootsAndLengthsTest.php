<?php

declare(strict_types=1);

use Core\Fact;
use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Service\PlacedBowl;
use Core\Service\RootsAndLengths;
use Core\Service\SuggestedBowl;
use Core\Shelf\Shelf;
use Tests\Core\Record\Ladder;

// Which strokes lift the roots and the lengths of the same hair, and what the house says of them.

/** @return list<string> the two letters and regions of each pair */
function pairsOf(PlacedBowl ...$bowls): array
{
    $words = static fn (PlacedBowl $bowl, Core\Hair\Stroke $stroke): string => $bowl->sheet->letter.' '.implode(
        '+',
        array_map(static fn (Core\Hair\Region $region): string => $region->value, $stroke->placement->regions),
    );

    return array_map(
        static fn (RootsAndLengths $pair): string => trim($words($pair->root, $pair->rootStroke)).' / '
            .trim($words($pair->lengths, $pair->lengthsStroke)),
        RootsAndLengths::on(virginHead(), $bowls),
    );
}

/** @return list<string> */
function rootCautions(string $school, PlacedBowl ...$bowls): array
{
    return array_map(
        static fn (Caution $each): string => "{$each->key}: ".said($each->fact),
        RootsAndLengths::cautions(virginHead(), $bowls, Schools::read(['root-order' => $school])),
    );
}

/** @return array<string, mixed> */
function strokeOn(string $regions, string $spans, array $more = []): array
{
    return ['regions' => array_filter(explode(' ', $regions)), 'spans' => explode(' ', $spans)] + $more;
}

it('pairs each stroke on roots with each on lengths of the same hair, once', function () {
    $roots = bowlOn('R', [strokeOn('top', 'root'), strokeOn('nape', 'root')]);
    $lengths = bowlOn('L', [strokeOn('top crown', 'mids ends'), strokeOn('nape', 'ends')]);
    expect(pairsOf($roots, $lengths))->toBe(['R top / L top+crown', 'R nape / L nape'])
        ->and(pairsOf($roots, bowlOn('L', [strokeOn('', 'mids')])))->toBe(['R top / L', 'R nape / L'])
        ->and(pairsOf(bowlOn('R', [strokeOn('', 'root')]), $lengths))->toBe(['R / L top+crown', 'R / L nape'])
        ->and(pairsOf(bowlOn('R', [strokeOn('back', 'root')]), $lengths))->toBe([]);
});

it('knows what goes on roots and on lengths', function (array $root, array $lengths, bool $pair) {
    expect(pairsOf(
        bowlOn('R', [strokeOn('', $root['spans'] ?? 'root', $root)]),
        bowlOn('L', [strokeOn('', $lengths['spans'] ?? 'mids ends', $lengths)]),
    ))->toHaveCount($pair ? 1 : 0);
})->with([
    'on both' => [[], [], true],
    'on the mids' => [[], ['spans' => 'mids'], true],
    'on the ends' => [[], ['spans' => 'ends'], true],
    'on the regrowth' => [[], ['spans' => 'regrowth'], false],
    'not on the root itself' => [['spans' => 'regrowth'], [], false],
    'foils on the roots' => [['method' => 'fine-foils'], [], false],
    'foils on the lengths' => [[], ['method' => 'fine-foils'], false],
    'painted lengths' => [[], ['method' => 'hand-painted'], false],
]);

/** A bowl on the roots of a shelf of its own. */
function rootOf(Shelf $shelf, array $developer, array $more = [], array $colour = ['7N' => 'all']): PlacedBowl
{
    $sheet = Ladder::bowl($colour, $developer, $more + ['letter' => 'R', 'place' => [strokeOn('', 'root')]], $shelf);
    $rules = HouseRules::standard();
    $line = $shelf->line($sheet->line) ?? throw new RuntimeException($sheet->line);

    return PlacedBowl::of(0, $sheet, $line, $sheet->known($rules->step), $rules);
}

it('leaves out what shares a pattern, and what lifts too little for a warm root', function () {
    $lengths = bowlOn('L', [strokeOn('', 'mids ends')]);
    $pairs = static fn (PlacedBowl $root): int => count(pairsOf($root, $lengths));
    $shelf = Ladder::shelf();
    expect($pairs(rootOf($shelf, ['d20' => 'all'])))->toBe(1)
        ->and($pairs(rootOf($shelf, ['d20' => 'all'], ['place' => [
            strokeOn('', 'root', ['pattern' => 'alternate', 'with' => ['L']]),
        ]])))->toBe(0)
        ->and($pairs(rootOf($shelf, ['d10' => 'all'])))->toBe(0)
        ->and($pairs(rootOf($shelf, ['d10' => '1', 'd20' => '1'])))->toBe(0)
        ->and($pairs(rootOf($shelf, ['d20' => 'all'], ['purpose' => 'trial'])))->toBe(0)
        // Lightener lifts with weak developer too, and does not run hot by it.
        ->and($pairs(rootOf($shelf, ['d20' => 'all'], ['line' => 'L'], ['powder' => 'all'])))->toBe(1)
        ->and($pairs(rootOf($shelf, ['d10' => 'all'], ['line' => 'L'], ['powder' => 'all'])))->toBe(0)
        // A line of its own lift: half a level at 20 vol is the least that counts.
        ->and($pairs(rootOf(Ladder::shelf([], ['lift' => ['20' => '0.5']]), ['d20' => 'all'])))->toBe(1)
        ->and($pairs(rootOf(Ladder::shelf([], ['lift' => ['20' => '0.25']]), ['d20' => 'all'])))->toBe(0);
});

it('says which bowl goes against the house’s school', function () {
    $root = static fn (string $volume, string $shade = '7N', ?int $order = null): PlacedBowl => placed(Ladder::bowl(
        [$shade => 'all'],
        [$volume => 'all'],
        ['letter' => 'R', 'place' => [strokeOn('nape', 'root', $order === null ? [] : ['order' => $order])]],
    ));
    $lengths = static fn (string $volume): PlacedBowl => placed(Ladder::bowl(
        ['7N' => 'all'],
        [$volume => 'all'],
        ['letter' => 'L', 'place' => [strokeOn('nape', 'mids ends', ['order' => 2])]],
    ));
    $strong = 'root-as-strong: '.said(Fact::of('cautions.root-as-strong', root: 'R', lengths: 'L'));
    expect(rootCautions('roots-first', $root('d20'), $lengths('d20')))->toBe([$strong])
        ->and(rootCautions('roots-first', $root('d20'), $lengths('d30')))->toBe([])
        ->and(rootCautions('roots-first', $root('d30'), $lengths('d20')))->toBe([$strong])
        ->and(rootCautions('roots-first', $root('d20', '6N'), $lengths('d20')))->toBe([])
        // Half a level deeper is enough; a quarter is not.
        ->and(rootCautions('mids-first', $root('d20', '7N', 1), $lengths('d20')))
        ->toBe(['root-order: '.said(Fact::of('cautions.root-order', root: 'R', lengths: 'L'))])
        // One pass elsewhere is cautioned by itself, and keeps nothing else from being said.
        ->and(rootCautions('roots-first', bowlOn('A', [strokeOn('top', 'root mids ends')]), $root('d20'), $lengths('d20')))
        ->toBe([$strong]);
});

it('lets a root be that nobody knows the level of', function () {
    $unknown = static function (PlacedBowl $bowl): PlacedBowl {
        return new PlacedBowl($bowl->round, $bowl->sheet, $bowl->line, null, $bowl->strength, $bowl->strokes);
    };
    $root = bowlOn('R', [strokeOn('', 'root')]);
    $lengths = bowlOn('L', [strokeOn('', 'mids')]);
    foreach ([[$unknown($root), $lengths], [$root, $unknown($lengths)], [$unknown($root), $unknown($lengths)]] as $bowls) {
        expect(rootCautions('roots-first', ...$bowls))->toHaveCount(1);
    }
});

/** @return list<SuggestedBowl> */
function waysOfRoots(string $school, Shelf $shelf, PlacedBowl ...$bowls): array
{
    return RootsAndLengths::suggestions(virginHead(), $bowls, $shelf, Schools::read(['root-order' => $school]));
}

it('says why one pass is to be parted, once for each bowl', function (string $school, string $words, array $why, ?string $job) {
    $bowl = bowlOn('A', [strokeOn('top', 'root mids ends'), strokeOn('nape', 'root mids ends')], ['job' => '']);
    $found = waysOfRoots($school, Ladder::shelf(), $bowl, bowlOn('B', [strokeOn('back', 'mids')]));
    expect($found)->toHaveCount(1)
        ->and($found[0]->key)->toBe('order-A')
        ->and($found[0]->words->key)->toBe("why.roots-and-lengths.{$words}")
        ->and($found[0]->words->values['letter'])->toBe('A')
        ->and(array_map(static fn (Fact $each): string => $each->key, $found[0]->why))
        ->toBe(array_map(static fn (string $each): string => "why.roots-and-lengths.{$each}", $why))
        ->and($found[0]->job === null ? null : said($found[0]->job))->toBe($job);
})->with([
    'mids first' => ['mids-first', 'mids-first', ['warm-scalp', 'house-mids-first'], null],
    'roots first' => ['roots-first', 'root-deeper', ['warm-scalp', 'house-roots-first'], 'Root, A'],
]);

it('names the root after the bowl’s job, and is deeper where the shelf has nothing weaker', function () {
    $shelf = Ladder::shelf([], ['developers' => ['d20']]);
    $bowl = rootOf($shelf, ['d20' => 'all'], ['job' => 'Lift', 'place' => [strokeOn('', 'root mids ends')]]);
    $found = waysOfRoots('roots-first', $shelf, $bowl);
    expect($found[0]->words->key)->toBe('why.roots-and-lengths.root-deeper')
        ->and($found[0]->job === null ? null : said($found[0]->job))->toBe('Root, Lift')
        // Nothing to part where nothing goes on in one pass.
        ->and(waysOfRoots(
            'roots-first', Ladder::shelf(), bowlOn('R', [strokeOn('', 'root')]), bowlOn('L', [strokeOn('', 'mids')]),
        ))->toBe([]);
});
