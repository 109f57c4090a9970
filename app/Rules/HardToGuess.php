<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\Say;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * Not among the passwords that are guessed first: words of the list, digits and signs alone, the same again and again,
 * or one's own name or address and little more. The list stands here; nothing is asked of anybody.
 */
final class HardToGuess implements ValidationRule
{
    private const LIST = 'resources/passwords/guessed.txt';

    /** Letters of a person's own that make a password of such words another one. */
    private const OWN_LETTERS = 5;

    private const DISTINCT = 5;

    /** Signs that stand for letters, in the passwords of everybody who thinks of it. */
    private const LOOKS_LIKE = [
        '0' => 'o',
        '1' => 'i',
        '3' => 'e',
        '4' => 'a',
        '5' => 's',
        '7' => 't',
        '@' => 'a',
        '$' => 's',
        '!' => 'i',
    ];

    /** @var ?list<string> longest first */
    private static ?array $list = null;

    /** @param  list<string>  $own  name, mail address, the salon: what anybody knows of who signs in */
    public function __construct(private readonly array $own = [])
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && self::isGuessed($value, $this->own)) {
            $fail(
                Say::plain(
                    'This is among the first passwords that are guessed. A few plain words that have nothing to do with you are good.',
                ),
            );
        }
    }

    /** @param  list<string>  $own */
    public static function isGuessed(string $password, array $own = []): bool
    {
        $plain = mb_strtolower($password);
        if (count(array_unique(mb_str_split($plain))) < self::DISTINCT || preg_match('/\p{L}/u', $plain) !== 1) {
            return true;
        }
        $words = [...self::ownWords($own), ...self::list()];

        return self::left($plain, $words) < self::OWN_LETTERS || self::left(
            strtr($plain, self::LOOKS_LIKE),
            $words,
        ) < self::OWN_LETTERS;
    }

    /**
     * How many letters are left when every such word is taken out.
     *
     * @param  list<string>  $words
     */
    private static function left(string $plain, array $words): int
    {
        $letters = (string) preg_replace('/[^\p{L}]+/u', '', $plain);

        return mb_strlen(str_replace($words, '', $letters));
    }

    /**
     * @param  list<string>  $own
     * @return list<string>
     */
    private static function ownWords(array $own): array
    {
        $words = [];
        foreach ($own as $each) {
            foreach (preg_split('/[^\p{L}]+/u', mb_strtolower($each), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
                if (mb_strlen($word) >= 3) {
                    $words[] = $word;
                }
            }
        }

        return $words;
    }

    /** @return list<string> */
    private static function list(): array
    {
        if (self::$list === null) {
            $lines = file(base_path(self::LIST), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
            self::$list = array_values(
                array_filter($lines, static fn (string $line): bool => ! str_starts_with($line, '#')),
            );
            usort(self::$list, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));
        }

        return self::$list;
    }
}
