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
