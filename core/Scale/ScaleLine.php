<?php

declare(strict_types=1);

namespace Core\Scale;

/**
 * One line of the scale protocol (docs/scale-protocol.md):
 *
 *     @<sequence> <grams with two decimals> g still|moving *<checksum>
 *
 *     @<sequence> overload *<checksum>
 *
 * The checksum is the XOR of all bytes before the blank and the star, as two capital hex digits.
 */
final readonly class ScaleLine
{
    /** @param  ?int  $centigrams null when overloaded; negative when the bowl was lifted after taring */
    private function __construct(public int $sequence, public ?int $centigrams, public bool $still)
    {
    }

    public static function weight(int $sequence, int $centigrams, bool $still): self
    {
        return new self($sequence, $centigrams, $still);
    }

    public static function overload(int $sequence): self
    {
        return new self($sequence, null, false);
    }

    /** @throws GarbledLine */
    public static function parse(string $line): self
    {
        if (preg_match('/^(@(\d{1,9}) (?:(-?\d{1,6})\.(\d\d) g (still|moving)|overload)) \*([0-9A-F]{2})$/', rtrim($line, "\r\n"), $m) !== 1) {
            throw GarbledLine::unreadable();
        }
        if (self::checksum($m[1]) !== $m[6]) {
            throw GarbledLine::checksum();
        }
        if ($m[3] === '') {
            return self::overload((int) $m[2]);
        }
        $whole = (int) $m[3] * 100;

        return self::weight(
            (int) $m[2],
            str_starts_with($m[3], '-') ? $whole - (int) $m[4] : $whole + (int) $m[4],
            $m[5] === 'still',
        );
    }

    /** The line as sent, without its line end. */
    public function text(): string
    {
        $body = $this->centigrams === null
            ? "@{$this->sequence} overload"
            : sprintf(
                '@%d %s%d.%02d g %s',
                $this->sequence,
                $this->centigrams < 0 ? '-' : '',
                intdiv(abs($this->centigrams), 100),
                abs($this->centigrams) % 100,
                $this->still ? 'still' : 'moving',
            );

        return $body.' *'.self::checksum($body);
    }

    public function isOverload(): bool
    {
        return $this->centigrams === null;
    }

    private static function checksum(string $body): string
    {
        $xor = 0;
        foreach (str_split($body) as $byte) {
            $xor ^= ord($byte);
        }

        return sprintf('%02X', $xor);
    }
}
