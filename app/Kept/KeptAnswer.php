<?php

declare(strict_types=1);

namespace App\Kept;

use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * An answer is worked once while nothing it is made of has changed, and for as long as its minutes
 * hold; who has it already is told so without a word of it (ETag, 304). Once something was written, what the answer
 * was read from is asked for again, of the tables that were written alone: where the record says of it what it said,
 * the answer holds. A request that says `no-cache` is worked anew.
 *
 * `kept:SECONDS` says how long time alone may pass; an answer that holds longer, or shorter, says so with `holds`.
 * It is worked for each person apart; `kept:SECONDS,shared` is for what everybody of a salon with the same role sees
 * alike: of thirty devices that ask after a pour, one has it worked.
 *
 * `kept:SECONDS,asked` is for a question that is posted because it may be long, and writes nothing: the same again has
 * the same answer. What is being typed is never asked twice: it would only push what is asked again out of the memory.
 */
final readonly class KeptAnswer
{
    private const HOLDS = 'kept.holds';

    private const ASKED = 'asked';

    private const SHARED = 'shared';

    /** Seconds for which it is known what an answer was changed by the last time. */
    private const REMEMBERED = 3600;

    /** Bytes of a posted question: a longer one holds what somebody is typing. */
    private const LONGEST_QUESTION = 256;

    public function __construct(
        private Turns $turns,
        private KeptValues $values,
        private Reads $reads,
        private Application $app,
    ) {
    }

    /** Said by what works the answer: for so many seconds, time alone changes nothing in it. */
    public static function holds(Request $request, int $seconds): void
    {
        $request->attributes->set(self::HOLDS, $seconds);
    }

    public function handle(Request $request, Closure $next, string $seconds, string $how = ''): Response
    {
        $member = $request->user();
        $asked = $how === self::ASKED && $request->isMethod('POST')
            && strlen((string) $request->getContent()) <= self::LONGEST_QUESTION;
        if ((! $request->isMethod('GET') && ! $asked) || ! $member instanceof TeamMember) {
            return $next($request);
        }
        $this->turns->lookAgain();
        $turn = $this->turns->ofRecord($member->salon_id);
        if ($turn === null) {
            return $next($request);
        }
        $key = hash('xxh128', implode(' ', [
            $how === self::SHARED
                ? "{$member->salon_id} {$member->role->value}"
                : "{$member->id} ".hash('xxh128', serialize($member->getAttributes())),
            $member->language->value,
            $this->turns->ofShelf($member->salon_id) ?? 'unknown',
            $request->getRequestUri(),
            $asked ? (string) $request->getContent() : '',
        ]));
        $now = CarbonImmutable::now();
        $anew = $request->headers->hasCacheControlDirective('no-cache');
        $kept = $anew ? null : $this->kept($key, $turn, $member, $now);
        if ($kept !== null) {
            return $this->with(
                $request,
                new Response($kept['body'], 200, ['Content-Type' => 'application/json']),
                $kept['tag'],
                $now,
            );
        }
        $at = $this->turns->each($member->salon_id);
        // What is asked for from here on is heard: whatever was looked up before is looked up again.
        $member->unsetRelations();
        $this->app->forgetScopedInstances();
        [$response, $reads] = $this->reads->during(fn (): Response => $next($request));
        if ($response->getStatusCode() !== 200 || $response->headers->get('Content-Type') !== 'application/json') {
            return $response;
        }
        $body = (string) $response->getContent();
        $tag = hash('xxh128', preg_replace('/"now":"[^"]*"/', '', $body) ?? $body);
        $holds = $request->attributes->getInt(self::HOLDS, (int) $seconds);
        $until = $now->getTimestamp() + $holds;
        $answer = ['body' => $body, 'tag' => $tag, 'until' => $until, 'turn' => $turn];
        $this->values->put("answer {$key}", $answer, $holds);
        if ($reads !== null) {
            $this->values->put("reads {$key}", ['at' => $at, 'reads' => $reads], $holds);
        }

        return $this->with($request, $response, $tag, $now);
    }

    /**
     * What was answered before, where it holds: nothing was written since, or nothing that it was made of.
     *
     * @return ?array{body: string, tag: string}
     */
    private function kept(string $key, int $turn, TeamMember $member, CarbonImmutable $now): ?array
    {
        $kept = $this->values->get("answer {$key}");
        $left = is_array($kept) ? $kept['until'] - $now->getTimestamp() : 0;
        if (! is_array($kept) || $left <= 0) {
            return null;
        }
        if ($kept['turn'] !== $turn) {
            $made = $this->values->get("reads {$key}");
            $at = $this->turns->each($member->salon_id);
            $changed = is_array($made) ? $this->turns->changedSince($member->salon_id, $made['at']) : null;
            if (! is_array($made) || $changed === null) {
                return null;
            }
            $last = $this->values->get("otherwise {$key}");
            $otherwise = $this->reads->saidOtherwise($made['reads'], $changed, is_string($last) ? $last : '');
            if ($otherwise !== null) {
                $this->values->put("otherwise {$key}", $otherwise, self::REMEMBERED);

                return null;
            }
            $this->values->put("answer {$key}", ['turn' => $turn] + $kept, $left);
            $this->values->put("reads {$key}", ['at' => $at] + $made, $left);
        }

        return ['body' => $kept['body'], 'tag' => $kept['tag']];
    }

    private function with(Request $request, Response $response, string $tag, CarbonImmutable $now): Response
    {
        $response->setEtag($tag);
        // The page knows the time by this, not by what an older answer says.
        $response->headers->set('X-Now', $now->format('Y-m-d\TH:i:s.vP'));
        $response->headers->set('Cache-Control', 'no-store, private');
        $response->isNotModified($request);

        return $response;
    }
}
