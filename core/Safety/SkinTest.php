<?php

declare(strict_types=1);

namespace Core\Safety;

/** A skin allergy test of the lines planned for use. Seconds are counted from any fixed moment, the same for all. */
final readonly class SkinTest
{
    /** Hours it is left before it may be read (EU 1223/2009 Annex III wording duty for oxidative dyes, from memory). */
    public const HOURS = 48;

    private const SECONDS = self::HOURS * 3600;

    /**
     * @param  list<string>  $lines  ids of the colour lines that were tested
     * @param  int  $placed  second
     * @param  ?int  $read  second; null until it is read
     */
    public function __construct(
        public array $lines,
        public int $placed,
        public ?int $read = null,
        public ?TestResult $result = null,
    ) {
    }

    /** Hours left until it may be read, begun ones counted whole; 0 once it may. */
    public function hoursLeft(int $now): int
    {
        return max(0, intdiv(self::SECONDS - ($now - $this->placed) + 3599, 3600));
    }

    /** @param  ?int  $served  second of the last oxidative service; a test from before it was for that one */
    public function state(int $now, int $days, ?int $served): SkinTestState
    {
        return match (true) {
            $this->result === TestResult::Reaction => SkinTestState::Reaction,
            $served !== null && $this->placed < $served => SkinTestState::Expired,
            $now - $this->placed < self::SECONDS => SkinTestState::Waiting,
            $this->read === null || $this->result === null => SkinTestState::Due,
            // Read too early says nothing: look again at 48 hours.
            $this->read - $this->placed < self::SECONDS => SkinTestState::Due,
            $now - $this->read > $days * 86_400 => SkinTestState::Expired,
            default => SkinTestState::Clear,
        };
    }
}
