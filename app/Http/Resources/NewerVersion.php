<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Resources\Bowls\BowlResource;
use App\Http\Resources\Clients\ClientResource;
use App\Http\Resources\House\HouseResource;
use App\Http\Resources\Shelf\DeveloperResource;
use App\Http\Resources\Shelf\LineResource;
use App\Http\Resources\Visits\CanvasResource;
use App\Http\Resources\Visits\VisitResource;
use App\Http\Resources\Weighing\BatchResource;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Canvas;
use App\Models\Client;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Message;
use App\Models\Salon;
use App\Models\Visit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use InvalidArgumentException;

/** The record that won a concurrent edit, in the shape its own page shows. */
final class NewerVersion
{
    public static function of(Model $record): JsonResource
    {
        return match (true) {
            $record instanceof Bowl => new BowlResource($record),
            $record instanceof Visit => new VisitResource($record),
            $record instanceof Canvas => new CanvasResource($record),
            $record instanceof Client => new ClientResource($record),
            $record instanceof Salon => new HouseResource($record),
            $record instanceof ColourLine => new LineResource($record),
            $record instanceof Developer => new DeveloperResource($record),
            $record instanceof Message => new MessageResource($record),
            $record instanceof Batch => new BatchResource($record),
            default => throw new InvalidArgumentException('No page shows '.$record::class.'.'),
        };
    }
}
