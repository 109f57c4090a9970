<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Kept\Turns;
use App\Logging\SafeReport;
use App\Models\TeamMember;
use App\Records\WriteContext;
use App\Words\Say;
use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Every write is one transaction: all of it is kept, or nothing. Where it loses a race for a row (a deadlock, a wait
 * that ran out, a key that another request has just taken) it is done anew and finds what the other has left. A write
 * with an id of its device is carried out once: sent again, it is answered as known.
 */
final readonly class WriteOnce
{
    private const TRIES = 8;

    /** Deadlock, lock wait ran out, duplicate key. */
    private const LOST_RACES = [1213, 1205, 1062];

    public function __construct(private DatabaseManager $database, private Application $app, private Turns $turns)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        $connection = $this->database->connection();
        $level = $connection->transactionLevel();
        $route = $request->route();
        $address = $route instanceof Route ? $route->parameters() : [];
        for ($try = 1; ; $try++) {
            $connection->beginTransaction();
            try {
                $response = $this->known($request, $connection) ?? $next($request);
                $failure = $response->exception ?? null;
            } catch (Throwable $thrown) {
                [$response, $failure] = [null, $thrown];
            }
            if ($response !== null && $response->isSuccessful()) {
                $member = $request->user();
                try {
                    $this->turns->count($member instanceof TeamMember ? $member->salon_id : Turns::EVERYBODY);
                    $connection->commit();

                    return $response;
                } catch (Throwable $thrown) {
                    // Another node of a cluster was sooner: what was not certified is nowhere, and is done anew.
                    [$response, $failure] = [null, $thrown];
                }
            }
            $this->takeBack($connection, $level);
            if ($try === self::TRIES || ! self::lostRace($failure)) {
                if ($failure !== null && self::lostRace($failure)) {
                    $this->app->make(SafeReport::class)->write($failure, $request);
                }

                return $response ?? throw ($failure ?? new \LogicException('No answer.'));
            }
            // As it came: another try reads every record of the address anew.
            foreach ($address as $name => $value) {
                $route->setParameter($name, $value);
            }
            $this->app->forgetScopedInstances();
            usleep(random_int(2_000, 15_000) * $try);
        }
    }

    /** Where the database has gone there is nothing to take back any more, and the next statement looks for it anew. */
    private function takeBack(Connection $connection, int $level): void
    {
        try {
            $connection->rollBack($level);
        } catch (PDOException) {
            $connection->disconnect();
        }
    }

    /** The answer to a write that was carried out before; null for one that is new. */
    private function known(Request $request, ConnectionInterface $connection): ?Response
    {
        $context = $this->app->make(WriteContext::class);
        $member = $request->user();
        if ($context->author !== null && (! $member instanceof TeamMember || $member->id !== $context->author)) {
            return new JsonResponse(
                [
                    'message' => Say::plain('This was made by somebody else.'),
                    'mend' => Say::plain('It waits on this device until that person signs in again.'),
                ],
                Response::HTTP_PRECONDITION_FAILED,
            );
        }
        if ($context->id === null || ! $member instanceof TeamMember) {
            return null;
        }
        $fingerprint = hash('sha256', "{$request->method()} {$request->path()} {$request->getContent()}");
        $new = $connection->table('writes')->insertOrIgnore([
            'id' => $context->id, 'team_member_id' => $member->id, 'fingerprint' => $fingerprint,
            'made_at' => $context->madeAt->format('Y-m-d H:i:s.v'), 'arrived_at' => now()->format('Y-m-d H:i:s.v'),
        ]) === 1;
        if ($new) {
            // No device tells of a write that is older than a month.
            if (random_int(1, 500) === 1) {
                $connection->table('writes')->where('arrived_at', '<', now()->subDays(60))->limit(2_000)->delete();
            }

            return null;
        }
        $known = $connection->table('writes')->where('id', $context->id)->first();

        if (
            $known !== null && $known->fingerprint === $fingerprint
            && (int) $known->team_member_id === $member->id
        ) {
            $context->known = true;

            return new JsonResponse(['already' => true]);
        }

        return new JsonResponse(
            [
                'message' => Say::plain('Something else was sent under the same id before.'),
                'mend' => Say::plain('Reload the page and do it again.'),
            ],
            Response::HTTP_UNPROCESSABLE_ENTITY,
        );
    }

    /** Another node's write took the whole transaction away before it came to its commit. */
    private static function takenAway(Throwable $failure): bool
    {
        return $failure instanceof PDOException
            && $failure->errorInfo === null
            && str_contains($failure->getMessage(), 'no active transaction');
    }

    public static function lostRace(?Throwable $failure): bool
    {
        for ($each = $failure; $each !== null; $each = $each->getPrevious()) {
            $code = $each instanceof QueryException || $each instanceof PDOException
                ? ($each->errorInfo[1] ?? null)
                : null;
            if (
                in_array($code, self::LOST_RACES, true)
                || $each instanceof \Illuminate\Database\DeadlockException
                || self::takenAway($each)
            ) {
                return true;
            }
        }

        return false;
    }
}
