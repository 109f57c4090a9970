<?php

declare(strict_types=1);

// ./tinta work FILE|- [--table]: reads a formula document, writes the worked one. Needs no database.

use App\Words\Catalogue;
use Core\Codec\FormulaTable;
use Core\Codec\JsonText;
use Core\Codec\UnreadableDocument;
use Core\Codec\WorkFormula;

require dirname(__DIR__).'/vendor/autoload.php';

$table = in_array('--table', $argv, true);
$files = array_values(array_filter(array_slice($argv, 1), static fn (string $each): bool => $each !== '--table'));
if (count($files) !== 1) {
    fwrite(STDERR, "Say which document: ./tinta work FILE, or - for standard input. With --table for people.\n");
    exit(2);
}
$catalogue = Catalogue::of('en');
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
