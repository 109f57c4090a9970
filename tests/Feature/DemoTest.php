<?php

declare(strict_types=1);

use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Client;
use App\Models\ColourLine;
use App\Models\Shade;
use App\Models\TeamMember;
use App\Models\Visit;

it('loads the demo salon, every bowl workable and every batch replayable', function () {
    $salon = theDemo();
    expect($salon->name)->toBe('Sailcloth Row Colour Studio');
    expect(ColourLine::query()->where('salon_id', $salon->id)->count())->toBe(5)
        ->and(Shade::query()->count())->toBeGreaterThan(100)->toBeLessThan(125)
        ->and(Client::query()->where('salon_id', $salon->id)->count())->toBe(30)
        ->and(TeamMember::query()->where('salon_id', $salon->id)->count())->toBe(6);

    // Two years of visits, each repeating the one before.
    expect(Visit::query()->min('starts_at'))->toBeLessThan(now()->subMonths(22)->toDateTimeString())
        ->and(Visit::query()->whereNotNull('from_visit_id')->count())->toBeGreaterThan(400);

    $shelf = resolve(SalonShelf::class)->of($salon);
    foreach (Bowl::query()->with('components')->get() as $bowl) {
        expect(resolve(BowlRows::class)->sheet(
            $bowl,
            $shelf,
        )->work($salon->rules()->step)->total()->centigrams)->toBeGreaterThan(0);
    }
    foreach (Batch::query()->with('pours')->inRandomOrder()->limit(80)->get() as $batch) {
        $weighed = resolve(BatchRows::class)->weighed($batch);
        expect($weighed->status)->toBe($batch->status)
            ->and($weighed->total())->toEqual($batch->mixed_cg)
            ->and($weighed->used())->toEqual($batch->used_cg);
    }

    // Today has visits in every state, with something next to do in each.
    $this->actingAs(TeamMember::query()->where('email', 'ines@sailcloth.example')->sole());
    $today = $this->getJson('/api/today')->assertOk()->json('visits');
    expect(array_values(array_unique(array_column($today, 'status'))))->toEqualCanonicalizing([
        'closed',
        'in-chair',
        'expected',
    ])
        ->and(array_unique(array_column(array_column($today, 'next'), 'do')))
        ->toEqualCanonicalizing(['read', 'run', 'weigh', 'receive', 'plan']);
});

it('gives every demo shade a level and tone its legend knows', function () {
    $salon = theDemo();
    expect($salon->name)->toBe('Sailcloth Row Colour Studio');
    $shelf = resolve(SalonShelf::class)->of($salon);
    foreach (Shade::query()->where('kind', 'shade')->get() as $shade) {
        expect($shelf->product($shade->productId())?->pigment?->level?->decimal(1))->toBe(
            (string) ($shade->level_tenths / 10),
            $shade->code,
        );
    }
});
