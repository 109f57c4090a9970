<?php

declare(strict_types=1);

namespace Core\Safety;

use Core\Judgement\Caution;
use Core\Practice\HouseRules;

/**
 * Whether oxidative colour may be weighed, go on, and be closed: not while a skin test is missing, waiting, expired or showed a
 * reaction, nor while something speaks against it. It fails closed: a bowl whose contents cannot be read is treated as the worst
 * it could be. A licensed person may record a reason instead of a test where the house allows it; a reaction is lifted by nobody
 * but by recording medical clearance. Not intended under 16 (EU 1223/2009, from memory).
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
    public static function of(ClientSafety $client, array $bowls, int $now, HouseRules $rules, array $waivers = []): self
    {
        $lines = $unknown = [];
        foreach ($bowls as $bowl) {
            foreach ($bowl->lines as $line) {
                $lines[$line->id] = $line;
            }
            array_push($unknown, ...$bowl->unknown);
        }
        if ($lines === [] && $unknown === []) {
            return new self([], [], false, '', true, $rules->weighAhead);
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
        $used = array_values(array_filter($valid, static fn (SignedWaiver $waiver): bool => array_intersect_key($soft, array_flip($waiver->lines)) !== []));

        return new self($states, [...$firm, ...array_values($left)], $firm === [] && $left !== [] && $rules->waivers, $used[0]->reason ?? '', false, $rules->weighAhead);
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
                $bowl->setAside => [new Caution('set-aside', "Bowl {$letter} was marked as not used.", 'Take that mark back first, or mix another bowl.')],
                $this->isOpen() || ($this->ahead && ! $bowl->begun) => [],
                default => $this->reasons,
            },
            Step::Begin => match (true) {
                $this->harmless => [],
                ! $bowl->weighed => [new Caution('not-mixed', "Bowl {$letter} has not been mixed.", 'Weigh it first; what goes on the hair is on record.')],
                default => $this->reasons,
            },
            // What was begun went through this gate; what was weighed and never begun either goes through it now or was not used.
            Step::Close => ! $bowl->weighed || $bowl->begun || $bowl->setAside ? []
                : [new Caution('never-begun', "Bowl {$letter} was weighed, and nobody marked that it went on.", 'Mark its first touch, or that it was not used.'), ...$this->reasons],
        };
    }

    /**
     * @param  list<string>  $unknown
     * @return list<Caution>
     */
    private static function unknown(array $unknown): array
    {
        return array_map(
            static fn (string $words): Caution => new Caution('contents-unknown', $words, 'Put the bowl right first: nobody can say what is in it, so nobody can say that it was tested.'),
            array_values(array_unique($unknown)),
        );
    }

    /** @return list<Caution> what no reason can stand against */
    private static function against(ClientSafety $client): array
    {
        $firm = [];
        if ($client->hasReaction()) {
            $firm[] = new Caution('reaction', 'A reaction is on record.', 'No colour until a doctor has been consulted; record the medical clearance.');
        }
        foreach ($client->open as $each) {
            if ($each !== Contraindication::EarlierReaction) {
                $firm[] = new Caution($each->value, "{$each->words()}.", $each->mend());
            }
        }
        if ($client->age !== null && $client->age < self::LEAST_AGE) {
            $firm[] = new Caution('under-age', "The client is {$client->age}: oxidative colour is not intended under ".self::LEAST_AGE.'.', 'Choose something without oxidative colour.');
        }

        return $firm;
    }

    private static function test(SkinTestState $state, string $line, int $days): ?Caution
    {
        return match ($state) {
            SkinTestState::Clear, SkinTestState::Reaction => null,
            SkinTestState::Missing => new Caution('skin-test-missing', "No skin test of {$line}.", 'Place one 48 hours before the service, and record it.'),
            SkinTestState::Waiting => new Caution('skin-test-waiting', "The skin test of {$line} has not had its 48 hours.", 'Read it then.'),
            SkinTestState::Due => new Caution('skin-test-due', "The skin test of {$line} has not been read at 48 hours.", 'Look at the skin, and record what it shows.'),
            SkinTestState::Expired => new Caution('skin-test-expired', "The skin test of {$line} was for an earlier service, or is older than {$days} days.", 'Place a new one 48 hours before the service.'),
        };
    }
}
