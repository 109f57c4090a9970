<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Actions\Clients\IndexClient;
use App\Enums\ProposalSource;
use App\Enums\ProposalState;
use App\Enums\Role;
use App\Formulas\SalonShelf;
use App\Formulas\VisitBowls;
use App\Models\Canvas;
use App\Models\Client;
use App\Models\ColourLine;
use App\Models\ContraindicationNote;
use App\Models\HouseBlendVersion;
use App\Models\Proposal;
use App\Models\Salon;
use App\Models\SkinTest;
use App\Models\Stamp;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Practice\SimulatedHead;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Codec\ReadCanvas;
use Core\Hair\AgeCanvas;
use Core\Hair\Canvas as CanvasValue;
use Core\Hair\CanvasZone;
use Core\Record\ReadChange;
use Core\Safety\Contraindication;
use Core\Service\PlacedBowl;
use Ramsey\Uuid\Uuid;

/** What the visit workspace shows around the bowls: canvases, results, skin tests, clocks, what waits to be changed. */
final class Workspace
{
    /**
     * By service: natural level, grey percent, then zone by zone name, spans, present level, tone, history, wish level,
     * wish tone. What comes of it is the head's own affair.
     */
    private const HEADS = [
        'swimmer' => [
            '7',
            0,
            [
                ['Root', ['root', 'regrowth'], '7', [], 'natural', '7', ['natural', 'gold']],
                ['Lengths', ['mids', 'ends'], '8', ['matte', 'gold'], 'coloured', '8', ['gold', 'beige']],
            ],
        ],
        'grey-soft' => [
            '6',
            30,
            [
                [
                    'Root',
                    ['root', 'regrowth'],
                    '6',
                    [],
                    'natural',
                    '6',
                    ['natural', 'ash'],
                    ['hairline', 'left', 'right'],
                ],
                ['Lengths', ['mids', 'ends'], '6.5', ['natural'], 'coloured', null, []],
            ],
        ],
        'two-reds' => [
            '5',
            10,
            [
                ['Root', ['root', 'regrowth'], '5', [], 'natural', '4.5', ['red']],
                ['Lengths', ['mids', 'ends'], '5', ['red'], 'coloured', '5', ['red', 'violet']],
            ],
        ],
        'grey-strong' => [
            '5',
            70,
            [
                ['Root', ['root', 'regrowth'], '5', [], 'natural', '5', ['natural']],
                ['Lengths', ['mids', 'ends'], '5', ['natural'], 'coloured', null, []],
            ],
        ],
        'bronde' => [
            '6',
            5,
            [
                ['Root', ['root', 'regrowth'], '6', [], 'natural', null, []],
                ['Lengths', ['mids', 'ends'], '7', ['gold', 'copper'], 'coloured', '8', ['beige']],
            ],
        ],
        'correction' => [
            '6',
            0,
            [
                ['Root', ['root', 'regrowth'], '6', [], 'natural', '6', ['natural', 'brown']],
                ['Mids', ['mids'], '4', ['red', 'brown'], 'unknown', '6', ['brown'], ['back', 'nape']],
                ['Ends', ['ends'], '5', ['copper'], 'unknown', '6.5', ['gold', 'natural']],
            ],
        ],
        'foils' => [
            '7',
            0,
            [
                ['Root', ['root', 'regrowth'], '7', [], 'natural', '9', ['pearl', 'beige']],
                ['Mids', ['mids'], '8.5', ['gold'], 'lightened', '9', ['pearl', 'beige']],
                ['Ends', ['ends'], '9', ['gold'], 'lightened', '9', ['pearl', 'beige']],
            ],
        ],
        'cool-brown' => [
            '5',
            10,
            [
                ['Root', ['root', 'regrowth'], '5', [], 'natural', '5', ['ash', 'natural']],
                ['Lengths', ['mids', 'ends'], '6', ['copper', 'gold'], 'coloured', '6', ['ash', 'brown']],
            ],
        ],
        'copper' => [
            '6',
            15,
            [
                ['Root', ['root', 'regrowth'], '6', [], 'natural', '6.5', ['copper']],
                ['Lengths', ['mids', 'ends'], '7', ['copper', 'gold'], 'coloured', '7', ['copper', 'gold']],
            ],
        ],
        'gloss' => [
            '7',
            20,
            [
                [
                    'Root',
                    ['root', 'regrowth'],
                    '7',
                    [],
                    'natural',
                    '7',
                    ['natural', 'beige'],
                    ['top', 'crown', 'hairline'],
                ],
                ['Lengths', ['mids', 'ends'], '9', ['gold'], 'lightened', '9', ['beige', 'gold']],
            ],
        ],
        'crop' => ['6', 0, [['Regrowth', ['root', 'regrowth'], '6', [], 'natural', '10', ['pearl']]]],
    ];

    /** How many of a client's latest visits were read and looked at closely. */
    private const REMEMBERED = 8;

    private readonly SalonShelf $shelves;

    private readonly VisitBowls $bowls;

    private int $made = 0;

    public function __construct(private readonly Salon $salon)
    {
        $this->shelves = resolve(SalonShelf::class);
        $this->bowls = resolve(VisitBowls::class);
    }

    public function set(): void
    {
        $this->houseBlend();
        $index = resolve(IndexClient::class);
        foreach (Client::query()->where('salon_id', $this->salon->id)->orderBy('id')->get() as $number => $client) {
            $this->heads($client, Clients::LIST[$number][3], new SimulatedHead($number), $number);
            $this->skin($client, $number);
            $this->waiting($client);
            $index($client);
        }
        $this->clocks();
    }

    private function houseBlend(): void
    {
        $line = ColourLine::query()->where('name', 'Slack Water')->firstOrFail();
        $id = fn (string $code): string => $line->shades->firstWhere('code', $code)?->productId() ?? '';
        foreach ([[1, '2'], [2, '3']] as [$version, $beige]) {
            HouseBlendVersion::query()
                ->create([
                    'salon_id' => $this->salon->id,
                    'colour_line_id' => $line->id,
                    'name' => 'Harbour glaze',
                    'version' => $version,
                    'ingredients' => [
                        ['product' => $id('9B'), 'share' => $beige], ['product' => $id('9G'), 'share' => '1'], [
                            'product' => $id('Clear'),
                            'share' => '2',
                        ],
                    ]]);
        }
    }

    /** The latest visits have their canvas; the one of today has last time's, aged. */
    private function heads(Client $client, string $service, SimulatedHead $outcome, int $index): void
    {
        $rules = $this->salon->rules();
        $clocks = new Clocks;
        $last = null;
        $number = 0;
        foreach (
            $client->visits()
                ->with(['colourist.salon', 'rounds.bowls'])
                ->limit(self::REMEMBERED)
                ->get()
                ->reverse() as $visit
        ) {
            $bowls = $this->bowls->placed($visit);
            $canvas = ReadCanvas::from($this->wished($this->canvas($service), $outcome, $bowls));
            $said = [];
            if ($last !== null && $visit->from_visit_id === $last['visit']->id) {
                $days = (int) abs($last['visit']->starts_at->diffInDays($visit->starts_at));
                $results = ReadCanvas::results(
                    $last['results'],
                    array_map(fn ($zone): string => $zone->id, $last['canvas']->zones),
                );
                $aged = AgeCanvas::by(
                    $last['canvas'],
                    $days,
                    $results,
                    resolve(\App\Formulas\CanvasRows::class)->done($last['visit']),
                    $rules,
                );
                // Lengths fade between visits, and are read anew.
                [$canvas, $said] = [
                    $this->faded($aged->canvas, $service, $visit->closed_at === null),
                    Say::all($aged->said),
                ];
            }
            Canvas::query()->create(
                ['visit_id' => $visit->id, 'canvas' => ReadCanvas::write($canvas), 'said' => $said, 'version' => 1],
            );
            $results = $visit->closed_at === null ? [] : $this->results($canvas, $outcome, $bowls, ++$number);
            if ($visit->closed_at !== null) {
                $clocks->of($visit, $canvas, $bowls, $index, $number);
                $visit->fill(
                    ['results' => $results, 'next_on' => $visit->starts_at->addWeeks(6)->toDateString()],
                )->save();
            }
            $last = ['visit' => $visit, 'canvas' => $canvas, 'results' => $results];
        }
    }

    /** @return array<string, mixed> */
    private function canvas(string $service): array
    {
        [$natural, $grey, $zones] = self::HEADS[$service];

        return [
            'zones' => array_map(fn (array $zone): array => [
                'id' => mb_strtolower($zone[0]), 'name' => $zone[0], 'regions' => $zone[7]
                    ?? [], 'spans' => $zone[1], 'natural' => $natural, 'level' => $zone[2], 'tone' => $zone[3],
                'grey' => in_array('root', $zone[1], true) ? $grey : null, 'resistant' => $grey > 60,
                'porosity' => $zone[4] === 'lightened' ? 'high' : 'normal',
                'history' => $zone[4], 'historyWords' => $zone[4] === 'unknown' ? 'box dye, at home, two years' : '',
                'confidence' => $zone[4] === 'unknown' ? 'told' : 'read',
                'regrowth' => in_array('root', $zone[1], true) ? '2.0' : null, 'density' => 'medium',
                'length' => 'shoulder', 'elasticity' => $service === 'crop' ? 'weak' : 'good',
                'wish' => ['level' => $zone[5], 'tone' => $zone[6], 'words' => ''],
            ], $zones),
            'worn' => 'parted on the left, mostly down', 'target' => '',
        ];
    }

    /** @param  bool  $ahead  the correction and the crop are wished further today than a visit brings them */
    private function faded(CanvasValue $canvas, string $service, bool $ahead): CanvasValue
    {
        $fresh = $this->canvas($service)['zones'];
        $zones = ReadCanvas::write($canvas);
        foreach ($zones['zones'] ?? [] as $at => $zone) {
            if (! in_array('root', $zone['spans'] ?? [], true)) {
                $zones['zones'][$at]['level'] = $fresh[$at]['level'];
                $zones['zones'][$at]['tone'] = $fresh[$at]['tone'];
            }
            if ($ahead && in_array($service, ['correction', 'crop'], true)) {
                $zones['zones'][$at]['wish'] = $fresh[$at]['wish'];
            }
        }

        return ReadCanvas::from($zones);
    }

    /**
     * Formulas that were tuned over the years give what was wished of them, visit by visit.
     *
     * @param  array<string, mixed>  $canvas
     * @param  list<PlacedBowl>  $bowls
     * @return array<string, mixed>
     */
    private function wished(array $canvas, SimulatedHead $outcome, array $bowls): array
    {
        foreach (ReadCanvas::from($canvas)->zones as $at => $zone) {
            if ($zone->hasWish()) {
                $comes = $outcome->of($zone, $bowls);
                $canvas['zones'][$at]['wish'] = [
                    'level' => (string) $comes['level'],
                    'tone' => $comes['tone'],
                    'words' => '',
                ];
            }
        }

        return $canvas;
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @return list<array<string, mixed>> what the head came to that day
     */
    private function results(CanvasValue $canvas, SimulatedHead $outcome, array $bowls, int $visit): array
    {
        return array_map(static function (CanvasZone $zone) use ($outcome, $bowls, $visit): array {
            $came = $outcome->of($zone, $bowls, $visit);

            return [
                'zone' => $zone->id,
                'level' => (string) $came['level'],
                'tone' => $came['tone'],
                'even' => true,
                'covered' => null,
                'elasticity' => null,
                'words' => '',
            ];
        }, $canvas->zones);
    }

    private function skin(Client $client, int $number): void
    {
        $now = CarbonImmutable::now();
        $member = TeamMember::query()
            ->where('salon_id', $this->salon->id)
            ->where('role', Role::Colourist)
            ->firstOrFail();
        $today = $client->visits()->where('starts_at', '>=', $this->salon->dayOf($now)[0])->first();
        $lines = $today === null
            ? []
            : array_values(
                array_unique(
                    $today->rounds->flatMap(fn ($round) => $round->bowls)
                        ->map(fn ($bowl): string => "line-{$bowl->colour_line_id}")
                        ->all(),
                ),
            );
        // The baker and the swimwear designer have none yet; the cellist’s and the architect’s are to be read.
        if ($lines !== [] && ! in_array($number, [3, 27], true)) {
            SkinTest::query()->create([
                'id' => $this->uuid(), 'client_id' => $client->id, 'lines' => $lines, 'spot' => 'behind the left ear',
                'placed_at' => $now->subDays(3), 'placed_by' => $member->id,
                ...(
                    in_array($number, [2, 10], true)
                        ? []
                        : ['read_at' => $now->subHours(20), 'read_by' => $member->id, 'result' => 'clear']
                ),
            ]);
        }
        if ($number === 3) {
            ContraindicationNote::query()->create(
                [
                    'id' => $this->uuid(),
                    'client_id' => $client->id,
                    'kind' => Contraindication::SensitiveScalp,
                    'note' => 'Flaking in frost.',
                    'noted_at' => $now->subMonths(9),
                    'noted_by' => $member->id,
                    'lifted_at' => $now->subMonths(7),
                    'lifted_by' => $member->id,
                    'clearance' => 'Healed, seen at the wash.',
                ],
            );
        }
    }

    /** What the last closed visit said to change waits, in today's visit where there is one. */
    private function waiting(Client $client): void
    {
        $visits = $client->visits()->with(['rounds.bowls', 'colourist.salon'])->get();
        $closed = $visits->first(fn (Visit $visit): bool => $visit->closed_at !== null);
        $open = $visits->first(fn (Visit $visit): bool => $visit->closed_at === null);
        if ($closed === null || $closed->change === '') {
            return;
        }
        $bowls = $closed->rounds->flatMap(fn ($round) => $round->bowls);
        $sheets = array_values(array_filter($bowls->map(fn ($bowl) => $this->bowls->sheet($bowl, $closed))->all()));
        foreach (ReadChange::from($closed->change, $sheets, $this->shelves->forVisit($closed)) as $change) {
            $from = $bowls->first(fn ($bowl): bool => trim($bowl->letter) === $change->bowl);
            Proposal::query()->create([
                'id' => $this->uuid(), 'client_id' => $client->id, 'from_visit_id' => $closed->id,
                'visit_id' => $open?->id,
                'bowl_id' => $open?->rounds->flatMap(fn ($round) => $round->bowls)
                    ->first(fn ($bowl): bool => $from !== null && $bowl->from_bowl_id === $from->id)
                    ?->id,
                'from_bowl_id' => $from?->id, 'source' => ProposalSource::Review, 'change' => $change->toArray(),
                'words' => $change->words, 'state' => ProposalState::Open,
            ]);
        }
    }

    /** In the chair with everything mixed: the first bowl is on the hair. */
    private function clocks(): void
    {
        $now = CarbonImmutable::now();
        $visit = Visit::query()
            ->where('salon_id', $this->salon->id)
            ->where('status', 'in-chair')
            ->orderBy('starts_at')
            ->firstOrFail();
        $bowl = $visit->rounds->flatMap(fn ($round) => $round->bowls)->first();
        foreach ($bowl === null ? [] : [['began', 24], ['completed', 9]] as $sequence => [$kind, $ago]) {
            Stamp::query()->create(
                [
                    'id' => $this->uuid(),
                    'bowl_id' => $bowl->id,
                    'sequence' => $sequence + 1,
                    'kind' => $kind,
                    'stamped_at' => $now->subMinutes($ago),
                    'team_member_id' => $visit->colourist_id,
                ],
            );
        }
    }

    /** The same every time. */
    private function uuid(): string
    {
        return (string) Uuid::uuid5(Uuid::NAMESPACE_OID, 'tinta-demo-'.++$this->made);
    }
}
