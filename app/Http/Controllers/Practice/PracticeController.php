<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\FirstBowlRequest;
use App\Http\Requests\Practice\NewHeadRequest;
use App\Models\Client;
use App\Models\PracticeTry;
use App\Models\Visit;
use App\Practice\FirstBowl;
use App\Practice\Lesson;
use App\Practice\NewHead;
use App\Practice\TryHead;
use App\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Practice heads: everybody's own, and nothing of them in the salon's records. */
final class PracticeController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $member = $this->member($request);
        $heads = Client::query()
            ->where('practice_of', $member->id)
            ->with('visits')
            ->orderByDesc('id')
            ->limit(30)
            ->get();
        $tries = PracticeTry::query()->where('team_member_id', $member->id)->orderBy('tried_at')->get();

        return new JsonResponse([
            'lessons' => array_map(
                static fn (Lesson $lesson): array => ['key' => $lesson->value, 'words' => Say::name($lesson->words())],
                Lesson::cases(),
            ),
            'heads' => $heads->map(function (Client $head) use ($tries): array {
                $visit = $head->visits->first();
                $own = $tries->where('visit_id', $visit?->id);

                return [
                    'visit' => $visit?->id,
                    'name' => $head->name,
                    'lesson' => Say::name(Lesson::tryFrom((string) $head->practice_lesson)?->words() ?? ''),
                    'tries' => $own->count(),
                    'best' => self::away($own->min('seen_hundredths')),
                    'onTarget' => $own->contains(
                        fn (PracticeTry $try): bool => $try->zones > 0
                        && $try->on_target === $try->zones,
                    ),
                ];
            })->all(),
            // Every try in its order: nearer to the wish is lower.
            'progress' => array_values($tries->map(fn (PracticeTry $try): float => $try->seen_hundredths / 100)->all()),
        ]);
    }

    public function store(NewHeadRequest $request, NewHead $new): JsonResponse
    {
        $visit = $new($this->member($request), $request->lesson(), $request->id());

        return new JsonResponse(['visit' => $visit->id], 201);
    }

    /** A bowl to weigh for the first time. */
    public function bowl(FirstBowlRequest $request, FirstBowl $first): JsonResponse
    {
        return new JsonResponse(['bowl' => $first($this->member($request), $request->id())->id], 201);
    }

    public function try(Request $request, Visit $visit, TryHead $try): JsonResponse
    {
        $this->authorize('formulate', $visit);
        abort_if($visit->client->practice_seed === null, 404);
        $visit->loadMissing(['client', 'colourist.salon', 'canvas', 'rounds.bowls.stamps.teamMember']);
        $found = $try($this->member($request), $visit);

        return new JsonResponse([
            'came' => array_map(static fn (array $each): array => [
                ...$each,
                'words' => Say::name($each['words']),
                'wished' => Say::name($each['wished']),
            ], $found['try']->came),
            'away' => self::away($found['try']->seen_hundredths),
            'said' => $found['said'],
        ], 201);
    }

    private static function away(mixed $hundredths): ?float
    {
        return is_numeric($hundredths) ? round((float) $hundredths / 100, 1) : null;
    }
}
