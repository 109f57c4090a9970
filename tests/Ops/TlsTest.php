<?php

declare(strict_types=1);

use Tests\Ops\Shell;

beforeAll(fn () => Shell::say('start_scale >/dev/null; start_web >/dev/null'));
afterAll(
    fn () => Shell::say(
        'source ops/tls.sh; chosen_instance() { echo $INSTANCE; }; take_lock() { :; }; command_tls off >/dev/null',
    ),
);

/** ./tinta tls, said to the tests' instance. @return array{int, string} */
function tls(string $said, string $then = ''): array
{
    return Shell::run(
        "source ops/tls.sh; chosen_instance() { echo \$INSTANCE; }; take_lock() { :; }; command_tls {$said}; {$then}",
    );
}

it('lets tablets in by TLS under the machine’s name, with cookies that go nowhere else', function () {
    [$status, $said] = tls('salon.example', 'ask() { curl -s --cacert "$DIR/tls/ca.pem" --resolve "salon.example:$TLS_PORT:127.0.0.1" "$@"; }
        ask -D - -o /dev/null "https://salon.example:$TLS_PORT/"; echo "=stream="; ask -m 2 -D - -o /dev/null "https://salon.example:$TLS_PORT/news" || true; echo "=plain="; curl -s -D - -o /dev/null "http://127.0.0.1:$WEB_PORT/"; echo "=other="; curl -s -m 3 -o /dev/null --cacert "$DIR/tls/ca.pem" --resolve "else.example:$TLS_PORT:127.0.0.1" "https://else.example:$TLS_PORT/" && echo trusted || echo "not for that name"; echo "=old="; curl -s -m 3 -o /dev/null --tls-max 1.1 --cacert "$DIR/tls/ca.pem" --resolve "salon.example:$TLS_PORT:127.0.0.1" "https://salon.example:$TLS_PORT/" && echo taken || echo refused');
    expect($status)->toBe(0, $said);
    [$tls, $stream, $plain, $other, $old] = array_pad(preg_split('/=(?:stream|plain|other|old)=/', $said) ?: [], 5, '');
    expect(strtolower($tls))
        ->toContain('strict-transport-security: max-age=')
        ->toMatch('/tinta_session=[^\n]*secure; httponly/')
        ->toContain('nosniff')
        // Nobody is signed in: the stream is refused, with the same headers.
        ->and(strtolower($stream))
        ->toContain('401')
        ->toContain('strict-transport-security')
        ->toContain("default-src 'self'")
        ->and(strtolower($plain))
        ->not->toContain('strict-transport-security')
        ->not->toMatch('/tinta_session=[^\n]*secure;/')
        ->and($other)->toContain('not for that name')
        ->and($old)->toContain('refused');
});

it('refuses a certificate that would let nobody in, and keeps the one that is there', function () {
    tls('salon.example');
    $before = Shell::say('openssl x509 -in "$DIR/tls/cert.pem" -noout -fingerprint');
    $make = 'D="$DIR/nginx/tls-test"; rm -rf "$D"; mkdir -p "$D"; one() { openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -subj "/CN=$1" -addext "subjectAltName=DNS:$1" -days "$2" -keyout "$D/$3.key" -out "$D/$3.pem" 2>/dev/null; }; one other.example 30 other; one salon.example 30 good; one salon.example -1 ended 2>/dev/null || true;';
    Shell::say($make);
    foreach ([
        'salon.example "$DIR/nginx/tls-test/other.pem" "$DIR/nginx/tls-test/other.key"' => 'is not for “salon.example”',
        'salon.example "$DIR/nginx/tls-test/good.pem" "$DIR/nginx/tls-test/other.key"' => 'The key is not the one of this certificate',
        'salon.example "$ROOT/README.md" "$DIR/nginx/tls-test/good.key"' => 'no certificate in PEM',
        'salon.example "$DIR/nginx/tls-test/good.pem"' => 'Say both',
        '"bad name"' => 'is no name of a machine',
    ] as $said => $words) {
        [$status, $answer] = tls($said);
        expect($status)->toBe(1, $answer)->and($answer)->toContain($words);
    }
    expect(Shell::say('openssl x509 -in "$DIR/tls/cert.pem" -noout -fingerprint'))->toBe($before);
    [$status, $answer] = tls('salon.example "$DIR/nginx/tls-test/good.pem" "$DIR/nginx/tls-test/good.key"');
    expect($status)
        ->toBe(0, $answer)
        ->and(
            Shell::say(
                'openssl x509 -in "$DIR/tls/cert.pem" -noout -fingerprint; stat -c %a "$DIR/tls/key.pem"; rm -rf "$DIR/nginx/tls-test"',
            ),
        )
        ->not->toContain($before)
        ->toContain('600');
});

it('believes only a proxy that is named about whose address it brings', function () {
    $ip = fn (string $proxies, string $from): string => Shell::say("export TINTA_PROXIES='{$proxies}'; php -r ".escapeshellarg(<<<PHP
        require 'vendor/autoload.php'; \$app = require 'bootstrap/app.php';
        \$request = Illuminate\\Http\\Request::create('http://salon.example/api/session', 'GET', server: ['REMOTE_ADDR' => '{$from}', 'HTTP_X_FORWARDED_FOR' => '203.0.113.7', 'HTTP_X_FORWARDED_PROTO' => 'https', 'HTTP_ACCEPT' => 'application/json']);
        \$app->make(Illuminate\\Contracts\\Http\\Kernel::class)->handle(\$request); echo \$request->ip(), ' ', \$request->isSecure() ? 'secure' : 'plain';
        PHP));
    expect($ip('10.0.0.9', '10.0.0.9'))->toBe('203.0.113.7 secure')
        ->and($ip('10.0.0.9', '10.0.0.8'))->toBe('10.0.0.8 plain')
        ->and($ip('', '10.0.0.9'))->toBe('10.0.0.9 plain');
});
