<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Enums\Role;
use App\Models\Client;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Salon;
use App\Models\Shade;
use App\Models\TeamMember;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A salon of one line, three shades, two developers, one client: enough for any request. */
final class SmallSalon
{
    private static int $made = 0;

    public readonly Salon $salon;

    public readonly Client $client;

    public readonly ColourLine $line;

    /** @var array<string, Shade> by code */
    public array $shades = [];

    /** @var array<int, Developer> by volume */
    public array $developers = [];

    public function __construct()
    {
        $number = ++self::$made;
        $this->salon = Salon::query()
            ->create(['name' => "Salon {$number}", 'house_rules' => ['weigh-ahead' => 'yes']])
            ->refresh();
        $this->client = Client::query()->create(['salon_id' => $this->salon->id, 'name' => "Client {$number}"]);
        $this->line = ColourLine::query()->create([
            'salon_id' => $this->salon->id, 'name' => 'Line', 'kind' => 'permanent', 'ratio' => '1:1.5',
            'min_minutes' => 30,
            'target_minutes' => 35,
            'max_minutes' => 45,
            'legend' => ['notation' => 'letters', 'tones' => []],
        ]);
        foreach (['6N' => 'shade', '7G' => 'shade', 'Bond' => 'additive'] as $code => $kind) {
            $this->shades[$code] = Shade::query()->create([
                'colour_line_id' => $this->line->id,
                'code' => $code,
                'name' => $code,
                'kind' => $kind,
                'pack_cg' => 6000,
                'swatch' => '#806040',
            ]);
        }
        foreach ([10, 20] as $volume) {
            $this->developers[$volume] = Developer::query()->create([
                'salon_id' => $this->salon->id,
                'name' => "{$volume} vol",
                'volume_hundredths' => $volume * 100,
                'pack_cg' => 100_000,
            ]);
            $this->line->developers()->attach($this->developers[$volume]);
        }
    }

    public function member(Role $role = Role::Colourist): TeamMember
    {
        return TeamMember::query()->create([
            'salon_id' => $this->salon->id, 'name' => 'Somebody', 'initials' => 'SB', 'role' => $role,
            'email' => Str::uuid().'@test.example', 'password' => 'a-long-password',
        ]);
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed> a sound bowl: 2 parts 6N, 1 part 7G, 20 vol at 1:1.5, 60 g of colour
     */
    public function bowl(array $change = []): array
    {
        return array_replace([
            'letter' => 'A', 'job' => 'Root', 'line' => "line-{$this->line->id}", 'ratio' => '1:1.5',
            'amount' => ['of' => 'colour', 'grams' => '60 g'],
            'parts' => [
                [
                    'ingredients' => [
                        ['product' => $this->shades['6N']->productId(), 'share' => '2'],
                        ['product' => $this->shades['7G']->productId(), 'share' => '1'],
                    ],
                ],
                ['ingredients' => [['product' => $this->developers[20]->productId(), 'share' => 'all']]],
            ],
            'additives' => [], 'place' => ['regions' => [], 'spans' => ['root']], 'minutes' => 35, 'note' => '',
        ], $change);
    }

    /** Plans a visit over HTTP; the answer's JSON. @return array<string, mixed> */
    public function planVisit(TestCase $test): array
    {
        return $test
            ->postJson(
                "/api/clients/{$this->client->id}/visits",
                ['id' => (string) Str::uuid(), 'service' => 'Root', 'startsAt' => now()->toIso8601String()],
            )
            ->assertCreated()
            ->json();
    }

    /**
     * @param  array<string, mixed>  $visit
     * @param  array<string, mixed>  $change
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function addBowl(TestCase $test, array $visit, array $change = [], ?string $id = null): TestResponse
    {
        return $test->postJson(
            "/api/rounds/{$visit['rounds'][0]['id']}/bowls",
            ['id' => $id ?? (string) Str::uuid(), 'bowl' => $this->bowl($change)],
        );
    }

    /** @return array<string, mixed> a batch just begun, its empty bowl of 210 g on the scale */
    public function startBatch(TestCase $test, string $bowl): array
    {
        $begun = $test->postJson("/api/bowls/{$bowl}/batches", ['id' => (string) Str::uuid()])->assertCreated()->json();

        return $begun['sequence'] > 0 ? $begun : $this->put($test, $begun)->assertCreated()->json('batch');
    }

    /**
     * Says what stands on the scale.
     *
     * @param  array<string, mixed>  $batch
     * @param  array<string, mixed>  $said
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function put(TestCase $test, array $batch, array $said = []): TestResponse
    {
        return $test->postJson("/api/batches/{$batch['id']}/pan", $said + [
            'id' => (string) Str::uuid(), 'after' => $batch['sequence'], 'stands' => 'empty', 'reading' => 21_000,
            'zero' => $batch['id'],
        ]);
    }

    /**
     * @param  array<string, mixed>  $batch
     * @param  array<string, mixed>  $event
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function record(TestCase $test, array $batch, array $event): TestResponse
    {
        return $test->postJson(
            "/api/batches/{$batch['id']}/events",
            $event + [
                'id' => (string) Str::uuid(), 'after' => $batch['sequence'],
                ...(($event['source'] ?? '') === 'scale' ? ['zero' => $batch['zero'] ?? $batch['id']] : []),
            ],
        );
    }

    /** Marks a bowl as mixed and not used. */
    public function setAside(TestCase $test, string $bowl): void
    {
        $test
            ->postJson(
                "/api/bowls/{$bowl}/stamps",
                ['id' => (string) Str::uuid(), 'kind' => 'set-aside', 'words' => 'not needed'],
            )
            ->assertCreated();
    }

    /**
     * Pours every line of a batch to its target and finishes it.
     *
     * @param  array<string, mixed>  $batch
     * @return array<string, mixed>
     */
    public function pourAll(TestCase $test, array $batch): array
    {
        foreach ($batch['lines'] as $line) {
            $batch = $this->record(
                $test,
                $batch,
                ['kind' => 'poured', 'line' => $line['key'], 'grams' => $line['target'], 'source' => 'scale'],
            )
                ->assertCreated()
                ->json();
        }

        return $this->record($test, $batch, ['kind' => 'finished'])->assertCreated()->json();
    }
}
