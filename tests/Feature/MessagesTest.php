<?php

declare(strict_types=1);

use App\Actions\Messages\SendByRule;
use App\Enums\Role;
use App\Models\Bowl;
use App\Models\Client;
use App\Models\Message;
use App\Models\Round;
use App\Models\Visit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use Symfony\Component\Mailer\Exception\TransportException;
use Tests\Feature\SmallSalon;

beforeEach(function () {
    Carbon::setTestNow('2026-11-26 09:00:00');
    $this->salon = new SmallSalon;
    $this->salon->salon->update(['timezone' => 'Europe/Oslo']);
    $this->owner = $this->salon->member(Role::Owner);
    $this->actingAs($this->owner);
    $this->client = $this->salon->client;
    $this->client->update(['name' => 'Oda Marsh', 'email' => 'oda@mail.example', 'phone' => '0555 7']);
    $this->visit = fn (string $starts, string $status = 'expected', ?string $closed = null): string => Visit::query()
        ->create([
            'id' => (string) Str::uuid(), 'salon_id' => $this->salon->salon->id, 'client_id' => $this->client->id,
            'colourist_id' => $this->owner->id,
            'service' => 'Root', 'status' => $status, 'starts_at' => Carbon::parse($starts),
            'closed_at' => $closed === null
                ? null
                : Carbon::parse($closed), 'note' => '',
        ])->id;
    $this->due = fn (): array => $this->getJson('/api/messages')->assertOk()->json('due');
    $this->settle = fn (array $message, string $do, array $change = []) => $this->postJson('/api/messages', [
        'kind' => $message['kind'], 'about' => $message['about'], 'version' => $message['version'],
        'subject' => $message['subject'], 'words' => $message['words'], 'do' => $do, ...$change,
    ]);
    $this->mail = function (): void {
        config(['mail.default' => 'array']);
        Mail::forgetMailers();
    };
    $this->sent = fn (): array => app('mailer')
        ->getSymfonyTransport()
        ->messages()
        ->map(fn ($sent) => $sent->getOriginalMessage())
        ->all();
});

afterEach(fn () => Carbon::setTestNow());

it('offers what is due in the client’s own name, day and hour, and keeps what somebody writes instead', function () {
    $visit = ($this->visit)('2026-11-27 08:30:00');
    [$one] = ($this->due)();
    expect($one)->toMatchArray(
        [
            'kind' => 'appointment',
            'about' => $visit,
            'state' => 'open',
            'version' => 0,
            'subject' => 'See you Friday 27 November at 09:30',
        ],
    )
        ->and($one['words'])->toStartWith('Dear Oda, we look forward')->and($one['client']['name'])->toBe('Oda Marsh');
    ($this->settle)($one, 'keep', ['words' => 'Oda, bring the green scarf!'])
        ->assertOk()
        ->assertJsonPath('due.0.words', 'Oda, bring the green scarf!')
        ->assertJsonPath('due.0.version', 1);
    // Whoever looked at the older one is shown the newer.
    ($this->settle)($one, 'left')->assertConflict()->assertJsonPath('newer.words', 'Oda, bring the green scarf!');
    // It follows the visit.
    Visit::query()->whereKey($visit)->update(['starts_at' => now()->addDays(3)]);
    expect(($this->due)())->toBe([]);
});

it('asks for the skin test that the last visit’s lines want', function () {
    $past = ($this->visit)('2026-08-01 09:00:00', 'in-chair');
    $round = App\Models\Round::query()
        ->create(['id' => (string) Str::uuid(), 'visit_id' => $past, 'position' => 1, 'name' => 'One'])
        ->id;
    $this->postJson(
        "/api/rounds/{$round}/bowls",
        ['id' => (string) Str::uuid(), 'bowl' => $this->salon->bowl()],
    )->assertCreated();
    Visit::query()
        ->whereKey($past)
        ->update(['status' => 'closed', 'closed_at' => Carbon::parse('2026-08-01 11:00:00')]);
    ($this->visit)('2026-11-29 13:00:00');
    expect(array_column(($this->due)(), 'kind'))->toBe(['skin-test'])->and(($this->due)()[0]['late'])->toBeFalse();
    $this->postJson(
        "/api/clients/{$this->client->id}/skin-tests",
        ['id' => (string) Str::uuid(), 'lines' => ["line-{$this->salon->line->id}"], 'spot' => 'ear'],
    )->assertCreated();
    expect(($this->due)())->toBe([]);
    Carbon::setTestNow('2026-11-28 09:30:00');
    expect(array_column(($this->due)(), 'kind'))->toBe(['reading']);
});

it('asks how it wears after two weeks, and not of somebody who was here again or was taken out', function () {
    ($this->visit)('2026-11-11 08:00:00', 'closed', '2026-11-11 10:00:00');
    expect(array_column(($this->due)(), 'kind'))->toBe(['follow-up']);
    $again = ($this->visit)('2026-11-20 08:00:00', 'in-chair');
    expect(($this->due)())->toBe([]);
    Visit::query()->whereKey($again)->delete();
    $this->client->update(['erased_at' => now()]);
    expect(($this->due)())->toBe([]);
});

it('sends by mail what somebody presses, once, and says what the server would not take', function () {
    ($this->visit)('2026-11-27 08:30:00');
    [$one] = ($this->due)();
    ($this->settle)($one, 'mail')
        ->assertUnprocessable()
        ->assertJsonPath('mend', fn (string $mend) => str_contains($mend, 'TINTA_MAIL_URL'));
    ($this->mail)();
    ($this->settle)($one, 'mail')->assertOk();
    $mail = ($this->sent)();
    expect($mail)
        ->toHaveCount(1)
        ->and($mail[0]->getTo()[0]->getAddress())
        ->toBe('oda@mail.example')
        ->and($mail[0]->getTextBody())
        ->toBe($one['words'])
        ->and($mail[0]->getSubject())
        ->toBe($one['subject']);
    $now = ($this->due)()[0];
    expect($now)->toMatchArray(
        ['state' => 'sent', 'way' => 'mail', 'reached' => 'oda@mail.example', 'by' => 'Somebody'],
    );
    ($this->settle)($now, 'mail')->assertUnprocessable();
    expect(($this->sent)())->toHaveCount(1);
    $this->client->update(['email' => '']);
    ($this->visit)('2026-11-27 08:45:00');
    ($this->settle)(collect(($this->due)())->firstWhere('state', 'open'), 'mail')->assertUnprocessable();
});

it('takes a message that did not go out up again, with the trouble beside it', function () {
    ($this->visit)('2026-11-27 08:30:00');
    ($this->mail)();
    app('mailer')->setSymfonyTransport(new class extends Symfony\Component\Mailer\Transport\AbstractTransport
    {
        protected function doSend(Symfony\Component\Mailer\SentMessage $message): void
        {
            throw new TransportException('relay closed');
        }

        public function __toString(): string
        {
            return 'closed';
        }
    });
    ($this->settle)(($this->due)()[0], 'mail')->assertOk();
    expect(($this->due)()[0])->toMatchArray(
        ['state' => 'open', 'trouble' => 'The mail server did not take it: relay closed'],
    );
});

it('is told by telephone, left, and taken up again, by colourists', function () {
    ($this->visit)('2026-11-27 08:30:00');
    ($this->settle)(($this->due)()[0], 'left')->assertOk()->assertJsonPath('due.0.state', 'left');
    ($this->settle)(($this->due)()[0], 'again')
        ->assertOk()
        ->assertJsonPath('due.0.state', 'open')
        ->assertJsonPath('due.0.by', null);
    ($this->settle)(($this->due)()[0], 'said')->assertUnprocessable();
    ($this->settle)(($this->due)()[0], 'said', ['way' => 'phone'])
        ->assertOk()
        ->assertJsonPath('due.0.state', 'sent')
        ->assertJsonPath('due.0.reached', '0555 7');
    $this->postJson(
        '/api/messages',
        [
            'kind' => 'appointment',
            'about' => (string) Str::uuid(),
            'version' => 0,
            'subject' => 'x',
            'words' => 'x',
            'do' => 'left',
        ],
    )->assertUnprocessable();
    $this->actingAs($this->salon->member(Role::Assistant));
    ($this->settle)(($this->due)()[0], 'again')->assertForbidden();
});

it('sends nothing by itself but what the owner lets go, to who agreed, once', function () {
    ($this->visit)('2026-11-27 08:30:00');
    ($this->mail)();
    $send = fn (): int => app(SendByRule::class)($this->salon->salon->refresh(), Carbon::now()->toImmutable());
    expect($send())->toBe(0);
    $rules = $this->getJson('/api/messages')->json('rules');
    $set = fn (
        array $change,
        int $version,
    ) => $this->putJson('/api/messages/rules', ['version' => $version, 'rules' => array_map(
        fn (array $rule): array => [
            'kind' => $rule['kind'],
            'mode' => $rule['mode'],
            'days' => $rule['days'],
            'subject' => $rule['subject'],
            'words' => $rule['words'],
            ...($rule['kind'] === 'appointment' ? $change : []),
        ],
        $rules,
    )]);
    $set(
        ['mode' => 'send', 'words' => 'Come, :frist!'],
        $this->salon->salon->refresh()->version,
    )->assertUnprocessable();
    $set(['mode' => 'send'], 99)->assertConflict();
    $set(['mode' => 'send', 'words' => 'Come, :first!'], $this->salon->salon->refresh()->version)
        ->assertOk()
        ->assertJsonPath('rules.2.own', true)
        ->assertJsonPath('rules.0.own', false);
    expect($send())->toBe(0);
    $this->postJson(
        "/api/clients/{$this->client->id}/consents",
        ['id' => (string) Str::uuid(), 'kind' => 'messages', 'given' => true],
    )->assertCreated();
    expect($send())->toBe(1)->and($send())->toBe(0)->and(($this->sent)()[0]->getTextBody())->toBe('Come, Oda!')
        ->and(($this->due)()[0])->toMatchArray(['state' => 'sent', 'by' => null]);
    // Taken back, nothing more goes out, by itself or by hand.
    $this->postJson(
        "/api/clients/{$this->client->id}/consents",
        ['id' => (string) Str::uuid(), 'kind' => 'messages', 'given' => false],
    )->assertCreated();
    ($this->visit)('2026-11-27 08:45:00');
    expect($send())->toBe(0);
    ($this->settle)(collect(($this->due)())->firstWhere('state', 'open'), 'mail')->assertUnprocessable();
    $this->actingAs($this->salon->member());
    $set(['mode' => 'send'], $this->salon->salon->refresh()->version)->assertForbidden();
});

it('leaves out the kinds that the house does not want, and shows no other salon’s', function () {
    ($this->visit)('2026-11-27 08:30:00');
    $this->salon->salon->update(['message_rules' => ['appointment' => ['mode' => 'off']]]);
    expect(($this->due)())->toBe([]);
    $this->salon->salon->update(['message_rules' => null]);
    $this->actingAs($this->owner->fresh());
    $about = ($this->due)()[0];
    $this->actingAs((new SmallSalon)->member(Role::Owner));
    expect(($this->due)())->toBe([]);
    ($this->settle)($about, 'left')->assertUnprocessable();
    expect(Message::query()->count())->toBe(0)->and(DB::table('messages')->count())->toBe(0);
});

it('shows what went out when it is not due any more', function () {
    ($this->visit)('2026-11-27 08:30:00');
    ($this->settle)(($this->due)()[0], 'said', ['way' => 'message'])->assertOk();
    Carbon::setTestNow('2026-11-28 09:00:00');
    $this->getJson('/api/messages')
        ->assertOk()
        ->assertJsonCount(0, 'due')
        ->assertJsonPath('past.0.state', 'sent')
        ->assertJsonPath('past.0.way', 'message');
});

it('does not send twice what is on its way, and again what nobody has heard of', function () {
    ($this->visit)('2026-11-27 08:30:00');
    ($this->mail)();
    [$one] = ($this->due)();
    // It was handed over, and then the machine went down: nobody knows.
    Message::query()->create([
        'id' => (string) Str::uuid(), 'salon_id' => $this->salon->salon->id, 'client_id' => $this->client->id,
        'kind' => $one['kind'], 'about' => $one['about'],
        'subject' => $one['subject'], 'words' => $one['words'], 'state' => 'sending', 'way' => 'mail',
        'reached' => 'oda@mail.example', 'decided_by' => $this->owner->id, 'decided_at' => now(), 'version' => 1,
    ]);
    expect(($this->due)()[0]['state'])->toBe('sending');
    ($this->settle)(($this->due)()[0], 'mail')->assertUnprocessable();
    expect(($this->sent)())->toBe([]);
    Carbon::setTestNow(now()->addMinutes(2));
    expect(($this->due)()[0]['state'])
        ->toBe('open')
        ->and(($this->due)()[0]['trouble'])
        ->toContain('nobody knows whether it went out');
    ($this->settle)(($this->due)()[0], 'mail')->assertOk();
    expect(($this->sent)())->toHaveCount(1)->and(($this->due)()[0]['state'])->toBe('sent');
});

it('asks as often for many who are coming as for few, and of each what they had themselves', function () {
    $lines = [];
    $comes = function (string $name, bool $coloured) use (&$lines): string {
        $client = Client::query()->create(['salon_id' => $this->salon->salon->id, 'name' => $name]);
        $this->client = $client;
        $last = ($this->visit)('2026-10-01 08:00:00', 'closed', '2026-10-01 10:00:00');
        if ($coloured) {
            $round = Round::query()->create(['id' => (string) Str::uuid(), 'visit_id' => $last, 'position' => 1, 'name' => 'One']);
            Bowl::query()->create([
                'id' => (string) Str::uuid(), 'round_id' => $round->id, 'position' => 1, 'letter' => 'A', 'job' => 'Root',
                'colour_line_id' => $this->salon->line->id, 'sheet' => $this->salon->bowl(),
            ]);
        }

        return ($this->visit)('2026-11-28 08:00:00');
    };
    $count = function (): array {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $due = $this->getJson('/api/messages', ['Cache-Control' => 'no-cache'])->assertOk()->json('due');
        $asked = count(DB::getQueryLog());
        DB::disableQueryLog();

        return [$asked, $due];
    };
    $with = $comes('Nell Fairley', true);
    $without = $comes('Mab Quill', false);
    $count();
    [$few, $due] = $count();
    $tests = array_values(array_filter($due, fn (array $each): bool => $each['kind'] === 'skin-test'));
    expect(array_column($tests, 'about'))->toContain($with)->not->toContain($without);
    foreach (['Ada', 'Bea', 'Cleo', 'Dot'] as $name) {
        $comes("{$name} Marsh", true);
        $comes("{$name} Quill", false);
    }
    [$many, $due] = $count();
    $tests = array_values(array_filter($due, fn (array $each): bool => $each['kind'] === 'skin-test'));
    expect($tests)->toHaveCount(5)->and($many)->toBeLessThanOrEqual($few);
});
