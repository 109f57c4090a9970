<?php

declare(strict_types=1);

namespace Tests;

use App\Http\Middleware\SureAgain;
use App\Models\TeamMember;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Testing\TestResponse;

abstract class TestCase extends LaravelTestCase
{
    /** As somebody else on a device of their own: a session knows the password of one person only. */
    public function be(Authenticatable $user, $guard = null): static
    {
        $this->app['session']->forget('password_hash_web');
        // Signed in a moment ago, by password.
        if ($user instanceof TeamMember) {
            SureAgain::said($this->app['session']->driver(), $user);
        }

        return parent::be($user, $guard);
    }

    /** No answer ever says a key of the catalogue instead of its words. */
    public function call(
        $method,
        $uri,
        $parameters = [],
        $cookies = [],
        $files = [],
        $server = [],
        $content = null,
    ): TestResponse {
        $response = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        if (getenv('WRITES') === 'write' && $response->isSuccessful() && is_string($content)) {
            WrittenBodies::keep($this->app['router']->getCurrentRoute(), $method, $content);
        }
        self::assertDoesNotMatchRegularExpression(
            '/"(?:why|refusals|cautions|documents|nouns|safety|steps)\.[a-z-]+[."]/',
            (string) $response->baseResponse->getContent(),
        );

        return $response;
    }
}
