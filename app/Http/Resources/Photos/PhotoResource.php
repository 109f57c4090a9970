<?php

declare(strict_types=1);

namespace App\Http\Resources\Photos;

use App\Enums\PhotoKind;
use App\Models\Photo;
use App\Photos\MarkedSpot;
use App\Words\Say;
use Core\Fact;
use Core\Judgement\MatchedColour;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;

/** @property Photo $resource */
final class PhotoResource extends JsonResource
{
    private ?MarkedSpot $target = null;

    /** The target that this client's result is judged against: the newest one that somebody marked. */
    public static function targetOf(Photo $photo): ?MarkedSpot
    {
        return self::targetAmong(
            Photo::query()
                ->where('client_id', $photo->client_id)
                ->where('kind', PhotoKind::Target)
                ->whereNotNull('spot')
                ->get(),
        );
    }

    /** @param  Collection<int, Photo>  $photos */
    public static function targetAmong(Collection $photos): ?MarkedSpot
    {
        $target = $photos->filter(
            static fn (Photo $each): bool => $each->kind === PhotoKind::Target
            && $each->spot !== null,
        )
            ->sortByDesc('taken_at')
            ->first();

        return $target === null ? null : MarkedSpot::from($target->spot);
    }

    public function against(?MarkedSpot $target): self
    {
        $this->target = $target;

        return $this;
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $photo = $this->resource;

        return [
            'id' => $photo->id,
            'kind' => $photo->kind->value,
            'visit' => $photo->visit_id,
            'width' => $photo->width,
            'height' => $photo->height,
            'note' => $photo->note, 'takenAt' => $photo->taken_at->toIso8601String(), 'by' => $photo->taker->name,
            'spot' => $this->spot(MarkedSpot::from($photo->spot)),
        ];
    }

    /** @return ?array<string, mixed> */
    private function spot(?MarkedSpot $spot): ?array
    {
        if ($spot === null) {
            return null;
        }
        $give = number_format($spot->seen->uncertainty(), 1);
        $match = $this->target === null || $this->resource->kind !== PhotoKind::After
            ? null
            : MatchedColour::of($spot->seen, $this->target->seen);

        return [
            'x' => $spot->x, 'y' => $spot->y, 'radius' => $spot->radius, 'white' => $spot->white,
            'swatch' => $spot->seen->colour->hex(),
            'level' => $spot->level,
            'tone' => $spot->tone,
            'words' => Say::name("level {$spot->level}, ".implode('-', $spot->tone)),
            'sure' => Say::words(
                $spot->white === null
                    ? Fact::of('photos.light.unknown', give: $give)
                    : Fact::of('photos.light.known', give: $give),
            ),
            'match' => $match === null ? '' : Say::words($match->fact),
        ];
    }
}
