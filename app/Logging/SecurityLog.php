<?php

declare(strict_types=1);

namespace App\Logging;

use App\Models\TeamMember;
use Closure;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Request;
use Illuminate\Log\LogManager;
use Illuminate\Routing\Route;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * What happens at the doors, one line each, for whoever looks after the machine: who came in and who did not, what was
 * refused, what left, and who may do what from now on. Nobody is named: a person is a number, an origin a sign that
 * says no address, and of the address that was asked only its pattern.
 */
final readonly class SecurityLog
{
    /** What is told even where it went well. */
    private const TOLD = [
        'POST api/session' => 'sign-in', 'DELETE api/session' => 'sign-out', 'POST api/session/unlock' => 'unlock',
        'POST api/session/take' => 'taken over by PIN',
        'POST api/session/again' => 'password again', 'PUT api/session/password' => 'new password',
        'PUT api/session/second' => 'second factor set up', 'DELETE api/session/second' => 'second factor taken away',
        'PUT api/session/pin' => 'new PIN', 'DELETE api/session/devices' => 'sessions ended',
        'POST api/beginning' => 'salon begun', 'POST api/join/{token}' => 'came in by a link',
        'POST api/team' => 'link made', 'POST api/team/{member}/again' => 'link made',
        'PUT api/team/{member}' => 'person changed', 'DELETE api/invitations/{invitation}' => 'link taken back',
        'GET api/clients/{client}/all' => 'all of a client taken',
        'GET api/clients/{client}/page' => 'all of a client taken', 'GET api/visits/{visit}/file' => 'a visit taken',
        'POST api/clients/{client}/erase' => 'client taken out', 'POST api/retention/erase' => 'clients taken out',
        'PUT api/retention' => 'keeping changed', 'PUT api/house' => 'rules changed',
        'POST api/visits/{visit}/waivers' => 'waiver', 'PATCH api/contraindications/{contraindication}' => 'clearance',
    ];

    /**
     * What is told wherever it is answered: nobody signed in, not allowed, stale page, locked, password wanted, too
     * often.
     */
    private const REFUSED = [401, 403, 419, 423, 428, 429];

    public function __construct(private LogManager $logs, private Repository $config)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        // Who asked is known before the answer: a sign-out leaves nobody.
        $before = $request->user();
        $response = $next($request);
        $this->tell($request, $response, $request->user() ?? $before);

        return $response;
    }

    private function tell(Request $request, Response $response, mixed $member): void
    {
        $route = $request->route();
        $pattern = $route instanceof Route ? $route->uri() : 'no address of ours';
        $event = self::TOLD["{$request->method()} {$pattern}"] ?? null;
        $status = $response->getStatusCode();
        if ($event === null && ! in_array($status, self::REFUSED, true)) {
            return;
        }
        $line = [
            'answer' => $status,
            'asked' => "{$request->method()} {$pattern}",
            'person' => $member instanceof TeamMember ? $member->id : null,
            'salon' => $member instanceof TeamMember ? $member->salon_id : null,
            // The same for the same origin until the key is changed, and nobody's address.
            'origin' => substr(
                hash_hmac('sha256', (string) $request->ip(), (string) $this->config->get('app.key')),
                0,
                12,
            ),
            'node' => $this->config->get('tinta.node'),
        ];
        try {
            $this->logs->channel('security')->info($event ?? 'refused', $line);
        } catch (Throwable) {
            // A disk without room must not shut the doors: whoever asked has their answer.
        }
    }
}
