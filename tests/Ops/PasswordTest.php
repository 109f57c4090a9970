<?php

declare(strict_types=1);

use Tests\Ops\Shell;

beforeEach(
    fn () => Shell::say(
        'sql root -e "DROP DATABASE IF EXISTS tinta_upgrade"; make_database tinta_upgrade; zcat tests/fixtures/first-release.sql.gz | sql root tinta_upgrade; DB_DATABASE=tinta_upgrade artisan migrate --force --no-interaction >/dev/null',
    ),
);
afterEach(fn () => Shell::say('sql root -e "DROP DATABASE IF EXISTS tinta_upgrade"'));

it('gives whoever stands at the machine a link for a new password, of somebody who works here', function () {
    $link = Shell::say('DB_DATABASE=tinta_upgrade artisan password:link " INES@sailcloth.example"');
    expect($link)->toMatch('#^http://127\.0\.0\.1:\d+/join/[0-9a-f]{40}$#');
    $hash = hash('sha256', substr($link, -40));
    expect(
        Shell::say(
            "sql root -N tinta_upgrade -e \"SELECT m.email FROM invitations i JOIN team_members m ON m.id = i.team_member_id WHERE i.token_hash = '{$hash}' AND i.used_at IS NULL\"",
        ),
    )->toBe('ines@sailcloth.example');
    [$status, $said] = Shell::run('DB_DATABASE=tinta_upgrade artisan password:link nobody@sailcloth.example');
    expect($status)->toBe(1)->and($said)->toContain('Nobody who works here signs in as nobody@sailcloth.example.');
    Shell::say('sql root tinta_upgrade -e "UPDATE team_members SET ended_at = NOW() WHERE initials = \'IC\'"');
    expect(Shell::run('DB_DATABASE=tinta_upgrade artisan password:link ines@sailcloth.example')[0])->toBe(1);
});
