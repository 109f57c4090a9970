<?php

declare(strict_types=1);

use App\Exceptions\EditedElsewhere;
use App\Exceptions\ScaleUnreachable;
use App\Http\Resources\NewerVersion;
use Core\CoreException;
use Core\Documents\Problem;
use Core\Documents\UnreadableDocument;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        using: function (): void {
            Route::middleware(['web', 'throttle:api'])->prefix('api')->group(base_path('routes/api.php'));
            Route::middleware('web')->group(base_path('routes/web.php'));
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // One origin serves page and API, so there is nothing to allow across origins.
        $middleware->remove(HandleCors::class);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        $exceptions->dontReport([CoreException::class, EditedElsewhere::class, ScaleUnreachable::class]);
        $exceptions->render(fn (UnreadableDocument $refusal) => response()->json([
            'message' => $refusal->getMessage(),
            'mend' => $refusal->mend(),
            'problems' => array_map(fn (Problem $problem): array => ['pointer' => $problem->pointer, 'message' => $problem->message, 'mend' => $problem->mend], $refusal->problems()),
        ], 422));
        $exceptions->render(fn (CoreException $refusal) => response()->json([
            'message' => $refusal->getMessage(),
            'mend' => $refusal->mend(),
            'problems' => [],
        ], 422));
        $exceptions->render(fn (EditedElsewhere $conflict) => response()->json([
            'message' => $conflict->getMessage(),
            'mend' => $conflict->mend(),
            'newer' => NewerVersion::of($conflict->newer())->resolve(),
        ], 409));
        $exceptions->render(fn (ScaleUnreachable $silence) => response()->json([
            'message' => $silence->getMessage(),
            'mend' => 'Check that the scale is on and its cable is in. Grams can be typed by hand.',
        ], 503));
        $exceptions->render(fn (NotFoundHttpException $missing, Request $request) => $request->is('api/*')
            ? response()->json(['message' => 'There is no such record in this salon.', 'mend' => 'Go back and open it from its list.'], 404)
            : null);
    })
    ->create();

$storage = getenv('TINTA_STORAGE');
if (is_string($storage) && $storage !== '') {
    $app->useStoragePath($storage);
}

return $app;
