<?php

declare(strict_types=1);

use App\Models\Salon;
use App\Words\Catalogue;
use Core\Codec\Problem;
use Core\CoreException;
use Core\Fact;
use Core\Judgement\Caution;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Pest\Expectation;
use PHPUnit\Framework\AssertionFailedError;
use Tests\Browser\BrowserTestCase;
use Tests\TestCase;

// tests/Core and tests/Arch run bare: the core boots nothing.
uses(TestCase::class, DatabaseTransactions::class)->in('Feature');
// Run apart from all others, see ops/test.sh; so is what is alone.
uses()->group('heavy', 'apart')->in('Feature/Rounds');
uses()->group('demo', 'apart')->in('Feature/DemoTest.php', 'Feature/JudgeTest.php');
uses(TestCase::class)->in('Ops');
uses(BrowserTestCase::class)->in('Browser');

/** The demo salon: loaded where the tests' database does not hold it yet, as ./tinta test FILE has it. */
function theDemo(): Salon
{
    if (Salon::query()->where('demo', true)->doesntExist()) {
        test()->seed(DatabaseSeeder::class);
    }

    return Salon::query()->where('demo', true)->sole();
}

/** What is said, in English: of a fact, and of whatever carries one. */
function words(Fact|CoreException|Problem|Caution $said): string
{
    return Catalogue::of('en')->words(factOf($said));
}

/** What mends it, in English. */
function mend(Fact|CoreException|Problem|Caution $said): string
{
    return Catalogue::of('en')->mend(factOf($said));
}

function factOf(Fact|CoreException|Problem|Caution $said): Fact
{
    return match (true) {
        $said instanceof Fact => $said,
        $said instanceof CoreException => $said->fact(),
        default => $said->fact,
    };
}

expect()->extend('toRefuse', function (string $refusal, string $words = ''): Expectation {
    try {
        ($this->value)();
    } catch (CoreException $thrown) {
        expect($thrown)->toBeInstanceOf($refusal)
            ->and(words($thrown))->toContain($words)
            ->and(mend($thrown))->not->toBe('');

        return $this;
    }

    throw new AssertionFailedError("It was not refused with {$refusal}.");
});

/** Facts in English, wherever they stand; everything else as it is. */
function said(mixed $value): mixed
{
    return match (true) {
        $value instanceof Fact => words($value),
        is_array($value) => array_map(said(...), $value),
        default => $value,
    };
}
