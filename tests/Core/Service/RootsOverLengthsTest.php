<?php

declare(strict_types=1);

use Core\Hair\CanvasZone;
use Core\Judgement\Caution;
use Core\Practice\Schools;
use Core\Service\RootColourOnLengths;
use Core\Service\SuggestedBowl;

// A root colour and the coloured lengths below it: which of them it reaches, and which lie bare.

/**
 * @param  array<string, mixed>  $zone  of the lengths, beside coloured mids and ends at 6
 * @param  list<array<string, mixed>>  $place  of the root's bowl
 * @param  array<string, mixed>  $more  of it
 * @return array{list<string>, list<string>}|null names of what is reached and of what is bare; null where it is none
 */
function overLengths(array $zone, array $place = [], array $more = [], ?array $other = null): ?array
{
    $place = $place === [] ? [['regions' => [], 'spans' => ['root']]] : $place;
    $head = readHead(
        ['regions' => [], 'spans' => ['root'], 'level' => '5', 'history' => 'natural'],
        $zone + ['regions' => [], 'spans' => ['mids', 'ends'], 'level' => '6', 'history' => 'coloured'],
    );
    $bowls = [bowlOn('R', $place, $more), ...($other === null ? [] : [bowlOn('L', $other)])];
    $found = array_values(array_filter(
        RootColourOnLengths::on($head, $bowls),
        static fn (RootColourOnLengths $each): bool => $each->bowl->sheet->letter === 'R',
    ));
    $names = static fn (array $zones): array => array_map(static fn (CanvasZone $zone): string => $zone->name, $zones);

    return $found === [] ? null : [$names($found[0]->reached), $names($found[0]->bare)];
}

it('knows the coloured lengths below a root colour', function (array $zone, bool $kept) {
    $name = readHead(['regions' => [], 'spans' => ['root'], 'level' => '5'], $zone + [
        'regions' => [], 'spans' => ['mids', 'ends'], 'level' => '6',
    ])->zones[1]->name;
    expect(overLengths($zone))->toBe([[], $kept ? [$name] : []]);
})->with([
    'coloured' => [['history' => 'coloured'], true],
    'a direct dye' => [['history' => 'direct-dye'], true],
    'lightened' => [['history' => 'lightened'], true],
    'natural' => [['history' => 'natural'], false],
    'nobody knows' => [['history' => 'unknown'], false],
    'to be left alone' => [['offLimits' => true], false],
    'only the mids' => [['spans' => ['mids']], true],
    'only the ends' => [['spans' => ['ends']], true],
    'to stay as it is, nearly' => [['wish' => ['level' => '6.25']], true],
    'nearly, deeper' => [['wish' => ['level' => '5.75']], true],
    'to be lighter' => [['wish' => ['level' => '6.5']], false],
    'to be deeper' => [['wish' => ['level' => '5.5']], false],
    'another level that nobody read' => [['level' => null, 'wish' => ['level' => '8']], true],
]);

it('tells what it reaches itself from what another bowl is for', function () {
    $lengths = [['regions' => [], 'spans' => ['mids', 'ends']]];
    $name = overLengths([])[1][0] ?? '';
    expect($name)->not->toBe('')
        // Laid on them, or taken through at the end.
        ->and(overLengths([], [['regions' => [], 'spans' => ['root', 'mids']]]))->toBe([[$name], []])
        ->and(overLengths([], [], ['through' => 5]))->toBe([[$name], []])
        ->and(overLengths([], [], [], $lengths))->toBe([[], []])
        // The bowl lies on the fringe alone; these lengths are at the back.
        ->and(overLengths(['regions' => ['back']], [['regions' => ['fringe'], 'spans' => ['root']]]))->toBe([[], []]);
});

it('is no root colour that does not colour roots', function (array $place, array $more) {
    expect(overLengths([], $place, $more))->toBeNull();
})->with([
    'on the lengths' => [[['regions' => [], 'spans' => ['mids']]], []],
    'in foils' => [[['regions' => [], 'spans' => ['root'], 'method' => 'fine-foils']], []],
    'a test strand' => [[], ['purpose' => 'trial']],
]);

it('says what the house does with them, and why', function (string $school, array $wish, ?int $through, array $said) {
    $head = readHead(
        ['regions' => [], 'spans' => ['root'], 'level' => '5', 'history' => 'natural'],
        ['regions' => [], 'spans' => ['mids', 'ends'], 'level' => '6', 'history' => 'coloured', 'wish' => $wish],
    );
    $bowls = [bowlOn('R', [['regions' => [], 'spans' => ['root']]], $through === null ? [] : ['through' => $through])];
    $rules = Schools::read(['refresh-ends' => $school]);
    $told = array_map(static fn (SuggestedBowl $each): array => [
        $each->key, substr($each->words->key, strlen('why.root-colour-on-lengths.')),
        array_map(static fn (Core\Fact $why): string => substr($why->key, strlen('why.root-colour-on-lengths.')), $each->why),
        $each->change?->value,
    ], RootColourOnLengths::suggestions($head, $bowls, $rules));
    $cautions = array_map(
        static fn (Caution $each): array => [$each->key, count($each->zones)],
        RootColourOnLengths::cautions($head, $bowls, $rules),
    );
    expect([$told, $cautions])->toBe($said);
})->with([
    'every time, to refresh a tone' => ['every-time', ['tone' => ['gold']], null, [
        [['through-R', 'take-through', ['house-every-time', 'for-refresh'], '15 min']], [],
    ]],
    'every time, with no change wished' => ['every-time', [], null, [
        [['through-R', 'take-through', ['house-every-time', 'for-no-change'], '5 min']], [],
    ]],
    'every time, as it is planned' => ['every-time', [], 5, [[], []]],
    'never, though it is planned' => ['never', [], 5, [
        [['through-R', 'not-through', ['house-never'], 'no']], [['combed-through', 1]],
    ]],
    'never, and it is not' => ['never', [], null, [[], []]],
    'as it is judged' => ['judged', [], null, [[], []]],
]);
