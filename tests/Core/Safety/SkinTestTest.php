<?php

declare(strict_types=1);

use Core\Practice\HouseRules;
use Core\Practice\TestReaders;
use Core\Safety\BowlContents;
use Core\Safety\BowlOrigin;
use Core\Safety\ClientSafety;
use Core\Safety\Contraindication;
use Core\Safety\Gate;
use Core\Safety\PlannedLine;
use Core\Safety\SignedWaiver;
use Core\Safety\SkinTest;
use Core\Safety\TestRefused;

// EU 1223/2009 Annex III wording duty, from memory: read 48 hours after it was placed.
it('counts begun hours whole, until it may be read', function (int $afterSeconds, int $hours) {
    expect((new SkinTest(['T'], 5000))->hoursLeft(5000 + $afterSeconds))->toBe($hours);
})->with([
    'just placed' => [0, 48],
    'a second in' => [1, 48],
    'an hour in' => [3600, 47],
    'an hour and a second in' => [3601, 47],
    'two hours in' => [7200, 46],
    'a second before' => [48 * 3600 - 1, 1],
    'to the second' => [48 * 3600, 0],
    'long after' => [100 * 3600, 0],
]);

it('says how long it is too early in the hours that are left', function () {
    expect(TestRefused::tooEarly(1)->fact()->key)->toBe('refusals.test-refused.too-early-an-hour')
        ->and(TestRefused::tooEarly(2)->fact()->key)->toBe('refusals.test-refused.too-early')
        ->and(TestRefused::tooEarly(2)->fact()->values)->toBe(['hours' => 2])
        ->and(TestRefused::notAReader(TestReaders::cases()[0])->fact()->values['readers'])->not->toBe('');
});

it('sends to a doctor what does not heal by itself', function (Contraindication $against, string $mend) {
    expect($against->mend()->entry())->toBe($mend)->and($against->mend()->isMend())->toBeTrue()
        ->and($against->mend()->values['what']->key)->toBe("safety.{$against->value}");
})->with([
    'an earlier reaction' => [Contraindication::EarlierReaction, 'cautions.needs-doctor'],
    'a henna tattoo' => [Contraindication::HennaTattoo, 'cautions.needs-doctor'],
    'a sensitive scalp' => [Contraindication::SensitiveScalp, 'cautions.heals'],
    'a rash' => [Contraindication::FaceRash, 'cautions.heals'],
]);

it('weighs ahead of a shut gate only where the house allows it, and never calls an open one ahead', function () {
    $tide = BowlContents::of(new BowlOrigin('a', 'A', [new PlannedLine('T', 'Tide')]), []);
    $ahead = HouseRules::standard()->withWeighAhead(true);
    $never = HouseRules::standard()->withWeighAhead(false);
    $nobody = new ClientSafety([]);
    expect(Gate::of($nobody, [$tide], 0, $ahead, [])->isAhead())->toBeTrue()
        ->and(Gate::of($nobody, [$tide], 0, $never, [])->isAhead())->toBeFalse()
        ->and(Gate::of($nobody, [], 0, $ahead, [])->isAhead())->toBeFalse();
});

it('names the reason of the waiver that opened it, and of no other', function () {
    $tide = BowlContents::of(new BowlOrigin('a', 'A', [new PlannedLine('T', 'Tide')]), []);
    $rules = HouseRules::standard()->withWaivers(true);
    $gate = Gate::of(new ClientSafety([]), [$tide], 0, $rules, [
        new SignedWaiver(['S'], 'for another line'),
        new SignedWaiver(['T'], 'tested elsewhere'),
    ]);
    expect($gate->isOpen())->toBeTrue()->and($gate->waived)->toBe('tested elsewhere');
});

it('follows left-overs that hold one another to the end, each bowl once', function () {
    $bowls = [
        new BowlOrigin('a', 'A', [new PlannedLine('T', 'Tide')], ['b', 'c']),
        new BowlOrigin('b', 'B', [new PlannedLine('S', 'Slack')], ['a']),
        new BowlOrigin('c', 'C', [new PlannedLine('R', 'Reef')], ['d']),
    ];
    $held = BowlContents::of($bowls[0], $bowls);
    $ids = static fn (BowlContents $contents): array => array_column($contents->lines, 'id');
    expect($ids($held))->toEqualCanonicalizing(['T', 'S', 'R'])->and($held->unknown)->toHaveCount(1);
    $more = $held->with(BowlContents::of(new BowlOrigin('e', 'E', [new PlannedLine('Q', 'Quay')], ['f']), []));
    expect($ids($more))->toEqualCanonicalizing(['T', 'S', 'R', 'Q'])->and($more->unknown)->toHaveCount(2);
});
