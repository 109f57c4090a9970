<?php

declare(strict_types=1);

namespace App\Kept;

use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * An answer is worked once for each person while nothing it is made of has changed, and for as long as its minutes
 * hold; who has it already is told so without a word of it (ETag, 304). A request that says `no-cache` is worked anew.
 *
 * `kept:SECONDS` says how long time alone may pass; an answer that holds longer, or shorter, says so with `holds`.
 * `kept:SECONDS,asked` is for a question that is posted because it may be long, and writes nothing: the same again has
 * the same answer. What is being typed is never asked twice: it would only push what is asked again out of the memory.
 */
final readonly class KeptAnswer
{
    private const HOLDS = 'kept.holds';

    private const ASKED = 'asked';

    /** Bytes of a posted question: a longer one holds what somebody is typing. */
    private const LONGEST_QUESTION = 256;

    public function __construct(private Turns $turns, private KeptValues $values)
    {
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
        $key = 'answer '.hash('xxh128', implode(' ', [
            $member->id,
            $member->language->value,
            $turn,
            $request->getRequestUri(),
            $asked ? (string) $request->getContent() : '',
        ]));
        $now = CarbonImmutable::now();
        $kept = $request->headers->hasCacheControlDirective('no-cache') ? null : $this->values->get($key);
        if (is_array($kept) && $now->getTimestamp() < $kept['until']) {
            return $this->with(
                $request,
                new Response($kept['body'], 200, ['Content-Type' => 'application/json']),
                $kept['tag'],
                $now,
            );
        }
        $response = $next($request);
        if ($response->getStatusCode() !== 200 || $response->headers->get('Content-Type') !== 'application/json') {
            return $response;
        }
        $body = (string) $response->getContent();
        $tag = hash('xxh128', preg_replace('/"now":"[^"]*"/', '', $body) ?? $body);
        $holds = $request->attributes->getInt(self::HOLDS, (int) $seconds);
        $this->values->put($key, ['body' => $body, 'tag' => $tag, 'until' => $now->getTimestamp() + $holds], $holds);

        return $this->with($request, $response, $tag, $now);
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
