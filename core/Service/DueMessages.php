<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Practice\Number;
use Core\Safety\SkinTest;
use Core\Safety\SkinTestState;

/**
 * Which messages are due now, by what is planned, tested and done. Days are of 24 hours; seconds count from any fixed
 * moment.
 */
final readonly class DueMessages
{
    private const DAY = 86_400;

    /** @param  array<string, int>  $days  by kind, where the house says another number */
    public function __construct(private int $now, private array $days = [])
    {
    }

    /** How many seconds before a visit the first message of it may be due. */
    public function firstNotice(): int
    {
        return max(
            $this->before(MessageKind::Appointment),
            $this->before(MessageKind::SkinTest) + SkinTest::HOURS * 3600,
        );
    }

    /**
     * @param  SkinTestState  $test  the least of the lines that are to be used
     * @return list<DueMessage> of a visit that is expected
     */
    public function ofComing(string $visit, string $client, int $starts, SkinTestState $test): array
    {
        if ($starts <= $this->now) {
            return [];
        }
        $found = [];
        $last = $starts - SkinTest::HOURS * 3600;
        $needs = in_array($test, [SkinTestState::Missing, SkinTestState::Expired], true);
        if ($needs && $this->now >= $last - $this->before(MessageKind::SkinTest)) {
            $found[] = new DueMessage(
                MessageKind::SkinTest,
                $visit,
                $client,
                $last - $this->before(MessageKind::SkinTest),
                $this->now > $last,
            );
        }
        $reminded = $starts - Number::VisitNoticeLeast->whole() * 3600;
        // Whoever is asked for another day is not reminded of this one.
        if (
            ! ($needs && $this->now > $last)
            && $this->now >= $starts - $this->before(MessageKind::Appointment)
            && $this->now < $reminded
        ) {
            $found[] = new DueMessage(
                MessageKind::Appointment,
                $visit,
                $client,
                $starts - $this->before(MessageKind::Appointment),
            );
        }

        return $found;
    }

    /** @return list<DueMessage> of a test that nobody has read */
    public function ofTest(string $id, string $client, SkinTest $test): array
    {
        $due = $test->placed + SkinTest::HOURS * 3600;

        return $test->result === null
            && $this->now >= $due
            && $this->now < $due + Number::ReadingPatience->whole() * self::DAY
            ? [new DueMessage(MessageKind::Reading, $id, $client, $due)]
            : [];
    }

    /**
     * @param  ?int  $next  second of the client's next visit that began; whoever was here again is not asked
     * @return list<DueMessage> of a visit that is closed
     */
    public function ofClosed(string $visit, string $client, int $closed, ?int $next): array
    {
        $due = $closed + $this->before(MessageKind::FollowUp);

        return $next === null && $this->now >= $due && $this->now < $due + Number::FollowUpPatience->whole() * self::DAY
            ? [new DueMessage(MessageKind::FollowUp, $visit, $client, $due)]
            : [];
    }

    /** @return array{int, int} the earliest and the latest second at which a visit ended that may be asked about now */
    public function askedAbout(): array
    {
        $latest = $this->now - $this->before(MessageKind::FollowUp);

        return [$latest - Number::FollowUpPatience->whole() * self::DAY + 1, $latest];
    }

    private function before(MessageKind $kind): int
    {
        return ($this->days[$kind->value] ?? $kind->usualDays()) * self::DAY;
    }
}
