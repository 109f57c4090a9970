<?php

declare(strict_types=1);

use App\Words\Catalogue;
use Core\Fact;
use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** @return list<array{key: string, names: list<string>, where: string}> everything that is said in these folders */
function saidIn(string ...$folders): array
{
    $found = [];
    $parser = (new ParserFactory)->createForNewestSupportedVersion();
    foreach ($folders as $folder) {
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}", FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            $code = (string) file_get_contents((string) $file);
            if (! str_contains($code, 'Fact::of(')) {
                continue;
            }
            $calls = (new NodeFinder)
                ->find($parser->parse($code) ?? [],
                    static fn (Node $node): bool => $node instanceof Node\Expr\StaticCall

                    && $node->class instanceof Node\Name
                    && $node->class->getLast() === 'Fact'
                    && $node->name instanceof Node\Identifier
                    && $node->name->name === 'of');
            foreach ($calls as $call) {
                assert($call instanceof Node\Expr\StaticCall);
                $keys = (new NodeFinder)->find(
                    [$call->getArgs()[0]],
                    static fn (Node $node): bool => $node instanceof Node\Scalar\String_ && preg_match(
                        '/^[a-z-]+\.[a-z]/',
                        $node->value,
                    ) === 1,
                );
                $names = array_map(
                    static fn (Node\Arg $arg): string => $arg->name->name ?? '',
                    array_slice($call->getArgs(), 1),
                );
                foreach ($keys as $key) {
                    assert($key instanceof Node\Scalar\String_);
                    $found[] = ['key' => $key->value, 'names' => $names, 'where' => $file.':'.$call->getStartLine()];
                }
            }
        }
    }

    return $found;
}

/** @return array<string, string|array<string, mixed>> every entry of the English catalogue, by key */
function entries(): array
{
    $flat = [];
    $walk = static function (array $entries, string $at) use (&$walk, &$flat): void {
        foreach ($entries as $name => $entry) {
            if (is_array($entry) && ! isset($entry['said'])) {
                $walk($entry, "{$at}.{$name}");
            } else {
                $flat["{$at}.{$name}"] = $entry;
            }
        }
    };
    foreach (glob(dirname(__DIR__, 2).'/lang/en/*.php') ?: [] as $file) {
        $walk(require $file, basename($file, '.php'));
    }

    return $flat;
}

it('has words for everything that is said, with a value for every place in them', function () {
    $entries = entries();
    foreach (saidIn('core', 'app', 'scale') as ['key' => $key, 'names' => $names, 'where' => $where]) {
        expect($entries)->toHaveKey($key, message: "{$where} says “{$key}”, for which lang/en has no words");
        $words = is_array($entries[$key]) ? implode(' ', array_filter($entries[$key], is_string(...))) : $entries[$key];
        preg_match_all('/:([a-z][A-Za-z0-9]*)/', (string) $words, $places);
        expect(array_values(array_diff($places[1], $names)))->toBe([], "{$where}: “{$key}” has places without a value");
    }
});

it('has no words that nobody says', function () {
    $said = array_column(saidIn('core', 'app', 'scale'), 'key');
    // Named by an enumeration's own values.
    $byValue = ['safety.earlier-reaction', 'safety.henna-tattoo', 'safety.sensitive-scalp', 'safety.face-rash'];
    expect(array_values(array_diff(array_keys(entries()), $said, $byValue)))->toBe([]);
});

it('says what is wrong and what mends it, nested, listed, and one or the other', function () {
    $folder = sys_get_temp_dir().'/tinta-words-'.getmypid();
    mkdir($folder);
    file_put_contents(
        "{$folder}/a.php",
        "<?php return ['x' => ['said' => ':who has :what{ or }, :nobody.', 'mend' => 'Ask :who.'], 'y' => 'plain :n', 'z' => ':all'];",
    );
    $catalogue = new Catalogue($folder);
    $fact = Fact::of('a.x', who: Fact::of('a.y', n: 7), what: ['1 g', '2 g']);
    expect($catalogue->words($fact))->toBe('plain 7 has 1 g or 2 g, :nobody.')
        ->and($catalogue->mend($fact))->toBe('Ask plain 7.')
        ->and($catalogue->words($fact->mend()))->toBe('Ask plain 7.')
        ->and($catalogue->mend(Fact::of('a.y', n: 1)))->toBe('')
        ->and($catalogue->words(Fact::of('a.z', all: [Fact::of('a.y', n: 1), Fact::of('a.y', n: 2)])))
        ->toBe('plain 1 plain 2')
        ->and($catalogue->words(Fact::of('a.z', all: ['b', 'c'])))->toBe('b, c')
        ->and(fn () => $catalogue->words(Fact::of('a.w')))->toThrow(LogicException::class, 'no words for “a.w”')
        ->and($fact->text())->toBe('a.x (who: a.y (n: 7); what: 1 g, 2 g)');
});
