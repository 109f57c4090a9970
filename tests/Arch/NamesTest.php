<?php

declare(strict_types=1);

use PhpParser\Node\Arg;
use PhpParser\Node\Expr\CallLike;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\Node\Name;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Symfony\Component\Finder\Finder;

it('declares no function of the tests twice', function () {
    // Every file of a run is read into one process, where a second function of one name ends it before the first test.
    $seen = [];
    foreach (Finder::create()->files()->in(dirname(__DIR__))->name('*.php') as $file) {
        preg_match_all('/^function (\w+)\(/m', $file->getContents(), $found);
        foreach ($found[1] as $name) {
            $seen[$name][] = $file->getRelativePathname();
        }
    }
    expect(array_filter($seen, static fn (array $files): bool => count($files) > 1))->toBe([])
        ->and(count($seen))->toBeGreaterThan(50);
});

it('has no line that runs out of a page: a hundred and twenty characters, but for words and shapes that cannot break', function () {
    $root = dirname(__DIR__, 2);
    $long = [];
    foreach (Finder::create()->files()->in(["{$root}/core", "{$root}/app", "{$root}/routes"])->name('*.php') as $file) {
        foreach (explode("\n", $file->getContents()) as $at => $line) {
            // A sentence, a pattern or the shape of an array is one word; where it ends the line is not ours to choose.
            $isOneWord = preg_match('/["\'`\/].{30,}["\'`\/]/u', $line) === 1
                || preg_match('/^\s*(?:\/\*\*|\*) (?:@\w+ .*)?\S*[{<]/u', $line) === 1;
            if (mb_strlen($line) > 120 && ! $isOneWord) {
                $long[] = "{$file->getRelativePathname()}:".($at + 1);
            }
        }
    }
    expect($long)->toBe([]);
});

it('names what it hands over where that is more than five things', function () {
    $root = dirname(__DIR__, 2);
    $parser = (new ParserFactory)->createForNewestSupportedVersion();
    $unnamed = [];
    foreach (Finder::create()->files()->in(["{$root}/core", "{$root}/app"])->name('*.php') as $file) {
        $calls = (new NodeFinder)->findInstanceOf($parser->parse($file->getContents()) ?? [], CallLike::class);
        foreach ($calls as $call) {
            $args = $call->isFirstClassCallable() ? [] : $call->getArgs();
            $plain = array_filter($args, static fn (Arg $each): bool => $each->name === null && ! $each->unpack);
            // PHP's own functions are called as everybody knows them.
            $isOurs = ! $call instanceof FuncCall || ! $call->name instanceof Name;
            if (count($plain) > 5 && $isOurs) {
                $unnamed[] = "{$file->getRelativePathname()}:{$call->getStartLine()}";
            }
        }
    }
    expect($unnamed)->toBe([]);
});
