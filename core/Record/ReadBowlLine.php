<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\PartRole;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\MixRatio;
use Core\Units\Share;
use Core\Units\Strength;

/**
 * Reads bowls as they are written on cards: “30 6N + 15 6G, quarter 6A, 1:1.5 20 vol, root, 35 min, foils 20”, “equal
 * 7G 7C, 1:2 9 vol”, “as A, 30 vol”; in any order. A bare number before a code is grams; where all are small and whole
 * they are parts. What is not understood is given back as it was written, never guessed.
 */
final class ReadBowlLine
{
    /** A shade that is not on the shelf rather than so many grams, where the letter is large and stands at the number. */
    private const GOLD = '/^(?:[1-9]|1[0-2])G$/';

    /** Signs that join shades, where they stand within a code. */
    private const WITHIN = ['+' => "\u{E001}", '&' => "\u{E002}"];

    /** @var list<string> */
    private array $rest = [];

    /** @var list<array{Product, ?string}> */
    private array $found = [];

    private bool $equal = false;

    /** @var list<array{string, ?string}> volumes, and how much of them */
    private array $strengths = [];

    private ?string $ratio = null;

    private ?string $minutes = null;

    private ?string $foils = null;

    private ?string $as = null;

    private string $job = '';

    /** @var ?array{of: string, grams: string} */
    private ?array $amount = null;

    private PlaceWords $places;

    private function __construct(private readonly Shelf $shelf, private readonly Line $line)
    {
        $this->places = new PlaceWords;
    }

    /**
     * @param  string  $text  one bowl a line
     * @param  string  $usual  id of the colour line where nothing says which
     * @return list<BowlLine>
     */
    public static function all(string $text, Shelf $shelf, string $usual): array
    {
        $lines = preg_split('/\R/u', $text) ?: [];

        return array_values(array_map(
            static fn (string $line): BowlLine => self::of($line, $shelf, $usual),
            array_filter($lines, static fn (string $line): bool => trim($line) !== ''),
        ));
    }

    public static function of(string $text, Shelf $shelf, string $usual): BowlLine
    {
        $letter = null;
        if (preg_match('/^\s*(?:bowl\s+)?([A-Z])\s*[:)]\s*/u', $text, $m) === 1) {
            $letter = $m[1];
            $text = substr($text, strlen($m[0]));
        }
        $best = null;
        $found = -1;
        $lines = $shelf->lines();
        // The usual one first: of two lines that know all the codes, it is the one that is meant.
        usort($lines, static fn (Line $one, Line $other): int => ($other->id === $usual) <=> ($one->id === $usual));
        foreach ($lines as $line) {
            $read = new self($shelf, $line);
            $named = $read->read($text);
            $own = array_filter($read->found, static fn (array $each): bool => $each[0]->line === $line->id);
            $score = 2 * count($own) + ($named ? 100 : 0) - count($read->rest);
            if ($best === null || $score > $found) {
                [$best, $found] = [$read, $score];
            }
        }

        return $best?->made($letter) ?? new BowlLine(
            letter: $letter,
            as: null,
            line: '',
            ratio: null,
            parts: [],
            additives: [],
            amount: null,
            place: null,
            minutes: null,
            job: '',
            rest: [$text],
        );
    }

    /** @return bool whether the text names this line */
    private function read(string $text): bool
    {
        // At the very beginning, or by itself between commas; anywhere else it is the word for an amount.
        if (preg_match('/^\s*[“"]([^”"]{1,80})[”"]|(?<=,)\s*[“"]([^”"]{1,80})[”"]\s*(?=,|$)/u', $text, $m) === 1) {
            $this->job = trim($m[count($m) - 1]);
            $text = str_replace($m[0], ',', $text);
        }
        $text = $this->keptWhole($text);
        $named = stripos($text, $this->line->name) !== false;
        $text = $named ? str_ireplace($this->line->name, ',', $text) : $text;
        foreach (preg_split('/(?<!\d),|,(?!\d)|;|\s[·|]\s/u', $text) ?: [] as $segment) {
            $this->segment(trim($segment));
        }

        return $named;
    }

    /** What joins shades is no join within a code: “Red +” is one shade, where “Red” by itself is none. */
    private function keptWhole(string $text): string
    {
        $codes = [];
        foreach ($this->shelf->productsOf($this->line) as $product) {
            foreach ([$product->code, $product->name] as $code) {
                if ($code !== '' && strpbrk($code, '+&') !== false && ! $product->withdrawn) {
                    $codes[] = $code;
                }
            }
        }
        usort($codes, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));
        foreach ($codes as $code) {
            [$bare] = $this->product([trim($code, ' +&')], 0);
            $behind = $bare === null ? '(?=[\\s,;+&]|$)' : '(?=\\s*(?:[,;+&]|$))';
            $text = (string) preg_replace_callback(
                '/(?<![\\p{L}\\p{N}])'.str_replace(' ', '\\s*', preg_quote($code, '/')).$behind.'/iu',
                static fn (): string => strtr($code, self::WITHIN),
                $text,
            );
        }

        return $text;
    }

    private function segment(string $segment): void
    {
        $number = CardAmount::NUMBER;
        $segment = $this->take('/^(?:same\s+)?as\s+(?:bowl\s+)?([A-Z])\b/iu', $segment, function (array $m): void {
            $this->as = strtoupper($m[1]);
        });
        $segment = $this->take('/\b(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(?:min(?:ute)?s?\b|[\'’])/iu', $segment, function (array $m): void {
            $this->minutes = isset($m[2]) && $m[2] !== '' ? "{$m[1]}-{$m[2]}" : $m[1];
        });
        $kind = '(?:(fine|chunky|slice|back-?combed)\s+)?';
        $foils = "/\\b{$kind}foils?\\s*[:×x]?\\s*(\\d{1,3})\\b|\\b(\\d{1,3})\\s*{$kind}foils?\\b/iu";
        $segment = $this->take($foils, $segment, function (array $m): void {
            $this->foils = $m[2] !== '' ? $m[2] : ($m[3] ?? '');
            $this->places->foiled($m[1] !== '' ? $m[1] : ($m[4] ?? ''));
        });
        $segment = $this->take('/\b(?:no|without)\s+developer\b/iu', $segment, function (): void {
            $this->ratio = 'no developer';
        });
        $segment = $this->take("/\\b(?:in\\s+all|total|makes?)\\s*:?\\s*({$number})\\s*(g|oz|ml)?\\b|\\b({$number})\\s*(g|oz|ml)\\s*(?:in\\s+all|total|mixture)\\b/iu", $segment, function (array $m): void {
            [$grams, $unit] = $m[1] !== '' ? [$m[1], $m[2] ?? ''] : [$m[3] ?? '', $m[4] ?? ''];
            $this->amount = ['of' => 'total', 'grams' => trim($grams.' '.($unit === '' ? 'g' : $unit))];
        });
        $segment = $this->take("/\\b({$number})\\s*(g|oz|ml)\\s*(?:of\\s+)?(colou?r|developer)\\b/iu", $segment, function (array $m): void {
            $this->amount = [
                'of' => strtolower($m[3]) === 'developer' ? 'developer' : 'colour',
                'grams' => "{$m[1]} {$m[2]}",
            ];
        });
        $segment = $this->take(
            "/(?<![\\d:])((?:{$number})\\s*:\\s*(?:{$number})(?:\\s*:\\s*(?:{$number}))?)(?![\\d:])/u",
            $segment,
            fn (array $m) => $this->proportion($m[1]),
        );
        $segment = $this->take("/(?:^|\\s)(1\\s*\\+\\s*(?:{$number}))$/u", $segment, fn (array $m) => $this->proportion($m[1]));
        // “6G 20 vol” is a shade and a strength, whether the line has it or not; “45 g 20 vol” is grams of it.
        $isShade = preg_match("/\\b((?:{$number})g)\\s+(?:{$number})\\s*vol/iu", $segment, $m) === 1
            && (preg_match(self::GOLD, $m[1]) === 1 || $this->product([$m[1]], 0)[0] !== null);
        $grams = $isShade ? '()' : "(?:\\b((?:{$number})\\s*(?:g|%|parts?)|\\d+\\/\\d+)\\s*(?:of\\s+)?)?";
        $segment = $this->take("/{$grams}\\b({$number})(?:\\s*\\+\\s*({$number}))?\\s*vol(?:ume)?s?\\b/iu", $segment, function (array $m): void {
            $this->strengths[] = [$m[2], $m[1] === '' ? null : $m[1]];
            if (isset($m[3]) && $m[3] !== '') {
                $this->strengths[] = [$m[3], null];
            }
        }, many: true);
        $segment = $this->take("/^({$number})\\s*%\\s*(?:developer|dev|peroxide)?$/iu", $segment, function (array $m): void {
            $this->strengths[] = ["{$m[1]} %", null];
        });
        $this->products($segment);
    }

    private function proportion(string $text): void
    {
        try {
            $this->ratio = MixRatio::parse($text)->show();
        } catch (CoreException) {
            $this->rest[] = $text;
        }
    }

    /**
     * @param  callable(array<string>): void  $then
     * @return string the segment without it
     */
    private function take(string $pattern, string $segment, callable $then, bool $many = false): string
    {
        while (preg_match($pattern, $segment, $m) === 1) {
            $then($m);
            $at = (int) strpos($segment, $m[0]);
            $segment = trim(substr($segment, 0, $at).' '.substr($segment, $at + strlen($m[0])));
            if (! $many) {
                break;
            }
        }

        return $segment;
    }

    private function products(string $segment): void
    {
        $words = preg_split('/\s*[+&]\s*|\s+/u', $segment, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $named = $before = $raw = [];
        for ($at = 0; $at < count($words); $at++) {
            $isSmall = preg_match(CardAmount::SMALL, $words[$at]) === 1;
            [$product, $took] = $isSmall ? [null, 0] : $this->product($words, $at);
            if ($product === null) {
                $raw[] = $words[$at];

                continue;
            }
            $named[] = $product;
            $before[] = $raw;
            $raw = [];
            $at += $took - 1;
        }
        if ($named === []) {
            $this->nothingNamed($segment, $words);

            return;
        }
        $equal = preg_grep('/^equal(?:ly)?$/iu', $words) !== [];
        $each = preg_grep('/^each$/iu', $words) !== [];
        if (! $equal && ! $each && preg_match('/[+&]/u', $segment) === 1) {
            // “6N 30 + 6G”: what stands before a plus is of what stands before it.
            foreach (preg_split('/\s*[+&]\s*/u', $segment, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
                $this->products($piece);
            }

            return;
        }
        $this->equal = $this->equal || $equal || $each;
        $amounts = [];
        foreach ($before as $at => $said) {
            [$amounts[$at], $unread] = CardAmount::atTheEndOf($said);
            $this->notProducts($unread);
        }
        [$behind, $unread] = CardAmount::atTheBeginningOf($raw);
        $all = array_values(array_filter([...$amounts, $behind], static fn (?string $each): bool => $each !== null));
        $amounts = match (true) {
            // “6N and 6G 30 each”
            $each && count($all) === 1 => array_fill(0, count($named), $all[0]),
            // “equal 30 6N 6G”: of each, or of all? It is given back.
            $equal && count($all) < count($named) => array_fill(0, count($named), null),
            // “6N 30, 6G 15”, “6A a quarter”: all said behind it.
            $behind !== null && $amounts[0] === null && count($all) === count($named) && ! $equal => $all,
            $behind !== null && $amounts[count($named) - 1] === null && ! $equal => [
                ...array_slice($amounts, 0, -1),
                $behind,
            ],
            default => $amounts,
        };
        $this->notProducts(in_array($behind, [null, ...$amounts], true) ? $unread : $raw);
        if ($equal && ! in_array($all[0] ?? null, [null, $behind, ...$amounts], true)) {
            $this->rest[] = $all[0];
        }
        foreach ($named as $at => $product) {
            $this->found[] = [$product, $amounts[$at]];
        }
    }

    /**
     * A stretch between commas that names no product.
     *
     * @param  list<string>  $words
     */
    private function nothingNamed(string $segment, array $words): void
    {
        $said = implode(' ', $words);
        $isGrams = preg_match('/^\S*\d\S*\s*(?:g|oz|ml)$/iu', $said) === 1 && preg_match(self::GOLD, $said) !== 1;
        if ($this->found === [] && $isGrams) {
            $this->amount ??= ['of' => 'total', 'grams' => $said];

            return;
        }
        $this->equal = $this->equal || preg_grep('/^(?:equal|each)/iu', $words) !== [];
        $this->notProducts($words, $segment);
    }

    /**
     * Places and techniques, or what nobody understands.
     *
     * @param  list<string>  $words
     * @param  ?string  $text  as they were written; null where that is no more known
     */
    private function notProducts(array $words, ?string $text = null): void
    {
        if (preg_grep(CardAmount::SMALL, $words, PREG_GREP_INVERT) === []) {
            return;
        }
        $unread = $this->places->read($text ?? implode(' ', $words));
        if ($unread !== '') {
            $this->rest[] = $unread;
        }
    }

    /**
     * @param  list<string>  $words
     * @return array{?Product, int} and how many words name it
     */
    private function product(array $words, int $at): array
    {
        for ($length = min(3, count($words) - $at); $length > 0; $length--) {
            $said = implode(' ', array_slice($words, $at, $length));
            $name = mb_strtolower(strtr($said, array_flip(self::WITHIN)));
            foreach ($this->shelf->productsOf($this->line) as $product) {
                if (
                    ! $product->withdrawn
                    && in_array($name, [mb_strtolower($product->code), mb_strtolower($product->name)], true)
                ) {
                    return [$product, $length];
                }
            }
            // Of another line, where only one product bears the name: a filler, a shield.
            $elsewhere = array_values(array_filter($this->elsewhere(), static fn (Product $each): bool => in_array(
                $name,
                [mb_strtolower($each->code), mb_strtolower($each->name)],
                true,
            )));
            if (count($elsewhere) === 1) {
                return [$elsewhere[0], $length];
            }
        }

        return [null, 0];
    }

    /** @return list<Product> of the other lines */
    private function elsewhere(): array
    {
        $found = [];
        foreach ($this->shelf->lines() as $line) {
            array_push($found, ...($line->id === $this->line->id ? [] : $this->shelf->productsOf($line)));
        }

        return array_values(array_filter($found, static fn (Product $each): bool => ! $each->withdrawn));
    }

    private function made(?string $letter): BowlLine
    {
        $ratio = $this->ratio === null || $this->ratio === 'no developer'
            ? $this->line->ratio
            : MixRatio::parse($this->ratio);
        $roles = array_slice($this->line->order, 0, count($ratio->parts));
        $parts = array_fill(0, count($ratio->parts), []);
        $additives = [];
        $arePriced = array_filter($this->found, static fn (array $each): bool => $each[1] !== null) !== [];
        $numbersArePart = CardAmount::areParts(array_column($this->colours(), 1));
        foreach ($this->found as [$product, $said]) {
            $part = $this->line->partOf($product->role());
            if (
                $product->kind === ProductKind::Care
                && $this->line->kind !== LineKind::Care
                && count($ratio->parts) > 2
            ) {
                // In a mix of three, what colours nothing is the third.
                $part = $this->line->partOf(PartRole::Base);
            }
            $share = match (true) {
                $said !== null => CardAmount::share($said, $numbersArePart),
                $part !== 0 || (($this->equal || ! $arePriced) && count($this->colours()) === 1) => 'all',
                $this->equal || ! $arePriced => '1',
                default => '?',
            };
            if ($part === null || ! isset($parts[$part])) {
                $additives[] = ['product' => $product->id, 'dose' => $said === null ? '?' : $share];
            } else {
                $parts[$part][] = ['product' => $product->id, 'share' => $share];
            }
        }
        $this->developer($parts, $roles);
        $without = $this->ratio === 'no developer'
            || ! in_array(PartRole::Developer, $roles, true)
            || count($ratio->parts) < 2;
        if ($without) {
            $parts = [$parts[0] ?? []];
        }
        foreach ($parts as $at => $entries) {
            if ($entries === [] && $at > 0) {
                $parts[$at] = [['words' => 'not said', 'share' => 'all']];
            }
        }

        return new BowlLine(
            letter: $letter, as: $this->as, line: $this->line->id, ratio: $without ? 'no developer' : $this->ratio,
            parts: array_values($parts), additives: $additives, amount: $this->amount,
            place: $this->places->place($this->foils),
            minutes: $this->minutes, job: $this->job,
            rest: array_map(
                static fn (string $each): string => strtr($each, array_flip(self::WITHIN)),
                $this->rest,
            ),
        );
    }

    /** @return list<array{Product, ?string}> */
    private function colours(): array
    {
        return array_values(array_filter(
            $this->found,
            static fn (array $each): bool => ! in_array(
                $each[0]->kind,
                [ProductKind::Additive, ProductKind::Base, ProductKind::Care],
                true,
            ),
        ));
    }

    /**
     * @param  array<int, list<array<string, string>>>  $parts
     * @param  list<PartRole>  $roles
     */
    private function developer(array &$parts, array $roles): void
    {
        $at = array_search(PartRole::Developer, $roles, true);
        if ($at === false || $this->strengths === []) {
            return;
        }
        foreach ($this->strengths as [$volume, $said]) {
            try {
                $wanted = str_ends_with($volume, '%')
                    ? Strength::parse($volume)
                    : Strength::ofVolume(Fraction::parse(str_replace(',', '.', $volume)));
                $entries = $this->shelf->developersReaching($this->line, $wanted);
                // Of one that is mixed of others, each takes its part of what was said.
                $whole = match (true) {
                    $said !== null => Share::parse($said),
                    count($this->strengths) > 1 => Share::parts(Fraction::one()),
                    default => null,
                };
                foreach ($entries as $entry) {
                    $parts[$at][] = ['product' => $entry['product'], 'share' => match (true) {
                        count($entries) > 1 => $whole?->times(Fraction::parse($entry['share']))->text() ?? $entry['share'],
                        $said !== null => $said,
                        default => $whole?->text() ?? 'all',
                    }];
                }
            } catch (CoreException) {
                $this->rest[] = str_ends_with($volume, '%') ? $volume : "{$volume} vol";
            }
        }
    }
}
