<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Exceptions\EditedElsewhere;
use App\Formulas\SalonShelf;
use App\Models\Developer;
use App\Models\Salon;
use App\Records\Editions;
use App\Shelf\DeveloperDraft;
use App\Shelf\ShadeDraft;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Fact;
use Illuminate\Database\DatabaseManager;

/** A developer as it is written now. */
final readonly class SaveDeveloper
{
    private const MEANING = ['name', 'volume_hundredths', 'pack_cg'];

    public function __construct(
        private DatabaseManager $database,
        private Editions $editions,
        private SalonShelf $shelves,
    ) {
    }

    /**
     * @param  array<string, mixed>  $json  name, strength, pack, packCode, price
     *
     * @throws UnreadableDocument|EditedElsewhere
     */
    public function __invoke(Salon $salon, ?Developer $developer, int $version, array $json, bool $withdrawn): Developer
    {
        return $this->database->transaction(function () use (
            $salon,
            $developer,
            $version,
            $json,
            $withdrawn
        ): Developer {
            Salon::query()->lockForUpdate()->findOrFail($salon->id);
            $draft = DeveloperDraft::read($json, $this->shelves->of($salon)->readingFor(null));
            $problems = $draft->problems;
            $owner = ShadeDraft::packOf($salon, $draft->packCode, $developer?->productId());
            if ($owner !== null) {
                $problems[] = new Problem(
                    '/developer/packCode',
                    Fact::of('refusals.product.pack-code-taken', code: $draft->packCode, product: $owner),
                );
            }
            $twin = $salon->developers()->whereKeyNot($developer->id ?? 0)->where('withdrawn', false)
                ->where('name', $draft->name)
                ->where('volume_hundredths', $draft->columns()['volume_hundredths'])
                ->exists();
            if ($draft->strength !== null && $twin && ! $withdrawn) {
                $problems[] = new Problem(
                    '/developer/name',
                    Fact::of(
                        'refusals.product.developer-twice',
                        name: $draft->name,
                        strength: $draft->strength->show(),
                    ),
                );
            }
            if ($problems !== []) {
                throw UnreadableDocument::because($problems);
            }
            $saved = $developer === null
                ? new Developer(['salon_id' => $salon->id, 'version' => 0])
                : Developer::query()->lockForUpdate()->findOrFail($developer->id);
            if ($developer !== null && $saved->version !== $version) {
                throw EditedElsewhere::developer($saved);
            }
            $was = $saved->only(self::MEANING);
            $saved->fill([...$draft->columns(), 'withdrawn' => $withdrawn]);
            if ($saved->exists && $saved->isDirty(self::MEANING)) {
                $this->editions->keep(
                    $salon,
                    $saved->productId(),
                    [...$was, 'pack_cg' => $was['pack_cg']?->centigrams],
                );
            }
            $saved->fill(['version' => $saved->version + 1])->save();
            $this->shelves->forgetAll();

            return $saved;
        });
    }
}
