<?php

declare(strict_types=1);

use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Span;
use Core\Hair\Technique;
use Core\Hair\Zone;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Learnt;
use Core\Judgement\Lift;
use Core\Judgement\Observed;
use Core\Judgement\Prediction;
use Core\Judgement\Process;
use Core\Judgement\Undertone;
use Core\Pigment\Ladder;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Strength;

/** @param  array<string, mixed>  $change */
function process(LineKind $kind, ?int $volume, ?Pigment $mix = null, array $change = []): Process
{
    return new Process(...[...[
        'kind' => $kind, 'mix' => $mix, 'strength' => $volume === null ? null : Strength::vol($volume), 'minutes' => 35,
        'window' => ['min' => 30, 'target' => 35, 'max' => 45], 'lift' => LiftTable::standard($kind),
    ], ...$change]);
}

function tint(int $level, ToneFamily $tone): Pigment
{
    return new Pigment(Fraction::of($level), ToneMix::only($tone), Fraction::one());
}

it('knows the pigment that lies bare at each level', function (int $level, string $name, string $neutraliser) {
    // Common practice, no source.
    $bare = Undertone::at(Fraction::of($level));
    expect($bare->name)->toBe($name)->and($bare->neutraliser->words())->toContain($neutraliser);
})->with([
    [1, 'dark red-brown', 'matte'], [
        2,
        'dark red-brown',
        'matte',
    ], [3, 'red-brown', 'matte'], [4, 'red', 'matte'], [5, 'red-orange', 'ash'],
    [6, 'orange', 'ash'], [7, 'orange-gold', 'violet'], [8, 'gold', 'violet'], [9, 'yellow', 'violet'], [
        10,
        'pale yellow',
        'violet',
    ],
]);

it('lifts what the trade expects of each strength', function (LineKind $kind, int $volume, string $levels) {
    // Common practice, no source: up to 10 vol deposits, 20 up to 2, 30 up to 3, 40 up to 4.
    expect(Lift::of(new Zone(Fraction::of(4)), process($kind, $volume))->levels->decimal(1))->toBe($levels);
})->with([
    [LineKind::Permanent, 10, '0'], [LineKind::Permanent, 20, '2'], [LineKind::Permanent, 30, '3'], [
        LineKind::Permanent,
        40,
        '4',
    ],
    'blend' => [
        LineKind::Permanent,
        25,
        '2.5',
    ], 'weak' => [LineKind::Permanent, 6, '0'], 'demi' => [LineKind::Demi, 20, '0'], 'lightener' => [
        LineKind::Lightener,
        20,
        '5',
    ],
]);

it('lets a line override the table', function () {
    $low = LiftTable::of([20 => Fraction::one(), 30 => Fraction::of(2)]);
    expect(Lift::of(
        new Zone(Fraction::of(5)),
        process(LineKind::Permanent, 30, null, ['lift' => $low]),
    )->levels->decimal(1))->toBe('2');
});

it('does not lift tint with tint, and says so', function (HairHistory $history) {
    $lift = Lift::of(new Zone(Fraction::of(5), $history), process(LineKind::Permanent, 40));
    expect($lift->levels->isZero())->toBeTrue()->and(said($lift->why[0]))->toContain('Tint does not lift tint');
})->with([HairHistory::Coloured, HairHistory::DirectDye, HairHistory::Unknown]);

it('lifts more at a warm root, less in open air and on damp hair', function () {
    $plain = Lift::of(new Zone(Fraction::of(5)), process(LineKind::Permanent, 20))->levels;
    $root = Lift::of(new Zone(Fraction::of(5), span: Span::Root), process(LineKind::Permanent, 20))->levels;
    $air = Lift::of(
        new Zone(Fraction::of(5)),
        process(LineKind::Lightener, 20, null, ['technique' => Technique::OpenAir]),
    )->levels;
    $foil = Lift::of(
        new Zone(Fraction::of(5)),
        process(LineKind::Lightener, 20, null, ['technique' => Technique::Foil]),
    )->levels;
    $damp = Lift::of(new Zone(Fraction::of(5), damp: true), process(LineKind::Permanent, 20))->levels;
    expect($root->minus($plain)->compare(Fraction::one()))->toBeLessThanOrEqual(0)
        ->and($root->compare($plain))->toBeGreaterThan(0)
        ->and($air->compare($foil))->toBeLessThan(0)->and($damp->compare($plain))->toBeLessThan(0);
});

it('never lifts less for more strength, more time or a darker start', function () {
    mt_srand(91);
    for ($i = 0; $i < 300; $i++) {
        $kind = [LineKind::Permanent, LineKind::Lightener, LineKind::Demi][mt_rand(0, 2)];
        $zone = new Zone(Fraction::of(mt_rand(1, 9)), damp: mt_rand(0, 1) === 1, span: Span::cases()[mt_rand(0, 3)]);
        [$volume, $minutes] = [mt_rand(1, 39), mt_rand(0, 50)];
        $at = static fn (int $v, int $m) => Lift::of($zone, process($kind, $v, null, ['minutes' => $m]))->levels;
        expect($at($volume + 1, $minutes)->compare($at($volume, $minutes)))->toBeGreaterThanOrEqual(0)
            ->and($at($volume, $minutes + 1)->compare($at($volume, $minutes)))->toBeGreaterThanOrEqual(0)
            ->and($zone->level->plus($at($volume, $minutes))->compare(Fraction::of(12)))->toBeLessThanOrEqual(0);
    }
});

it('moves towards the client’s own closed visits, and says by how many', function () {
    // The table says 2 levels in 35 minutes of 20 vol; this hair lifted 1.5.
    $seen = new Learnt([new Observed(LineKind::Permanent, 'line-1', Fraction::of(2), Fraction::of(3, 2))]);
    $lift = Lift::of(new Zone(Fraction::of(5)), process(LineKind::Permanent, 20), $seen);
    expect($lift->levels->compare(Fraction::of(2)))->toBeLessThan(0)
        ->and($lift->levels->compare(Fraction::of(3, 2)))->toBeGreaterThan(0)
        ->and($lift->learnt?->own)->toBe(1)
        ->and(implode(' ', said($lift->why)))->toContain('1 of this client');
    // Another kind of service says nothing about this one.
    $other = new Learnt([new Observed(LineKind::Lightener, 'line-2', Fraction::of(2), Fraction::of(1))]);
    expect(
        Lift::of(new Zone(Fraction::of(5)), process(LineKind::Permanent, 20), $other)->levels->decimal(1),
    )->toBe('2');
});

it('expects warmth when hair is lifted without anything to hold it', function () {
    $wish = new Zone(Fraction::of(3), wishLevel: Fraction::of(8), wishTone: ToneMix::only(ToneFamily::Natural));
    expect(Prediction::of($wish, process(LineKind::Lightener, 20))->against)->toBe([ExpectedTone::TooWarm]);
});

it('softens what it faces and keeps some of it', function () {
    $yellow = new Zone(Fraction::of(9), HairHistory::Lightened);
    $bare = Prediction::of($yellow, process(LineKind::Demi, 6, Pigment::clear()));
    $toned = Prediction::of($yellow, process(LineKind::Demi, 6, tint(9, ToneFamily::Violet)));
    expect($bare->tone->words())->toStartWith('7')->toContain('% gold')
        ->and($toned->tone->warmth()->compare($bare->tone->warmth()))->toBeLessThan(0)
        ->and(Ladder::warmth($toned->colour->seen()))->toBeLessThan(Ladder::warmth($bare->colour->seen()))
        // Natural hair of its level is no warmer: what was too much is gone, not all of it.
        ->and($toned->colour->seen()->b)->toBeGreaterThan(10.0);
});

it('says when a result is too deep, too light or too cool', function (
    int $start,
    Pigment $mix,
    int $wish,
    ToneFamily $tone,
    ExpectedTone $expected,
) {
    $zone = new Zone(
        Fraction::of($start),
        HairHistory::Lightened,
        wishLevel: Fraction::of($wish),
        wishTone: ToneMix::only($tone),
    );
    expect(Prediction::of($zone, process(LineKind::Demi, 6, $mix))->against)->toContain($expected);
})->with([
    'too deep' => [9, tint(5, ToneFamily::Natural), 9, ToneFamily::Natural, ExpectedTone::TooDeep],
    'too light' => [9, tint(9, ToneFamily::Natural), 6, ToneFamily::Natural, ExpectedTone::TooLight],
    'too cool' => [7, tint(6, ToneFamily::Ash), 7, ToneFamily::Copper, ExpectedTone::TooCool],
    'violet-red is no copper' => [7, tint(6, ToneFamily::Mahogany), 6, ToneFamily::Copper, ExpectedTone::Flat],
    'red is no gold' => [9, tint(6, ToneFamily::Red), 9, ToneFamily::Gold, ExpectedTone::TooRed],
    'gold is no red' => [6, tint(6, ToneFamily::Gold), 6, ToneFamily::Red, ExpectedTone::TooGolden],
    'green' => [10, tint(8, ToneFamily::Matte), 10, ToneFamily::Natural, ExpectedTone::Green],
]);

it('says that a shade lighter than the hair does little', function () {
    $seen = Prediction::of(new Zone(Fraction::of(5)), process(LineKind::Demi, 6, tint(9, ToneFamily::Gold)));
    expect($seen->level->compare(Fraction::of(9, 2)))->toBeGreaterThan(0)
        ->and(implode(' ', said($seen->why)))->toContain('changes the depth little');
});

it('warns of what can hurt', function (Zone $zone, Process $process, string $key) {
    $cautions = Prediction::of($zone, $process)->cautions;
    expect(array_map(static fn ($caution) => $caution->key, $cautions))->toContain($key);
    foreach ($cautions as $caution) {
        expect(mend($caution))->not->toBeEmpty();
    }
})->with([
    '40 vol on the scalp' => [
        new Zone(Fraction::of(5)),
        process(LineKind::Permanent, 40, null, ['onScalp' => true]),
        'strong-on-scalp',
    ],
    'overlap' => [new Zone(Fraction::of(9), HairHistory::Lightened), process(LineKind::Lightener, 20), 'overlap'],
    'dark hair’s strength on light hair' => [
        new Zone(Fraction::of(9), HairHistory::Lightened),
        process(LineKind::Permanent, 30, tint(8, ToneFamily::Natural)),
        'strong-on-light',
    ],
    'unknown dye' => [
        new Zone(Fraction::of(5), HairHistory::Unknown),
        process(LineKind::Demi, 6, tint(5, ToneFamily::Natural)),
        'unknown-dye',
    ],
    'over time' => [new Zone(Fraction::of(5)), process(LineKind::Permanent, 20, null, ['minutes' => 60]), 'over-time'],
    'hot roots' => [
        new Zone(Fraction::of(5)),
        process(LineKind::Permanent, 30, tint(8, ToneFamily::Red), ['onePass' => true]),
        'hot-roots',
    ],
    'bands' => [
        new Zone(Fraction::of(6), banded: true),
        process(LineKind::Permanent, 20, tint(6, ToneFamily::Natural)),
        'bands',
    ],
    'porous ends' => [
        new Zone(Fraction::of(8), porosity: Porosity::High),
        process(LineKind::Demi, 6, tint(8, ToneFamily::Pearl)),
        'porous',
    ],
]);

it('stays quiet where nothing is wrong', function () {
    expect(Prediction::of(
        new Zone(Fraction::of(5)),
        process(LineKind::Permanent, 20, tint(5, ToneFamily::Natural)),
    )->cautions)->toBe([]);
});

it('lays a deeper bowl by how much of it holds', function () {
    // A demi 6 on a 9 comes most of the way; the less time it has, the less far (common practice, no source).
    $at = static fn (int $minutes): Fraction => Prediction::of(
        new Zone(Fraction::of(9), HairHistory::Lightened),
        process(LineKind::Demi, 6, tint(6, ToneFamily::Natural), ['minutes' => $minutes]),
    )->level;
    expect($at(35)->compare(Fraction::of(7)))->toBeLessThan(0)
        ->and($at(14)->compare($at(35)))->toBeGreaterThan(0)
        ->and($at(7)->compare($at(14)))->toBeGreaterThan(0)
        ->and($at(0)->equals(Fraction::of(9)))->toBeTrue();
});

it('speaks of the minutes only where they differ from the target', function () {
    $why = static fn (int $minutes) => implode(
        ' ',
        said(Lift::of(new Zone(Fraction::of(5)), process(LineKind::Permanent, 20, null, ['minutes' => $minutes]))->why),
    );
    expect($why(35))->not->toContain('of 35 minutes')->and($why(21))->toContain('21 of 35 minutes: 1.2');
});
