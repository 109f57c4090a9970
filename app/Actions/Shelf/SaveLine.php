<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Exceptions\EditedElsewhere;
use App\Formulas\LineJson;
use App\Formulas\SalonShelf;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Salon;
use App\Records\Editions;
use App\Shelf\LineDraft;
use Core\Codec\UnreadableDocument;
use Illuminate\Database\DatabaseManager;
use LogicException;

/** A line as it is written now. What it was stays with the visits that were worked with it. */
final readonly class SaveLine
{
    private const MEANING = ['name', 'kind', 'ratio', 'min_minutes', 'target_minutes', 'max_minutes', 'legend'];

    public function __construct(
        private DatabaseManager $database,
        private Editions $editions,
        private SalonShelf $shelves,
        private DrawShades $draw,
    ) {
    }

    /**
     * @param  array<string, mixed>  $json  as a document writes a line
     *
     * @throws UnreadableDocument|EditedElsewhere
     */
    public function __invoke(
        Salon $salon,
        ?ColourLine $line,
        int $version,
        array $json,
        string $about,
        bool $withdrawn,
    ): ColourLine {
        return $this->database->transaction(function () use (
            $salon,
            $line,
            $version,
            $json,
            $about,
            $withdrawn
        ): ColourLine {
            Salon::query()->lockForUpdate()->findOrFail($salon->id);
            $draft = LineDraft::read($salon, $json, $line);
            if ($draft->problems !== []) {
                throw UnreadableDocument::because($draft->problems);
            }
            if ($draft->line === null) {
                throw new LogicException('A line without a fault was not read.');
            }
            $columns = LineJson::columns($draft->json, $draft->line);
            $developers = array_map(
                static fn (string $id): int => (int) substr($id, strlen('developer-')),
                $draft->line->developers,
            );
            if ($line === null) {
                $saved = ColourLine::query()->create(
                    [...$columns, 'salon_id' => $salon->id, 'about' => $about, 'withdrawn' => $withdrawn],
                );
                $saved->developers()->sync($developers);
            } else {
                $saved = ColourLine::query()->lockForUpdate()->findOrFail($line->id);
                if ($saved->version !== $version) {
                    throw EditedElsewhere::line($saved);
                }
                $was = [
                    ...$saved->only(self::MEANING),
                    'developers' => $saved->developers->map(fn (Developer $each): int => $each->id)->all(),
                ];
                $saved->fill([...$columns, 'about' => $about, 'withdrawn' => $withdrawn]);
                $meaning = $saved->isDirty(self::MEANING)
                    || array_diff($developers, $was['developers']) !== []
                    || array_diff($was['developers'], $developers) !== [];
                if ($meaning) {
                    $this->editions->keep($salon, LineJson::id($saved), $was);
                }
                $saved->fill(['version' => $version + 1])->save();
                $saved->developers()->sync($developers);
            }
            $saved->refresh();
            $this->shelves->forgetAll();
            ($this->draw)($saved);

            return $saved;
        });
    }
}
