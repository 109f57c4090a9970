<?php

declare(strict_types=1);

use Scale\News;

/** @return array{resource, resource} a device's end, and the bridge's */
function newsPair(): array
{
    [$device, $bridge] = stream_socket_pair(
        STREAM_PF_UNIX,
        STREAM_SOCK_STREAM,
        0,
    ) ?: throw new RuntimeException('no pair');
    stream_set_blocking($device, false);

    return [$device, $bridge];
}

it('tells the devices of a salon which visit was written, and no other salon', function () {
    $news = new News;
    [[$here, $one], [$there, $two]] = [newsPair(), newsPair()];
    $news->listen($one, '1', '', 0.0);
    $news->listen($two, '2', '', 0.0);
    stream_get_contents($there);
    $news->tell('1', 'visit-a');
    expect(stream_get_contents($here))->toContain('data: {"visit":"visit-a"}')
        ->and(stream_get_contents($there))->toBe('');
    // Nobody's salon is told nothing.
    $news->tell('', 'visit-b');
    expect(stream_get_contents($here).stream_get_contents($there))->toBe('');
});

it('ends a stream after two minutes, and says to who comes back whether anything was missed', function () {
    $news = new News;
    [$device, $bridge] = newsPair();
    $news->listen($bridge, '1', '', 0.0);
    preg_match('/^id: (\w+)$/m', (string) stream_get_contents($device), $first);
    $news->keepOpen(60.0);
    expect($news->sockets())->toHaveCount(1);
    $news->keepOpen(121.0);
    expect($news->sockets())->toBe([]);
    [$again, $more] = newsPair();
    $news->listen($more, '1', $first[1], 122.0);
    expect(stream_get_contents($again))->toContain('{"missed":false}');
    $news->tell('1', 'visit-a');
    [$late, $last] = newsPair();
    $news->listen($last, '1', $first[1], 123.0);
    expect(stream_get_contents($late))->toContain('{"missed":true}');
});
