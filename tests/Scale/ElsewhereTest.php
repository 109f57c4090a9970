<?php

declare(strict_types=1);

use Scale\Elsewhere;
use Scale\News;

it('hears which salon another node has written in, once', function () {
    $turns = [1 => 7, 2 => 1];
    $asked = 0;
    $elsewhere = new Elsewhere(function () use (&$turns, &$asked): array {
        $asked++;

        return $turns;
    });
    expect($elsewhere->news(0.0))->toBe([])->and($elsewhere->news(1.0))->toBe([]);
    $turns = [1 => 8, 2 => 1, 0 => 1];
    // Not asked more often than twice a second.
    expect($elsewhere->news(1.1))->toBe([])->and($asked)->toBe(2)
        ->and($elsewhere->news(1.6))->toEqualCanonicalizing(['0', '1'])
        ->and($elsewhere->news(2.2))->toBe([]);
});

it('says nothing while its database is away, and afterwards what was missed', function () {
    $turns = [1 => 7];
    $asked = 0;
    $elsewhere = new Elsewhere(function () use (&$turns, &$asked): array {
        $asked++;

        return $turns ?? throw new PDOException('gone');
    });
    $elsewhere->news(0.0);
    $turns = null;
    expect($elsewhere->news(1.0))->toBe([])->and($elsewhere->news(2.0))->toBe([])->and($asked)->toBe(2)
        ->and($elsewhere->news(3.1))->toBe([])->and($asked)->toBe(3);
    $turns = [1 => 9];
    expect($elsewhere->news(5.2))->toBe(['1']);
});

it('tells every salon that listens of what concerns all', function () {
    $news = new News;
    [[$here, $one], [$there, $two]] = [newsPair(), newsPair()];
    $news->listen($one, '1', '', 0.0);
    $news->listen($two, '2', '', 0.0);
    stream_get_contents($here).stream_get_contents($there);
    $news->tell('0', '');
    expect(stream_get_contents($here))
        ->toContain('data: {"visit":""}')
        ->and(stream_get_contents($there))
        ->toContain('data: {"visit":""}');
});
