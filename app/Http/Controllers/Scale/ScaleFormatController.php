<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scale;

use App\Http\Controllers\Controller;
use App\Http\Requests\Scale\LearnFormatRequest;
use App\Models\ScaleFormat;
use App\Words\Say;
use Core\Scale\GarbledLine;
use Core\Scale\LineFormat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How the house's scales write: learnt from lines that they sent, tried before it is kept. */
final class ScaleFormatController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $formats = ScaleFormat::query()->where('salon_id', $this->member($request)->salon_id)->orderBy('name')->get();

        return new JsonResponse(['formats' => array_values($formats->map(self::shape(...))->all())]);
    }

    /** What would be read of these lines; nothing is kept. */
    public function tried(LearnFormatRequest $request): JsonResponse
    {
        $format = $request->learnt();

        return new JsonResponse([
            'tellsStill' => $format->tellsStill(),
            'read' => array_map(fn (string $line): array => self::read($format, $line), $request->lines()),
        ]);
    }

    public function store(LearnFormatRequest $request): JsonResponse
    {
        $format = ScaleFormat::query()->updateOrCreate(
            ['salon_id' => $this->member($request)->salon_id, 'name' => $request->named()],
            ['example' => $request->lines(), 'format' => $request->learnt()->toArray()],
        );

        return new JsonResponse(self::shape($format), 201);
    }

    public function destroy(Request $request, ScaleFormat $format): JsonResponse
    {
        $format->delete();

        return $this->index($request);
    }

    /** @return array<string, mixed> */
    private static function shape(ScaleFormat $format): array
    {
        return [
            'id' => $format->id,
            'name' => $format->name,
            'example' => $format->example,
            'format' => $format->format,
        ];
    }

    /** @return array{line: string, says: string} */
    private static function read(LineFormat $format, string $line): array
    {
        try {
            $read = $format->read($line);
        } catch (GarbledLine $refusal) {
            return ['line' => $line, 'says' => Say::refusal($refusal)];
        }

        return ['line' => $line, 'says' => match (true) {
            $read->centigrams === null => 'too heavy',
            default => number_format($read->centigrams / 100, 1, '.', '').' g'.(
                $format->tellsStill() ? ($read->still ? ', still' : ', moving') : ''
            ),
        }];
    }
}
