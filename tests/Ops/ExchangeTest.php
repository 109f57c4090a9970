<?php

declare(strict_types=1);

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Tests\Ops\Shell;

/*
 * A salon of two years leaves one instance and comes into another: the first release's database brought up to date,
 * carried into an empty one, table by table.
 */
beforeEach(function () {
    $this->root = dirname(__DIR__, 2);
    $this->folder = Shell::say('echo "$DIR/nginx/exchange-'.Str::random(8).'"');
    Shell::say(
        'for each in tinta_upgrade tinta_moved; do sql root -e "DROP DATABASE IF EXISTS $each"; make_database "$each"; done; zcat tests/fixtures/first-release.sql.gz | sql root tinta_upgrade; DB_DATABASE=tinta_upgrade artisan migrate --force --no-interaction >/dev/null; DB_DATABASE=tinta_moved artisan migrate --force --no-interaction >/dev/null; as_own mkdir -p '
            .$this->folder,
    );
    $this->export = fn (string $from, string $to): string => Shell::say(
        "DB_DATABASE={$from} artisan salon:export {$this->folder}/{$to} --no-interaction",
    );
    $this->import = fn (string $from): array => Shell::run(
        "DB_DATABASE=tinta_moved artisan salon:import {$this->folder}/{$from} --no-interaction",
    );
    $this->copied = function (string $to, callable $change): void {
        File::copyDirectory("{$this->folder}/out", "{$this->folder}/{$to}");
        $change("{$this->folder}/{$to}");
        Shell::say("[ \"\$(id -u)\" -ne 0 ] || chown -R \"\$OWN_USER:\" {$this->folder}");
    };
});
afterEach(function () {
    Shell::say(
        'sql root -e "DROP DATABASE IF EXISTS tinta_upgrade; DROP DATABASE IF EXISTS tinta_moved"; rm -f "$DIR"/backups/before-*',
    );
    File::deleteDirectory($this->folder);
});

it('carries a whole salon into an empty instance, and nothing is another afterwards', function () {
    ($this->export)('tinta_upgrade', 'out');
    [$status, $said] = ($this->import)('out');
    expect($status)->toBe(0, $said);
    ($this->export)('tinta_moved', 'again');
    foreach ((array) glob("{$this->folder}/out/{data,csv}/*", GLOB_BRACE) as $file) {
        $again = str_replace('/out/', '/again/', (string) $file);
        expect(md5_file($again))->toBe(md5_file((string) $file), basename((string) $file));
    }
    // By the database's own sums, where no column is JSON that may be spaced otherwise, or sealed anew.
    $before = Shell::tables('tinta_upgrade');
    $after = Shell::tables('tinta_moved');
    foreach (['components', 'stamps', 'client_words', 'colour_line_developer', 'pours'] as $table) {
        expect($after[$table])->toBe($before[$table], $table);
    }
    $told = json_decode((string) file_get_contents("{$this->folder}/out/tinta.json"), true);
    expect($told['rows']['pours'])->toBeGreaterThan(1000)->and($told['rows']['visits'])->toBeGreaterThan(100);
    // A second one does not come on top of it.
    [$status, $said] = ($this->import)('out');
    expect($status)->toBe(1)->and($said)->toContain('There is a salon here already.');
});

it('takes nothing of an archive that is not whole, and says what is wrong', function () {
    ($this->export)('tinta_upgrade', 'out');
    $broken = [
        'cut' => [
            'rows; ',
            fn (string $at) => file_put_contents(
                "{$at}/data/pours.jsonl",
                implode(
                    "\n",
                    array_slice(explode("\n", (string) file_get_contents("{$at}/data/pours.jsonl")), 0, 50),
                )."\n",
            ),
        ],
        'missing' => ['data/stamps.jsonl is missing', fn (string $at) => unlink("{$at}/data/stamps.jsonl")],
        'orphans' => ['name rows of clients that are not there', function (string $at): void {
            $lines = explode("\n", trim((string) file_get_contents("{$at}/data/clients.jsonl")));
            file_put_contents("{$at}/data/clients.jsonl", implode("\n", array_slice($lines, 1))."\n");
            $told = json_decode((string) file_get_contents("{$at}/tinta.json"), true);
            $told['rows']['clients']--;
            file_put_contents("{$at}/tinta.json", json_encode($told));
        }],
        'column' => [
            'which is not known here',
            fn (string $at) => file_put_contents(
                "{$at}/data/salons.jsonl",
                str_replace('{"id"', '{"mood":"good","id"', (string) file_get_contents("{$at}/data/salons.jsonl")),
            ),
        ],
        'garbled' => [
            'is no JSON object',
            fn (string $at) => file_put_contents("{$at}/data/visits.jsonl", "not json\n"),
        ],
    ];
    $empty = Shell::tables('tinta_moved');
    foreach ($broken as $name => [$words, $change]) {
        ($this->copied)($name, $change);
        [$status, $said] = ($this->import)($name);
        expect($status)->toBe(1, "{$name}: {$said}")->and($said)->toContain($words);
    }
    expect(Shell::tables('tinta_moved'))->toBe($empty);
});
