<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Enums\Role;
use App\Models\Client;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Salon;
use App\Models\TeamMember;
use Database\Seeders\Demo\Shelf;
use Illuminate\Support\Str;
use Tests\TestCase;

/**
 * A whole visit over HTTP, in the order of work, in a salon with the demo's invented lines. Every step must be
 * accepted.
 */
final class RealVisit
{
    public Client $client;

    public readonly Salon $salon;

    public readonly TeamMember $member;

    /** @var array<string, mixed> as the server last told it */
    public array $visit;

    /** @var array<string, string> product ids by line and code, and developers by volume */
    private array $products = [];

    /** @var array<string, string> line ids by name */
    public array $lines = [];

    /** @var array<string, string> round ids by name */
    private array $rounds = [];

    public function __construct(private readonly TestCase $test, string $service)
    {
        $this->salon = Salon::query()
            ->create(['name' => 'Rounds '.Str::uuid(), 'house_rules' => ['weigh-ahead' => 'yes']])
            ->refresh();
        (new Shelf)->load($this->salon);
        foreach (ColourLine::query()->where('salon_id', $this->salon->id)->with('shades')->get() as $line) {
            $this->lines[$line->name] = "line-{$line->id}";
            foreach ($line->shades as $shade) {
                $this->products["{$line->name} {$shade->code}"] = $shade->productId();
            }
        }
        foreach (Developer::query()->where('salon_id', $this->salon->id)->get() as $developer) {
            $this->products[(string) intdiv($developer->volume_hundredths, 100)] = $developer->productId();
        }
        $this->client = Client::query()
            ->create(['salon_id' => $this->salon->id, 'name' => "Client of {$service}"])
            ->refresh();
        $this->member = TeamMember::query()->create([
            'salon_id' => $this->salon->id,
            'name' => 'Somebody',
            'initials' => 'SB',
            'role' => Role::Colourist,
            'email' => Str::uuid().'@test.example',
            'password' => 'a-long-password',
        ]);
        $test->actingAs($this->member);
        $this->visit = $this->post(
            "clients/{$this->client->id}/visits",
            ['id' => (string) Str::uuid(), 'service' => $service, 'startsAt' => now()->toIso8601String()],
        );
        $this->rounds['Colour'] = $this->visit['rounds'][0]['id'];
    }

    /** A visit of another client of the same house. */
    public function ofAnother(string $service): self
    {
        $other = clone $this;
        $other->client = Client::query()
            ->create(['salon_id' => $this->salon->id, 'name' => "Client of {$service}"])
            ->refresh();
        $other->visit = $this->post(
            "clients/{$other->client->id}/visits",
            ['id' => (string) Str::uuid(), 'service' => $service, 'startsAt' => now()->toIso8601String()],
        );
        $other->rounds = ['Colour' => $other->visit['rounds'][0]['id']];

        return $other;
    }

    public function product(string $line, string $code): string
    {
        return $this->products["{$line} {$code}"];
    }

    public function developer(int $volume): string
    {
        return $this->products[(string) $volume];
    }

    /**
     * @param  array<string, array<string, mixed>>  $zones  by id: what differs from an empty zone
     */
    public function canvas(array $zones): self
    {
        $canvas = ['zones' => [], 'worn' => '', 'target' => ''];
        foreach ($zones as $id => $zone) {
            $canvas['zones'][] = $zone + ['id' => $id, 'name' => ucfirst($id), 'regions' => [], 'spans' => []];
        }
        $this->visit = $this->test
            ->putJson(
                "/api/visits/{$this->visit['id']}/canvas",
                ['version' => $this->visit['canvas']['version'], 'canvas' => $canvas],
            )
            ->assertOk()
            ->json();

        return $this;
    }

    public function round(string $name): self
    {
        $this->visit = $this->post(
            "visits/{$this->visit['id']}/rounds",
            ['id' => $this->rounds[$name] = (string) Str::uuid(), 'name' => $name],
        );

        return $this;
    }

    /**
     * @param  array<int|string, string>  $colour  shares by code
     * @param  array<int, string>  $developer  shares by volume; empty for none
     * @param  array{string, string}|null  $amount  of what, and how much; null where the shares say it
     * @param  array<string, mixed>  $more  further members of the bowl
     * @return array<string, mixed> the bowl as saved
     */
    public function bowl(
        string $round,
        string $letter,
        string $job,
        string $line,
        array $colour,
        array $developer,
        ?array $amount,
        array $more = [],
        string $ratio = '',
    ): array {
        $ingredients = [];
        foreach ($colour as $code => $share) {
            $ingredients[] = match (true) {
                str_starts_with((string) $code, 'bowl:') => ['product' => (string) $code, 'share' => $share],
                str_starts_with((string) $code, '*') => [
                    'blend' => substr((string) $code, 1),
                    'version' => 1,
                    'share' => $share,
                ],
                default => ['product' => $this->product($line, (string) $code), 'share' => $share],
            };
        }
        $parts = [['ingredients' => $ingredients]];
        if ($developer !== []) {
            $parts[] = ['ingredients' => array_map(
                fn (int $volume, string $share): array => ['product' => $this->developer($volume), 'share' => $share],
                array_keys($developer),
                $developer,
            )];
        }
        $sheet = $more + [
            'letter' => $letter,
            'job' => $job,
            'line' => $this->lines[$line],
            'ratio' => $ratio === '' && $developer === [] ? 'no developer' : $ratio,
            'amount' => $amount === null
                ? ['of' => 'shares', 'grams' => '', 'ingredient' => null]
                : ['of' => $amount[0], 'grams' => $amount[1], 'ingredient' => null],
            'parts' => $parts, 'additives' => [], 'place' => [], 'minutes' => null, 'note' => '',
        ];

        return $this->post("rounds/{$this->rounds[$round]}/bowls", ['id' => (string) Str::uuid(), 'bowl' => $sheet]);
    }

    /** Places skin tests of every line, reads them clear two days later, and stands on the day of the visit. */
    public function testSkin(): self
    {
        $lines = array_values(array_intersect_key(
            $this->lines,
            array_flip(['Tidewater', 'Low Harbour', 'Slack Water', 'Brightwork']),
        ));
        $this->post(
            "clients/{$this->client->id}/skin-tests",
            ['id' => $id = (string) Str::uuid(), 'lines' => $lines, 'spot' => 'inner elbow'],
        );
        $this->test->travel(49)->hours();
        $this->test->patchJson("/api/skin-tests/{$id}", ['result' => 'clear'])->assertOk();

        return $this;
    }

    /** @return array<string, mixed> the bowl of this letter as the server last told it */
    public function of(string $letter): array
    {
        foreach ($this->visit['rounds'] as $round) {
            foreach ($round['bowls'] as $bowl) {
                if ($bowl['letter'] === $letter) {
                    return $bowl;
                }
            }
        }
        throw new \RuntimeException("No bowl {$letter}.");
    }

    /**
     * Weighs a bowl: to its targets, and what is poured by eye as given by product id.
     *
     * @param  array<string, string>  $byEye
     * @param  array<string, string>  $how  times, strength
     * @return array<string, mixed> the batch
     */
    public function weigh(string $letter, array $byEye = [], array $how = [], string $left = ''): array
    {
        $batch = $this->post("bowls/{$this->of($letter)['id']}/batches", ['id' => (string) Str::uuid()] + $how);
        $batch = $this->post("batches/{$batch['id']}/pan", [
            'id' => (string) Str::uuid(), 'after' => 0, 'stands' => 'empty', 'reading' => 21_000,
            'zero' => $batch['id'],
        ])['batch'];
        foreach (array_column($batch['lines'], 'key') as $key) {
            // As it stands now: what follows a product that was poured by eye has a target by then.
            $line = array_column($batch['lines'], null, 'key')[$key];
            $batch = $this->event(
                $batch,
                [
                    'kind' => 'poured',
                    'line' => $line['key'],
                    'grams' => $byEye[$key] ?? ($line['open'] ? '5 g' : $line['target']),
                    'source' => 'scale',
                    'zero' => $batch['zero'],
                ],
            );
        }
        $batch = $this->event($batch, ['kind' => 'finished']);
        if ($left !== '') {
            $batch = $this->event($batch, ['kind' => 'weighed-back', 'grams' => $left]);
        }
        $this->refresh();

        return $batch;
    }

    public function stamp(string $letter, string ...$kinds): self
    {
        foreach ($kinds as $kind) {
            $this->visit = $this->post(
                "bowls/{$this->of($letter)['id']}/stamps",
                ['id' => (string) Str::uuid(), 'kind' => $kind],
            );
        }

        return $this;
    }

    public function after(int $minutes): self
    {
        $this->test->travel($minutes)->minutes();

        return $this;
    }

    /**
     * What was weighed went on, where its gate lets it; else it was not used. Every bowl is one or the other at the
     * end.
     */
    public function settle(): self
    {
        foreach ($this->refresh()->visit['rounds'] as $round) {
            foreach ($round['bowls'] as $bowl) {
                if ($bowl['state'] === 'mixed' && $bowl['clock']['state'] === 'waiting') {
                    $began = $this->test->postJson(
                        "/api/bowls/{$bowl['id']}/stamps",
                        ['id' => (string) Str::uuid(), 'kind' => 'began'],
                    );
                    $began->status() === 201
                        ? null
                        : $this->post(
                            "bowls/{$bowl['id']}/stamps",
                            ['id' => (string) Str::uuid(), 'kind' => 'set-aside', 'words' => 'not needed'],
                        );
                }
            }
        }

        return $this->refresh();
    }

    /** @param  array<string, mixed>  $review */
    public function close(array $review = []): self
    {
        $this->settle();
        $this->visit = $this->test
            ->postJson(
                "/api/visits/{$this->visit['id']}/close",
                $review + [
                    'version' => $this->visit['version'],
                    'verdict' => 'good',
                    'outcome' => 'As wished.',
                ],
            )
            ->assertOk()
            ->json();

        return $this;
    }

    /** Weeks later the same again; stands in the new visit. */
    public function repeat(int $weeks = 5): self
    {
        $this->test->travel($weeks)->weeks();
        app()->forgetScopedInstances();
        $this->visit = $this->post("visits/{$this->visit['id']}/repeat", ['id' => (string) Str::uuid()]);

        return $this;
    }

    public function refresh(): self
    {
        app()->forgetScopedInstances();
        $this->visit = $this->test->getJson("/api/visits/{$this->visit['id']}")->assertOk()->json();

        return $this;
    }

    /** @return array<string, string> grams of everything in a bowl, by its label */
    public function grams(string $letter): array
    {
        $worked = $this->of($letter)['worked'];
        $grams = [];
        foreach (
            [
                ...array_merge(...array_column($worked['parts'], 'ingredients')),
                ...$worked['additives'],
                ...$worked['extras'],
            ] as $each
        ) {
            $grams[$each['label']] = $each['grams'];
        }

        return $grams;
    }

    /** @param  array<string, mixed>  $body @return array<string, mixed> */
    public function post(string $path, array $body): array
    {
        app()->forgetScopedInstances();

        return $this->test->postJson("/api/{$path}", $body)->assertCreated()->json();
    }

    /**
     * @param  array<string, mixed>  $batch
     * @param  array<string, mixed>  $event
     * @return array<string, mixed>
     */
    private function event(array $batch, array $event): array
    {
        return $this->post(
            "batches/{$batch['id']}/events",
            $event + ['id' => (string) Str::uuid(), 'after' => $batch['sequence']],
        );
    }
}
