<?php

declare(strict_types=1);

namespace App\Accounts;

use Normalizer;

/**
 * One spelling of a mail address, however it was typed: full-width letters, capitals and spaces around it do not make
 * another.
 */
final class CanonicalEmail
{
    public static function of(string $text): string
    {
        $normal = Normalizer::normalize(trim($text), Normalizer::FORM_KC);

        return mb_strtolower(trim($normal === false ? '' : $normal));
    }

    /** What guesses are counted under: letters that look alike count as one, though they let nobody in. */
    public static function countedAs(string $text): string
    {
        $plain = transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', self::of($text));

        return preg_replace('/[^a-z0-9@.]+/', '', $plain === false ? self::of($text) : $plain) ?? '';
    }
}
