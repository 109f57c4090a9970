<?php

declare(strict_types=1);

use Core\Scale\ScaleLine;
use Scale\Listener;
use Scale\Reader;

/** A scale that says what the test says: the listening socket, its port, and a reader connected to it. */
function connectedReader(): array
{
    $server = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
    $reader = new Reader('127.0.0.1', $port);
    $reader->connectIfDue(100.0);
    $scale = stream_socket_accept($server, 2);

    return [$server, $scale, $reader];
}

/** @param  resource  $scale */
function says($scale, Reader $reader, string $line, float $now): Reader
{
    fwrite($scale, $line);
    usleep(20_000);
    $reader->read($now);

    return $reader;
}

it('tells a reading, garbage, overload and silence apart', function () {
    [$server, $scale, $reader] = connectedReader();
    expect($reader->state(100.0))->toBe('disconnected');
    says($scale, $reader, ScaleLine::weight(1, 1230, true)->text()."\r\n", 100.1);
    expect($reader->state(100.2))->toBe('reading')->and($reader->latest()?->centigrams)->toBe(1230);
    says($scale, $reader, "@2 99.9? g\r\n", 100.3);
    expect($reader->state(100.3))->toBe('garbled')->and($reader->latest()?->centigrams)->toBe(1230);
    says($scale, $reader, ScaleLine::overload(3)->text()."\r\n", 100.4);
    expect($reader->state(100.4))->toBe('overload');
    says($scale, $reader, ScaleLine::weight(4, 0, false)->text()."\r\n", 100.5);
    expect($reader->state(100.6))->toBe('reading')->and($reader->state(102.0))->toBe('disconnected');
});

it('puts a line together from its pieces', function () {
    [$server, $scale, $reader] = connectedReader();
    $line = ScaleLine::weight(9, 4567, true)->text()."\r\n";
    says($scale, $reader, substr($line, 0, 7), 100.1);
    expect($reader->state(100.1))->toBe('disconnected');
    says($scale, $reader, substr($line, 7), 100.2);
    expect($reader->latest()?->centigrams)->toBe(4567);
});

it('notices that the cable is out, and connects again when it is back', function () {
    [$server, $scale, $reader] = connectedReader();
    says($scale, $reader, ScaleLine::weight(1, 10, true)->text()."\r\n", 100.1);
    fclose($scale);
    usleep(20_000);
    $reader->read(100.2);
    expect($reader->state(100.2))->toBe('disconnected');
    $reader->connectIfDue(101.0);
    $again = stream_socket_accept($server, 2);
    says($again, $reader, ScaleLine::weight(2, 20, true)->text()."\r\n", 101.1);
    expect($reader->state(101.1))->toBe('reading')->and($reader->latest()?->centigrams)->toBe(20);
});

it('tells a listener what the reading means for its pour', function () {
    [$server, $scale, $reader] = connectedReader();
    says($scale, $reader, ScaleLine::weight(1, 5500, true)->text()."\r\n", 100.1);
    [$bridge, $browser] = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0);
    $listener = Listener::from(
        $bridge,
        ['from' => '4500', 'already' => '500', 'low' => '1900', 'target' => '2000', 'high' => '2100', 'full' => '2400', 'whole' => '6000', 'in' => '4500'],
    );
    expect($listener->tell($reader, 100.1))->toBeTrue();
    $event = json_decode(substr((string) fgets($browser), 6), true);
    expect($event['pour'])->toMatchArray([
        'place' => 'under',
        'net' => '10.0 g',
        'inLine' => '15.0 g',
        'left' => '5.0 g',
        'at' => 0.625,
        // The bowl fills as it is poured: 45 g before, a quarter of 60 g of this.
        'bowl' => '55.0 g',
        'wedge' => 0.25,
    ]);
    // The same again says nothing until a second has passed.
    stream_set_blocking($browser, false);
    fgets($browser);
    $listener->tell($reader, 100.2);
    expect(fgets($browser))->toBeFalse();
    // After a second of silence it says that the scale is gone.
    $listener->tell($reader, 101.2);
    expect((string) fgets($browser))->toContain('disconnected');
});

it('gives a listener without a pour the bare reading', function (array $query) {
    [$server, $scale, $reader] = connectedReader();
    says($scale, $reader, ScaleLine::weight(1, -250, false)->text()."\r\n", 100.1);
    [$bridge, $browser] = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0);
    Listener::from($bridge, $query)->tell($reader, 100.1);
    expect(json_decode(substr((string) fgets($browser), 6), true))->toMatchArray([
        'state' => 'reading',
        'shown' => '-2.5 g',
        'still' => false,
        'pour' => null,
    ]);
})->with([[[]], [['from' => 'x', 'already' => '0', 'low' => '0', 'target' => '0', 'high' => '0', 'full' => '1']], [['from' => '0', 'already' => '-5', 'low' => '0', 'target' => '0', 'high' => '0', 'full' => '1']]]);

it('has another word for what stands on the scale once something else does', function () {
    [$server, $scale, $reader] = connectedReader();
    $show = function (int $centigrams, bool $still, float $at) use ($scale, $reader): string {
        says($scale, $reader, ScaleLine::weight(1, $centigrams, $still)->text()."\r\n", $at);

        return $reader->since();
    };
    $first = $show(21_000, true, 100.1);
    expect($show(0, false, 100.2))->toBe("{$first}~")
        ->and($show(0, true, 100.6))->toBe($first)
        ->and($show(21_000, false, 101.0))->toBe("{$first}~")
        ->and($show(21_000, true, 101.4))->toBe($first)
        ->and($show(35_000, false, 101.5))->toBe("{$first}~")
        ->and($show(35_000, true, 101.9))->not->toBe($first)->not->toEndWith('~');
});
