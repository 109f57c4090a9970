<?php

declare(strict_types=1);

namespace App\Practice;

use App\Actions\Visits\PlanVisit;
use App\Models\Canvas;
use App\Models\Client;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Codec\ReadCanvas;
use Illuminate\Database\DatabaseManager;

/** An invented head with its canvas and a wish, for one person to practise on. */
final readonly class NewHead
{
    private const SEEDS = 1_000_000;

    public function __construct(private DatabaseManager $database, private PlanVisit $plan)
    {
    }

    /** @param  string  $id  of the visit, made by the device: the same again makes nothing twice */
    public function __invoke(TeamMember $member, Lesson $lesson, string $id): Visit
    {
        return $this->database->transaction(function () use ($member, $lesson, $id): Visit {
            $there = Visit::query()->where('salon_id', $member->salon_id)->find($id);
            if ($there !== null) {
                return $there;
            }
            $number = Client::query()->where('practice_of', $member->id)->count() + 1;
            $seed = random_int(1, self::SEEDS);
            $client = Client::query()->create([
                'salon_id' => $member->salon_id,
                'name' => "Practice head {$number}, {$member->initials}",
                'training' => true,
                'practice_seed' => $seed,
                'practice_lesson' => $lesson->value,
                'practice_of' => $member->id,
            ])->refresh();
            $visit = ($this->plan)($member, $client, $id, $lesson->words(), CarbonImmutable::now());
            $canvas = ReadCanvas::write(ReadCanvas::from($lesson->canvas($seed)));
            Canvas::query()->create(['visit_id' => $visit->id, 'canvas' => $canvas, 'said' => [], 'version' => 1]);

            return $visit->refresh();
        });
    }
}
