<?php

declare(strict_types=1);

namespace Core\Safety;

/** A skin allergy test of the lines planned for use. Hours are counted from any fixed moment, the same for all. */
final readonly class SkinTest
{
    /** Hours it is left before it may be read (EU 1223/2009 Annex III wording duty for oxidative dyes, from memory). */
    public const HOURS = 48;

    /**
     * @param  list<string>  $lines  ids of the colour lines that were tested
     * @param  int  $placed  hour
     * @param  ?int  $read  hour; null until it is read
     */
    public function __construct(public array $lines, public int $placed, public ?int $read = null, public ?TestResult $result = null)
    {
    }

    /** @param  ?int  $served  hour of the last oxidative service; a test from before it was for that one */
    public function state(int $now, int $days, ?int $served): SkinTestState
    {
        return match (true) {
            $this->result === TestResult::Reaction => SkinTestState::Reaction,
            $served !== null && $this->placed < $served => SkinTestState::Expired,
            $now - $this->placed < self::HOURS => SkinTestState::Waiting,
            $this->read === null || $this->result === null => SkinTestState::Due,
            // Read too early says nothing: look again at 48 hours.
            $this->read - $this->placed < self::HOURS => SkinTestState::Due,
            $now - $this->read > $days * 24 => SkinTestState::Expired,
            default => SkinTestState::Clear,
        };
    }
}
