<?php

declare(strict_types=1);

namespace App\Http\Controllers\Calendar;

use App\Actions\Accounts\MakeCalendarAddress;
use App\Calendar\SalonCalendar;
use App\Formulas\AppliedBefore;
use App\Http\Controllers\Controller;
use App\Models\SkinTest;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Words\Speak;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Visits and skin tests for any calendar program: a visit as a file, and a private feed a person. */
final class CalendarController extends Controller
{
    public function visit(Visit $visit, SalonCalendar $calendar): Response
    {
        $this->authorize('view', $visit);

        return $this->answer($calendar->of($visit->colourist->salon, [$visit]), 'attachment; filename="visit.ics"');
    }

    /** The address is shown once; who has it reads the calendar. */
    public function store(Request $request, MakeCalendarAddress $make): JsonResponse
    {
        return new JsonResponse(['path' => "/calendar/{$make($this->member($request))}.ics"], 201);
    }

    public function feed(string $token, SalonCalendar $calendar, Speak $speak): Response
    {
        $member = TeamMember::query()->with('salon')->where('calendar_hash', hash('sha256', $token))->firstOrFail();
        $speak->to($member);
        $from = CarbonImmutable::now()->subDays(30);
        $visits = Visit::query()->with(
            [
                'client',
                'colourist.salon',
                'canvas',
                'rounds.bowls.stamps',
                'rounds.bowls.batches',
                'rounds.bowls.components',
                ...AppliedBefore::FROM,
            ],
        )
            ->where('salon_id', $member->salon_id)->where('colourist_id', $member->id)
            ->whereHas('client', fn ($client) => $client->whereNull('practice_seed'))
            ->where('starts_at', '>', $from)->orderBy('starts_at')->limit(500)->get();
        $tests = SkinTest::query()
            ->with('client')
            ->whereHas('client', fn ($client) => $client->where('salon_id', $member->salon_id))
            ->where('placed_at', '>', $from)->orderBy('placed_at')->limit(500)->get();

        return $this->answer($calendar->of($member->salon, $visits, $tests), 'inline');
    }

    private function answer(string $calendar, string $disposition): Response
    {
        return new Response($calendar, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => $disposition,
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
