<?php

declare(strict_types=1);

namespace Core\Scale;

/**
 * One line of the scale protocol (docs/scale-protocol.md):
 *
 *     @<sequence> <weight> g|kg|oz|lb still|moving *<checksum>
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
        if (
            preg_match(
                '/^(@(\d{1,9}) (?:(-?\d{1,6}\.\d{2,5}) (g|kg|oz|lb) (still|moving)|overload)) \*([0-9A-F]{2})$/',
                rtrim($line, "\r\n"),
                $m,
            ) !== 1
        ) {
            throw GarbledLine::unreadable();
        }
        if (self::checksum($m[1]) !== $m[6]) {
            throw GarbledLine::checksum();
        }
        if ($m[3] === '') {
            return self::overload((int) $m[2]);
        }

        return self::weight((int) $m[2], WeightUnit::from($m[4])->centigrams($m[3]), $m[5] === 'still');
    }

    /** The line as sent, without its line end. */
    public function text(WeightUnit $unit = WeightUnit::Gram): string
    {
        $body = $this->centigrams === null
            ? "@{$this->sequence} overload"
            : sprintf(
                '@%d %s %s %s',
                $this->sequence,
                $unit->shown($this->centigrams),
                $unit->value,
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
