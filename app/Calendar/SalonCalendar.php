<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Formulas\VisitTimes;
use App\Models\Salon;
use App\Models\SkinTest as SkinTestRow;
use App\Models\Visit;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Safety\SkinTest;
use Sabre\VObject\Component\VCalendar;

/** Visits, skin tests and their readings as an iCalendar (RFC 5545), written by a kept library; times in UTC. */
final readonly class SalonCalendar
{
    /** Booked time of a visit whose bowls nobody has planned. */
    private const USUAL_MINUTES = 90;

    public function __construct(private VisitTimes $times)
    {
    }

    /**
     * @param  iterable<Visit>  $visits
     * @param  iterable<SkinTestRow>  $tests
     */
    public function of(Salon $salon, iterable $visits, iterable $tests = []): string
    {
        $calendar = new VCalendar(
            ['PRODID' => '-//Tinta//Salon//EN', 'VERSION' => '2.0', 'X-WR-CALNAME' => $salon->name],
        );
        foreach ($visits as $visit) {
            $this->visit($calendar, $visit);
        }
        foreach ($tests as $test) {
            $reading = $test->placed_at->addHours(SkinTest::HOURS);
            $this->event(
                calendar: $calendar,
                id: "test-{$test->id}",
                summary: Say::plain('Skin test: :name', ['name' => $test->client->name]),
                from: $test->placed_at,
                minutes: 10,
                stamp: $test->placed_at,
            );
            if ($test->result === null) {
                $this->event(
                    calendar: $calendar,
                    id: "reading-{$test->id}",
                    summary: Say::plain('Read the skin test: :name', ['name' => $test->client->name]),
                    from: $reading,
                    minutes: 10,
                    stamp: $test->placed_at,
                );
            }
        }

        return $calendar->serialize();
    }

    private function visit(VCalendar $calendar, Visit $visit): void
    {
        $times = $visit->status->isOver() ? null : $this->times->of($visit);
        $ends = $times === null || $times->plan->bowls === [] ? null : $times->origin + $times->plan->end;
        $minutes = $visit->closed_at !== null
            ? max(15, (int) $visit->starts_at->diffInMinutes($visit->closed_at))
            : (
                $ends === null
                    ? self::USUAL_MINUTES
                    : max(15, intdiv($ends - (int) $visit->starts_at->getTimestamp(), 60))
            );
        $event = $this->event(
            calendar: $calendar,
            id: "visit-{$visit->id}",
            summary: "{$visit->client->name}: {$visit->service}",
            from: $visit->starts_at,
            minutes: $minutes,
            stamp: CarbonImmutable::parse($visit->updated_at ?? $visit->starts_at),
        );
        $event->add('DESCRIPTION', "With {$visit->colourist->name}.");
        $event->add('SEQUENCE', $visit->version);
        $event->add('STATUS', $visit->status->value === 'ended' ? 'CANCELLED' : 'CONFIRMED');
    }

    private function event(
        VCalendar $calendar,
        string $id,
        string $summary,
        CarbonImmutable $from,
        int $minutes,
        CarbonImmutable $stamp,
    ): \Sabre\VObject\Component\VEvent {
        $event = $calendar->add('VEVENT', [
            'UID' => "{$id}@tinta",
            'SUMMARY' => $summary,
            'DTSTART' => $from->utc()->toDateTimeImmutable(),
            'DTEND' => $from->utc()->addMinutes($minutes)->toDateTimeImmutable(),
        ]);
        assert($event instanceof \Sabre\VObject\Component\VEvent);
        $event->remove('DTSTAMP');
        $event->add('DTSTAMP', $stamp->utc()->toDateTimeImmutable());

        return $event;
    }
}
