<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

/** Bowls and canvas as they are being typed. */
final class PictureRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'canvas' => ['sometimes', 'array'],
            'drafts' => ['present', 'array', 'max:40'],
            'drafts.*' => ['array:id,round,bowl'],
            'drafts.*.id' => ['required', 'string', 'max:40'],
            'drafts.*.round' => ['required', 'string', 'max:40'],
            'drafts.*.bowl' => ['required', 'array'],
            'without' => ['sometimes', 'array', 'max:40'],
            'without.*' => ['string', 'max:40'],
        ];
    }

    /** @return ?array<string, mixed> */
    public function canvas(): ?array
    {
        $canvas = $this->json('canvas');

        return is_array($canvas) ? $canvas : null;
    }

    /** @return list<string> ids of bowls that are tried away */
    public function without(): array
    {
        return array_values((array) $this->json('without'));
    }

    /** @return array<string, array{sheet: array<string, mixed>, round: string}> by bowl id */
    public function drafts(): array
    {
        $drafts = [];
        foreach ((array) $this->json('drafts') as $draft) {
            $drafts[$draft['id']] = ['sheet' => $draft['bowl'], 'round' => $draft['round']];
        }

        return $drafts;
    }
}
