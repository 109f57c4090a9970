<?php

declare(strict_types=1);

namespace Core\Safety;

/** What is on record about a client's skin. */
final readonly class ClientSafety
{
    /**
     * @param  list<SkinTest>  $tests
     * @param  list<Contraindication>  $open  not lifted
     * @param  ?int  $age  in years; null where nobody asked
     * @param  ?int  $cleared  second of the latest medical clearance
     * @param  ?int  $served  second of the last oxidative service
     */
    public function __construct(
        public array $tests = [],
        public array $open = [],
        public ?int $age = null,
        public ?int $cleared = null,
        public ?int $served = null,
    ) {
    }

    /** The best that stands for a line: a test of it, or the warning that there is none. */
    public function stateFor(string $line, int $now, int $days): SkinTestState
    {
        $best = SkinTestState::Missing;
        foreach ($this->tests as $test) {
            if (in_array($line, $test->lines, true) && ! $this->isCleared($test)) {
                $state = $test->state($now, $days, $this->served);
                if ($state === SkinTestState::Reaction) {
                    return $state;
                }
                $best = $state->rank() > $best->rank() ? $state : $best;
            }
        }

        return $best;
    }

    /** A reaction to anything, not cleared since. */
    public function hasReaction(): bool
    {
        foreach ($this->tests as $test) {
            if ($test->result === TestResult::Reaction && ! $this->isCleared($test)) {
                return true;
            }
        }

        return in_array(Contraindication::EarlierReaction, $this->open, true);
    }

    private function isCleared(SkinTest $test): bool
    {
        return $test->result === TestResult::Reaction
            && $this->cleared !== null
            && $this->cleared >= ($test->read ?? $test->placed);
    }
}
