<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use App\Models\Bowl;
use Core\Timing\Side;
use Core\Timing\StampKind;
use Core\Units\Fraction;
use Core\Units\Rounding;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class StampRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(StampKind::class)],
            'words' => ['nullable', 'string', 'max:200'],
            'minutes' => ['nullable', 'integer', 'between:1,60', 'required_if:kind,more'],
            'batch' => ['nullable', 'uuid'],
            // A side of a later batch has no clock of its own: the batch has.
            'side' => ['nullable', Rule::enum(Side::class), 'prohibits:batch'],
            // What was seen, of which strands: of a look alone.
            'zone' => ['nullable', 'string', 'max:40', 'prohibited_unless:kind,checked', Rule::in($this->zones())],
            'strand' => ['nullable', 'string', 'max:160', 'prohibited_unless:kind,checked'],
            'level' => ['nullable', 'decimal:0,2', 'between:1,12', 'prohibited_unless:kind,checked'],
        ];
    }

    /** @return list<string> ids of the zones of the canvas */
    private function zones(): array
    {
        $bowl = $this->route('bowl');

        return $bowl instanceof Bowl ? array_column($bowl->round->visit->canvas->canvas['zones'] ?? [], 'id') : [];
    }

    /** @return array{zone: string, strand: string, level_hundredths: ?int} */
    public function seen(): array
    {
        $level = $this->filled('level') ? Fraction::parse($this->string('level')->value()) : null;

        return [
            'zone' => $this->string('zone')->value(),
            'strand' => $this->string('strand')->value(),
            'level_hundredths' => $level?->times(Fraction::of(100))->rounded(1, Rounding::HalfUp),
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function kind(): StampKind
    {
        return StampKind::from($this->string('kind')->value());
    }

    public function words(): string
    {
        return $this->string('words')->trim()->value();
    }

    /** Given beyond the plan. */
    public function minutes(): int
    {
        return $this->kind() === StampKind::More ? $this->integer('minutes') : 0;
    }

    /** Where the sides are timed apart; null for all of it. */
    public function side(): ?Side
    {
        return Side::tryFrom($this->string('side')->value());
    }

    /** Of a batch that has a clock of its own; null for the bowl's. */
    public function batch(): ?string
    {
        return $this->filled('batch') ? $this->string('batch')->lower()->value() : null;
    }
}
