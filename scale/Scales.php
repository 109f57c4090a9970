<?php

declare(strict_types=1);

namespace Scale;

use Core\Scale\GarbledLine;
use Core\Scale\LineFormat;

/**
 * Every scale the bridge hears: those on the wire, for everybody in the house, and those at a tablet's own cable, each
 * for its salon. Times are seconds.
 */
final class Scales
{
    /** A tablet asks anew before this, so that a scale does not outlive the session that attached it. */
    private const TICKET = 150.0;

    private const MOST = 40;

    /** @var array<string, array{salon: string, name: string, reader: Reader, format: string}> by id */
    private array $attached = [];

    /** @var array<string, array{id: string, until: float}> by ticket */
    private array $tickets = [];

    /** @param  list<Wire>  $wires */
    public function __construct(private readonly array $wires)
    {
    }

    /** @return list<Wire> */
    public function wires(): array
    {
        return $this->wires;
    }

    /** A wired one by its number, one at a tablet by its id within the salon; null where there is none. */
    public function find(string $salon, string $id): ?Reader
    {
        if ($id === '' || ctype_digit($id)) {
            return ($this->wires[max(1, (int) $id) - 1] ?? null)?->reader;
        }
        $found = $this->attached[$id] ?? null;

        return $found === null || $found['salon'] !== $salon ? null : $found['reader'];
    }

    /**
     * @param  array<mixed>  $json  id, name, format
     * @return ?string a ticket to send its lines with; null where it is no scale
     */
    public function attach(string $salon, array $json, float $now): ?string
    {
        [$id, $name, $format] = [$json['id'] ?? null, $json['name'] ?? null, $json['format'] ?? null];
        if (
            $salon === '' || ! is_string($id) || preg_match('/^[a-z][a-z0-9-]{3,39}$/', $id) !== 1

                || ! is_string($name)
                || ! is_array($format)
                || count($this->attached) >= self::MOST
                && ! isset($this->attached[$id])
            || isset($this->attached[$id]) && $this->attached[$id]['salon'] !== $salon
        ) {
            return null;
        }
        $written = (string) json_encode($format);
        if (($this->attached[$id]['format'] ?? '') !== $written) {
            try {
                $reader = Reader::of(LineFormat::fromArray($format));
            } catch (GarbledLine) {
                return null;
            }
            $this->attached[$id] = [
                'salon' => $salon,
                'name' => mb_substr($name, 0, 40),
                'reader' => $reader,
                'format' => $written,
            ];
        }
        $this->tickets = array_filter($this->tickets, static fn (array $each): bool => $each['until'] > $now);
        $ticket = bin2hex(random_bytes(16));
        $this->tickets[$ticket] = ['id' => $id, 'until' => $now + self::TICKET];

        return $ticket;
    }

    /** What a scale at a tablet has sent, one line a line. False where the ticket has run out. */
    public function feed(string $ticket, string $lines, float $now): bool
    {
        $found = $this->tickets[$ticket] ?? null;
        $scale = $found === null || $found['until'] <= $now ? null : ($this->attached[$found['id']] ?? null);
        if ($scale === null) {
            return false;
        }
        foreach (preg_split('/\r\n|\r|\n/', $lines) ?: [] as $line) {
            if (trim($line) !== '') {
                $scale['reader']->hear($line, $now);
            }
        }

        return true;
    }

    /** Forgets those that nobody has heard for a while. */
    public function tidy(float $now): void
    {
        $this->attached = array_filter(
            $this->attached,
            static fn (array $each): bool => $each['reader']->heardAt() === 0.0
                || $now - $each['reader']->heardAt() < 60.0,
        );
    }

    /** @return list<array{id: string, name: string, state: string, shown: string}> */
    public function all(string $salon, float $now): array
    {
        $all = [];
        foreach ($this->wires as $at => $wire) {
            $all[] = self::told(
                (string) ($at + 1),
                $at === 0 ? 'The bench scale' : 'Bench scale '.($at + 1),
                $wire->reader,
                $now,
            );
        }
        foreach ($this->attached as $id => $each) {
            if ($each['salon'] === $salon) {
                $all[] = self::told($id, $each['name'], $each['reader'], $now);
            }
        }

        return $all;
    }

    /** @return array{id: string, name: string, state: string, shown: string} */
    private static function told(string $id, string $name, Reader $reader, float $now): array
    {
        $state = $reader->state($now);
        $reading = $reader->latest()?->centigrams;

        return [
            'id' => $id,
            'name' => $name,
            'state' => $state,
            'shown' => $state === 'reading' && $reading !== null ? Listener::show($reading) : '',
        ];
    }
}
