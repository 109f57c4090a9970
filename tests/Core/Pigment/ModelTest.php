<?php

declare(strict_types=1);

use Core\Colour\Lab;
use Core\Pigment\Dye;
use Core\Pigment\Fibre;
use Core\Pigment\Gap;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Pigment\Light;
use Core\Pigment\Melanin;
use Core\Pigment\NearestHair;
use Core\Pigment\NearestMix;
use Core\Pigment\SeenTone;
use Core\Pigment\Shade;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/*
 * The colour model is our own, and what closed visits have taught stands on it: its answers are held here to the last
 * figure that an eye could see. Whoever changes the model looks at each of them, writes them anew (MODEL=write) and
 * raises LearnFromVisit::MODEL, so that what was learnt is learnt again. That the answers are right is said elsewhere:
 * by published tables, and by what the trade sees.
 */

/** @return array{float, float, float} */
function figures(Lab $lab): array
{
    return array_map(static fn (float $each): float => round($each, 3) + 0.0, [$lab->lightness, $lab->a, $lab->b]);
}

/**
 * @param  array<array-key, float>  $values
 * @return array<array-key, float>
 */
function rounds(array $values, int $places = 4): array
{
    return array_map(static fn (float $each): float => round($each, $places) + 0.0, $values);
}

/** @return array<string, mixed> what the model says, by what it was asked */
function modelSays(): array
{
    $said = [];
    foreach (ToneFamily::cases() as $family) {
        $said["dye {$family->value}"] = rounds(Dye::curve($family));
        $said["dose {$family->value}"] = rounds(array_map(
            static fn (float $level): float => Ladder::dose($level, $family),
            [1.0, 4.5, 7.25, 10.0],
        ));
        foreach ([3.5, 6.0, 8.75] as $level) {
            $tone = ToneMix::only($family);
            $said["drawn {$level} {$family->value}"] = figures(Ladder::toned($level, $tone)->seen());
            $said["lightened {$level} {$family->value}"] = figures(HairColour::lightened($level, $tone)->seen());
            $said["coloured {$level} {$family->value}"] = figures(
                HairColour::coloured($level, $tone, $level + 1.25, 0.3)->seen(),
            );
            $shade = Shade::of(Fraction::of((int) ($level * 4), 4), $tone, Fraction::of(9, 10));
            $laid = HairColour::lightened(8.5)->dyed($shade, 0.85);
            $said["laid {$level} {$family->value}"] = [...figures($laid->seen()), round($laid->level(), 3)];
            $said["dyes {$level} {$family->value}"] = rounds(HairColour::dyes(7.5, $shade, 0.85));
        }
        $said["without level {$family->value}"] = figures(Ladder::withoutLevel(ToneMix::only($family)));
        $said["body {$family->value}"] = rounds(Shade::of(null, ToneMix::only($family), Fraction::one())->body());
    }
    foreach ([...range(0, 12), 4.3, 7.7] as $level) {
        $fibre = Ladder::natural((float) $level);
        $said["natural {$level}"] = [
            ...figures($fibre->seen()), ...figures($fibre->seen(true)),
            ...rounds([$fibre->granules, $fibre->thickness, $fibre->pheomelanin]),
            round(Ladder::level($fibre->seen()), 3),
        ];
        $said["grey {$level}"] = figures(HairColour::natural((float) $level, 0.45)->seen());
    }
    foreach ([[2.0, 5.0], [4.0, 7.5], [5.5, 9.25], [8.0, 7.0]] as [$from, $to]) {
        $hair = HairColour::natural($from, 0.2)->lightenedTo($to);
        $said["lifted {$from} to {$to}"] = [
            ...figures($hair->seen()), ...figures($hair->onlyGrey()->seen()),
            ...figures($hair->withoutGrey()->seen()), round($hair->level(), 3),
        ];
        $said["off {$from} to {$to}"] = [
            ...figures($hair->warmer(3.5, -1.25)->seen()), ...figures($hair->deeper(0.6)->seen()),
        ];
    }
    $said['deeper than grown'] = figures(HairColour::lightened(7.0, null, 9.0)->seen());
    $said['light'] = [...Light::wavelengths(), ...rounds(Light::observer(457.0)), ...rounds(Light::observer(611.0))];
    foreach (Melanin::cases() as $melanin) {
        $said["melanin {$melanin->name}"] = rounds([$melanin->at(430.0), $melanin->at(550.0), $melanin->at(660.0)]);
    }
    $said['fibre'] = rounds((new Fibre(0.9, 0.7, 0.3, ['copper' => 0.4]))->dyed(['copper' => 0.1, 'ash' => 0.2])->reflectance());
    $said['side by side'] = figures(HairColour::sideBySide([
        [HairColour::natural(4.0), 0.35], [HairColour::lightened(9.0), 0.65],
    ]));
    foreach ([[52, 6, 23], [34, 12, 18], [70, -1, 9], [62, 9, 41], [45, 25, 20], [40, -6, 12], [25, 3, 2]] as $at => $lab) {
        $seen = new Lab(...array_map(floatval(...), $lab));
        $near = NearestHair::to($seen);
        $gap = Gap::between($seen, new Lab(52.0, 6.0, 23.0));
        $said["seen {$at}"] = [
            SeenTone::in($seen)->words(), $near->level->decimal(1), $near->away->decimal(2),
            ...array_map(static fn (ToneFamily $each): string => $each->value, $near->families),
            $gap->levels->decimal(2), $gap->warmth->decimal(2), $gap->redness->decimal(2),
            $gap->vividness->decimal(2), $gap->seen->decimal(2),
            Gap::isCool($seen), Gap::looksGreen($seen),
            ...rounds(Ladder::fromNatural($seen), 3),
            ...figures(Ladder::drifted($seen, 2.5, 0.5, -1.5)),
        ];
    }
    $shade = static fn (int $level, ToneFamily $tone): Shade => Shade::of(
        Fraction::of($level),
        ToneMix::only($tone),
        Fraction::one(),
    );
    $shades = [
        '7N' => $shade(7, ToneFamily::Natural), '7G' => $shade(7, ToneFamily::Gold), '8A' => $shade(8, ToneFamily::Ash),
        '9V' => $shade(9, ToneFamily::Violet), 'clear' => Shade::of(null, ToneMix::none(), Fraction::zero()),
    ];
    foreach ([[9.0, 'violet', 0.0], [7.0, 'gold', 0.0], [7.5, 'natural', 0.5], [6.0, 'copper', 0.0]] as [$level, $tone, $natural]) {
        $wish = Ladder::toned($level, ToneMix::only(ToneFamily::from($tone)))->seen();
        foreach ([1, 3] as $most) {
            $mix = NearestMix::of(HairColour::lightened(9.0), 0.8, $wish, $shades, $natural, $most);
            $said["mix {$level} {$tone} {$most}"] = [$mix?->parts, round($mix->gap ?? -1.0, 3)];
        }
    }
    $mixed = Shade::mixed([[$shades['7N'], 2], [$shades['7G'], 1], [$shades['clear'], 1]]);
    $said['mixed'] = [$mixed->level, round($mixed->strength, 4), round($mixed->natural(), 4), rounds($mixed->shares)];

    return $said;
}

it('says what it said when its version was last raised', function () {
    $path = __DIR__.'/model.json';
    $says = modelSays();
    if (getenv('MODEL') === 'write') {
        $lines = array_map(
            static fn (string $key, mixed $value): string => json_encode($key).': '.json_encode($value),
            array_keys($says),
            $says,
        );
        file_put_contents($path, "{\n".implode(",\n", $lines)."\n}\n");
    }
    $kept = json_decode((string) file_get_contents($path), true);
    expect(array_keys($says))->toBe(array_keys($kept));
    foreach ($says as $asked => $answer) {
        // By value: a file of JSON knows no difference between 1 and 1.0.
        expect($answer)->toEqual($kept[$asked], $asked);
    }
});
