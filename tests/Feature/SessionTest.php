<?php

declare(strict_types=1);

use App\Enums\Role;
use Tests\Feature\SmallSalon;

it('signs in with the right password and says who it is', function () {
    $member = (new SmallSalon)->member(Role::Assistant);
    $this->postJson('/api/session', ['email' => strtoupper($member->email), 'password' => 'a-long-password'])
        ->assertOk()->assertJson(['name' => 'Somebody', 'role' => 'assistant', 'formulates' => false]);
    $this->getJson('/api/today')->assertOk();
});

it('refuses a wrong password without saying which half was wrong', function (string $email, string $password) {
    $member = (new SmallSalon)->member();
    $this->postJson('/api/session', ['email' => str_replace('*', $member->email, $email), 'password' => $password])
        ->assertUnprocessable()->assertJson(['message' => 'Name or password is not right.']);
    $this->getJson('/api/today')->assertUnauthorized();
})->with([['*', 'wrong'], ['nobody@test.example', 'a-long-password']]);

it('slows down guessing', function () {
    $member = (new SmallSalon)->member();
    for ($try = 0; $try < 5; $try++) {
        $this->postJson('/api/session', ['email' => $member->email, 'password' => 'wrong'])->assertUnprocessable();
    }
    $this->postJson('/api/session', ['email' => $member->email, 'password' => 'a-long-password'])->assertTooManyRequests()->assertJson(['message' => 'Too many tries.']);
});

it('says that nobody is signed in, and signs out', function () {
    expect($this->getJson('/api/session')->assertOk()->getContent())->toBe('null');
    $this->actingAs((new SmallSalon)->member())->deleteJson('/api/session')->assertNoContent();
    $this->getJson('/api/today')->assertUnauthorized();
});

it('keeps every door closed to strangers', function (string $method, string $path) {
    $this->json($method, "/api/{$path}")->assertUnauthorized();
})->with([
    ['GET', 'today'], ['GET', 'shelf'], ['GET', 'clients'], ['POST', 'clients'], ['POST', 'bowls/preview'], ['POST', 'developers/blend'],
    ['POST', 'scale/tare'], ['GET', 'scale/check'], ['POST', 'scale/panel'],
]);

it('refuses a write without the page’s token', function () {
    $member = (new SmallSalon)->member();
    // The framework waives the token in tests; here it must not.
    $this->app->bind(Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class, fn ($app) => new class($app, $app['encrypter']) extends Illuminate\Foundation\Http\Middleware\ValidateCsrfToken
    {
        protected function runningUnitTests(): bool
        {
            return false;
        }
    });
    $this->actingAs($member)->postJson('/api/clients', ['name' => 'X'])->assertStatus(419);
});
