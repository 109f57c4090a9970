<?php

declare(strict_types=1);

use App\Enums\Role;
use Illuminate\Support\Facades\File;
use Tests\Feature\SmallSalon;

// The page as it is served: with the sign-in page in it for whoever is about to see that, and for nobody else.

beforeEach(function () {
    $this->withoutVite();
    $this->built = sys_get_temp_dir().'/tinta-page-'.bin2hex(random_bytes(4));
    File::makeDirectory("{$this->built}/build", recursive: true);
    File::put("{$this->built}/build/door-en.html", '<p>Drawn in English</p>');
    File::put("{$this->built}/build/door-pt.html", '<p>Drawn in Portuguese</p>');
    app()->usePublicPath($this->built);
});

afterEach(fn () => File::deleteDirectory($this->built));

it('shows the sign-in page before its own piece has come, in the language of the device', function () {
    new SmallSalon;
    $this->get('/')->assertOk()->assertSee('<div id="root" data-door><p>Drawn in English</p></div>', false)
        ->assertHeader('X-Door', 'en');
    $this->get('/visits/7')->assertSee('Drawn in English');
    $this->withUnencryptedCookie('language', 'pt')->get('/')->assertSee('Drawn in Portuguese')
        ->assertHeader('X-Door', 'pt');
});

it('shows none to whoever will see something else', function (string $path) {
    new SmallSalon;
    $this->get($path)->assertOk()->assertDontSee('data-door')->assertHeaderMissing('X-Door')
        ->assertSee('<div id="root"></div>', false);
})->with(['who joins' => '/join/'.str_repeat('a', 40), 'who begins' => '/begin', 'what a device keeps' => '/?bare']);

it('shows none to whoever is signed in, and none that was not drawn', function () {
    $salon = new SmallSalon;
    File::delete("{$this->built}/build/door-pt.html");
    $this->withUnencryptedCookie('language', 'pt')->get('/')->assertOk()->assertDontSee('data-door');
    $this->actingAs($salon->member(Role::Colourist))->get('/')->assertOk()->assertDontSee('data-door');
});
