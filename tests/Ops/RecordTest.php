<?php

declare(strict_types=1);

use App\Models\TeamMember;
use App\Models\Visit;
use App\Sealed\Seal;
use Illuminate\Support\Facades\DB;
use Tests\Ops\Shell;

/** The database of the first release, in a database of its own; gone again afterwards. */
beforeEach(function () {
    $this->root = dirname(__DIR__, 2);
    Shell::say(
        'sql root -e "DROP DATABASE IF EXISTS tinta_upgrade"; make_database tinta_upgrade; zcat tests/fixtures/first-release.sql.gz | sql root tinta_upgrade',
    );
});
afterEach(function () {
    DB::purge();
    Shell::say(
        'sql root -e "DROP DATABASE IF EXISTS tinta_upgrade; DROP DATABASE IF EXISTS tinta_check"; rm -f "$DIR"/backups/before-* "$DIR"/backups/test-*',
    );
});

it('brings the first release’s database up to date, backed up before, and opens every visit of it', function () {
    $before = Shell::tables('tinta_upgrade');
    // A table that gained a column is compared by what it held before.
    $stamps = fn (): string => Shell::say(
        'sql root -N tinta_upgrade -e "SELECT id, bowl_id, sequence, kind, stamped_at, words, team_member_id FROM stamps ORDER BY id" | md5sum',
    );
    $marks = $stamps();
    expect(
        Shell::say(
            'DB_NAME=tinta_upgrade; export DB_DATABASE=tinta_upgrade; update_record; grant_app tinta_upgrade; ls "$DIR/backups"',
        ),
    )
        ->toContain('Backing up before the update')
        ->toContain('before-'.basename(max(glob($this->root.'/database/migrations/*.php')), '.php'));
    $after = Shell::tables('tinta_upgrade');
    // What was poured, marked and said is as it was.
    expect($stamps())->toBe($marks);
    foreach (['bowls', 'batches', 'components', 'canvases', 'proposals', 'client_words'] as $table) {
        expect($after[$table])->toBe($before[$table], $table);
    }
    config()->set('database.connections.mariadb.database', 'tinta_upgrade');
    DB::purge();
    $this->actingAs(TeamMember::query()->where('email', 'ines@sailcloth.example')->firstOrFail());
    $visits = Visit::query()->orderBy('starts_at')->pluck('id')->all();
    expect(count($visits))->toBeGreaterThan(100)
        ->and(DB::table('pours')->count())->toBeGreaterThan(1000)
        ->and((bool) DB::table('salons')->value('demo'))->toBeTrue();
    foreach ($visits as $at => $visit) {
        // Every one that is open, and enough of the others.
        if ($at % 8 === 0 || $at > count($visits) - 8) {
            app()->forgetScopedInstances();
            $this->getJson("/api/visits/{$visit}")->assertOk()->assertJsonPath('id', $visit);
        }
    }
    $this->getJson('/api/clients/'.Visit::query()->value('client_id'))->assertOk();
});

it('brings each later release’s database up to date as well, with every gram, and its notes in words', function (string $dump) {
    // Later releases seal their notes; the dumps are sealed with this key, which is the tests' own.
    $key = base64_encode(substr('a key for the tests of a release!', 0, 32));
    Shell::say(
        "sql root -e 'DROP DATABASE tinta_upgrade'; make_database tinta_upgrade; zcat tests/fixtures/{$dump} | sql root tinta_upgrade",
    );
    $before = Shell::tables('tinta_upgrade');
    $kept = fn (): array => explode(
        "\n",
        Shell::say('sql root -N tinta_upgrade -e "SELECT id, cautions FROM clients WHERE cautions <> \'\' ORDER BY id"'),
    );
    $notes = $kept();
    Shell::say(
        "DB_NAME=tinta_upgrade; export DB_DATABASE=tinta_upgrade TINTA_NOTES_KEYS=\"\$TINTA_NOTES_KEYS,{$key}\"; update_record; grant_app tinta_upgrade",
    );
    $after = Shell::tables('tinta_upgrade');
    foreach (
        [
            'bowls',
            'batches',
            'pours',
            'stamps',
            'components',
            'canvases',
            'proposals',
            'stock_moves',
            'editions',
        ] as $table
    ) {
        expect($after[$table])->toBe($before[$table], $table);
    }
    config()->set('database.connections.mariadb.database', 'tinta_upgrade');
    config()->set('tinta.notes_keys', [...config('tinta.notes_keys'), $key]);
    app()->forgetInstance(Seal::class);
    DB::purge();
    $this->actingAs(TeamMember::query()->where('email', 'ines@sailcloth.example')->firstOrFail());
    $opened = fn (string $note): string => Seal::isSealed($note) ? app(Seal::class)->open($note) : $note;
    $said = array_map(fn (string $line): string => implode("\t", array_map($opened, explode("\t", $line, 2))), $notes);
    $read = App\Models\Client::query()
        ->orderBy('id')
        ->get()
        ->filter(fn ($client): bool => $client->cautions !== '')
        ->map(fn ($client): string => "{$client->id}\t{$client->cautions}")
        ->values()
        ->all();
    expect($read)->toBe($said)->and($said)->not->toBe([])->and(implode($said))->not->toContain(Seal::LOST)
        ->and(array_filter($kept(), fn (string $line): bool => ! Seal::isSealed(explode("\t", $line)[1])))->toBe([]);
    foreach (
        Visit::query()
            ->orderBy('starts_at')
            ->pluck('id')
            ->filter(fn (string $id, int $at): bool => $at % 40 === 0) as $visit
    ) {
        app()->forgetScopedInstances();
        $this->getJson("/api/visits/{$visit}")->assertOk()->assertJsonPath('id', $visit);
    }
    $this->getJson('/api/stock')->assertOk();
    $this->getJson('/api/costs')->assertOk();
})->with(fn (): array => array_map(basename(...), glob(dirname(__DIR__).'/fixtures/release-*.sql.gz') ?: []));

it('leaves the old state where a migration fails half way', function () {
    $before = Shell::tables('tinta_upgrade');
    [$status, $said] = Shell::run(<<<'SH'
        MIGRATIONS="$DIR/nginx/migrations"; as_own mkdir -p "$MIGRATIONS"; cp "$ROOT"/database/migrations/*.php "$MIGRATIONS/"
        cat >"$MIGRATIONS/2099_01_01_000001_break.php" <<'PHP'
        <?php
        return new class extends Illuminate\Database\Migrations\Migration {
            public function up(): void {
                Illuminate\Support\Facades\Schema::create('half_done', fn ($table) => $table->id());
                Illuminate\Support\Facades\DB::table('clients')->update(['name' => 'Nobody']);
                throw new RuntimeException('It does not go on.');
            }
        };
        PHP
        chmod -R a+rX "$MIGRATIONS"
        DB_NAME=tinta_upgrade; export DB_DATABASE=tinta_upgrade; update_record
        SH);
    Shell::say('rm -rf "$DIR/nginx/migrations"');
    expect($status)->not->toBe(0)
        ->and($said)->toContain('could not be brought up to date, and is as it was')
        ->and(Shell::tables('tinta_upgrade'))->toBe($before);
});

it('puts a backup back table by table as it was', function () {
    Shell::say(
        'DB_NAME=tinta_upgrade; export DB_DATABASE=tinta_upgrade; update_record; backup_to "$DIR/backups/test-one.tar.gz"',
    );
    $before = Shell::tables('tinta_upgrade');
    Shell::say(
        'sql root tinta_upgrade -e "UPDATE clients SET name = \'Nobody\'; DROP TRIGGER stamps_no_DELETE; DELETE FROM stamps; ALTER TABLE visits ADD COLUMN spare INT"',
    );
    expect(Shell::tables('tinta_upgrade'))->not->toBe($before);
    Shell::say('load_backup "$DIR/backups/test-one.tar.gz" tinta_upgrade');
    expect(Shell::tables('tinta_upgrade'))->toBe($before);
    // Its triggers too: what was marked is only ever added to.
    [$status, $said] = Shell::run('sql root tinta_upgrade -e "DELETE FROM stamps LIMIT 1"');
    expect($status)->not->toBe(0)
        ->and($said)->toContain('Marks are only ever added.')
        ->and(Shell::say('stat -c %a "$DIR/backups/test-one.tar.gz"'))->toBe('600');
});

it('sorts in a folder of its own, which no other database clears away', function () {
    [$sorts, $own] = explode("\n", Shell::say('sql root -N -e "SELECT @@tmpdir"; echo "$DIR/tmp"'));
    expect($sorts)->toBe($own)->and(Shell::say('stat -c "%a %U" "$DIR/tmp"'))->toBe('700 '.Shell::say('echo "$OWN_USER"'));
});

it('is of one moment, though the salon works while it is made', function () {
    Shell::say('DB_NAME=tinta_upgrade; export DB_DATABASE=tinta_upgrade; update_record');
    // Always two rows in one transaction: a backup holds both or neither.
    Shell::say(<<<'SH'
        (for i in $(seq 1 400); do echo "START TRANSACTION; INSERT INTO cache VALUES ('a$i', 'x', 0); INSERT INTO cache_locks VALUES ('a$i', 'x', 0); COMMIT;"; done | sql root tinta_upgrade) &
        sleep 0.1; DB_NAME=tinta_upgrade; export DB_DATABASE=tinta_upgrade; backup_to "$DIR/backups/test-two.tar.gz"; wait
        load_backup "$DIR/backups/test-two.tar.gz" tinta_check
        SH);
    expect(
        Shell::say(
            'sql root -N tinta_check -e "SELECT (SELECT COUNT(*) FROM cache) - (SELECT COUNT(*) FROM cache_locks)"',
        ),
    )->toBe('0');
});

it('throws no salon away that is not the demo', function () {
    Shell::say(
        'sql root tinta_browser -e "CREATE TABLE IF NOT EXISTS salons (id INT, name VARCHAR(120), demo BOOL)" 2>/dev/null || true',
    );
    $kept = Shell::say(
        'sql root -N tinta_browser -e "INSERT INTO salons (name, demo) VALUES (\'A salon of somebody’s own\', 0); SELECT LAST_INSERT_ID()"',
    );
    exec('cd '.escapeshellarg($this->root).' && TINTA_INSTANCE='.Shell::instance().' ./tinta reset-demo 2>&1', $said, $status);
    Shell::say("sql root tinta_browser -e \"DELETE FROM salons WHERE id = {$kept}\"");
    expect($status)->not->toBe(0)->and(implode(' ', $said))->toContain('There is a salon here that is not the demo.');
});

it('puts a backup in the place of what is here by one command, keeps what was here, and works on', function () {
    $held = (int) Shell::say('salons_held');
    if ($held === 0) {
        $this->markTestSkipped('The demo is loaded for the browser tests only.');
    }
    $file = "{$this->root}/var/".Shell::instance().'/backups/test-whole.tar.gz';
    $tinta = function (string $words): array {
        // What it starts again must not run on the settings of this test.
        exec(
            'cd '.escapeshellarg($this->root)
                .' && env -u SESSION_DRIVER -u CACHE_STORE -u BCRYPT_ROUNDS TINTA_INSTANCE='.Shell::instance().' ./tinta '
                .$words
                .' 2>&1',
            $said,
            $status,
        );

        return [$status, implode(' ', $said)];
    };
    $before = array_diff_key(Shell::tables('tinta_browser'), ['sessions' => 0, 'cache' => 0]);
    expect($tinta("backup {$file}")[0])->toBe(0);
    Shell::say('sql root tinta_browser -e "UPDATE clients SET name = \'Nobody\'"');
    [$status, $said] = $tinta("restore {$file}");
    expect($status)->toBe(0, $said)->and($said)->toContain('What is here now is kept')
        ->and(array_diff_key(Shell::tables('tinta_browser'), ['sessions' => 0, 'cache' => 0]))->toBe($before)
        ->and(Shell::say('ls "$DIR"/backups/before-restore-*'))->not->toBe('');
    // The application's account may do again what it may, and no more.
    expect(Shell::say('sql app -N tinta_browser -e "SELECT COUNT(*) FROM salons WHERE demo = 1"'))->toBe('1')
        ->and(Shell::run('sql app tinta_browser -e "DELETE FROM pours"')[0])->not->toBe(0);
    [$status, $said] = $tinta('restore '.__FILE__);
    expect($status)->not->toBe(0)
        ->and($said)->toContain('is no backup of Tinta')
        ->and(array_diff_key(Shell::tables('tinta_browser'), ['sessions' => 0, 'cache' => 0]))->toBe($before);
});

it('seals what was noted about health, gives a backup its keys, and takes them up again elsewhere', function () {
    $said = Shell::say(<<<'SH'
        DB_NAME=tinta_upgrade; export DB_DATABASE=tinta_upgrade; update_record >/dev/null
        backup_to "$DIR/backups/test-keys.tar.gz"
        echo "plain $(tar -xzOf "$DIR/backups/test-keys.tar.gz" record.sql | grep -c 'Chlorine build-up' || true)"
        here=$(cat "$SECRETS/notes_keys")
        # Another machine: the same database, keys of its own.
        SECRETS="$DIR/nginx/other-secrets"; rm -rf "$SECRETS"; cp -a "$DIR/secrets" "$SECRETS"
        printf 'b3RoZXIga2V5IG9mIGFub3RoZXIgbWFjaGluZSAxMjM=' >"$SECRETS/notes_keys"; export TINTA_NOTES_KEYS=$(cat "$SECRETS/notes_keys")
        read_all() { as_owner as_own php -r 'require "vendor/autoload.php"; $app = require "bootstrap/app.php"; $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); echo implode("|", array_filter(App\Models\Client::query()->pluck("cautions")->all())), "\n";'; }
        echo "without $(read_all | grep -c 'Chlorine build-up' || true)"
        take_keys "$DIR/backups/test-keys.tar.gz"
        echo "with $(read_all | grep -c 'Chlorine build-up' || true)"
        [ "${TINTA_NOTES_KEYS%%,*}" = "$here" ] && echo 'theirs first'
        replace_keys "$(head -c 32 /dev/urandom | base64 -w0),$TINTA_NOTES_KEYS"
        artisan notes:seal --no-interaction
        # The newest key alone opens all of them.
        export TINTA_NOTES_KEYS=${TINTA_NOTES_KEYS%%,*}
        echo "anew $(read_all | grep -c 'Chlorine build-up' || true) $(read_all | grep -c 'cannot be read' || true)"
        rm -rf "$SECRETS"
        SH);
    expect($said)
        ->toContain('plain 0')
        ->toContain('without 0')
        ->toContain('with 1')
        ->toContain('theirs first')
        ->toMatch('/[1-9]\d* notes were sealed anew/')
        ->toContain('anew 1 0');
});
