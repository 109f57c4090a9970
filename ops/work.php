<?php

declare(strict_types=1);

// ./tinta work FILE|- [--table] [--in LANGUAGE]: reads a formula document, writes the worked one. Needs no database.

use App\Enums\Language;
use App\Words\Catalogue;
use Core\Codec\FormulaTable;
use Core\Codec\JsonText;
use Core\Codec\UnreadableDocument;
use Core\Codec\WorkFormula;

require dirname(__DIR__).'/vendor/autoload.php';

$given = array_slice($argv, 1);
$at = array_search('--in', $given, true);
$language = $at === false ? Language::English : Language::tryFrom($given[$at + 1] ?? '');
if ($at !== false) {
    array_splice($given, $at, 2);
}
$table = in_array('--table', $given, true);
$files = array_values(array_filter($given, static fn (string $each): bool => $each !== '--table'));
if (count($files) !== 1 || $language === null) {
    fwrite(STDERR, "Say which document: ./tinta work FILE, or - for standard input. With --table for people, with --in pt in Portuguese.\n");
    exit(2);
}
$catalogue = Catalogue::of($language->value)->speak($language->value, $language->writesComma());
$text = $files[0] === '-' ? stream_get_contents(STDIN) : @file_get_contents($files[0]);
if ($text === false) {
    fwrite(STDERR, "{$files[0]} cannot be read. Check the name.\n");
    exit(2);
}
try {
    $document = JsonText::read($text);
    $worked = WorkFormula::of($document->values)->inWords($catalogue->words(...));
} catch (UnreadableDocument $refusal) {
    foreach ($refusal->problems() as $problem) {
        fwrite(STDERR, ($problem->pointer === '' ? '(document)' : $problem->pointer).": {$catalogue->words($problem->fact)} {$catalogue->mend($problem->fact)}\n");
    }
    exit(1);
}
echo $table ? FormulaTable::of($document->values, $worked) : $document->with($worked)."\n";
