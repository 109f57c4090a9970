<?php

declare(strict_types=1);

use Core\Fact;
use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Safety\BowlContents;
use Core\Safety\BowlOrigin;
use Core\Safety\BowlStanding;
use Core\Safety\ClientSafety;
use Core\Safety\Contraindication;
use Core\Safety\Gate;
use Core\Safety\PlannedLine;
use Core\Safety\SignedWaiver;
use Core\Safety\SkinTest;
use Core\Safety\Step;
use Core\Safety\TestResult;

/*
 * The doors the gate stands at, and what it takes a bowl for. 48 hours before each oxidative service, and not under
 * sixteen: EU 1223/2009 Annex III, from memory; the window, waivers and weighing ahead are house rules.
 */
const DOOR_NOW = 400 * 86_400;

function lineOf(string $id): PlannedLine
{
    return new PlannedLine($id, "Line {$id}");
}

it('takes a bowl for what went into it, through every left-over', function () {
    $bowls = [
        new BowlOrigin('care', 'C', [], ['demi']),
        new BowlOrigin('demi', 'B', [lineOf('D')], ['root']),
        new BowlOrigin('root', 'A', [lineOf('P')]),
        new BowlOrigin('mask', 'M', []),
        new BowlOrigin('lost', 'L', [], ['gone']),
        new BowlOrigin('ring', 'R', [lineOf('P')], ['ring']),
        new BowlOrigin('torn', 'T', [lineOf('P')], [], [Fact::of('safety.not-in-visit', letter: 'T')]),
    ];
    $of = fn (int $at): BowlContents => BowlContents::of($bowls[$at], $bowls);
    $ids = fn (BowlContents $contents): array => array_map(
        fn (PlannedLine $line): string => $line->id,
        $contents->lines,
    );
    expect($ids($of(0)))->toBe(['D', 'P'])->and($ids($of(2)))->toBe(['P'])
        ->and($of(3)->isHarmless())->toBeTrue()->and($of(0)->isHarmless())->toBeFalse()
        ->and(array_map(words(...), $of(4)->unknown))
        ->toBe(['Bowl L holds what is left of a bowl that is not in this visit.'])
        ->and($of(4)->isHarmless())->toBeFalse()
        ->and($ids($of(5)))->toBe(['P'])
        ->and($of(6)->unknown)->toEqual([Fact::of('safety.not-in-visit', letter: 'T')])
        ->and($ids($of(3)->with($of(1))))->toBe(['D', 'P']);
});

it('is shut by what it cannot read, and no reason opens that', function () {
    $torn = BowlContents::of(new BowlOrigin('t', 'T', [], [], [Fact::of('safety.not-in-visit', letter: 'T')]), []);
    $gate = Gate::of(
        new ClientSafety,
        [$torn],
        DOOR_NOW,
        HouseRules::standard(),
        [new SignedWaiver([], 'it will be fine')],
    );
    expect($gate->isOpen())->toBeFalse()
        ->and($gate->waivable)->toBeFalse()
        ->and($gate->reasons[0]->key)->toBe('contents-unknown')
        ->and($gate->refusing(Step::Begin, new BowlStanding(weighed: true), 'T'))->not->toBe([]);
});

it('lets a reason stand for the lines that were there when it was signed, and for no other', function () {
    $bowl = fn (string ...$ids): BowlContents => BowlContents::of(
        new BowlOrigin('a', 'A', array_map(lineOf(...), array_values($ids))),
        [],
    );
    $waiver = new SignedWaiver(['P'], 'read by photograph');
    $gate = fn (BowlContents $bowl): Gate => Gate::of(
        new ClientSafety,
        [$bowl],
        DOOR_NOW,
        HouseRules::standard(),
        [$waiver],
    );
    expect($gate($bowl('P'))->isOpen())->toBeTrue()->and($gate($bowl('P'))->waived)->toBe('read by photograph')
        ->and($gate($bowl('P', 'D'))->isOpen())->toBeFalse()
        ->and(array_map(words(...), $gate($bowl('P', 'D'))->reasons))->toBe(['No skin test of Line D.'])
        ->and($gate($bowl('P', 'D'))->waivable)->toBeTrue();
});

it('asks at every door', function (Step $step, BowlStanding $bowl, bool $ahead, array $keys) {
    $contents = BowlContents::of(new BowlOrigin('a', 'A', [lineOf('P')]), []);
    $gate = Gate::of(new ClientSafety, [$contents], DOOR_NOW, HouseRules::standard()->withWeighAhead($ahead));
    expect(array_map(fn (Caution $caution): string => $caution->key, $gate->refusing($step, $bowl, 'A')))->toBe($keys);
})->with([
    'weighing' => [Step::Weigh, new BowlStanding, false, ['skin-test-missing']],
    'weighing ahead, where the house does' => [Step::Weigh, new BowlStanding, true, []],
    'a second batch for what is on the hair is never ahead' => [
        Step::Weigh,
        new BowlStanding(weighed: true, begun: true),
        true,
        ['skin-test-missing'],
    ],
    'more of a bowl that was not used' => [
        Step::Weigh,
        new BowlStanding(weighed: true, setAside: true),
        true,
        ['set-aside'],
    ],
    'first touch of nothing mixed' => [Step::Begin, new BowlStanding, true, ['not-mixed']],
    'first touch' => [Step::Begin, new BowlStanding(weighed: true), true, ['skin-test-missing']],
    'closing over a bowl that never went on' => [
        Step::Close,
        new BowlStanding(weighed: true),
        true,
        ['never-begun', 'skin-test-missing'],
    ],
    'closing over one that was set aside' => [Step::Close, new BowlStanding(weighed: true, setAside: true), true, []],
    'closing over one that went on' => [Step::Close, new BowlStanding(weighed: true, begun: true), false, []],
    'closing over one that was only planned' => [Step::Close, new BowlStanding, false, []],
]);

it('asks nothing of a bowl in which nothing oxidative is, and that is known', function () {
    $gate = Gate::of(
        new ClientSafety([], [Contraindication::FaceRash]),
        [BowlContents::of(new BowlOrigin('m', 'M', []), [])],
        DOOR_NOW,
        HouseRules::standard(),
    );
    foreach ([Step::Weigh, Step::Begin] as $step) {
        expect($gate->refusing($step, new BowlStanding, 'M'))->toBe([]);
    }
    expect(array_map(
        fn (Caution $caution): string => $caution->key,
        $gate->refusing(Step::Close, new BowlStanding(weighed: true), 'M'),
    ))->toBe(['never-begun']);
});

// The rules once more, by another road: every bowl is walked by hand, and every line is looked for a test that stands.
it('is never open where a rule says shut, over random visits, clients and tests', function () {
    mt_srand(77);
    $opened = $shut = 0;
    $chance = fn (int $percent): bool => mt_rand(1, 100) <= $percent;
    for ($round = 0; $round < 3000; $round++) {
        $bowls = [];
        for ($n = mt_rand(1, 5); $n > 0; $n--) {
            $left = $chance(40)
                ? [[(string) mt_rand(1, 6)], [(string) mt_rand(1, 5), (string) mt_rand(1, 5)]][mt_rand(0, 1)]
                : [];
            $bowls[] = new BowlOrigin(
                (string) $n,
                chr(64 + $n),
                $chance(60) ? [lineOf(['P', 'D', 'L'][mt_rand(0, 2)])] : [],
                $left,
                $chance(6) ? [Fact::of('safety.not-in-visit', letter: (string) $n)] : [],
            );
        }
        $tests = [];
        for ($n = mt_rand(0, 4); $n > 0; $n--) {
            $placed = DOOR_NOW - mt_rand(0, 12 * 86_400);
            $tests[] = new SkinTest(
                [['P'], ['D'], ['L'], ['P', 'D', 'L']][mt_rand(0, 3)],
                $placed,
                $chance(80) ? min(DOOR_NOW, $placed + mt_rand(0, 5 * 86_400)) : null,
                $chance(85) ? ($chance(93) ? TestResult::Clear : TestResult::Reaction) : null,
            );
        }
        $open = $chance(12) ? [Contraindication::cases()[mt_rand(0, 3)]] : [];
        $age = $chance(50) ? null : mt_rand(10, 70);
        $cleared = $chance(20) ? DOOR_NOW - mt_rand(0, 10 * 86_400) : null;
        $served = $chance(30) ? DOOR_NOW - mt_rand(0, 20 * 86_400) : null;
        $client = new ClientSafety($tests, $open, $age, $cleared, $served);
        $rules = HouseRules::standard()
            ->withWaivers($chance(70))
            ->withWeighAhead($chance(50))
            ->withSkinTestDays(mt_rand(2, 14));
        $waivers = $chance(30) ? [new SignedWaiver([['P'], ['P', 'D'], []][mt_rand(0, 2)], 'a real reason')] : [];
        foreach ($bowls as $bowl) {
            [$lines, $unknown, $todo, $seen] = [[], false, [$bowl->id], []];
            while ($todo !== []) {
                $id = array_shift($todo);
                $found = array_values(array_filter(
                    $bowls,
                    fn (BowlOrigin $each): bool => $each->id === $id,
                ))[0] ?? null;
                if ($found === null) {
                    $unknown = true;
                } elseif (! in_array($id, $seen, true)) {
                    $seen[] = $id;
                    $lines = [...$lines, ...array_map(fn (PlannedLine $line): string => $line->id, $found->lines)];
                    $unknown = $unknown || $found->unknown !== [];
                    $todo = [...$todo, ...$found->leftovers];
                }
            }
            $firm = $unknown || ($lines !== [] && ($open !== [] || ($age !== null && $age < 16) || array_filter(
                $tests,
                fn (SkinTest $test): bool => $test->result === TestResult::Reaction && (
                    $cleared === null
                    || $cleared < ($test->read ?? $test->placed)
                ),
            ) !== []));
            $untested = array_filter(array_unique($lines), fn (string $line): bool => array_filter($tests,
                fn (SkinTest $test): bool => in_array($line, $test->lines, true) && $test->result === TestResult::Clear

                    && $test->read !== null
                    && $test->read >= $test->placed + 172_800
                    && $test->read + $rules->skinTestDays * 86_400 >= DOOR_NOW
                    && ($served === null || $test->placed >= $served)) === []);
            $covered = $rules->waivers
                ? array_merge([], ...array_map(fn (SignedWaiver $waiver): array => $waiver->lines, $waivers))
                : [];
            $mustBeShut = $firm || array_diff($untested, $covered) !== [];
            $gate = Gate::of($client, [BowlContents::of($bowl, $bowls)], DOOR_NOW, $rules, $waivers);
            expect($gate->isOpen())->toBe(! $mustBeShut, "round {$round}, bowl {$bowl->letter}");
            if ($mustBeShut) {
                $shut++;
                expect($gate->refusing(Step::Begin, new BowlStanding(weighed: true), $bowl->letter))->not->toBe([])
                    ->and($gate->refusing(Step::Close, new BowlStanding(weighed: true), $bowl->letter))->not->toBe([])
                    ->and($gate->refusing(
                        Step::Weigh,
                        new BowlStanding(weighed: true, begun: true),
                        $bowl->letter,
                    ))->not
                    ->toBe([])
                    ->and($gate->refusing(Step::Weigh, new BowlStanding, $bowl->letter) === [])
                    ->toBe($rules->weighAhead);
            } else {
                $opened++;
                expect($gate->refusing(Step::Begin, new BowlStanding(weighed: true), $bowl->letter))->toBe([]);
            }
        }
    }
    expect($opened)->toBeGreaterThan(500)->and($shut)->toBeGreaterThan(500);
});
