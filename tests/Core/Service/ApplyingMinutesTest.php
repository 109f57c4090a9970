<?php

declare(strict_types=1);

use Core\Hair\Method;
use Core\Hair\Placement;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Hair\Stroke;
use Core\Service\ApplyingMinutes;
use Core\Shelf\LineKind;

function appliedTo(array $regions, string $hands = '', ?int $foils = null, Method $method = Method::WholeHead): Stroke
{
    return new Stroke(Placement::of($regions, [Span::Mids, Span::Ends]), $method, hands: $hands, foils: $foils);
}

it('takes two who each have a side as long as the slower one', function () {
    $sides = static fn (string $left, string $right): int => ApplyingMinutes::of([
        appliedTo([Region::Left, Region::Top, Region::Fringe], $left), appliedTo([Region::Right], $right),
    ], LineKind::Permanent);
    expect($sides('Ana', 'Ben'))->toBe(
        ApplyingMinutes::of([appliedTo([Region::Left, Region::Top, Region::Fringe])], LineKind::Permanent),
    )
        ->and($sides('Ana', 'Ana'))->toBe($sides('', ''))
        ->and($sides('Ana', 'Ben'))->toBeLessThan($sides('', ''));
});

it('halves what two do together', function () {
    $alone = ApplyingMinutes::of([appliedTo([], 'Ana', 20, Method::FineFoils)], LineKind::Lightener);
    expect(
        ApplyingMinutes::of([appliedTo([], 'Ana and Ben', 20, Method::FineFoils)], LineKind::Lightener),
    )->toBe(intdiv($alone + 1, 2));
});

it('takes as long as it took the last time, and in proportion where it is more or less work', function () {
    [$twelve, $eighteen] = [[appliedTo([], '', 12, Method::FineFoils)], [appliedTo([], '', 18, Method::FineFoils)]];
    expect(ApplyingMinutes::asBefore($twelve, LineKind::Lightener, 31, $twelve, LineKind::Lightener))->toBe(31)
        ->and(ApplyingMinutes::asBefore($eighteen, LineKind::Lightener, 32, $twelve, LineKind::Lightener))->toBe(48)
        ->and(
            ApplyingMinutes::asBefore($twelve, LineKind::Lightener, 240, [appliedTo([Region::Fringe])], LineKind::Demi),
        )->toBe(240)
        ->and(
            ApplyingMinutes::asBefore([appliedTo([Region::Fringe])], LineKind::Demi, 1, $eighteen, LineKind::Lightener),
        )->toBe(1);
});

it('takes for a whole head of each technique what the house starts from', function (Method $method, int $minutes) {
    // Our own model, to be corrected by what it took the last time.
    expect(ApplyingMinutes::of([appliedTo(Region::cases(), method: $method)], LineKind::Permanent))->toBe($minutes);
})->with([
    [Method::RootTouchUp, 15], [Method::WholeHead, 25], [Method::RootShadow, 8], [Method::Melt, 15],
    [Method::HandPainted, 30], [Method::PaintedUnderFilm, 30], [Method::BetweenFoils, 12], [Method::Blocks, 15],
    [Method::Gloss, 8], [Method::Filler, 10], [Method::Protect, 3], [Method::Strand, 2], [Method::FineFoils, 40],
    [Method::ChunkyFoils, 30], [Method::SliceFoils, 30], [Method::BackcombedFoils, 45], [Method::Lowlights, 30],
]);

it('takes by the kind of line what is laid nowhere in particular', function (LineKind $kind, int $minutes) {
    $unsaid = new Stroke(Placement::of(Region::cases(), [Span::Mids, Span::Ends]));
    expect(ApplyingMinutes::of([], $kind))->toBe($minutes)
        ->and(ApplyingMinutes::of([$unsaid], $kind))->toBe($minutes);
})->with([
    [LineKind::Demi, 8], [LineKind::Direct, 10], [LineKind::Care, 3], [LineKind::Permanent, 15], [LineKind::Lightener, 30],
]);

it('takes a part of the head’s time for a part of the head, rounded up, and two minutes at least', function () {
    $regions = count(Region::cases());
    $of = static fn (int $many, Method $method): int => ApplyingMinutes::of(
        [appliedTo(array_slice(Region::cases(), 0, $many), method: $method)],
        LineKind::Permanent,
    );
    expect($of(1, Method::WholeHead))->toBe((int) ceil(25 / $regions))
        ->and($of(2, Method::FineFoils))->toBe((int) ceil(80 / $regions))
        ->and($of(1, Method::Protect))->toBe(2)
        ->and($of(1, Method::Strand))->toBe(2);
});

it('lays a foil in a minute and a half, and what lies between them as it lies', function () {
    $foils = static fn (int $many, Method $method): int => ApplyingMinutes::of(
        [appliedTo(Region::cases(), '', $many, $method)],
        LineKind::Lightener,
    );
    expect($foils(1, Method::FineFoils))->toBe(2)->and($foils(20, Method::FineFoils))->toBe(30)
        ->and($foils(21, Method::ChunkyFoils))->toBe(32)
        ->and($foils(20, Method::BetweenFoils))->toBe(12)
        ->and($foils(400, Method::FineFoils))->toBe(240);
});
