<?php

declare(strict_types=1);

namespace App\Enums;

use App\Models\TeamMember;
use Illuminate\Http\Request;

/** A language that Tinta speaks: lang/<language> and resources/words hold its words. */
enum Language: string
{
    case English = 'en';
    case Portuguese = 'pt';

    /** What a device that nobody is signed in on was last read in. */
    public const COOKIE = 'language';

    /** Of whoever is signed in; else the device's. */
    public static function of(Request $request): self
    {
        $member = $request->user();

        return $member instanceof TeamMember ? $member->language : self::ofDevice($request);
    }

    /** What a device was last read in, or its browser asks for: known without asking the record. */
    public static function ofDevice(Request $request): self
    {
        $last = $request->cookie(self::COOKIE);

        return self::tryFrom(is_string($last) ? $last : '') ?? self::tryFrom(
            (string) $request->getPreferredLanguage(array_column(self::cases(), 'value')),
        ) ?? self::English;
    }

    /** What it calls itself. */
    public function name(): string
    {
        return match ($this) {
            self::English => 'English',
            self::Portuguese => 'Português',
        };
    }

    /** Whether a decimal is written with a comma. */
    public function writesComma(): bool
    {
        return $this === self::Portuguese;
    }
}
