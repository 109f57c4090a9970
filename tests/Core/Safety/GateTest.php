<?php

declare(strict_types=1);

use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Safety\BowlContents;
use Core\Safety\BowlOrigin;
use Core\Safety\ClientSafety;
use Core\Safety\Contraindication;
use Core\Safety\Gate;
use Core\Safety\PlannedLine;
use Core\Safety\SignedWaiver;
use Core\Safety\SkinTest;
use Core\Safety\SkinTestState;
use Core\Safety\TestResult;

const NOW = 10_000 * 3600;

function tide(): BowlContents
{
    return BowlContents::of(new BowlOrigin('a', 'A', [new PlannedLine('T', 'Tide')]), []);
}

/** @return list<string> */
function shutBy(ClientSafety $client, string $waiver = '', ?HouseRules $rules = null): array
{
    $gate = Gate::of(
        $client,
        [tide()],
        NOW,
        $rules ?? HouseRules::standard(),
        $waiver === '' ? [] : [new SignedWaiver(['T'], $waiver)],
    );

    return array_map(static fn (Caution $caution): string => $caution->key, $gate->reasons);
}

// 48 hours before each oxidative service: EU 1223/2009 Annex III wording duty, from memory; the window is a house rule.
it('knows where a skin test stands', function (SkinTest $test, SkinTestState $state, ?int $served = null) {
    expect((new ClientSafety([$test], served: $served))->stateFor('T', NOW, 7))->toBe($state);
})->with([
    'just placed' => [new SkinTest(['T'], NOW - 1 * 3600), SkinTestState::Waiting],
    'an hour short' => [new SkinTest(['T'], NOW - 47 * 3600), SkinTestState::Waiting],
    'to be read' => [new SkinTest(['T'], NOW - 48 * 3600), SkinTestState::Due],
    'read too early' => [new SkinTest(['T'], NOW - 60 * 3600, NOW - 20 * 3600, TestResult::Clear), SkinTestState::Due],
    'clear' => [new SkinTest(['T'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear), SkinTestState::Clear],
    'clear on its last day' => [
        new SkinTest(['T'], NOW - 216 * 3600, NOW - 168 * 3600, TestResult::Clear),
        SkinTestState::Clear,
    ],
    'a day too old' => [
        new SkinTest(['T'], NOW - 240 * 3600, NOW - 192 * 3600, TestResult::Clear),
        SkinTestState::Expired,
    ],
    'used for an earlier service' => [
        new SkinTest(['T'], NOW - 100 * 3600, NOW - 50 * 3600, TestResult::Clear),
        SkinTestState::Expired,
        NOW - 40 * 3600,
    ],
    'a reaction is one at any time' => [
        new SkinTest(['T'], NOW - 9000 * 3600, NOW - 8990 * 3600, TestResult::Reaction),
        SkinTestState::Reaction,
    ],
    'of another line' => [
        new SkinTest(['S'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear),
        SkinTestState::Missing,
    ],
]);

it('takes the best of several tests, but never past a reaction', function () {
    $clear = new SkinTest(['T'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear);
    expect((new ClientSafety([new SkinTest(['T'], NOW - 3 * 3600), $clear]))->stateFor(
        'T',
        NOW,
        7,
    ))->toBe(SkinTestState::Clear)
        ->and(
            (
                new ClientSafety(
                    [$clear, new SkinTest(['T'], NOW - 900 * 3600, NOW - 850 * 3600, TestResult::Reaction)],
                )
            )->stateFor('T', NOW, 7),
        )
        ->toBe(SkinTestState::Reaction);
});

it('is shut for what speaks against colouring', function (ClientSafety $client, array $keys) {
    expect(shutBy($client))->toBe($keys);
})->with([
    'nothing on record' => [new ClientSafety, ['skin-test-missing']],
    'waiting' => [new ClientSafety([new SkinTest(['T'], NOW - 2 * 3600)]), ['skin-test-waiting']],
    'clear' => [new ClientSafety([new SkinTest(['T'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear)]), []],
    'under sixteen' => [
        new ClientSafety([new SkinTest(['T'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear)], age: 15),
        ['under-age'],
    ],
    'sixteen' => [
        new ClientSafety([new SkinTest(['T'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear)], age: 16),
        [],
    ],
    'a sore scalp' => [
        new ClientSafety(
            [new SkinTest(['T'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear)],
            [Contraindication::SensitiveScalp],
        ),
        ['sensitive-scalp'],
    ],
    'a reaction before' => [
        new ClientSafety(
            [new SkinTest(['T'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear)],
            [Contraindication::EarlierReaction],
        ),
        ['reaction'],
    ],
    'a reaction to another line' => [
        new ClientSafety([new SkinTest(['S'], NOW - 900 * 3600, NOW - 850 * 3600, TestResult::Reaction)]),
        ['reaction', 'skin-test-missing'],
    ],
]);

it('lets a licensed reason stand for a test, never for a reaction, an age or a rash', function (
    ClientSafety $client,
    bool $opens,
) {
    expect(shutBy($client, 'patch read by phone') === [])->toBe($opens);
})->with([
    'missing' => [new ClientSafety, true],
    'expired' => [new ClientSafety([new SkinTest(['T'], NOW - 900 * 3600, NOW - 800 * 3600, TestResult::Clear)]), true],
    'reaction' => [
        new ClientSafety([new SkinTest(['T'], NOW - 900 * 3600, NOW - 800 * 3600, TestResult::Reaction)]),
        false,
    ],
    'rash' => [new ClientSafety([], [Contraindication::FaceRash]), false],
    'under age' => [new ClientSafety([], age: 12), false],
]);

it('does not waive where the house does not', function () {
    $rules = HouseRules::standard()->withWaivers(false);
    expect(shutBy(new ClientSafety, 'a reason', $rules))->toBe(['skin-test-missing'])
        ->and(Gate::of(new ClientSafety, [tide()], NOW, $rules)->waivable)->toBeFalse();
});

it('opens again after a reaction only by medical clearance from after it', function () {
    $reaction = new SkinTest(['T'], NOW - 900 * 3600, NOW - 850 * 3600, TestResult::Reaction);
    $fresh = new SkinTest(['T'], NOW - 60 * 3600, NOW - 12 * 3600, TestResult::Clear);
    expect(shutBy(new ClientSafety([$reaction, $fresh], cleared: NOW - 860 * 3600)))->toContain('reaction')
        ->and(shutBy(new ClientSafety([$reaction, $fresh], cleared: NOW - 200 * 3600)))->toBe([])
        ->and(shutBy(new ClientSafety([$reaction], cleared: NOW - 200 * 3600)))->toBe(['skin-test-missing']);
});

it('asks nothing where nothing oxidative is planned', function () {
    $gate = Gate::of(new ClientSafety([], [Contraindication::FaceRash]), [], NOW, HouseRules::standard());
    expect($gate->isOpen())->toBeTrue()->and($gate->waivable)->toBeFalse();
});

it('follows the house’s window', function () {
    $old = new ClientSafety([new SkinTest(['T'], NOW - 360 * 3600, NOW - 312 * 3600, TestResult::Clear)]);
    expect(shutBy($old))->toBe(['skin-test-expired'])
        ->and(shutBy($old, '', HouseRules::standard()->withSkinTestDays(14)))->toBe([]);
});
