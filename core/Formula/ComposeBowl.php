<?php

declare(strict_types=1);

namespace Core\Formula;

use Closure;
use Core\CoreException;
use Core\Shelf\Ingredient;
use Core\Shelf\Line;
use Core\Shelf\PartRole;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\Shelf;
use Core\Units\Amount;
use Core\Units\Fraction;
use Core\Units\Share;

/**
 * Makes a bowl of what is written: finds on the shelf what it names, and says what does not fit and where. This is the
 * one door to a bowl; reading one from outside and changing one both come through here.
 */
final class ComposeBowl
{
    /** @var array<string, true> products named so far in this bowl */
    private array $seen = [];

    private bool $sound = true;

    /**
     * @param  Closure(list<string|int>, CoreException): void  $complain  with the way to the place, member by member
     */
    private function __construct(
        private readonly BowlDraft $draft,
        private readonly Shelf $shelf,
        private readonly Closure $complain,
    ) {
    }

    /** @throws CoreException the first thing that does not fit */
    public static function of(BowlDraft $draft, Shelf $shelf): BowlSheet
    {
        $stop = static fn (array $place, CoreException $refusal): never => throw $refusal;

        return (new self($draft, $shelf, $stop))->sheet() ?? throw UnworkableBowl::nothing();
    }

    /**
     * @param  Closure(list<string|int>, CoreException): void  $complain  told everything that does not fit; null is
     *     returned then
     */
    public static function telling(BowlDraft $draft, Shelf $shelf, Closure $complain): ?BowlSheet
    {
        return (new self($draft, $shelf, $complain))->sheet();
    }

    private function sheet(): ?BowlSheet
    {
        if (preg_match('/^[A-Z]{1,4}$/', $this->draft->letter) !== 1) {
            $this->complain(['letter'], UnfitProduct::letter());
        }
        $line = $this->shelf->line($this->draft->line);
        if ($line === null) {
            $this->complain(['line'], UnfitProduct::noLine());
        }
        if ($this->draft->entries === []) {
            $this->complain(['parts'], UnfitProduct::empty());
        }
        $filled = [];
        foreach ($this->draft->entries as $part => $entries) {
            $filled[] = $this->fill($part, $entries, $line);
        }
        $additives = $this->additives();
        $bowl = $line === null || ! $this->sound ? null : $this->known($filled, $additives, $line);

        return $this->sound && $line !== null ? new BowlSheet(
            $this->draft,
            $filled,
            $additives,
            $bowl,
            $line->developerPart(),
        ) : null;
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<FilledEntry>
     */
    private function fill(int $part, array $entries, ?Line $line): array
    {
        if ($entries === []) {
            $this->complain(['parts', $part, 'ingredients'], UnworkableBowl::emptyPart(self::name($part, $line)));
        }
        $filled = [];
        foreach ($entries as $at => $entry) {
            $place = ['parts', $part, 'ingredients', $at];
            $one = match (true) {
                $entry->blend !== '' => $this->blend($entry, $place),
                $entry->product === '' && $entry->words !== '' => new FilledEntry($entry, [
                    [
                        'product' => Product::unnamed($entry->words, self::kindOf($part, $line)),
                        'share' => Fraction::one(),
                    ],
                ]),
                default => $this->product($entry, $part, $line, $place),
            };
            if ($one !== null) {
                $filled[] = $one;
            }
        }

        return $filled;
    }

    /** @param  list<string|int>  $place */
    private function product(Entry $entry, int $part, ?Line $line, array $place): ?FilledEntry
    {
        $product = $this->found($entry->product, [...$place, 'product'], once: true);
        if ($product === null || ! $this->fits($product, $part, $line, [...$place, 'product'])) {
            return null;
        }
        $alternatives = [];
        foreach ($entry->alternatives as $at => $id) {
            $other = $this->found($id, [...$place, 'or', $at], once: false);
            if ($other !== null && $this->fits($other, $part, $line, [...$place, 'or', $at])) {
                $alternatives[] = $other;
            }
        }

        return new FilledEntry($entry, [['product' => $product, 'share' => Fraction::one()]], $alternatives);
    }

    /** @param  list<string|int>  $place */
    private function blend(Entry $entry, array $place): ?FilledEntry
    {
        $version = $entry->version ?? 1;
        $blend = $this->shelf->blend($entry->blend, $version);
        if ($blend === null) {
            $this->complain([...$place, 'blend'], UnfitProduct::noSuchBlend($entry->blend, $version));

            return null;
        }
        $products = [];
        try {
            foreach ($blend->shares() as ['key' => $key, 'share' => $share]) {
                $product = $this->found($key, [...$place, 'blend'], once: false);
                if ($product !== null) {
                    $products[] = ['product' => $product, 'share' => $share];
                }
            }
        } catch (CoreException $refusal) {
            $this->complain([...$place, 'blend'], $refusal);
        }

        return $products === [] ? null : new FilledEntry($entry, $products);
    }

    /** @param  list<string|int>  $place */
    private function found(string $id, array $place, bool $once): ?Product
    {
        $product = $this->shelf->product($id);
        if ($product === null) {
            $this->complain($place, $id === '' ? UnfitProduct::notChosen() : UnfitProduct::notOnShelf());

            return null;
        }
        if ($once && isset($this->seen[$id])) {
            $this->complain($place, UnfitProduct::twice($product->label()));

            return null;
        }
        if ($once) {
            $this->seen[$id] = true;
        }

        return $product;
    }

    /**
     * Whether the product may go into this part of this line's bowl. What was left of another bowl may go into any.
     *
     * @param  list<string|int>  $place
     */
    private function fits(Product $product, int $part, ?Line $line, array $place): bool
    {
        $role = $line->order[$part] ?? PartRole::USUAL[$part] ?? PartRole::Base;
        $refusal = match (true) {
            $role === PartRole::Colour
                && $product->kind === ProductKind::Developer => UnfitProduct::developerAsColour($product->label()),
            $role === PartRole::Colour
                && ! $product->kind->countsInRatio() => UnfitProduct::outsideRatio($product->name),
            $line === null => null,
            $role === PartRole::Developer && ! in_array(
                $product->id,
                $line->developers,
                true,
            ) => UnfitProduct::noSuchDeveloper(
                $line->name,
                $product->name,
                $this->developersOf($line),
            ),
            default => null,
        };
        if ($refusal !== null) {
            $this->complain($place, $refusal);
        }

        return $refusal === null;
    }

    /** @return list<Additive> */
    private function additives(): array
    {
        $additives = [];
        foreach ($this->draft->additives as $at => ['product' => $id, 'dose' => $dose]) {
            $product = $this->found($id, ['additives', $at, 'product'], once: true);
            if ($product !== null) {
                $additives[] = new Additive($product->id, $product->label(), $dose);
            }
        }

        return $additives;
    }

    /**
     * The bowl of which everything is known; null where anything is not.
     *
     * @param  list<list<FilledEntry>>  $filled
     * @param  list<Additive>  $additives
     */
    private function known(array $filled, array $additives, Line $line): ?Bowl
    {
        $parts = [];
        $ratio = $this->draft->ratio;
        if ($ratio !== null && count($ratio->parts) !== count($filled)) {
            $this->complain(['ratio'], UnworkableBowl::partsDiffer(count($ratio->parts), count($filled)));

            return null;
        }
        foreach ($filled as $part => $entries) {
            try {
                $ingredients = self::ingredients($entries);
                $parts[] = $ingredients === null ? null : new Part(self::name($part, $line), $ingredients);
            } catch (CoreException $refusal) {
                $this->complain(['parts', $part, 'ingredients'], $refusal);
            }
        }
        if (! $this->sound) {
            return null;
        }
        $amount = $this->amount($parts[0] ?? null);
        $known = array_values(array_filter($parts, static fn (?Part $part): bool => $part !== null));
        $beside = array_filter($additives, static fn (Additive $each): bool => ! $each->isKnown()) === []
            && array_filter($this->draft->extras, static fn (Extra $each): bool => ! $each->amount->isKnown()) === [];

        return $ratio === null
            || $amount === null
            || ! $amount->amount->isKnown()
            || ! $beside
            || count($known) !== count($parts)
            || $known === []
            ? null
            : new Bowl(
                ratio: $ratio,
                parts: $known,
                amount: $amount,
                additives: $additives,
                extras: $this->draft->extras,
                developerPart: $line->developerPart(),
            );
    }

    /** Jobs it serves say how much it is; so do its colours' own grams, where nothing else does. */
    private function amount(?Part $colour): ?BowlAmount
    {
        if ($this->draft->uses !== []) {
            return $this->draft->amountOfUses();
        }

        return $this->draft->amount ?? ($colour?->shares->givesWhole() === true ? BowlAmount::shares() : null);
    }

    /**
     * @param  list<FilledEntry>  $entries
     * @return ?list<Ingredient> null where an amount is not known, or it is in doubt which developer it was
     */
    private static function ingredients(array $entries): ?array
    {
        $found = [];
        foreach ($entries as $entry) {
            $share = $entry->portion();
            $strengths = array_map(
                static fn (Product $each): string => $each->strength?->showVolume() ?? '',
                $entry->candidates(),
            );
            if ($share instanceof Amount && $share->isKnown()) {
                $share = Share::fixed($share->least);
            }
            $brings = array_filter(
                $entry->products,
                static fn (array $each): bool => $each['product']->volume !== null,
            );
            if ($share instanceof Amount || $brings !== [] || count(array_unique($strengths)) > 1) {
                return null;
            }
            array_push($found, ...$entry->ingredients($share));
        }

        return $found;
    }

    /** @param  list<string|int>  $place */
    private function complain(array $place, CoreException $refusal): void
    {
        $this->sound = false;
        ($this->complain)($place, $refusal);
    }

    private static function name(int $part, ?Line $line): string
    {
        return match ($line->order[$part] ?? PartRole::USUAL[$part] ?? PartRole::Base) {
            PartRole::Colour => 'colour',
            PartRole::Developer => 'developer',
            PartRole::Base => $part === 3 ? 'fourth part' : 'third part',
        };
    }

    private static function kindOf(int $part, ?Line $line): ProductKind
    {
        return match ($line->order[$part] ?? PartRole::USUAL[$part] ?? PartRole::Base) {
            PartRole::Colour => ProductKind::Shade,
            PartRole::Developer => ProductKind::Developer,
            PartRole::Base => ProductKind::Base,
        };
    }

    private function developersOf(Line $line): string
    {
        return implode(
            ', ',
            array_map(
                static fn (Product $product): string => $product->strength?->show() ?? $product->name,
                $this->shelf->developersOf($line),
            ),
        );
    }
}
