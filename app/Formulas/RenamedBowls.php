<?php

declare(strict_types=1);

namespace App\Formulas;

/**
 * Bowls that are written anew elsewhere: what is left of one is left of its copy, and who is named by letter goes by
 * the new one.
 */
final class RenamedBowls
{
    /**
     * @param  array<string, mixed>  $json  a bowl
     * @param  array<string, string>  $ids  new bowl ids by the old ones'
     * @param  array<string, string>  $letters  new letters by the old ones, where they differ
     * @return array<string, mixed>
     */
    public static function of(array $json, array $ids, array $letters = []): array
    {
        $text = (string) json_encode($json);
        foreach ($ids as $was => $is) {
            $text = str_replace("bowl:{$was}", "bowl:{$is}", $text);
        }
        $json = (array) json_decode($text, true);
        $new = static fn (mixed $letter): mixed => is_string($letter) ? ($letters[$letter] ?? $letter) : $letter;
        foreach (['letter', 'after', 'rinse'] as $member) {
            if (isset($json[$member])) {
                $json[$member] = $new($json[$member]);
            }
        }
        foreach (is_array($json['place'] ?? null) ? $json['place'] : [] as $at => $stroke) {
            if (is_array($stroke['with'] ?? null)) {
                $json['place'][$at]['with'] = array_map($new, $stroke['with']);
            }
        }

        return $json;
    }
}
