<?php

declare(strict_types=1);

namespace App\Http\Controllers\Trail;

use App\Http\Controllers\Controller;
use App\Http\Resources\TrailResource;
use App\Models\Bowl;
use App\Models\Canvas;
use App\Models\Client;
use App\Models\ClientMatch;
use App\Models\ColourLine;
use App\Models\Consent;
use App\Models\ContraindicationNote;
use App\Models\Developer;
use App\Models\Photo;
use App\Models\Round;
use App\Models\Salon;
use App\Models\Shade;
use App\Models\SkinTest;
use App\Models\TeamMember;
use App\Models\Visit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Spatie\Activitylog\Models\Activity;

/**
 * Who changed what, when and why: of a client, a visit with its bowls, a line with its products, a developer, the
 * house, a person.
 */
final class TrailController extends Controller
{
    private const MOST = 200;

    public function client(Client $client): JsonResponse
    {
        $matches = ClientMatch::of($client->id)->get();

        return $this->of(
            $client,
            ...$client->skinTests,
            ...$client->contraindications,
            ...$client->consents,
            ...$client->photos,
            ...$matches,
        );
    }

    public function visit(Visit $visit): JsonResponse
    {
        return $this->of(
            $visit,
            ...$visit->rounds,
            ...$visit->rounds->flatMap(fn (Round $round) => $round->bowls),
            ...array_filter([$visit->canvas]),
        );
    }

    public function line(ColourLine $line): JsonResponse
    {
        return $this->of($line, ...$line->shades);
    }

    public function developer(Developer $developer): JsonResponse
    {
        return $this->of($developer);
    }

    /** Of the house rules: everybody reads them, and who set them. */
    public function house(Request $request): JsonResponse
    {
        return $this->of($this->member($request)->salon);
    }

    public function person(Request $request, TeamMember $member): JsonResponse
    {
        $reader = $this->member($request);
        if ($reader->id !== $member->id) {
            $this->authorize('update', $reader->salon);
        }

        return $this->of($member);
    }

    private function of(Model ...$subjects): JsonResponse
    {
        $byKind = [];
        foreach ($subjects as $subject) {
            $byKind[$subject->getMorphClass()][] = $subject->getKey();
        }
        $rows = Activity::query()->where(function ($query) use ($byKind): void {
            foreach ($byKind as $kind => $ids) {
                $query->orWhere(fn ($each) => $each->where('subject_type', $kind)->whereIn('subject_id', $ids));
            }
        })->with('causer')->orderByDesc('id')->limit(self::MOST)->get();
        $names = [];
        foreach ($subjects as $subject) {
            $names["{$subject->getMorphClass()} {$subject->getKey()}"] = self::name($subject);
        }

        return new JsonResponse(array_values(array_filter($rows->map(
            fn (Activity $row): ?array => TrailResource::of(
                $row,
                $names["{$row->subject_type} {$row->subject_id}"] ?? '',
            ),
        )->all())));
    }

    /** What the row is of, beside the record that was asked for. */
    private static function name(Model $subject): string
    {
        return match (true) {
            $subject instanceof Bowl => 'bowl '.trim($subject->letter),
            $subject instanceof Round => "round {$subject->name}",
            $subject instanceof Canvas => 'canvas',
            $subject instanceof Shade => $subject->code,
            $subject instanceof SkinTest => "skin test, {$subject->spot}",
            $subject instanceof ContraindicationNote => 'what speaks against colouring',
            $subject instanceof Consent => "agreement: {$subject->kind->value}",
            $subject instanceof Photo => "photograph, {$subject->kind->value}",
            $subject instanceof ClientMatch => 'who must look alike',
            $subject instanceof Salon => 'house rules',
            default => '',
        };
    }
}
