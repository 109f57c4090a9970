<?php

declare(strict_types=1);

use App\Rules\HardToGuess;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

it('takes no password that is among the first guessed, however it is dressed up', function (string $password) {
    expect(
        HardToGuess::isGuessed($password, ['Inês Carvalho', 'ines@sailcloth.example', 'Sailcloth Row Colour Studio']),
    )->toBeTrue();
})->with([
    'password123', 'Passw0rd!!', 'P@$$w0rd2026', 'passwordpassword', 'qwertyuiop', 'qwerty12345', '1234567890',
    '0555123456', 'aaaaaaaaaaaa', 'abababababab', 'ILoveYou1234', 'letmein-letmein',
    'Welcome2026!', 'summer2026!!', 'changeme1234', 'Sailcloth2026', 'ines.carvalho', 'colourstudio1', '!!!!!!!!!!!!',
    '🎨🎨🎨🎨🎨🎨🎨🎨🎨🎨',
]);

it('takes a few plain words of one’s own', function (string $password) {
    expect(
        HardToGuess::isGuessed($password, ['Inês Carvalho', 'ines@sailcloth.example', 'Sailcloth Row Colour Studio']),
    )->toBeFalse();
})->with(
    [
        'harbour-light',
        'a few plain words',
        'seven wet gulls',
        'mølle-bekk-grind',
        'correct horse battery',
        'passwords are for gulls',
        '三つの青い椅子と窓と海と山',
    ],
);

it('says so where a password is chosen', function () {
    $salon = new SmallSalon;
    $member = $salon->member();
    $this->actingAs($member);
    $set = fn (string $new) => $this->putJson(
        '/api/session/password',
        ['password' => 'a-long-password', 'new' => $new],
    );
    $set('Passw0rd2026')->assertUnprocessable()->assertJsonValidationErrors('new');
    $set('seven wet gulls')->assertSuccessful();
    $this->postJson(
        '/api/beginning',
        [
            'salon' => 'Gull Wharf',
            'timezone' => 'UTC',
            'name' => 'Ada Voss',
            'email' => Str::uuid().'@test.example',
            'password' => 'gullwharf2026',
        ],
    )
        ->assertUnprocessable();
});
