<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Core\Formula\BowlSheet;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\ChangeRefused;
use Core\Record\ReadChange;
use Core\Shelf\Shelf;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A change by what it is, or in a person's words. */
final class AdjustBowlRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'bowl' => ['required', 'array'],
            'change' => ['required_without:words', 'array:kind,value,from,to'],
            'change.kind' => ['required_without:words', Rule::enum(ChangeKind::class)],
            'change.*' => ['nullable', 'string', 'max:60'],
            'words' => ['required_without:change', 'string', 'max:500'],
        ];
    }

    /** @return array<string, mixed> */
    public function bowl(): array
    {
        return (array) $this->json('bowl');
    }

    /**
     * @return non-empty-list<Change>
     *
     * @throws ChangeRefused where the words say nothing that can be done
     */
    public function changes(BowlSheet $bowl, Shelf $shelf): array
    {
        if ($this->filled('change')) {
            return [Change::fromArray($this->array('change'))];
        }
        $words = $this->string('words')->trim()->value();
        $changes = ReadChange::from($words, [$bowl], $shelf);
        foreach ($changes as $change) {
            if ($change->kind === ChangeKind::Words) {
                throw ChangeRefused::notUnderstood($change->words);
            }
        }

        return $changes === [] ? throw ChangeRefused::notUnderstood($words) : $changes;
    }
}
