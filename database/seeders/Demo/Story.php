<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Enums\Role;
use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Client;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Salon;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Codec\ReadBowl;
use Core\Formula\BowlSheet;
use Core\Shelf\Shelf as CoreShelf;
use Core\Units\Grams;
use Core\Weighing\BatchPlan;
use Core\Weighing\Tolerance;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Two years of visits with drift, mistakes and notes, and a today with visits in every state. */
final class Story
{
    private Randomizer $chance;

    private CoreShelf $shelf;

    /** @var array<string, array<string, string>> line name => code => product id */
    private array $codes = [];

    /** @var array<string, string> line name => line id */
    private array $lines = [];

    /** @var array<string, string> volume => product id */
    private array $developers = [];

    /** @var list<TeamMember> */
    private array $colourists = [];

    /** @var list<TeamMember> */
    private array $assistants = [];

    /** @var array<string, list<array<string, mixed>>> rows to insert, by table, in the order of their keys */
    private array $rows = [
        'visits' => [],
        'rounds' => [],
        'bowls' => [],
        'components' => [],
        'batches' => [],
        'pours' => [],
    ];

    public function __construct(private readonly Salon $salon)
    {
        $this->chance = new Randomizer(new Mt19937(2026));
        $this->shelf = resolve(SalonShelf::class)->of($salon);
        foreach (ColourLine::query()->with('shades')->get() as $line) {
            $this->lines[$line->name] = "line-{$line->id}";
            foreach ($line->shades as $shade) {
                $this->codes[$line->name][$shade->code] = $shade->productId();
            }
        }
        foreach (Developer::query()->get() as $developer) {
            $this->developers[(string) ($developer->volume_hundredths / 100)] = $developer->productId();
        }
        $team = $salon->team()->orderBy('id')->get();
        $this->colourists = array_values(
            $team->filter(fn (TeamMember $member): bool => $member->role->formulates())->all(),
        );
        $this->assistants = array_values(
            $team->filter(fn (TeamMember $member): bool => $member->role === Role::Assistant)->all(),
        );
    }

    public function tell(): void
    {
        $today = CarbonImmutable::today($this->salon->timezone);
        $clients = Client::query()->where('salon_id', $this->salon->id)->orderBy('id')->get();
        $latest = [];
        foreach ($clients as $index => $client) {
            [, , , $service, $weeks] = Clients::LIST[$index];
            $latest[$index] = $this->past($client, $service, $weeks, $today, $index);
        }
        // Today: who is where, by place in the list of clients, in minutes from now.
        $now = CarbonImmutable::now($this->salon->timezone)->floorUnit('minute', 5);
        foreach ([
            [1, -145, 'closed'], [13, -40, 'mixed'], [2, -30, 'weighing'], [8, -15, 'received'],
            [10, 75, 'planned'], [3, 135, 'planned'], [15, 180, 'planned'], [6, 255, 'empty'], [27, 315, 'planned'],
        ] as [$index, $minutes, $state]) {
            $this->today(
                $clients[$index],
                Clients::LIST[$index][3],
                $now->addMinutes($minutes),
                $state,
                $latest[$index],
            );
        }
        foreach ($this->rows as $table => $rows) {
            foreach (array_chunk($rows, 300) as $chunk) {
                DB::table($table)->insert($chunk);
            }
        }
    }

    /** @return array{visit: string, bowls: array<string, string>}|null the latest visit, for lineage */
    private function past(Client $client, string $service, int $weeks, CarbonImmutable $today, int $index): ?array
    {
        $visits = intdiv(104, $weeks) - $this->chance->getInt(0, 3);
        $last = null;
        $factor = 100;
        for ($n = $visits; $n >= 1; $n--) {
            $day = $today->subDays($n * $weeks * 7 + $this->chance->getInt(-3, 3));
            $starts = $day->setTime($this->chance->getInt(9, 16), $this->chance->getInt(0, 3) * 15);
            $verdict = match (true) {
                $this->chance->getInt(1, 100) <= 74 => 'good',
                $this->chance->getInt(1, 100) <= 80 => 'mixed',
                default => 'poor',
            };
            // Some clients' bowls are shaved visit after visit: the drift the record is there to show.
            $factor = $index % 4 === 3
                ? max(62, $factor - $this->chance->getInt(0, 4))
                : $this->chance->getInt(94, 106);
            $last = $this->visit(
                $client,
                $service,
                $starts,
                'closed',
                $last,
                $verdict,
                $factor,
                $this->colourists[$index % count($this->colourists)],
            );
        }

        return $last;
    }

    /** @param  array{visit: string, bowls: array<string, string>}|null  $from */
    private function today(Client $client, string $service, CarbonImmutable $starts, string $state, ?array $from): void
    {
        $colourist = $this->colourists[$client->id % count($this->colourists)];
        match ($state) {
            'closed' => $this->visit($client, $service, $starts, 'closed', $from, 'good', 100, $colourist),
            'empty' => $this->visit(
                $client,
                $service,
                $starts,
                'expected',
                null,
                null,
                100,
                $colourist,
                withBowls: false,
            ),
            'planned' => $this->visit($client, $service, $starts, 'expected', $from, null, 100, $colourist),
            'received' => $this->visit($client, $service, $starts, 'in-chair', $from, null, 100, $colourist),
            'weighing' => $this->visit(
                $client,
                $service,
                $starts,
                'in-chair',
                $from,
                null,
                100,
                $colourist,
                weighed: 1,
                open: true,
            ),
            default => $this->visit($client, $service, $starts, 'in-chair', $from, null, 100, $colourist, weighed: 9),
        };
    }

    /**
     * @param  array{visit: string, bowls: array<string, string>}|null  $from
     * @param  int  $factor  percent of the service's usual amounts
     * @param  int  $weighed  how many bowls are mixed, for a visit that is not closed
     * @param  bool  $open  the bowl after those is in the middle of being weighed
     * @return array{visit: string, bowls: array<string, string>}
     */
    private function visit(
        Client $client,
        string $service,
        CarbonImmutable $starts,
        string $status,
        ?array $from,
        ?string $verdict,
        int $factor,
        TeamMember $colourist,
        int $weighed = 0,
        bool $open = false,
        bool $withBowls = true,
    ): array {
        [$title, $bowls] = Services::ALL[$service];
        $starts = $starts->utc();
        $closed = $status === 'closed';
        [$outcome, $keep, $change] = $verdict === null ? ['', '', ''] : $this->pick(Services::WORDS[$verdict]);
        $visit = [
            'id' => $this->uuid(), 'salon_id' => $this->salon->id, 'client_id' => $client->id,
            'colourist_id' => $colourist->id,
            'from_visit_id' => $from['visit'] ?? null, 'service' => $title, 'status' => $status, 'starts_at' => $starts,
            'received_at' => $status === 'expected' ? null : $starts,
            'closed_at' => $closed ? $starts->addMinutes(130) : null,
            'closed_by' => $closed
                ? $colourist->id
                : null, 'note' => '', 'verdict' => $verdict, 'outcome' => $outcome, 'keep' => $keep,
            'change' => $change,
            'version' => 1, 'created_at' => $starts, 'updated_at' => $starts,
        ];
        $this->rows['visits'][] = $visit;
        $rounds = [];
        $made = [];
        foreach ($withBowls ? $bowls : [] as $number => $bowl) {
            $rounds[$bowl[0]] ??= $this->round($visit['id'], $bowl[0], count($rounds) + 1, $starts);
            $sheet = $this->sheet($bowl, $factor);
            $id = $this->bowl($rounds[$bowl[0]], $number + 1, $sheet, $from['bowls'][$bowl[1]] ?? null, $starts);
            $made[$bowl[1]] = $id;
            // Who is in the chair has them mixed as they are needed; the last of them a moment ago.
            $mixedAt = $starts->addMinutes(10 + ($closed ? 30 : ($open ? 8 : 26)) * $number);
            if ($closed || $number < $weighed) {
                $this->batch($id, $sheet, $mixedAt, true, $closed);
            } elseif ($open && $number === $weighed) {
                $this->batch($id, $sheet, $mixedAt, false, false);
            }
        }
        if ($rounds === []) {
            $this->round($visit['id'], 'Colour', 1, $starts);
        }

        return ['visit' => $visit['id'], 'bowls' => $made];
    }

    private function round(string $visit, string $name, int $position, CarbonImmutable $at): string
    {
        $id = $this->uuid();
        $this->rows['rounds'][] = [
            'id' => $id,
            'visit_id' => $visit,
            'position' => $position,
            'name' => $name,
            'created_at' => $at,
            'updated_at' => $at,
        ];

        return $id;
    }

    /** @param  array<int, mixed>  $bowl one entry of Services::ALL */
    private function sheet(array $bowl, int $factor): BowlSheet
    {
        [
            ,
            $letter,
            $job,
            $line,
            $ratio,
            [$of, $grams],
        $colour,
        $developer,
        $additives,
        $regions,
        $spans,
        $minutes,
        $note
        ] = $bowl;
        $scaled = max(10, intdiv((int) $grams * $factor, 100));

        return ReadBowl::from([
            'letter' => $letter, 'job' => $job, 'line' => $this->lines[$line], 'ratio' => $ratio,
            'amount' => ['of' => $of, 'grams' => "{$scaled} g"],
            'parts' => [
                ['ingredients' => $this->ingredients($colour, $this->codes[$line])],
                ['ingredients' => $this->ingredients($developer, $this->developers)],
            ],
            'additives' => array_map(
                fn (string $code, string $dose): array => ['product' => $this->codes[$line][$code], 'dose' => $dose],
                array_keys($additives),
                $additives,
            ),
            'place' => [
                ['regions' => $regions, 'spans' => $spans] + self::manner($line, $job, $letter),
            ], 'minutes' => $minutes, 'note' => $note,
            'mark' => ['A' => 'the yellow bowl', 'B' => 'the blue bowl', 'C' => 'the small white bowl'][$letter] ?? '',
            'applying' => $line === 'Slack Water' ? 8 : 20,
        ], $this->shelf);
    }

    /** @return array<string, mixed> how the bowl is laid on, as its line and job say */
    private static function manner(string $line, string $job, string $letter): array
    {
        return match (true) {
            str_contains(mb_strtolower($job), 'foils') => [
                'method' => 'fine-foils',
                'covering' => 'foil',
                'foils' => 28,
                'width' => 'narrow at the face',
                'order' => 1,
            ],
            $line === 'Brightwork' => ['method' => 'hand-painted', 'covering' => 'film', 'order' => 1],
            $line === 'Slack Water' => [
                'method' => $job === 'Shadow root' ? 'root-shadow' : 'gloss',
                'hair' => 'damp',
                'order' => ord($letter) - 64,
            ],
            str_contains($job, 'oot')
                || str_contains($job, 'egrowth')
                || str_contains($job, 'airline') => ['method' => 'root-touch-up', 'order' => ord($letter) - 64],
            default => ['method' => 'melt', 'order' => ord($letter) - 64],
        };
    }

    /**
     * @param  array<int|string, string>  $shares  code => share
     * @param  array<string, string>  $products  code => product id
     * @return list<array{product: string, share: string}>
     */
    private function ingredients(array $shares, array $products): array
    {
        return array_map(
            fn (int|string $code, string $share): array => ['product' => $products[(string) $code], 'share' => $share],
            array_keys($shares),
            $shares,
        );
    }

    private function bowl(string $round, int $position, BowlSheet $sheet, ?string $from, CarbonImmutable $at): string
    {
        $rows = new BowlRows;
        $bowl = $rows->fill(
            new \App\Models\Bowl(
                [
                    'id' => $this->uuid(),
                    'round_id' => $round,
                    'position' => $position,
                    'from_bowl_id' => $from,
                    'version' => 1,
                ],
            ),
            $sheet,
        );
        $this->rows['bowls'][] = [...$bowl->getAttributes(), 'created_at' => $at, 'updated_at' => $at];
        array_push($this->rows['components'], ...$rows->componentRows($bowl, $sheet));

        return $bowl->id;
    }

    /** Pours with the small misses of a real hand; closed ones with what was left over. */
    private function batch(string $bowl, BowlSheet $sheet, CarbonImmutable $at, bool $finished, bool $weighedBack): void
    {
        $plan = BatchPlan::of($sheet->known($this->salon->rules()->step), Tolerance::house());
        $id = $this->uuid();
        $by = $this->assistants[$this->chance->getInt(0, count($this->assistants) - 1)]->id;
        $events = [['tared', null, Grams::ofCentigrams(21_000)]];
        $mixed = 0;
        $lines = $finished ? $plan->lines : array_slice($plan->lines, 0, max(1, count($plan->lines) - 2));
        foreach ($lines as $line) {
            $band = $plan->tolerance->band($line->target);
            $room = intdiv($band->high->centigrams - $line->target->centigrams, 10);
            $poured = $line->target->centigrams + 10 * $this->chance->getInt(-intdiv($room, 2), intdiv($room, 2));
            $events[] = ['poured', $line->key, Grams::ofCentigrams($poured)];
            $mixed += $poured;
        }
        $leftover = 0;
        if ($finished) {
            $events[] = ['finished', null, null];
        }
        if ($finished && $weighedBack && $this->chance->getInt(1, 100) <= 70) {
            $leftover = 10 * intdiv($mixed * $this->chance->getInt(2, 18), 1000);
            $events[] = ['weighed-back', null, Grams::ofCentigrams($leftover)];
        }
        foreach ($events as $sequence => [$kind, $line, $grams]) {
            $this->rows['pours'][] = [
                'id' => $this->uuid(), 'batch_id' => $id, 'sequence' => $sequence + 1, 'kind' => $kind,
                'line' => $line, 'grams_cg' => $grams?->centigrams,
                'source' => $kind === 'poured'
                    ? 'scale'
                    : null, 'reading_cg' => null, 'reason' => null, 'team_member_id' => $by,
                'poured_at' => $at->addSeconds(20 * $sequence),
            ];
        }
        $this->rows['batches'][] = [
            'id' => $id, 'bowl_id' => $bowl, 'number' => 1, 'plan' => json_encode(
                (new BatchRows)->planJson($plan),
            ), 'status' => $finished
                ? 'finished'
                : 'weighing',
            'mixed_cg' => $mixed, 'used_cg' => $mixed - $leftover, 'started_by' => $by, 'started_at' => $at,
            'finished_at' => $finished
                ? $at->addMinutes(4)
                : null,
            'created_at' => $at, 'updated_at' => $at,
        ];
    }

    /**
     * @template T
     *
     * @param  list<T>  $from
     * @return T
     */
    private function pick(array $from): mixed
    {
        return $from[$this->chance->getInt(0, count($from) - 1)];
    }

    private function uuid(): string
    {
        $bytes = $this->chance->getBytes(16);
        $bytes[6] = chr(ord($bytes[6]) & 0x0F | 0x40);
        $bytes[8] = chr(ord($bytes[8]) & 0x3F | 0x80);

        return vsprintf('%s%s-%s-%s-%s-%s%s%s', str_split(bin2hex($bytes), 4));
    }
}
