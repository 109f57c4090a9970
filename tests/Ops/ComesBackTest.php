<?php

declare(strict_types=1);

use Tests\Ops\Shell;

/*
 * What is killed comes back by itself, and ./tinta doctor says what is wrong where something is.
 */
beforeAll(fn () => Shell::say('start_scale >/dev/null; start_web >/dev/null'));

it('starts again by itself what was killed, within ten seconds, and answers from the database', function (string $name) {
    $said = Shell::say(<<<SH
        before=\$(cat "\$DIR/run/{$name}.pid")
        kill -9 "\$before"
        begin=\$(date +%s%N)
        # An address that nobody can answer without the database.
        answers() { curl -s -m 2 -o /dev/null -w '%{http_code}' "http://127.0.0.1:\$WEB_PORT/api/beginning/open"; }
        for _ in \$(seq 1 200); do
            [ "\$(cat "\$DIR/run/{$name}.pid")" != "\$before" ] && [ "\$(answers)" = 200 ] && port_is_open "\$SCALE_PORT" && port_is_open "\$BRIDGE_PORT" && break
            sleep 0.05
        done
        echo "after \$(((\$(date +%s%N) - begin) / 1000000)) ms, \$(answers)"
        SH);
    expect($said)->toMatch('/after \d+ ms, 200/');
    preg_match('/after (\d+) ms/', $said, $found);
    expect((int) ($found[1] ?? 99_999))->toBeLessThan(10_000)
        // One of each: what the killed one left working is gone.
        ->and(Shell::say('orphans'))->toBe('')
        ->and((int) Shell::say('instance_processes | grep -c "nginx"'))->toBe(
            (int) Shell::say('pgrep -P "$(cat "$DIR/run/nginx.pid")" | wc -l') + 1,
        );
})->with(['fpm', 'nginx', 'scale', 'bridge', 'database']);

it('comes back also where what was killed leaves somebody in the middle of a request', function () {
    // Held there, it would answer beside the new one, or keep its socket from it, for as long as it likes.
    $said = Shell::say(<<<'SH'
        master=$(cat "$DIR/run/fpm.pid")
        page() { curl -s -m 5 -o /dev/null -w '%{http_code}' -H "Accept: ${1:-*/*}" "http://127.0.0.1:$WEB_PORT/"; }
        (for _ in $(seq 1 2000); do page; kill -0 "$master" 2>/dev/null || break; done) >/dev/null 2>&1 &
        held=''
        until=$((SECONDS + 20))
        while [ -z "$held" ] && [ $SECONDS -lt $until ]; do
            for each in $(pgrep -P "$master"); do
                kill -STOP "$each"
                if [ "$(readlink "/proc/$each/cwd")" = "$ROOT/public" ]; then held=$each; break; fi
                kill -CONT "$each"
            done
        done
        begin=$(date +%s%N)
        kill -9 "$master"
        echo "held: ${held:-nobody}"
        echo "a page meanwhile: $(page text/html), anything else: $(page)"
        for _ in $(seq 1 200); do
            [ "$(cat "$DIR/run/fpm.pid")" != "$master" ] && [ "$(page)" = 200 ] && break
            sleep 0.05
        done
        echo "after $((($(date +%s%N) - begin) / 1000000)) ms, $(page)"
        echo "left: $(awk '/^State:/ && $2 != "Z" {print $2}' "/proc/$held/status" 2>/dev/null || true)"
        SH);
    expect($said)->toMatch('/held: \d+/')->toMatch('/after \d+ ms, 200/')->toMatch('/left:\s*$/');
    preg_match('/after (\d+) ms/', $said, $found);
    expect((int) ($found[1] ?? 99_999))->toBeLessThan(10_000);
});

it('gives out the page while PHP is away, in its language, and nothing else for it', function () {
    Shell::say('"${OWN[@]}" sv -w 10 force-stop "$DIR/sv/fpm" >/dev/null || true');
    try {
        $ask = fn (string $more): string => Shell::say(
            "curl -s -m 5 -w '\n%{http_code}' {$more} \"http://127.0.0.1:\$WEB_PORT/clients\"",
        );
        expect($ask("-H 'Accept: text/html'"))->toContain('<html lang="en"')->toContain('id="root"></div>')->toEndWith('200')
            ->and($ask("-H 'Accept: text/html' -H 'Cookie: language=pt'"))->toContain('<html lang="pt"')->toEndWith('200')
            ->and($ask("-H 'Accept: text/html' -H 'Accept-Language: pt-PT,pt'"))->toContain('<html lang="pt"')
            ->and($ask("-H 'Accept: application/json'"))->toEndWith('502')->not->toContain('root')
            ->and($ask("-H 'Accept: text/html' -X POST"))->toEndWith('502');
    } finally {
        Shell::say('"${OWN[@]}" sv -w 10 up "$DIR/sv/fpm" >/dev/null');
    }
});

it('gives out the page while the record is away, and says of everything else that it is', function () {
    $ask = fn (string $path, string $more = ''): string => Shell::say(
        "curl -s -m 20 -w '\n%{http_code}' {$more} \"http://127.0.0.1:\$WEB_PORT{$path}\"",
    );
    Shell::say('"${OWN[@]}" sv -w 20 force-stop "$DIR/sv/database" >/dev/null || true');
    try {
        expect($ask('/today', "-H 'Cookie: language=pt'"))
            ->toContain('<html lang="pt"')->toContain('id="root"></div>')->toEndWith('503')
            ->and($ask('/api/session'))->toContain('The record does not answer')->toEndWith('503');
    } finally {
        Shell::say(
            '"${OWN[@]}" sv -w 20 up "$DIR/sv/database" >/dev/null; for _ in $(seq 1 100); do [ "$(curl -s -m 2 -o /dev/null -w "%{http_code}" "http://127.0.0.1:$WEB_PORT/api/beginning/open")" = 200 ] && break; sleep 0.1; done',
        );
    }
    expect($ask('/api/session'))->toEndWith('200');
});

it('lets nothing start again that was stopped', function () {
    Shell::say('stop_process bridge "$(BRIDGE_MARK)"');
    sleep(2);
    expect(Shell::run('is_running bridge "$(BRIDGE_MARK)"')[0])->not->toBe(0);
    Shell::say('start_scale >/dev/null');
    expect(Shell::run('is_running bridge "$(BRIDGE_MARK)"')[0])->toBe(0);
});

it('says what is wrong and what mends it', function () {
    $doctor = fn (string $first = ''): array => Shell::run(
        "source ops/doctor.sh; chosen_instance() { echo test; }; {$first} command_doctor",
    );
    [, $said] = $doctor();
    expect($said)->toContain('MariaDB 10')->toContain('every note about health can be opened')->toContain('GB free');
    // No room, another's data, a clock turned back, a record of another release, a key that is gone.
    [$status, $said] = $doctor('df() { printf "a b c d\n1 2 3 40960 5\n"; };');
    expect($status)->toBe(1)->and($said)->toContain('40 MB are free')->toContain('Make room now');
    [$status, $said] = $doctor(
        'OWN_USER=somebody; choose_own_user() { OWN_USER=somebody; OWN=(); }; own_folders() { :; };',
    );
    expect($status)->toBe(1)->and($said)->toContain('this would run as “somebody”');
    [$status, $said] = $doctor('date() { if [ "$1" = +%s ]; then echo 1000000000; else command date "$@"; fi; };');
    expect($status)->toBe(1)->and($said)->toContain('Set the clock of this machine');
    [$status, $said] = $doctor('pending_migrations() { echo 2099_01_01_000001_more; };');
    expect($status)
        ->toBe(1)
        ->and($said)
        ->toContain('The record is of an earlier release: 1 steps are missing')
        ->toContain('it backs up first');
    [$status, $said] = $doctor('artisan() { echo 3; };');
    expect($status)->toBe(1)->and($said)->toContain('3 notes about health cannot be opened');
    expect(
        Shell::say(
            'stop_process scale "$(SCALE_MARK)"; source ops/doctor.sh; chosen_instance() { echo test; }; command_doctor || true; start_scale >/dev/null',
        ),
    )->toContain('Not running: scale');
});
