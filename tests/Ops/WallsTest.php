<?php

declare(strict_types=1);

use App\Logging\SafeReport;
use Illuminate\Database\QueryException;
use Illuminate\Log\Logger as LaravelLogger;
use Monolog\Handler\TestHandler;
use Monolog\Logger;
use Tests\Ops\Shell;

it('lets nobody into the database but its own accounts, each with a password, and through the socket only', function () {
    expect(Shell::say('sql root -N -e "SELECT CONCAT(User, \'@\', Host) FROM mysql.global_priv ORDER BY 1"'))->toBe(
        "mariadb.sys@localhost\nroot@localhost\ntinta_app@localhost\ntinta_backup@localhost\ntinta_owner@localhost",
    );
    expect(Shell::say('sql root -N -e "SHOW VARIABLES LIKE \'skip_networking\'"'))->toContain('ON');
    foreach (['root', 'tinta_app', 'tinta_owner', 'tinta_backup', ''] as $user) {
        [$status, $said] = Shell::run("mariadb --no-defaults --socket=\"\$DB_SOCKET\" -u'{$user}' -e 'SELECT 1'");
        expect($status)->not->toBe(0, $user)->and($said)->toContain('Access denied');
    }
    expect(Shell::say('stat -c "%a" "$DB_SOCKET" "$DIR/run" "$DIR" "$ROOT/var"'))->toBe("600\n700\n700\n700");
});

it('runs nothing of its own as root', function () {
    $owners = Shell::say('instance_processes | while read -r pid name; do stat -c %U "/proc/$pid"; done | sort -u');
    expect($owners)->not->toBe('')->and($owners)->not->toContain('root');
})->skip(fn (): bool => posix_getuid() !== 0, 'not started as root');

it('keeps logs and secrets for their owner', function () {
    expect(Shell::say('find "$DIR/log" "$DIR/secrets" "$DIR/storage/logs" -type f -perm /077'))->toBe('')
        ->and(file_get_contents(dirname(
            __DIR__,
            2,
        ).'/var/'.Shell::instance().'/nginx.conf') ?: Shell::say('write_nginx_conf; cat "$DIR/nginx.conf"'))
        ->toContain('access_log off')
        ->toContain('nginx.log" crit');
});

it('logs what went wrong and where, and nothing of what was said', function () {
    $kept = new TestHandler;
    $failure = new QueryException(
        'mariadb',
        'insert into contraindications (note) values (?)',
        ['swollen eyelids after PPD'],
        new PDOException('Duplicate entry swollen eyelids after PPD for key session 4f3a'),
    );
    (new SafeReport(new LaravelLogger(new Logger('test', [$kept]))))->write(
        new RuntimeException('swollen eyelids', 0, $failure),
        Illuminate\Http\Request::create('/api/clients/7?search=Orla'),
    );
    $said = json_encode(array_map(fn ($record) => $record->toArray(), $kept->getRecords()));
    expect($said)->toContain('RuntimeException at')->toContain('QueryException')->toContain('WallsTest')
        ->not->toContain('swollen')->not->toContain('PPD')->not->toContain('4f3a')->not->toContain('Orla');
});
