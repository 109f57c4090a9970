<?php

declare(strict_types=1);

use App\Enums\Language;
use App\Enums\Role;
use App\Messages\HouseMessages;
use App\Words\Say;
use App\Words\Speak;
use Carbon\CarbonImmutable;
use Core\Service\MessageKind;
use Illuminate\Support\Str;
use Tests\Feature\SmallSalon;

it('speaks to each in their own language: rules, next steps, refusals, and keeps apart what it answers each', function () {
    $salon = new SmallSalon;
    [$one, $other] = [$salon->member(Role::Owner), $salon->member()];
    $this->actingAs($one)
        ->putJson('/api/session/language', ['language' => 'pt'])
        ->assertOk()
        ->assertJson(['language' => 'pt']);
    expect($this->getJson('/api/house')->json('groups.0.words'))->toBe('Pele e cabelo')
        ->and($this->getJson('/api/house')->json('groups.0.rules.0.label'))->toBe('Um teste de pele limpo vale');
    $visit = $this->postJson(
        "/api/clients/{$salon->client->id}/visits",
        ['id' => (string) Str::uuid(), 'service' => 'Raiz', 'startsAt' => now()->addHour()->toIso8601String()],
    )
        ->assertCreated()
        ->json('id');
    $at = "/api/visits/{$visit}";
    expect($this->getJson($at)->assertOk()->json('next.words'))->toBe('Planear a primeira taça');
    // The same visit, of the same turn of the record, in the language of whoever asks.
    $this->actingAs($other);
    expect($this->getJson($at)->assertOk()->json('next.words'))->toBe('Plan the first bowl')
        ->and($this->getJson('/api/house')->json('groups.0.words'))->toBe('Skin and hair');
    $this->actingAs($one->refresh());
    expect($this->getJson($at)->assertOk()->json('next.words'))->toBe('Planear a primeira taça');
});

it('refuses in the language of whoever is refused: what the core says, what the application says, what a field may be', function () {
    $salon = new SmallSalon;
    $member = $salon->member();
    $member->fill(['language' => Language::Portuguese])->save();
    $this->actingAs($member);
    // The core’s.
    $this->getJson('/api/workbench/strength?text=60+vol')->assertUnprocessable()
        ->assertJson(['message' => '“60 vol” é acima de 40 vol (12 %), o máximo que pertence a cabelo.']);
    // The application’s.
    $this->putJson('/api/session/password', ['password' => 'a-long-password', 'new' => 'a-long-password'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.new.0', 'Esta é a palavra-passe que já tem.');
    // A field’s.
    $this->putJson('/api/session/language', ['language' => 'tlh'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.language.0', 'Isto não é uma das escolhas.');
    expect($member->refresh()->language)->toBe(Language::Portuguese);
});

it('opens the page in the language of who is signed in, else in what this device was last read in, else as its browser asks', function () {
    $salon = new SmallSalon;
    $lang = fn (array $headers = []): string => (string) preg_replace(
        '/^.*?<html lang="(\w+)".*$/s',
        '$1',
        (string) $this->get('/', $headers)->assertOk()->getContent(),
    );
    expect($lang())->toBe('en')
        ->and($lang(['Accept-Language' => 'pt-PT,pt;q=0.9,en;q=0.5']))->toBe('pt')
        ->and($lang(['Accept-Language' => 'fi']))->toBe('en');
    $this->withUnencryptedCookie(Language::COOKIE, 'pt');
    expect($lang(['Accept-Language' => 'en']))->toBe('pt')
        ->and($this->get('/')->getContent())->toContain('assets/pt-');
    // Nobody’s cookie chooses what is not spoken.
    $this->withUnencryptedCookie(Language::COOKIE, '../../etc');
    expect($lang(['Accept-Language' => 'en']))->toBe('en');
    $this->actingAs($salon->member())->withUnencryptedCookie(Language::COOKIE, 'pt');
    expect($lang())->toBe('en')->and($this->get('/')->getContent())->not->toContain('assets/pt-');
    // Who is not signed in yet is refused in that language too.
    auth()->logout();
    $this->withCredentials()
        ->withUnencryptedCookie(Language::COOKIE, 'pt')
        ->postJson('/api/session', ['email' => 'nobody@test.example', 'password' => 'not it'])
        ->assertUnprocessable()->assertJson(['message' => 'O nome ou a palavra-passe não está certo.']);
});

it('says of days and masses as the language writes them', function () {
    $salon = new SmallSalon;
    $member = $salon->member();
    $moment = CarbonImmutable::parse('2026-11-27 10:00');
    resolve(Speak::class)->to($member);
    expect(Say::day($moment))->toBe('Friday 27 November')->and(Say::day($moment, year: true))->toBe('27 November 2026');
    $member->language = Language::Portuguese;
    resolve(Speak::class)->to($member);
    expect(Say::day($moment))
        ->toBe('sexta-feira, 27 de novembro')
        ->and(Say::day($moment, year: true))
        ->toBe('27 de novembro de 2026')
        // What the house has no words of its own for is said in the language of whoever says it.
        ->and((new HouseMessages($salon->salon))->subject(MessageKind::Appointment))->toBe('Até :day às :time');
});

it('names what the core named around what a person wrote, and leaves that as it is', function () {
    $member = (new SmallSalon)->member();
    $member->language = Language::Portuguese;
    resolve(Speak::class)->to($member);
    expect(
        Say::nameAround(
            '1. all over, root, on dry hair, gold at the root, by Amara Gold',
            'gold at the root',
            'Amara Gold',
        ),
    )
        ->toBe('1. toda, raiz, em cabelo seco, gold at the root, by Amara Gold')
        ->and(Say::nameAround('look from minute 20', '', ''))->toBe('ver a partir do minuto 20');
});
