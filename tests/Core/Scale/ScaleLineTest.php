<?php

declare(strict_types=1);

use Core\CoreException;
use Core\Scale\GarbledLine;
use Core\Scale\ScaleLine;

it('reads what it writes', function (ScaleLine $line, string $body) {
    expect($line->text())->toStartWith($body.' *')->and(ScaleLine::parse($line->text()."\r\n"))->toEqual($line);
})->with([
    'still' => [fn () => ScaleLine::weight(12, 12340, true), '@12 123.40 g still'],
    'moving' => [fn () => ScaleLine::weight(13, 5, false), '@13 0.05 g moving'],
    'below zero' => [fn () => ScaleLine::weight(14, -21005, true), '@14 -210.05 g still'],
    'just below zero' => [fn () => ScaleLine::weight(15, -5, true), '@15 -0.05 g still'],
    'overload' => [fn () => ScaleLine::overload(16), '@16 overload'],
]);

it('knows the checksum of the protocol page', function () {
    // XOR over the bytes of "@7 60.00 g still", worked outside this code.
    expect(ScaleLine::weight(7, 6000, true)->text())->toBe('@7 60.00 g still *76');
});

it('refuses damaged lines', function (string $line) {
    ScaleLine::parse($line);
})->with(
    [
        '',
        'hello',
        '@7 60.00 g still',
        '@7 60.00 g still *00',
        '@7 60 g still *5F',
        "\xFF\xFE\x00",
        '@7 61.00 g still *'.'7A',
        '@x overload *11',
    ],
)->throws(GarbledLine::class);

it('never takes a line with one damaged byte for a reading', function () {
    mt_srand(4);
    $clean = ScaleLine::weight(471, 12340, true)->text();
    for ($i = 0; $i < 2000; $i++) {
        $damaged = $clean;
        $at = mt_rand(0, strlen($clean) - 1);
        $damaged[$at] = chr(ord($damaged[$at]) ^ (1 << mt_rand(0, 7)));
        if ($damaged === $clean) {
            continue;
        }
        try {
            ScaleLine::parse($damaged);
            $this->fail("read “{$damaged}”");
        } catch (CoreException $refusal) {
            expect($refusal)->toBeInstanceOf(GarbledLine::class);
        }
    }
});
