<?php

declare(strict_types=1);

namespace App\Words;

use App\Enums\Language;
use App\Models\TeamMember;
use Core\Units\MassesShown;
use Illuminate\Contracts\Foundation\Application;

/** From here on everything is said in one language, and as one house reads it. */
final readonly class Speak
{
    public function __construct(private Catalogue $catalogue, private Application $app)
    {
    }

    /** As somebody of a house reads it; in this language where nobody is known yet. */
    public function to(?TeamMember $member, Language $else = Language::English): void
    {
        $language = $member === null ? $else : $member->language;
        $this->app->setLocale($language->value);
        $this->catalogue->speak($language->value, $language->writesComma())->readMassesIn(
            $member === null ? MassesShown::Grams : $member->salon->rules()->masses,
        );
    }
}
