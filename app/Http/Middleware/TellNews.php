<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Kept\Turns;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Proposal;
use App\Models\Round;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Records\WriteContext;
use Closure;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Symfony\Component\HttpFoundation\Response;

/**
 * Once a write is kept, the salon's other devices hear that something of that visit is new. They hear it before the
 * write is answered: a process that is killed in between leaves its device without an answer, which sends it again,
 * and then it is told. Where the bridge is away it gets lost: every page also asks by itself now and then.
 */
final readonly class TellNews
{
    private const PATIENCE_SECONDS = 0.2;

    public function __construct(private Repository $config, private Turns $turns)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $before = $this->turns->counted;
        $response = $next($request);
        // A question is posted too where it may be long: nothing is new after it.
        if ($this->turns->counted > $before || WriteContext::of($request)->known) {
            $this->tell($request, $response);
        }

        return $response;
    }

    private function tell(Request $request, Response $response): void
    {
        $port = $this->config->get('tinta.bridge');
        $member = $request->user();
        // Each pour is the bench's own affair; that a bowl is mixed is everybody's.
        $pours = $request->input('kind') === 'poured';
        if (
            $request->isMethodSafe()
            || ! $response->isSuccessful()
            || ! $member instanceof TeamMember
            || ! is_int($port)
            || $port === 0
            || $pours
        ) {
            return;
        }
        $socket = @fsockopen('127.0.0.1', $port, $code, $error, self::PATIENCE_SECONDS);
        if ($socket !== false) {
            $query = http_build_query(['salon' => $member->salon_id, 'visit' => $this->visit($request)]);
            @fwrite(
                $socket,
                "POST /news/tell?{$query} HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 0\r\nConnection: close\r\n\r\n",
            );
            fclose($socket);
        }
    }

    /** Which visit it was about; empty where it was about none. */
    private function visit(Request $request): string
    {
        $route = $request->route();
        foreach ($route instanceof Route ? $route->parameters() : [] as $name => $about) {
            $visit = match (true) {
                $about instanceof Visit => $about->id,
                $about instanceof Round => $about->visit_id,
                $about instanceof Bowl => $about->round->visit_id,
                $about instanceof Batch => $about->bowl->round->visit_id,
                $about instanceof Proposal => $about->visit_id,
                // Answered as known: nothing was looked up.
                $name === 'visit' && is_string($about) => $about,
                default => null,
            };
            if ($visit !== null) {
                return $visit;
            }
        }

        return '';
    }
}
