<?php

declare(strict_types=1);

use Core\Shelf\HouseBlend;
use Core\Shelf\Ingredient;
use Core\Shelf\Legend;
use Core\Shelf\LiftTable;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\PartRole;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\ShadeReading;
use Core\Shelf\Shelf;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\InvalidShare;
use Core\Units\InvalidStrength;
use Core\Units\MassReading;
use Core\Units\MixRatio;
use Core\Units\Share;
use Core\Units\Strength;
use Tests\Core\Sample;

/** @param  list<string>  $developers  by id */
function shelfLine(array $developers, array $order = PartRole::USUAL, string $id = 'tide'): Line
{
    return new Line(
        id: $id,
        name: 'Tide',
        ratio: MixRatio::parse('1:1.5'),
        developers: $developers,
        window: ['min' => 30, 'target' => 35, 'max' => 45],
        kind: LineKind::Permanent,
        legend: Legend::letters([]),
        lift: LiftTable::standard(LineKind::Permanent),
        order: $order,
    );
}

function onShelf(string $id, string $code, ?int $volume = null, bool $withdrawn = false, string $pack = ''): Product
{
    return new Product(
        id: $id,
        line: $volume === null ? 'tide' : '',
        code: $code,
        name: "name of {$id}",
        kind: $volume === null ? ProductKind::Shade : ProductKind::Developer,
        strength: $volume === null ? null : Strength::vol($volume),
        pack: $pack === '' ? null : Sample::g($pack),
        density: Fraction::of(11, 10),
        withdrawn: $withdrawn,
    );
}

function shelfOf(Product ...$products): Shelf
{
    return new Shelf(
        ['tide' => shelfLine(['d40', 'd10', 'd30', 'd20'])],
        array_combine(array_column($products, 'id'), $products),
        MassReading::plain(),
    );
}

/** @return list<string> */
function idsOf(array $products): array
{
    return array_column($products, 'id');
}

it('offers of a line what can still be had, and finds by its code what cannot', function () {
    $other = new Product('S1', 'slack', '6N', 'of another line', ProductKind::Shade, null, null, Fraction::one());
    $shelf = shelfOf(
        $other,
        onShelf('a', '6N'),
        onShelf('b', '7G', withdrawn: true),
        onShelf('c', ''),
        onShelf('d20', '20', 20),
    );
    $line = $shelf->line('tide');
    expect(idsOf($shelf->productsOf($line)))->toBe(['a', 'c'])
        ->and($shelf->byCode($line, ' 6n ')?->id)->toBe('a')
        ->and($shelf->byCode($line, '7g')?->id)->toBe('b')
        ->and($shelf->byCode($line, ''))->toBeNull()
        ->and($shelf->byCode($line, '9A'))->toBeNull()
        ->and($shelf->product('S1'))->toBe($other)
        ->and($shelf->product('?'))->toBeNull()
        ->and($shelf->line('slack'))->toBeNull()
        ->and($shelf->lines())->toBe([$line]);
});

it('lists developers from the weakest, and begins with the middle one', function (array $volumes, ?string $usual) {
    $shelf = shelfOf(onShelf('a', '6N'), ...array_map(
        static fn (int $volume): Product => onShelf("d{$volume}", "{$volume} vol", $volume),
        $volumes,
    ));
    $sorted = $volumes;
    sort($sorted);
    expect(idsOf($shelf->developersOf($shelf->line('tide'))))
        ->toBe(array_map(static fn (int $volume): string => "d{$volume}", $sorted))
        ->and($shelf->usualDeveloper($shelf->line('tide'))?->id)->toBe($usual);
})->with([
    'none' => [[], null],
    'one' => [[40], 'd40'],
    'two: the weaker' => [[40, 20], 'd20'],
    'three' => [[30, 10, 20], 'd20'],
    'four: the weaker of the middle' => [[40, 30, 20, 10], 'd20'],
]);

it('passes over a developer that is withdrawn or has no strength', function () {
    $shelf = shelfOf(onShelf('d10', '10 vol', 10, true), onShelf('d20', 'no strength'), onShelf('d30', '30 vol', 30));
    expect(idsOf($shelf->developersOf($shelf->line('tide'))))->toBe(['d30']);
});

it('names the bottles that reach a strength', function () {
    $shelf = shelfOf(onShelf('d10', '10 vol', 10), onShelf('d20', '20 vol', 20), onShelf('d40', '40 vol', 40));
    $line = $shelf->line('tide');
    expect($shelf->developersReaching($line, Strength::vol(20)))->toBe([['product' => 'd20', 'share' => 'all']])
        // 25 lies a quarter of the way from 20 to 40.
        ->and($shelf->developersReaching($line, Strength::vol(25)))
        ->toEqualCanonicalizing([['product' => 'd20', 'share' => '3/4'], ['product' => 'd40', 'share' => '1/4']])
        ->and(
            static fn () => $shelf->developersReaching($line, Strength::vol(5)),
        )->toRefuse(InvalidStrength::class, '5 vol');
});

it('reads amounts by the pack and the density of what is weighed', function () {
    $shelf = shelfOf(onShelf('a', '6N', pack: '60 g'));
    expect($shelf->readingFor($shelf->product('a'))->read('1/4 tube')->text())->toBe('15 g')
        ->and($shelf->readingFor($shelf->product('a'))->read('20 ml')->text())->toBe('22 g')
        ->and($shelf->readingFor(null)->read('20 ml')->text())->toBe('20 g');
});

it('keeps what is left of bowls and the house’s blends beside its products', function () {
    $blend = new HouseBlend(
        'Sand Glaze',
        2,
        [new Ingredient('a', '6N', Share::parse('2')), new Ingredient('b', '7G', Share::parse('1'))],
    );
    $rest = new Product('rest', '', '', 'rest of A', ProductKind::Mixture, null, null, Fraction::one());
    $shelf = shelfOf(onShelf('a', '6N'))->withBlends([$blend])->withMixtures($rest);
    expect($shelf->blend(' sand glaze', 2))->toBe($blend)
        ->and($shelf->blend('Sand glaze', 1))->toBeNull()
        ->and($shelf->product('rest'))->toBe($rest)
        ->and($shelf->product('a')?->code)->toBe('6N')
        ->and($blend->id())->toBe('sand glaze@2')
        ->and(
            array_map(
                static fn (array $each): string => "{$each['key']} {$each['share']->decimal(3)}",
                $blend->shares(),
            ),
        )
        ->toBe(['a 0.667', 'b 0.333'])
        ->and(static fn () => (new HouseBlend('Empty', 1, []))->shares())->toRefuse(InvalidShare::class);
});

it('says which part of a bowl each thing fills, as the maker prints it', function (
    array $order,
    int $developer,
    int $base,
) {
    $line = shelfLine(['d20'], $order);
    expect($line->developerPart())->toBe($developer)
        ->and(PartRole::Colour->place($line->developerPart()))->toBe(0)
        ->and(PartRole::Developer->place($line->developerPart()))->toBe($developer)
        ->and(PartRole::Base->place($line->developerPart()))->toBe($base);
})->with([
    'colour, developer' => [[PartRole::Colour, PartRole::Developer], 1, 2],
    'colour, developer, cream' => [PartRole::USUAL, 1, 2],
    'colour, gel, developer' => [[PartRole::Colour, PartRole::Base, PartRole::Developer], 2, 1],
    'no developer' => [[PartRole::Colour], 1, 2],
]);

it('counts everything in the ratio but what goes on top', function (ProductKind $kind, ?PartRole $role) {
    $product = new Product('x', 'tide', 'X', 'x', $kind, null, null, Fraction::one());
    expect($product->role())->toBe($role)->and($kind->countsInRatio())->toBe($role !== null)
        ->and(shelfLine([])->partOf($role) === null)->toBe($role === null);
})->with([
    [ProductKind::Shade, PartRole::Colour], [ProductKind::Clear, PartRole::Colour],
    [ProductKind::Booster, PartRole::Colour], [ProductKind::Lightener, PartRole::Colour],
    [ProductKind::Mixture, PartRole::Colour], [ProductKind::Care, PartRole::Colour],
    [ProductKind::Developer, PartRole::Developer], [ProductKind::Base, PartRole::Base], [ProductKind::Additive, null],
]);

it('knows of what nobody can name only what may be', function () {
    $developer = Product::unnamed('  Some Bottle ', ProductKind::Developer);
    $shade = Product::unnamed('a Dash', ProductKind::Shade);
    expect($developer->id)->toBe('unnamed:some bottle')
        ->and($developer->volume)->not->toBeNull()->and($developer->strength)->toBeNull()
        ->and($shade->volume)->toBeNull()
        ->and($shade->label())->toBe('a Dash')
        ->and(onShelf('a', '6N')->label())->toBe('6N');
    $held = onShelf('a', '6N', pack: '60 g', withdrawn: true)->holding(Sample::g('12 g'));
    expect($held->holds?->text())->toBe('12 g')
        ->and([$held->id, $held->code, $held->withdrawn, $held->pack?->text()])->toBe(['a', '6N', true, '60 g']);
});

it('gives clear no colour, and a booster a tone without a level', function () {
    $read = new ShadeReading(7, ToneMix::only(ToneFamily::Gold), Fraction::of(2), true, []);
    $gold = Pigment::booster(ToneMix::only(ToneFamily::Gold));
    expect([Pigment::clear()->level, Pigment::clear()->intensity->decimal(1), Pigment::clear()->tone->isNone()])
        ->toBe([null, '0', true])
        ->and([$gold->level, $gold->intensity->decimal(1), $gold->bulk->decimal(1), $gold->doubleNatural])
        ->toBe([null, '2', '1', false])
        ->and(Pigment::read($read)->level?->decimal(1))->toBe('7')
        ->and(Pigment::read($read)->doubleNatural)->toBeTrue();
});

it('tests on the skin what meets peroxide, and lifts only with what lifts', function (
    LineKind $kind,
    bool $test,
    bool $deposits,
) {
    expect($kind->needsSkinTest())->toBe($test)->and($kind->depositsOnly())->toBe($deposits);
})->with([
    [LineKind::Permanent, true, false], [LineKind::Lightener, true, false], [LineKind::Demi, true, true],
    [LineKind::Direct, false, true], [LineKind::Care, false, true],
]);
