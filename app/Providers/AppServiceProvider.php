<?php

declare(strict_types=1);

namespace App\Providers;

use App\Formulas\SalonShelf;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        // One shelf a request: a visit of ten bowls reads it once.
        $this->app->scoped(SalonShelf::class);
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
        // Relative addresses work behind any host name and port the salon reaches us by.
        Vite::createAssetPathsUsing(fn (string $path): string => "/{$path}");
        Model::preventSilentlyDiscardingAttributes();
        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(6)->by(mb_strtolower((string) $request->input('email')).'|'.$request->ip())
                ->response(fn (Request $request, array $headers) => response()->json([
                    'message' => 'Too many tries to sign in.', 'mend' => 'Wait a minute, then try again.',
                ], 429, $headers)),
            Limit::perMinute(60)->by((string) $request->ip()),
        ]);
        // A bench posts a pour every few seconds and previews while typing; a runaway script does far more.
        RateLimiter::for('api', fn (Request $request): Limit => Limit::perMinute(1200)->by((string) ($request->user()?->getAuthIdentifier() ?? $request->ip())));
    }
}
