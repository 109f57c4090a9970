<?php

declare(strict_types=1);

use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
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

/*
 * The gate at its edges. 48 hours before each oxidative service, and not under sixteen: EU 1223/2009 Annex III, from
 * memory; the window after reading is a house rule.
 */
const HOUR = 50_000 * 3600;

function gateOf(ClientSafety $client, string $waiver = '', ?HouseRules $rules = null, PlannedLine ...$lines): Gate
{
    $bowl = new BowlOrigin('a', 'A', $lines === [] ? [new PlannedLine('T', 'Tide')] : array_values($lines));

    return Gate::of(
        $client,
        [BowlContents::of($bowl, [])],
        HOUR,
        $rules ?? HouseRules::standard(),
        $waiver === '' ? [] : [new SignedWaiver(['T'], $waiver)],
    );
}

/** @return list<string> */
function reasonsOf(Gate $gate): array
{
    return array_map(static fn (Caution $caution): string => words($caution), $gate->reasons);
}

$clear = static fn (string ...$lines): SkinTest => new SkinTest(
    array_values($lines),
    HOUR - 60 * 3600,
    HOUR - 12 * 3600,
    TestResult::Clear,
);

it('turns over at the very hour', function (SkinTest $test, ?int $served, SkinTestState $state) {
    expect($test->state(HOUR, 7, $served))->toBe($state);
})->with([
    'the last hour of waiting' => [new SkinTest(['T'], HOUR - 47 * 3600), null, SkinTestState::Waiting],
    'its 48th hour' => [new SkinTest(['T'], HOUR - 48 * 3600), null, SkinTestState::Due],
    'looked at, and nothing written' => [
        new SkinTest(['T'], HOUR - 60 * 3600, HOUR - 10 * 3600),
        null,
        SkinTestState::Due,
    ],
    'written, and never looked at' => [
        new SkinTest(['T'], HOUR - 60 * 3600, null, TestResult::Clear),
        null,
        SkinTestState::Due,
    ],
    'read an hour early' => [
        new SkinTest(['T'], HOUR - 60 * 3600, HOUR - 13 * 3600, TestResult::Clear),
        null,
        SkinTestState::Due,
    ],
    'read at 48 hours' => [
        new SkinTest(['T'], HOUR - 60 * 3600, HOUR - 12 * 3600, TestResult::Clear),
        null,
        SkinTestState::Clear,
    ],
    'the last hour of its week' => [
        new SkinTest(['T'], HOUR - 300 * 3600, HOUR - 168 * 3600, TestResult::Clear),
        null,
        SkinTestState::Clear,
    ],
    'an hour beyond' => [
        new SkinTest(['T'], HOUR - 300 * 3600, HOUR - 169 * 3600, TestResult::Clear),
        null,
        SkinTestState::Expired,
    ],
    'placed at the hour of a service' => [
        new SkinTest(['T'], HOUR - 60 * 3600, HOUR - 12 * 3600, TestResult::Clear),
        HOUR - 60 * 3600,
        SkinTestState::Clear,
    ],
    'placed before it' => [
        new SkinTest(['T'], HOUR - 60 * 3600, HOUR - 12 * 3600, TestResult::Clear),
        HOUR - 59 * 3600,
        SkinTestState::Expired,
    ],
    'a reaction, however early it was seen' => [
        new SkinTest(['T'], HOUR - 2 * 3600, HOUR - 1 * 3600, TestResult::Reaction),
        null,
        SkinTestState::Reaction,
    ],
]);

it('keeps the best of several tests, whichever came first', function (array $tests, SkinTestState $best) {
    foreach ([$tests, array_reverse($tests)] as $order) {
        expect((new ClientSafety($order))->stateFor('T', HOUR, 7))->toBe($best);
    }
})->with([
    'missing is the least' => [[], SkinTestState::Missing],
    'expired beats missing' => [[new SkinTest(['T'], 0, 48 * 3600, TestResult::Clear)], SkinTestState::Expired],
    'waiting beats expired' => [
        [new SkinTest(['T'], 0, 48 * 3600, TestResult::Clear), new SkinTest(['T'], HOUR - 1 * 3600)],
        SkinTestState::Waiting,
    ],
    'due beats waiting' => [
        [new SkinTest(['T'], HOUR - 50 * 3600), new SkinTest(['T'], HOUR - 1 * 3600)],
        SkinTestState::Due,
    ],
    'clear beats due' => [
        [
            new SkinTest(['T'], HOUR - 50 * 3600),
            new SkinTest(['T'], HOUR - 60 * 3600, HOUR - 12 * 3600, TestResult::Clear),
        ],
        SkinTestState::Clear,
    ],
]);

it('has words for every state, and for all that speaks against colouring', function () {
    expect(array_map(static fn (SkinTestState $state): string => $state->words(), SkinTestState::cases()))
        ->toBe([
            'reaction recorded',
            'no skin test',
            'skin test expired',
            'skin test waiting for its 48 hours',
            'skin test to be read',
            'skin test clear',
        ])
        ->and(array_map(static fn (SkinTestState $state): int => $state->rank(), SkinTestState::cases()))
        ->toBe([0, 1, 2, 3, 4, 5]);
});

it('says why it is shut and what opens it', function (ClientSafety $client, array $reasons, string $mend) {
    $gate = gateOf($client);
    expect(reasonsOf($gate))->toBe($reasons)
        ->and(mend($gate->reasons[0]))->toContain($mend)
        ->and($gate->isOpen())->toBeFalse();
})->with([
    'missing' => [new ClientSafety, ['No skin test of Tide.'], 'Place one 48 hours before'],
    'waiting' => [
        new ClientSafety([new SkinTest(['T'], HOUR - 3 * 3600)]),
        ['The skin test of Tide has not had its 48 hours.'],
        'Read it then.',
    ],
    'due' => [
        new ClientSafety([new SkinTest(['T'], HOUR - 50 * 3600)]),
        ['The skin test of Tide has not been read at 48 hours.'],
        'Look at the skin',
    ],
    'expired' => [
        new ClientSafety([new SkinTest(['T'], 0, 48 * 3600, TestResult::Clear)]),
        ['The skin test of Tide was for an earlier service, or is older than 7 days.'],
        'Place a new one',
    ],
    'fifteen' => [
        new ClientSafety([$clear('T')], age: 15),
        ['The client is 15: oxidative colour is not intended under 16.'],
        'without oxidative colour',
    ],
    'a rash heals' => [
        new ClientSafety([$clear('T')], [Contraindication::FaceRash]),
        ['A rash on the face.'],
        'Wait until it has healed',
    ],
    'a scalp heals' => [
        new ClientSafety([$clear('T')], [Contraindication::SensitiveScalp]),
        ['Sensitive, irritated or damaged scalp.'],
        'Wait until it has healed',
    ],
    'a tattoo’s reaction wants a doctor' => [
        new ClientSafety([$clear('T')], [Contraindication::HennaTattoo]),
        ['A reaction to a temporary “black henna” tattoo.'],
        'a doctor has been consulted',
    ],
    'an earlier reaction, once' => [
        new ClientSafety([$clear('T')], [Contraindication::EarlierReaction]),
        ['A reaction is on record.'],
        'a doctor has been consulted',
    ],
    'all at once, the firm first' => [
        new ClientSafety([], [Contraindication::FaceRash], 12),
        [
            'A rash on the face.',
            'The client is 12: oxidative colour is not intended under 16.',
            'No skin test of Tide.',
        ],
        'Wait',
    ],
]);

it('knows who may lift what', function () {
    $doctors = array_values(array_filter(
        Contraindication::cases(),
        static fn (Contraindication $each): bool => $each->needsDoctor(),
    ));
    expect($doctors)->toBe([Contraindication::EarlierReaction, Contraindication::HennaTattoo]);
});

it('asks for each line by itself', function () use ($clear) {
    $gate = gateOf(
        new ClientSafety([$clear('T')]),
        '',
        null,
        new PlannedLine('T', 'Tide'),
        new PlannedLine('S', 'Sand'),
    );
    expect(reasonsOf($gate))->toBe(['No skin test of Sand.'])
        ->and($gate->states)->toBe(['T' => SkinTestState::Clear, 'S' => SkinTestState::Missing])
        ->and(gateOf(
            new ClientSafety([$clear('T', 'S')]),
            '',
            null,
            new PlannedLine('T', 'Tide'),
            new PlannedLine('S', 'Sand'),
        )->isOpen())
        ->toBeTrue();
});

it('says whether a licensed reason would help, and keeps the one that did', function (
    ClientSafety $client,
    string $waiver,
    array $rules,
    bool $open,
    bool $waivable,
    string $waived,
) {
    $gate = gateOf($client, $waiver, Schools::read($rules));
    expect([$gate->isOpen(), $gate->waivable, $gate->waived])->toBe([$open, $waivable, $waived]);
})->with([
    'it would' => [new ClientSafety, '', [], false, true, ''],
    'it did' => [new ClientSafety, 'read by phone', [], true, false, 'read by phone'],
    'not in this house' => [new ClientSafety, 'read by phone', ['waivers' => 'nobody'], false, false, ''],
    'not against a reaction' => [
        new ClientSafety([new SkinTest(['T'], 0, 48 * 3600, TestResult::Reaction)]),
        'read by phone',
        [],
        false,
        false,
        '',
    ],
    'not against an age' => [new ClientSafety([], age: 15), 'read by phone', [], false, false, ''],
    'not needed where all is clear' => [
        new ClientSafety([new SkinTest(['T'], HOUR - 60 * 3600, HOUR - 12 * 3600, TestResult::Clear)]),
        '',
        [],
        true,
        false,
        '',
    ],
]);

it('never opens for a reaction that stands, whatever else is on record', function () {
    mt_srand(31);
    for ($i = 0; $i < 400; $i++) {
        $at = mt_rand(0, HOUR - 100 * 3600);
        $tests = [new SkinTest(
            [['T'], ['S'], ['T', 'S']][mt_rand(0, 2)],
            $at,
            $at + mt_rand(1, 60),
            TestResult::Reaction,
        )];
        for ($n = mt_rand(0, 3); $n > 0; $n--) {
            $placed = HOUR - mt_rand(0, 200 * 3600);
            $tests[] = new SkinTest(
                ['T'],
                $placed,
                mt_rand(0, 1) === 1 ? min(HOUR, $placed + mt_rand(1, 100 * 3600)) : null,
                mt_rand(0, 1) === 1 ? TestResult::Clear : null,
            );
        }
        shuffle($tests);
        $client = new ClientSafety(
            $tests,
            [],
            mt_rand(0, 1) === 1 ? mt_rand(10, 80) : null,
            mt_rand(0, 1) === 1 ? mt_rand(0, $at) : null,
            mt_rand(0, 1) === 1 ? mt_rand(0, HOUR) : null,
        );
        $gate = gateOf($client, ['', 'a reason'][mt_rand(0, 1)]);
        expect($gate->isOpen())->toBeFalse()->and($gate->waivable)->toBeFalse();
    }
});

it('is opened by clearance from the hour the reaction was read on, not by one from before', function (
    int $cleared,
    bool $reaction,
) {
    $test = new SkinTest(['T'], HOUR - 900 * 3600, HOUR - 850 * 3600, TestResult::Reaction);
    expect((new ClientSafety([$test], cleared: $cleared))->hasReaction())->toBe($reaction);
})->with([[HOUR - 851 * 3600, true], [HOUR - 850 * 3600, false], [HOUR - 1 * 3600, false]]);

it('keeps a clear test whatever clearance was recorded after it', function () {
    $client = new ClientSafety(
        [new SkinTest(['T'], HOUR - 60 * 3600, HOUR - 12 * 3600, TestResult::Clear)],
        cleared: HOUR - 1 * 3600,
    );
    expect($client->stateFor('T', HOUR, 7))->toBe(SkinTestState::Clear)->and(gateOf($client)->isOpen())->toBeTrue();
});
