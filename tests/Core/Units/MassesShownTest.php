<?php

declare(strict_types=1);

use App\Words\Catalogue;
use Core\Fact;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Units\MassesShown;
use Core\Units\MassReading;
use Core\Units\Ounce;

// The international avoirdupois ounce is 28.349 523 125 g (NIST SP 811); a pound of 16 is 453.592 37 g.
it('reads a mass in ounces, with the grams beside it', function (string $grams, string $read) {
    expect(MassesShown::Ounces->in($grams))->toBe($read)->and(MassesShown::Grams->in($grams))->toBe($grams);
})->with([
    'an ounce' => ['28.35 g', '1.00 oz (28.35 g)'],
    'a pound' => ['453.59 g', '16.00 oz (453.59 g)'],
    'a bowl' => ['60.0 g', '2.12 oz (60.0 g)'],
    'a dab' => ['0.1 g', '0.00 oz (0.1 g)'],
    'no mass' => ['20 vol', '20 vol'],
    'said so already' => ['2.12 oz (60 g) more', '2.12 oz (60 g) more'],
    'a shade' => ['7 G', '7 G'],
    'a sum in words' => ['12 g of 7N, +3.5 g', '0.42 oz (12 g) of 7N, +0.12 oz (3.5 g)'],
]);

it('says sentences as the house reads its masses', function () {
    $catalogue = Catalogue::of('en')->readMassesIn(MassesShown::Ounces);
    $said = $catalogue->words(Fact::of('refusals.invalid-amount.negative', text: '60 g'));
    expect($said)->toContain('2.12 oz (60 g)')
        ->and(
            $catalogue->readMassesIn(MassesShown::Grams)->words(
                Fact::of('refusals.invalid-amount.negative', text: '60 g'),
            ),
        )->not->toContain('oz');
});

it('takes a plain “oz” for the ounce that the house reads, where nobody said another', function () {
    $ounces = Schools::read(['masses' => 'ounces']);
    expect($ounces->plainOunce())->toBe(Ounce::Weight)
        ->and(MassReading::plain()->withOunce($ounces->plainOunce())->read('2 oz')->centigrams)->toBe(5670)
        ->and(Schools::set($ounces, 'ounce', 'us-fluid')->plainOunce())->toBe(Ounce::UsFluid)
        ->and(HouseRules::standard()->plainOunce())->toBe(Ounce::Ask);
});
