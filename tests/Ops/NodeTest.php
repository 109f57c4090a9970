<?php

declare(strict_types=1);

use Tests\Ops\Shell;

afterEach(fn () => Shell::say('rm -f "$DIR/cluster"'));

it('takes no cluster that could not tell who is right, and says what is wrong', function (string $said, string $words) {
    [$status, $answer] = Shell::run("chosen_instance() { echo \$INSTANCE; }; command_cluster {$said}");
    expect($status)->not->toBe(0)->and($answer)->toContain($words)
        ->and(Shell::say('is_cluster_node && echo node || echo alone'))->toBe('alone');
})->with([
    'two machines' => ['1 10.20.0.1,10.20.0.2', 'three machines or more'],
    'no number' => ['first 10.20.0.1,10.20.0.2,10.20.0.3', 'no number of a node'],
    'a number too many' => ['4 10.20.0.1,10.20.0.2,10.20.0.3', 'no node 4'],
    'no address' => ['1 "10.20.0.1;rm,10.20.0.2,10.20.0.3"', 'is no address'],
    'no addresses' => ['1', 'three machines or more'],
]);

it('makes a machine a node, and one by itself again', function () {
    Shell::say('chosen_instance() { echo $INSTANCE; }; command_cluster 2 10.20.0.1,10.20.0.2:4600,db3.example');
    $options = Shell::say('cluster_options');
    // Ports beside each other: the group's, the small catch-up's, the whole copy's.
    expect($options)->toContain('--wsrep-cluster-address=gcomm://10.20.0.1:4567,10.20.0.2:4600,db3.example:4567')
        ->toContain('--wsrep-node-address=10.20.0.2:4600')
        ->toContain('ist.recv_addr=10.20.0.2:4601')
        ->toContain('--wsrep-sst-receive-address=10.20.0.2:4602')
        ->and(
            Shell::say('cluster_listen; printf " %s %s" "$TINTA_NODE" "$TINTA_CLUSTER"'),
        )->toMatch('/^listen 10\.20\.0\.2:\d+; 2 true$/')
        ->and(
            Shell::say(
                'chosen_instance() { echo $INSTANCE; }; command_cluster off; use_instance $INSTANCE; cluster_options; printf "%s" "${TINTA_CLUSTER:-alone}"',
            ),
        )->toEndWith('alone');
});

it('takes a salon that does not answer for a salon, not for none', function () {
    [$status, $answer] = Shell::run('sql() { return 1; }; held=$(salons_held) || exit 3; echo "held $held"');
    expect($status)->toBe(3)->and($answer)->toContain('does not tell what it holds');
});
