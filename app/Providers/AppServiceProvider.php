<?php

declare(strict_types=1);

namespace App\Providers;

use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Formulas\LearntRows;
use App\Formulas\PackRows;
use App\Formulas\PastUses;
use App\Formulas\SalonShelf;
use App\Formulas\StockRows;
use App\Formulas\VisitTimes;
use App\Kept\HeardConnection;
use App\Kept\KeptValues;
use App\Kept\Reads;
use App\Kept\Turns;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Client;
use App\Models\ClientMatch;
use App\Models\ColourLine;
use App\Models\ContraindicationNote;
use App\Models\Developer;
use App\Models\Invitation;
use App\Models\Measure;
use App\Models\Photo;
use App\Models\Proposal;
use App\Models\Round;
use App\Models\ScaleFormat;
use App\Models\ServiceTemplate;
use App\Models\Shade;
use App\Models\SkinTest;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Photos\PhotoFiles;
use App\Photos\PhotosInRecord;
use App\Photos\PhotosOnDisk;
use App\Records\Editions;
use App\Records\WriteContext;
use App\Sealed\Seal;
use App\Words\Catalogue;
use Closure;
use Illuminate\Cache\ApcStore;
use Illuminate\Cache\ApcWrapper;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionCommitting;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    /**
     * What an address may name, and by which keys of which tables it belongs to a salon; without any it says so itself.
     */
    private const OWNED = [
        'template' => [ServiceTemplate::class, []],
        'format' => [ScaleFormat::class, []],
        'line' => [ColourLine::class, []],
        'shade' => [Shade::class, ['colour_line_id' => 'colour_lines']],
        'developer' => [Developer::class, []],
        'measure' => [Measure::class, []],
        'member' => [TeamMember::class, []],
        'invitation' => [Invitation::class, []],
        'client' => [Client::class, []],
        'second' => [Client::class, []],
        'match' => [ClientMatch::class, []],
        'visit' => [Visit::class, []],
        'round' => [Round::class, ['visit_id' => 'visits']],
        'bowl' => [Bowl::class, ['round_id' => 'rounds', 'visit_id' => 'visits']],
        'batch' => [Batch::class, ['bowl_id' => 'bowls', 'round_id' => 'rounds', 'visit_id' => 'visits']],
        'proposal' => [Proposal::class, ['from_visit_id' => 'visits']],
        'test' => [SkinTest::class, ['client_id' => 'clients']],
        'contraindication' => [ContraindicationNote::class, ['client_id' => 'clients']],
        'photo' => [Photo::class, ['client_id' => 'clients']],
    ];

    public function register(): void
    {
        // One of each a request: a visit of ten bowls reads its shelf once, each bowl once, and replays each batch
        // once.
        $this->app->singleton(Catalogue::class, fn (): Catalogue => Catalogue::of(app()->getLocale()));
        $this->app->singleton(
            Seal::class,
            fn (): Seal => new Seal(array_values(array_map(strval(...), (array) config('tinta.notes_keys')))),
        );
        $this->app->singleton(Turns::class);
        $this->app->singleton(Reads::class);
        Connection::resolverFor('mariadb', $this->heard(...));
        $this->app->singleton(KeptValues::class, fn (): KeptValues => new KeptValues(
            function_exists('apcu_enabled') && apcu_enabled()
                ? new ApcStore(new ApcWrapper, 'tinta ')
                : new ArrayStore(serializesValues: true),
        ));
        $this->app->bind(PhotoFiles::class, config('tinta.cluster') ? PhotosInRecord::class : PhotosOnDisk::class);
        $this->app->scoped(Editions::class);
        $this->app->scoped(StockRows::class);
        $this->app->scoped(PackRows::class);
        $this->app->scoped(SalonShelf::class);
        $this->app->scoped(BowlRows::class);
        $this->app->scoped(BatchRows::class);
        $this->app->scoped(PastUses::class);
        $this->app->scoped(VisitTimes::class);
        $this->app->scoped(LearntRows::class);
        $this->app->bind(StatefulGuard::class, fn (): StatefulGuard => Auth::guard('web'));
        $this->app->bind(WriteContext::class, fn (): WriteContext => WriteContext::of($this->app->make('request')));
    }

    public function boot(): void
    {
        Event::listen(
            QueryExecuted::class,
            fn (QueryExecuted $query) => $this->app->make(Turns::class)->heard($query->sql, $query->connection),
        );
        Event::listen(TransactionCommitting::class, fn () => $this->app->make(Turns::class)->count(Turns::EVERYBODY));
        JsonResource::withoutWrapping();
        // Relative addresses work behind any host name and port the salon reaches us by.
        Vite::createAssetPathsUsing(fn (string $path): string => "/{$path}");
        Model::preventSilentlyDiscardingAttributes();
        // Another salon's record does not exist, whatever else is wrong with a request; what a member may do with the
        // own is for the policies.
        foreach (self::OWNED as $name => [$model, $through]) {
            Route::bind($name, fn (string $id): Model => $this->owned($model, $through, $id));
        }
        // A bench posts a pour every few seconds and previews while typing; a runaway script does far more.
        RateLimiter::for(
            'api',
            fn (Request $request): Limit => Limit::perMinute(1200)->by(
                (string) ($request->user()?->getAuthIdentifier() ?? $request->ip()),
            ),
        );
    }

    /** @param  array<string, mixed>  $config */
    private function heard(PDO|Closure $pdo, string $name, string $prefix, array $config): Connection
    {
        return new HeardConnection(app(Reads::class), $pdo, $name, $prefix, $config);
    }

    /**
     * Said by joins: asking each model for the way to the next would take longer than the question.
     *
     * @param  class-string<Model>  $model
     * @param  array<string, string>  $through  tables by the key that leads to them, the salon's own last
     */
    private function owned(string $model, array $through, string $id): Model
    {
        $query = $model::query();
        if ($through === []) {
            return $query->where('salon_id', $this->salon())->findOrFail($id);
        }
        $from = $query->getModel()->getTable();

        return $query->whereExists(function (Builder $owner) use ($from, $through): void {
            foreach ($through as $key => $table) {
                if ($owner->from === null) {
                    $owner->from($table)->whereColumn("{$table}.id", "{$from}.{$key}");
                } else {
                    $owner->join($table, "{$table}.id", '=', "{$from}.{$key}");
                }
                $from = $table;
            }
            $owner->where("{$from}.salon_id", $this->salon());
        })->findOrFail($id);
    }

    private function salon(): int
    {
        $member = Auth::user();

        return $member instanceof TeamMember ? $member->salon_id : 0;
    }
}
