<?php

declare(strict_types=1);

use Core\Hair\Cell;
use Core\Hair\HairHistory;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Hair\Zone;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Pigment\Real;
use Core\Service\Strand;
use Core\Service\StrandKind;
use Core\Service\StrandStory;
use Core\Service\WholeHead;
use Core\Units\Fraction;

// How kinds of strands read together from some steps away.

/** @param  ?array<string, mixed>  $stroke  of something that lies in such sections and colours nothing */
function kindOf(string $level, string $share, ?array $stroke = null): StrandStory
{
    $laid = [];
    if ($stroke !== null) {
        $bowl = bowlOn('S', [['regions' => [], 'spans' => ['mids'], ...$stroke]], ['purpose' => 'protect']);
        $laid[] = ['bowl' => $bowl, 'stroke' => $bowl->strokes[0]];
    }

    return StrandStory::of(
        new Strand(StrandKind::Whole, Fraction::parse($share), $laid, [new Cell(Region::Top, Span::Mids)]),
        new Zone(Fraction::parse($level), HairHistory::Natural),
    );
}

it('says how much of the hair is light, and how far that is from the rest', function (array $kinds, string $key, array $said) {
    $head = WholeHead::of(array_map(static fn (array $kind): StrandStory => kindOf(...$kind), $kinds));
    $level = array_shift($said);
    expect($head->says()->key)->toBe("why.whole-head.{$key}")
        ->and(array_diff_key($head->says()->values, ['level' => 0]))->toBe($said === [] ? [] : ['light' => $said[0], 'contrast' => $said[1]])
        ->and(abs((float) $head->says()->values['level'] - $level))->toBeLessThan(0.16);
})->with([
    // The eye mixes light, not levels: a third at 9 lifts a head of 5 by more than a third of four levels.
    'even' => [[['6.3', '1']], 'even', [6.3]],
    'nearly even' => [[['6', '1/2'], ['6.25', '1/2']], 'even', [6.1]],
    'just uneven' => [[['6', '1/2'], ['6.26', '1/2']], 'soft-wide', [6.1, '50', '0.3']],
    'a third light' => [[['5', '2/3'], ['8.25', '1/3']], 'seen', [6.4, '33', '3.3']],
    'three kinds' => [[['5', '1/2'], ['6', '1/4'], ['9', '1/4']], 'seen', [6.6, '25', '4']],
    'the middle counts as dark' => [[['5', '1/2'], ['6', '1/4'], ['7', '1/4']], 'seen', [5.8, '25', '2']],
    // Fewer than one in twenty are not told by themselves.
    'a few light strands' => [[['5', '24/25'], ['9', '1/25']], 'even', [5.3]],
    'enough of them' => [[['5', '19/20'], ['9', '1/20']], 'seen', [5.3, '5', '4']],
]);

it('sees one level in wide sections, half a level more in usual ones, two in narrow ones', function (
    ?array $stroke,
    string $apart,
    string $key,
) {
    $light = Fraction::of(6)->plus(Fraction::parse($apart))->decimal(2);
    expect(WholeHead::of([kindOf('6', '1/2', $stroke), kindOf($light, '1/2')])->says()->key)->toBe("why.whole-head.{$key}");
})->with([
    'wide, whole places' => [null, '1', 'seen'], 'wide, less' => [null, '0.99', 'soft-wide'],
    'laid all over' => [['method' => 'global'], '1', 'seen'],
    'blocks' => [['method' => 'blocks', 'pattern' => '2:1'], '1', 'seen'],
    'foils' => [['method' => 'slice-foils'], '1.5', 'seen'], 'foils, less' => [['method' => 'slice-foils'], '1.49', 'soft'],
    'a pattern by itself' => [['pattern' => '2:1'], '1.49', 'soft'],
    'fine foils' => [['method' => 'fine-foils'], '2', 'seen'], 'fine foils, less' => [['method' => 'fine-foils'], '1.99', 'soft'],
    'written to be wide' => [['method' => 'fine-foils', 'width' => 'broad'], '1', 'seen'],
]);

it('goes by the widest that lie beside each other', function () {
    $strands = [
        kindOf('6', '1/3', ['method' => 'fine-foils']), kindOf('6', '1/3', ['method' => 'slice-foils']), kindOf('7.5', '1/3'),
    ];
    expect(WholeHead::of($strands)->says()->key)->toBe('why.whole-head.seen')
        ->and(WholeHead::of([$strands[0], $strands[2]])->says()->key)->toBe('why.whole-head.soft');
});

it('is the level of the light that the strands mix to', function () {
    $head = WholeHead::of([kindOf('5', '2/3'), kindOf('8.25', '1/3')]);
    $mixed = HairColour::sideBySide([[HairColour::natural(5.0), 2 / 3], [HairColour::natural(8.25), 1 / 3]]);
    expect($head->level->decimal(2))->toBe(Real::hundredths(Ladder::level($mixed))->decimal(2))
        ->and($head->light?->decimal(2))->toBe('0.33')->and($head->contrast->decimal(2))->toBe('3.25');
});
