<?php

declare(strict_types=1);

use Core\Scale\ScaleLine;
use Scale\Listener;
use Scale\Reader;
use Scale\Request;
use Scale\Scales;
use Scale\Wire;

/** A scale that says what the test says: the listening socket, its end of the wire, and the wire that leads to it. */
function connectedReader(): array
{
    $server = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
    $wire = new Wire('127.0.0.1', $port);
    $wire->connectIfDue(100.0);
    $scale = stream_socket_accept($server, 2);

    return [$server, $scale, $wire];
}

/** @param  resource  $scale */
function says($scale, Wire $wire, string $line, float $now): Reader
{
    fwrite($scale, $line);
    usleep(20_000);
    $wire->read($now);

    return $wire->reader;
}

it('tells a reading, garbage, overload and silence apart', function () {
    [$server, $scale, $wire] = connectedReader();
    $reader = $wire->reader;
    expect($reader->state(100.0))->toBe('disconnected');
    says($scale, $wire, ScaleLine::weight(1, 1230, true)->text()."\r\n", 100.1);
    expect($reader->state(100.2))->toBe('reading')->and($reader->latest()?->centigrams)->toBe(1230);
    says($scale, $wire, "@2 99.9? g\r\n", 100.3);
    expect($reader->state(100.3))->toBe('garbled')->and($reader->latest()?->centigrams)->toBe(1230);
    says($scale, $wire, ScaleLine::overload(3)->text()."\r\n", 100.4);
    expect($reader->state(100.4))->toBe('overload');
    says($scale, $wire, ScaleLine::weight(4, 0, false)->text()."\r\n", 100.5);
    expect($reader->state(100.6))->toBe('reading')->and($reader->state(102.0))->toBe('disconnected');
});

it('puts a line together from its pieces', function () {
    [$server, $scale, $wire] = connectedReader();
    $reader = $wire->reader;
    $line = ScaleLine::weight(9, 4567, true)->text()."\r\n";
    says($scale, $wire, substr($line, 0, 7), 100.1);
    expect($reader->state(100.1))->toBe('disconnected');
    says($scale, $wire, substr($line, 7), 100.2);
    expect($reader->latest()?->centigrams)->toBe(4567);
});

it('notices that the cable is out, and connects again when it is back', function () {
    [$server, $scale, $wire] = connectedReader();
    $reader = $wire->reader;
    says($scale, $wire, ScaleLine::weight(1, 10, true)->text()."\r\n", 100.1);
    fclose($scale);
    usleep(20_000);
    $wire->read(100.2);
    expect($reader->state(100.2))->toBe('disconnected');
    $wire->connectIfDue(101.0);
    $again = stream_socket_accept($server, 2);
    says($again, $wire, ScaleLine::weight(2, 20, true)->text()."\r\n", 101.1);
    expect($reader->state(101.1))->toBe('reading')->and($reader->latest()?->centigrams)->toBe(20);
});

it('tells a listener what the reading means for its pour', function () {
    [$server, $scale, $wire] = connectedReader();
    $reader = $wire->reader;
    says($scale, $wire, ScaleLine::weight(1, 5500, true)->text()."\r\n", 100.1);
    [$bridge, $browser] = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0);
    $listener = Listener::from(
        $bridge,
        [
            'from' => '4500',
            'already' => '500',
            'low' => '1900',
            'target' => '2000',
            'high' => '2100',
            'full' => '2400',
            'whole' => '6000',
            'in' => '4500',
        ],
        '7',
        '',
    );
    expect($listener->tell(new Scales([$wire]), 100.1))->toBeTrue();
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
    $listener->tell(new Scales([$wire]), 100.2);
    expect(fgets($browser))->toBeFalse();
    // After a second of silence it says that the scale is gone.
    $listener->tell(new Scales([$wire]), 101.2);
    expect((string) fgets($browser))->toContain('disconnected');
});

it('gives a listener without a pour the bare reading', function (array $query) {
    [$server, $scale, $wire] = connectedReader();
    $reader = $wire->reader;
    says($scale, $wire, ScaleLine::weight(1, -250, false)->text()."\r\n", 100.1);
    [$bridge, $browser] = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0);
    Listener::from($bridge, $query, '7', '1')->tell(new Scales([$wire]), 100.1);
    expect(json_decode(substr((string) fgets($browser), 6), true))->toMatchArray([
        'state' => 'reading',
        'shown' => '-2.5 g',
        'still' => false,
        'pour' => null,
    ]);
})->with(
    [
        [[]],
        [['from' => 'x', 'already' => '0', 'low' => '0', 'target' => '0', 'high' => '0', 'full' => '1']],
        [['from' => '0', 'already' => '-5', 'low' => '0', 'target' => '0', 'high' => '0', 'full' => '1']],
    ],
);

it('has another word for what stands on the scale once something else does', function () {
    [$server, $scale, $wire] = connectedReader();
    $reader = $wire->reader;
    $show = function (int $centigrams, bool $still, float $at) use ($scale, $wire): string {
        says($scale, $wire, ScaleLine::weight(1, $centigrams, $still)->text()."\r\n", $at);

        return $wire->reader->since();
    };
    $first = $show(21_000, true, 100.1);
    expect($show(0, false, 100.2))->toBe("{$first}~")
        ->and($show(0, true, 100.6))->toBe($first)
        ->and($show(21_000, false, 101.0))->toBe("{$first}~")
        ->and($show(21_000, true, 101.4))->toBe($first)
        ->and($show(35_000, false, 101.5))->toBe("{$first}~")
        ->and($show(35_000, true, 101.9))->not->toBe($first)->not->toEndWith('~');
});

it('says that a scale is stuck whose lines do not count on', function () {
    [$server, $scale, $wire] = connectedReader();
    $reader = $wire->reader;
    says($scale, $wire, ScaleLine::weight(7, 1230, true)->text()."\r\n", 100.1);
    foreach ([100.5, 100.9, 101.3] as $now) {
        says($scale, $wire, ScaleLine::weight(7, 1230, true)->text()."\r\n", $now);
    }
    expect($reader->state(101.3))->toBe('frozen');
    says($scale, $wire, ScaleLine::weight(8, 1250, true)->text()."\r\n", 101.4);
    expect($reader->state(101.4))->toBe('reading');
});

it('hears a scale at a tablet’s own cable, for its own salon alone', function () {
    $scales = new Scales([]);
    $format = Core\Scale\LearnFormat::from('0.0 g', '210.4 g', '~ 215.9 g')->toArray();
    $ticket = $scales->attach('7', ['id' => 'by-the-window', 'name' => 'By the window', 'format' => $format], 100.0);
    expect($ticket)->not->toBeNull()
        ->and($scales->feed((string) $ticket, "0.0 g\r\n~ 12.3 g\r\n", 100.1))->toBeTrue()
        ->and($scales->find('7', 'by-the-window')?->latest()?->centigrams)->toBe(1_230)
        ->and($scales->find('7', 'by-the-window')?->latest()?->still)->toBeFalse()
        ->and($scales->find('8', 'by-the-window'))->toBeNull()
        ->and(array_column($scales->all('7', 100.2), 'shown', 'name'))->toBe(['By the window' => '12.3 g'])
        ->and($scales->all('8', 100.2))->toBe([])
        // Another salon takes it from nobody, a ticket runs out, and one that was made up never held.
        ->and($scales->attach('8', ['id' => 'by-the-window', 'name' => 'Mine', 'format' => $format], 100.3))->toBeNull()
        ->and($scales->feed((string) $ticket, '5.0 g', 300.0))->toBeFalse()
        ->and($scales->feed('0000', '5.0 g', 100.3))->toBeFalse()
        ->and(
            $scales->attach('7', ['id' => 'other', 'name' => 'Other', 'format' => ['kinds' => '1']], 100.3),
        )->toBeNull();
    $scales->tidy(170.0);
    expect($scales->all('7', 170.0))->toBe([]);
});

it('reads a request as it arrives, and one that will never be whole is none', function () {
    $head = "POST /scale/feed?ticket=abc HTTP/1.1\r\nX-Tinta-Salon: 7\r\nContent-Length: 5\r\n\r\n";
    expect(Request::from(substr($head, 0, 30)))->toBeNull()->and(Request::from($head.'12'))->toBeNull();
    $request = Request::from($head.'12345');
    expect($request)->toBeInstanceOf(Request::class)
        ->and(
            [$request->method, $request->path, $request->query, $request->salon, $request->body],
        )->toBe(['POST', '/scale/feed', ['ticket' => 'abc'], '7', '12345'])
        ->and(Request::from("BREW /scale HTTP/1.1\r\n\r\n"))->toBeFalse()
        ->and(Request::from("POST / HTTP/1.1\r\nContent-Length: 900000\r\n\r\n"))->toBeFalse()
        ->and(Request::from(str_repeat('x', 70_000)))->toBeFalse();
});
