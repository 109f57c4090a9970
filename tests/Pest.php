<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\DatabaseTransactions;
use Tests\Browser\BrowserTestCase;
use Tests\TestCase;

// tests/Core and tests/Arch run bare: the core boots nothing.
uses(TestCase::class, DatabaseTransactions::class)->in('Feature');
uses(TestCase::class)->in('Ops');
uses(BrowserTestCase::class)->in('Browser');
