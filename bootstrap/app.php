<?php

declare(strict_types=1);

use App\Enums\Language;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\MachineTrouble;
use App\Exceptions\PasswordRefused;
use App\Exceptions\ScaleUnreachable;
use App\Http\Middleware\IdleLock;
use App\Http\Middleware\OwnersCode;
use App\Http\Middleware\PlainValues;
use App\Http\Middleware\QuietReads;
use App\Http\Middleware\SecureCookies;
use App\Http\Middleware\SpeakTheirWay;
use App\Http\Middleware\SureAgain;
use App\Http\Middleware\TellNews;
use App\Http\Middleware\WriteOnce;
use App\Http\Resources\NewerVersion;
use App\Kept\KeptAnswer;
use App\Logging\SafeReport;
use App\Logging\SecurityLog;
use App\Words\Say;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\CoreException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        using: function (): void {
            Route::middleware(['web', SecurityLog::class, SpeakTheirWay::class, 'throttle:api', PlainValues::class])
                ->prefix('api')
                ->group(base_path('routes/api.php'));
            Route::middleware('web')->group(base_path('routes/web.php'));
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Only proxies that are named may say who is behind them: elsewhere everybody could be anybody to the limits.
        $proxies = array_values(array_filter(explode(',', (string) (getenv('TINTA_PROXIES') ?: ''))));
        if ($proxies !== []) {
            $middleware->trustProxies(
                at: $proxies,
                headers: Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO | Request::HEADER_X_FORWARDED_HOST | Request::HEADER_X_FORWARDED_PORT,
            );
        }
        // The page itself says in which language it opens.
        $middleware->encryptCookies(except: [Language::COOKIE]);
        $middleware->web(prepend: [QuietReads::class, SecureCookies::class]);
        // One origin serves page and API, so there is nothing to allow across origins.
        $middleware->remove(HandleCors::class);
        $middleware->redirectGuestsTo('/sign-in');
        // What is no plain value is refused before anything reads it; a write begins before its records are looked up.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: IdleLock::class);
        // The doors are watched from just inside the session: whoever is refused behind it is told of.
        $middleware->appendToPriorityList(after: StartSession::class, append: SecurityLog::class);
        $middleware->alias(['kept' => KeptAnswer::class, 'sure' => SureAgain::class, 'code' => OwnersCode::class]);
        // Whoever must say their password again is told so before anything is looked up.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: SureAgain::class);
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: WriteOnce::class);
        // Told once it is kept, and not within what may still be taken back.
        $middleware->prependToPriorityList(before: WriteOnce::class, prepend: TellNews::class);
        // What was answered before is answered before anything is looked up.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: KeptAnswer::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        $exceptions->dontReport([CoreException::class, EditedElsewhere::class, ScaleUnreachable::class]);
        $exceptions->report(function (Throwable $failure): bool {
            // A race that was lost is run again; only one that is lost for good is news, and told where it is given up.
            if (! WriteOnce::lostRace($failure)) {
                resolve(SafeReport::class)->write($failure, app()->runningInConsole() ? null : request());
            }

            return false;
        });
        $exceptions->render(fn (PasswordRefused $refusal) => response()->json([
            'message' => Say::refusal($refusal), 'mend' => Say::mend($refusal->fact()), 'problems' => $refusal->wantsCode() ? [[
                'pointer' => '/code',
                'message' => Say::refusal($refusal),
                'mend' => Say::mend($refusal->fact()),
            ]] : [],
        ], $refusal->seconds() > 0 ? 429 : 422, $refusal->seconds() > 0 ? [
            'Retry-After' => (string) $refusal->seconds(),
        ] : []));
        $exceptions->render(fn (UnreadableDocument $refusal) => response()->json([
            'message' => Say::refusal($refusal),
            'mend' => Say::mend($refusal->fact()),
            'problems' => array_map(
                fn (Problem $problem): array => [
                    'pointer' => $problem->pointer,
                    'message' => Say::words($problem->fact),
                    'mend' => Say::mend($problem->fact),
                ],
                $refusal->problems(),
            ),
        ], 422));
        $exceptions->render(fn (CoreException $refusal) => response()->json([
            'message' => Say::refusal($refusal),
            'mend' => Say::mend($refusal->fact()),
            'problems' => [],
        ], 422));
        $exceptions->render(fn (EditedElsewhere $conflict) => response()->json([
            'message' => $conflict->getMessage(),
            'mend' => $conflict->mend(),
            'newer' => NewerVersion::of($conflict->newer())->resolve(),
        ], 409));
        $exceptions->render(function (QueryException|PDOException $failure, Request $request) {
            $trouble = MachineTrouble::of($failure);
            if ($trouble === null) {
                return null;
            }

            // The page itself needs nothing of the record: it says what is so, and asks again by itself.
            return $request->is('api/*') || ! $request->isMethod('GET') ? response()->json(
                ['message' => Say::words($trouble[1]), 'mend' => Say::mend($trouble[1]), 'problems' => []],
                $trouble[0],
                ['Retry-After' => '2'],
            ) : response()->view(
                'app',
                ['language' => Language::ofDevice($request)->value, 'door' => ''],
                $trouble[0],
                ['Retry-After' => '2'],
            );
        });
        $exceptions->render(fn (ScaleUnreachable $silence) => response()->json([
            'message' => $silence->getMessage(),
            'mend' => Say::plain('Check that the scale is on and its cable is in. Grams can be typed by hand.'),
        ], 503));
        $exceptions->render(function (AccessDeniedHttpException $denied, Request $request) {
            // A policy may say why; else the framework says it, in its own English.
            $own = ! in_array($denied->getMessage(), ['', 'This action is unauthorized.', 'Forbidden'], true);

            return ! $request->is('api/*') ? null : response()->json([
                'message' => $own ? $denied->getMessage() : Say::plain('That is not for you to do here.'),
                'mend' => Say::plain('Ask somebody who may: a colourist, or an owner of the salon.'),
                'problems' => [],
            ], 403);
        });
        $exceptions->render(fn (TooManyRequestsHttpException $many, Request $request) => $request->is('api/*')
            ? response()->json([
                'message' => Say::plain('Too much was asked at once.'),
                'mend' => Say::plain('Wait a moment, then do it again.'),
                'problems' => [],
            ], 429, $many->getHeaders())
            : null);
        $exceptions->render(fn (NotFoundHttpException $missing, Request $request) => $request->is('api/*')
            ? response()->json(
                [
                    'message' => Say::plain('There is no such record in this salon.'),
                    'mend' => Say::plain('Go back and open it from its list.'),
                ],
                404,
            )
            : null);
    })
    ->create();

$storage = getenv('TINTA_STORAGE');
if (is_string($storage) && $storage !== '') {
    $app->useStoragePath($storage);
}

return $app;
