<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;

abstract class TestCase extends LaravelTestCase
{
    /** As somebody else on a device of their own: a session knows the password of one person only. */
    public function be(Authenticatable $user, $guard = null): static
    {
        $this->app['session']->forget('password_hash_web');

        return parent::be($user, $guard);
    }
}
