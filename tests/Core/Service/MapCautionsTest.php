<?php

declare(strict_types=1);

use Core\Fact;
use Core\Hair\Canvas;
use Core\Hair\Coverage;
use Core\Judgement\Caution;
use Core\Service\MapCautions;
use Core\Service\PlacedBowl;
use Tests\Core\Record\Ladder;

// What fires where canvas and bowls are seen together, each with its figures.

/**
 * @param  list<Caution>  $cautions
 * @return array<string, Fact> by key
 */
function factsOf(array $cautions): array
{
    return array_combine(
        array_map(static fn (Caution $each): string => $each->key, $cautions),
        array_map(static fn (Caution $each): Fact => $each->fact, $cautions),
    );
}

/** @return array<string, Fact> */
function overMap(Canvas $canvas, PlacedBowl ...$bowls): array
{
    return factsOf(MapCautions::of($canvas, Coverage::of([], []), array_values($bowls)));
}

function allOver(string $developer, array $colour = ['6N' => 'all'], array $more = []): PlacedBowl
{
    return placed(Ladder::bowl(
        $colour, [$developer => 'all'], $more + ['place' => [['regions' => [], 'spans' => ['mids', 'ends']]]],
    ));
}

it('says which strength on what, where', function () {
    $zone = ['spans' => ['mids']];
    $canvas = readHead(
        ['name' => 'Back', 'regions' => ['back'], 'level' => null] + $zone,
        ['name' => 'Crown', 'regions' => ['crown'], 'level' => '6.75'] + $zone,
        ['name' => 'Nape', 'regions' => ['nape'], 'level' => '4'] + $zone,
        ['name' => 'Top', 'regions' => ['top'], 'level' => '7'] + $zone,
        ['name' => 'Fringe', 'regions' => ['fringe'], 'level' => '9', 'history' => 'lightened'] + $zone,
        ['name' => 'Left', 'regions' => ['left'], 'level' => '6', 'history' => 'lightened'] + $zone,
        ['name' => 'Right', 'regions' => ['right'], 'level' => '5', 'spans' => ['root']],
    );
    $said = static fn (PlacedBowl $bowl): array => (overMap($canvas, $bowl)['dark-strength-on-light'] ?? null)->values ?? [];
    expect($said(allOver('d20')))->toBe([
        'letter' => 'A', 'strength' => '20 vol', 'what' => 'colour', 'value' => 'Crown, Nape', 'value2' => 'Fringe, Left',
    ])
        ->and($said(allOver('d30', ['powder' => 'all'], ['letter' => 'L', 'line' => 'L', 'ratio' => '1:2'])))->toBe([
            'letter' => 'L', 'strength' => '30 vol', 'what' => 'lightener', 'value' => 'Crown, Nape', 'value2' => 'Fringe, Left',
        ])
        ->and($said(allOver('d10')))->toBe([])
        ->and($said(allOver('d20', more: ['place' => [['regions' => ['crown', 'nape', 'top'], 'spans' => ['mids']]]])))->toBe([])
        ->and($said(allOver('d20', more: ['place' => [['regions' => ['top', 'fringe'], 'spans' => ['mids']]]])))->toBe([])
        // A shield is on nobody's hair to lift it.
        ->and($said(allOver('d20', more: ['purpose' => 'protect'])))->toBe([]);
});

it('says where bowls that are to stay apart meet, and why they are to', function (string $why, string $key, array $more) {
    $bowls = [
        allOver('d20', more: ['place' => [['regions' => ['top', 'crown'], 'spans' => ['mids']]]]),
        allOver('d20', more: ['letter' => 'B', 'place' => [['regions' => ['crown'], 'spans' => ['mids', 'ends']]]]),
        allOver('d20', more: ['letter' => 'C', 'place' => [['regions' => ['nape'], 'spans' => ['mids']]]]),
    ];
    $found = MapCautions::touching($bowls, [['bowls' => ['A', 'B', 'C', 'D'], 'why' => $why]]);
    expect($found)->toHaveCount(1)
        ->and($found[0]->key)->toBe('touching')
        ->and($found[0]->fact->key)->toBe("cautions.{$key}")
        ->and($found[0]->fact->values)->toBe(['one' => 'A', 'other' => 'B', 'cells' => 'mids crown'] + $more);
})->with([
    'nobody said why' => ['', 'touching', []],
    'somebody did' => ['metal salts.', 'touching-why', ['why' => 'Metal salts']],
]);

it('says how close two bowls of a pattern are', function () {
    $stroke = [
        'regions' => ['top'], 'spans' => ['mids'], 'method' => 'slice-foils', 'pattern' => '1:1:1:1', 'with' => ['X', 'B', 'C'],
    ];
    $bowls = static fn (array $other): array => [
        allOver('d20', more: ['place' => [$stroke]]),
        allOver('d20', $other, ['letter' => 'B', 'place' => []]),
        allOver('d20', ['9N' => 'all'], ['letter' => 'C', 'place' => []]),
    ];
    $said = static fn (array $other): array => array_map(
        static fn (Caution $each): array => [$each->fact->key, $each->fact->values],
        MapCautions::of(new Canvas, Coverage::of([], []), $bowls($other)),
    );
    // Bowl X is not there, C is far enough.
    expect($said(['7N' => 'all']))->toBe([
        ['cautions.low-contrast-a-level', ['one' => 'A', 'other' => 'B', 'gap' => '1']],
    ])
        ->and($said(['6N' => '3', '7N' => '1']))->toBe([
            ['cautions.low-contrast', ['one' => 'A', 'other' => 'B', 'gap' => '0.3']],
        ])
        ->and($said(['5N' => '3', '6N' => '1']))->toBe([
            ['cautions.low-contrast', ['one' => 'A', 'other' => 'B', 'gap' => '0.8']],
        ])
        ->and($said(['8N' => 'all']))->toBe([]);
});
