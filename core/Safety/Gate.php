<?php

declare(strict_types=1);

namespace Core\Safety;

use Core\Judgement\Caution;
use Core\Rules\HouseRules;

/**
 * Whether oxidative colour may go on: not while a skin test is missing, waiting, expired or showed a reaction, nor while
 * something speaks against it. A licensed person may record a reason instead of a test where the house allows it; a
 * reaction is lifted by nobody but by recording medical clearance. Not intended under 16 (EU 1223/2009, from memory).
 */
final readonly class Gate
{
    public const LEAST_AGE = 16;

    /**
     * @param  array<string, SkinTestState>  $states  by line id
     * @param  list<Caution>  $reasons  why it is shut; empty when open
     * @param  bool  $waivable  a licensed person may record a reason for what is left
     * @param  string  $waived  that reason, where one is recorded
     */
    private function __construct(public array $states, public array $reasons, public bool $waivable, public string $waived)
    {
    }

    /**
     * @param  list<PlannedLine>  $lines  oxidative lines that are planned
     * @param  int  $now  hour
     * @param  string  $waiver  reason recorded for this visit; empty for none
     */
    public static function of(ClientSafety $client, array $lines, int $now, HouseRules $rules, string $waiver = ''): self
    {
        $states = $firm = $soft = [];
        foreach ($lines as $line) {
            $states[$line->id] = $client->stateFor($line->id, $now, $rules->skinTestDays);
        }
        if ($lines === []) {
            return new self([], [], false, '');
        }
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
        foreach ($lines as $line) {
            $caution = self::test($states[$line->id], $line->name, $rules->skinTestDays);
            if ($caution !== null) {
                $soft[] = $caution;
            }
        }
        $waived = $waiver !== '' && $rules->waivers && $firm === [] ? $waiver : '';

        return new self($states, $waived === '' ? [...$firm, ...$soft] : [], $firm === [] && $soft !== [] && $rules->waivers, $waived);
    }

    public function isOpen(): bool
    {
        return $this->reasons === [];
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
