<?php

declare(strict_types=1);

use Core\Codec\JsonText;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Codec\WorkFormula;
use Core\Fact;

/** @return list<string> */
function faultIn(string $text): array
{
    try {
        JsonText::read($text);
    } catch (UnreadableDocument $refusal) {
        return array_map(
            static fn (Problem $problem): string => "{$problem->pointer}|{$problem->fact->text()}",
            $refusal->problems(),
        );
    }

    return [];
}

it('names the line on which a text does not go on as JSON does', function (string $text, ?int $line) {
    expect(faultIn($text))->toBe($line === null ? [] : ["|documents.not-json-in-line (line: {$line})"]);
})->with([
    'whole' => ["\n{\n\"a\" : [ 1 , -2.5e+3 , \"x\\\"y\" ] ,\n\"b\":{}, \"c\":[ ]\n}\n \t", null],
    'nothing' => ['', 1],
    'blank lines alone' => ["\n\n", 3],
    'a colon that is missing' => ["{\n\"a\":\n1,\n\"b\" 2}", 4],
    'a name without its marks' => ["{\n\"a\": 1,\n b: 2}", 3],
    'a comma that is missing in a list' => ["[\n1,\n2\n3]", 4],
    'a comma that is missing in an object' => ["{\"a\": 1\n,\"b\": 2\n\"c\": 3}", 3],
    'a comma too many' => ["[1,\n\n]", 3],
    'a word that is none, behind empty lists' => ["[\n[],\n{},\n[ ],\n{ },\nx]", 6],
    'half a word' => ["{\"a\":[\n1\n],\n\"b\":{\n\"c\":tru\n}}", 5],
    'another word' => ["{\"a\":[\n1\n],\n\"b\":\n  nul}", 5],
    'the wrong end' => ["{\"a\":[\n1\n}}", 3],
    'no end' => ["\n\n{\"a\":[1", 3],
    'something behind it' => ["{}\n\n,", 3],
    'two of them' => ["{\"a\":\n{}}\n[]", 3],
    'a line that ends within marks' => ["{\"a\":\n\"b\nc\"}", 2],
    'a zero before a number' => ["[1,\n02]", 2],
    'a sign before a number' => ["[\n\n+2]", 3],
    'an escape that is none' => ["[\"\\u00e9\",\n\"\\x\"]", 2],
    'as deep as it goes' => [implode("\n", array_fill(0, 63, '[')).str_repeat(']', 63), null],
    'one deeper' => [implode("\n", array_fill(0, 64, '[')).str_repeat(']', 64), 64],
    'one deeper, in an object' => ['{"a":'.implode("\n", array_fill(0, 63, '[')).str_repeat(']', 63).'}', 63],
]);

it('says no line where the text itself goes on as it should', function () {
    // A letter that is half a pair.
    expect(faultIn('["\ud800"]'))->toBe(['|documents.not-json']);
});

it('gives whole numbers back as they came, however long, and texts that look like them', function (string $each) {
    $example = (string) file_get_contents(dirname(__DIR__, 3).'/docs/format/example.json');
    $read = JsonText::read((string) preg_replace('/\{/', '{"more":'.$each.',', $example, 1));
    $back = $read->with(WorkFormula::of($read->values)->inWords(static fn (Fact $fact): string => $fact->key));
    expect(preg_replace('/\s/', '', $back))->toContain("\"more\":{$each}");
})->with([
    '123456789012345678', '1234567890123456789', '-98765432109876543210', '"12345678901234567890"', '1.0', '0.5',
    '["\"1234567890123456789012\"",12345678901234567890]', '{}', '[]',
]);
