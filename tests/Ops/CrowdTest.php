<?php

declare(strict_types=1);

use Tests\Ops\Shell;

/** A person of the demo at a device of their own, over HTTP. */
final class CrowdDevice
{
    private string $jar;

    private string $token = '';

    public function __construct(private readonly string $web)
    {
        $this->jar = (string) tempnam(sys_get_temp_dir(), 'tinta-crowd');
        $this->ask('GET', '/');
    }

    /** @param  ?array<string, mixed>  $body */
    public function handle(string $method, string $path, ?array $body = null): CurlHandle
    {
        $handle = curl_init($this->web.$path);
        curl_setopt_array($handle, [
            CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $this->jar,
            CURLOPT_COOKIEFILE => $this->jar, CURLOPT_TIMEOUT => 120,
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                "X-XSRF-TOKEN: {$this->token}",
            ],
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body)]));

        return $handle;
    }

    /**
     * @param  ?array<string, mixed>  $body
     * @return array{int, mixed}
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        $handle = $this->handle($method, $path, $body);
        $answer = curl_exec($handle);
        foreach ((array) curl_getinfo($handle, CURLINFO_COOKIELIST) as $cookie) {
            $fields = explode("\t", (string) $cookie);
            $this->token = ($fields[5] ?? '') === 'XSRF-TOKEN' ? urldecode($fields[6]) : $this->token;
        }
        curl_setopt($handle, CURLOPT_COOKIELIST, 'FLUSH');

        return [(int) curl_getinfo($handle, CURLINFO_HTTP_CODE), json_decode((string) $answer, true)];
    }
}

it('lets somebody sign in within a second while twenty of the dearest requests are being worked', function () {
    Shell::say('start_scale >/dev/null; start_web >/dev/null');
    $web = Shell::say('echo "http://127.0.0.1:$WEB_PORT"');
    $busy = new CrowdDevice($web);
    expect(
        $busy->ask('POST', '/api/session', ['email' => 'tomasz@sailcloth.example', 'password' => 'harbour-light'])[0],
    )->toBe(200);
    $busy->ask('GET', '/api/session');
    $visits = array_values(
        array_filter(
            $busy->ask('GET', '/api/today')[1]['visits'],
            fn (array $visit): bool => $visit['status'] !== 'closed' && count($visit['bowls']) > 1,
        ),
    );
    [, $visit] = $busy->ask('GET', "/api/visits/{$visits[0]['id']}");
    $bowl = $visit['rounds'][0]['bowls'][0];
    $zone = $visit['canvas']['canvas']['zones'][0]['id'] ?? 'root';
    $dear = [
        ['POST', "/api/visits/{$visit['id']}/ways", ['zone' => $zone]],
        ['POST', "/api/visits/{$visit['id']}/picture", ['drafts' => []]],
        [
            'POST',
            '/api/bowls/substitutes',
            [
                'bowl' => $bowl['sheet'],
                'product' => $bowl['sheet']['parts'][0]['ingredients'][0]['product'],
                'why' => 'out',
                'visit' => $visit['id'],
            ],
        ],
        ['GET', '/api/costs?by=bowl&from=2024-01-01', null],
    ];
    // Whatever else this machine does meanwhile can only make it longer: the shortest of three is ours.
    $shortest = INF;
    $slow = password_hash('harbour-light', PASSWORD_BCRYPT, ['cost' => 12]);
    $id = (int) Shell::say("sql root -N \"\$DB_NAME\" -e \"SELECT id FROM team_members WHERE email = 'leilani@sailcloth.example'\"");
    for ($try = 1; $try <= 3 && $shortest >= 1.0; $try++) {
        // As slow to try as where people work: the tests’ own passwords are quick, and become so again by signing in.
        Shell::say('sql root "$DB_NAME" -e '.escapeshellarg("UPDATE team_members SET password = '{$slow}' WHERE id = {$id}"));
        $multi = curl_multi_init();
        $handles = [];
        for ($each = 0; $each < 20; $each++) {
            $handles[] = $handle = $busy->handle(...$dear[$each % count($dear)]);
            curl_multi_add_handle($multi, $handle);
        }
        // All of them are on their way before anybody else comes.
        for ($turn = 0; $turn < 20; $turn++) {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.01);
        }
        $other = new CrowdDevice($web);
        $begin = microtime(true);
        [$status] = $other->ask(
            'POST',
            '/api/session',
            ['email' => 'leilani@sailcloth.example', 'password' => 'harbour-light'],
        );
        $shortest = min($shortest, microtime(true) - $begin);
        curl_multi_exec($multi, $still);
        expect($status)->toBe(200)->and($still)->toBeGreaterThan(0);
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
        } while ($running > 0);
        // None was thrown away, and none broke.
        foreach ($handles as $handle) {
            expect(curl_getinfo($handle, CURLINFO_HTTP_CODE))->toBeLessThan(500)->toBeGreaterThan(0);
        }
    }
    expect($shortest)->toBeLessThan(1.0);
})->group('alone', 'apart');
