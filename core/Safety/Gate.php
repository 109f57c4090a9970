<?php

declare(strict_types=1);

namespace Core\Safety;

use Core\Fact;
use Core\Judgement\Caution;
use Core\Practice\HouseRules;

/**
 * Whether oxidative colour may be weighed, go on, and be closed: not while a skin test is missing, waiting, expired or
 * showed a reaction, nor while something speaks against it. It fails closed: a bowl whose contents cannot be read is
 * treated as the worst it could be. A licensed person may record a reason instead of a test where the house allows it;
 * a reaction is lifted by nobody but by recording medical clearance. Not intended under 16 (EU 1223/2009, from memory).
 */
final readonly class Gate
{
    public const LEAST_AGE = 16;

    /**
     * @param  array<string, SkinTestState>  $states  by line id
     * @param  list<Caution>  $reasons  why it is shut; empty when open
     * @param  bool  $waivable  a licensed person may record a reason for what is left
     * @param  string  $waived  that reason, where one is recorded and needed
     * @param  bool  $harmless  nothing oxidative is in question, and that is known
     */
    private function __construct(
        public array $states,
        public array $reasons,
        public bool $waivable,
        public string $waived,
        private bool $harmless,
        private bool $ahead,
    ) {
    }

    /**
     * @param  list<BowlContents>  $bowls  that are in question
     * @param  int  $now  second
     * @param  list<SignedWaiver>  $waivers  recorded for this visit, newest first
     */
    public static function of(
        ClientSafety $client,
        array $bowls,
        int $now,
        HouseRules $rules,
        array $waivers = [],
    ): self {
        $lines = $unknown = [];
        foreach ($bowls as $bowl) {
            foreach ($bowl->lines as $line) {
                $lines[$line->id] = $line;
            }
            array_push($unknown, ...$bowl->unknown);
        }
        if ($lines === [] && $unknown === []) {
            return new self(
                states: [],
                reasons: [],
                waivable: false,
                waived: '',
                harmless: true,
                ahead: $rules->weighAhead,
            );
        }
        $states = $soft = [];
        foreach ($lines as $line) {
            $states[$line->id] = $client->stateFor($line->id, $now, $rules->skinTestDays);
            $caution = self::test($states[$line->id], $line->name, $rules->skinTestDays);
            if ($caution !== null) {
                $soft[$line->id] = $caution;
            }
        }
        $firm = [...self::unknown($unknown), ...self::against($client)];
        // What is waived today may be refused tomorrow: a rule, a reaction or a line that came later takes precedence.
        $valid = $rules->waivers && $firm === [] ? $waivers : [];
        $left = $soft;
        foreach ($valid as $waiver) {
            $left = array_diff_key($left, array_flip($waiver->lines));
        }
        $used = array_values(array_filter(
            $valid,
            static fn (SignedWaiver $waiver): bool => array_intersect_key($soft, array_flip($waiver->lines)) !== [],
        ));

        return new self(
            states: $states,
            reasons: [...$firm, ...array_values($left)],
            waivable: $firm === [] && $left !== [] && $rules->waivers,
            waived: $used[0]->reason ?? '',
            harmless: false,
            ahead: $rules->weighAhead,
        );
    }

    public function isOpen(): bool
    {
        return $this->reasons === [];
    }

    /** Weighing is done ahead of an open gate: the house allows it, and the gate's words stand on the bench. */
    public function isAhead(): bool
    {
        return ! $this->isOpen() && $this->ahead;
    }

    /**
     * The one question of every door: may this bowl be weighed, begun, closed on this client now?
     *
     * @return list<Caution> why not; empty where it may
     */
    public function refusing(Step $step, BowlStanding $bowl, string $letter): array
    {
        return match ($step) {
            // What is mixed for a bowl that is on the hair goes straight onto it: nothing is ahead of anything then.
            Step::Weigh => match (true) {
                $bowl->setAside => [new Caution('set-aside', Fact::of('cautions.set-aside', letter: $letter))],
                $this->isOpen() || ($this->ahead && ! $bowl->begun) => [],
                default => $this->reasons,
            },
            Step::Begin => match (true) {
                $this->harmless => [],
                ! $bowl->weighed => [new Caution('not-mixed', Fact::of('cautions.not-mixed', letter: $letter))],
                default => $this->reasons,
            },
            // What was begun went through this gate; what was weighed and never begun either goes through it now or was
            // not used.
            Step::Close => ! $bowl->weighed || $bowl->begun || $bowl->setAside ? []
                : [new Caution('never-begun', Fact::of('cautions.never-begun', letter: $letter)), ...$this->reasons],
        };
    }

    /**
     * @param  list<Fact>  $unknown
     * @return list<Caution>
     */
    private static function unknown(array $unknown): array
    {
        return array_map(
            static fn (Fact $what): Caution => new Caution(
                'contents-unknown',
                Fact::of('cautions.contents-unknown', what: $what),
            ),
            Fact::distinct($unknown),
        );
    }

    /** @return list<Caution> what no reason can stand against */
    private static function against(ClientSafety $client): array
    {
        $firm = [];
        if ($client->hasReaction()) {
            $firm[] = new Caution('reaction', Fact::of('cautions.reaction'));
        }
        foreach ($client->open as $each) {
            if ($each !== Contraindication::EarlierReaction) {
                $firm[] = new Caution(
                    $each->value,
                    Fact::of($each->needsDoctor() ? 'cautions.needs-doctor' : 'cautions.heals', what: $each->fact()),
                );
            }
        }
        if ($client->age !== null && $client->age < self::LEAST_AGE) {
            $firm[] = new Caution(
                'under-age',
                Fact::of('cautions.under-age', age: $client->age, leastAge: self::LEAST_AGE),
            );
        }

        return $firm;
    }

    private static function test(SkinTestState $state, string $line, int $days): ?Caution
    {
        return match ($state) {
            SkinTestState::Clear, SkinTestState::Reaction => null,
            SkinTestState::Missing => new Caution(
                'skin-test-missing',
                Fact::of('cautions.skin-test-missing', line: $line),
            ),
            SkinTestState::Waiting => new Caution(
                'skin-test-waiting',
                Fact::of('cautions.skin-test-waiting', line: $line),
            ),
            SkinTestState::Due => new Caution('skin-test-due', Fact::of('cautions.skin-test-due', line: $line)),
            SkinTestState::Expired => new Caution(
                'skin-test-expired',
                Fact::of('cautions.skin-test-expired', line: $line, days: $days),
            ),
        };
    }
}
