<?php

declare(strict_types=1);

use App\Enums\Language;
use App\Practice\Lesson;
use App\Words\Catalogue;
use Core\Fact;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Undertone;
use Core\Pigment\Ladder;
use Core\Practice\HouseRules;
use Core\Practice\RuleGroup;
use Core\Practice\Schools;
use Core\Practice\TestReaders;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** @return list<Language> every language but English, which stands in the code */
function furtherLanguages(): array
{
    return array_values(
        array_filter(Language::cases(), static fn (Language $each): bool => $each !== Language::English),
    );
}

/**
 * @param  array<mixed>  $entries
 * @return array<string, string> every entry of a catalogue, by its whole key
 */
function flatWords(array $entries, string $before = ''): array
{
    $flat = [];
    foreach ($entries as $key => $entry) {
        $flat += is_array($entry) ? flatWords($entry, "{$before}{$key}.") : ["{$before}{$key}" => (string) $entry];
    }

    return $flat;
}

/** @return list<string> what stands in it to be filled, each once */
function places(string $words): array
{
    preg_match_all('/:[a-z][A-Za-z0-9]*/', $words, $found);
    $places = array_values(array_unique($found[0]));
    sort($places);

    return $places;
}

/** @return list<string> what the application says in English: Say::plain('…') in its code, __('…') in what it prints */
function plainWords(): array
{
    $root = dirname(__DIR__, 2);
    $said = [];
    foreach (['app', 'bootstrap', 'resources/views'] as $folder) {
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            preg_match_all(
                "/(?:Say::plain|__)\(\s*'((?:[^'\\\\]|\\\\.)*)'/",
                (string) file_get_contents((string) $file),
                $found,
            );
            array_push($said, ...array_map(stripslashes(...), $found[1]));
        }
    }

    return array_values(array_unique($said));
}

it('says in every language whatever the core says, with the same values in it, and nothing else', function () {
    $root = dirname(__DIR__, 2).'/lang';
    foreach (furtherLanguages() as $language) {
        foreach (glob("{$root}/en/*.php") ?: [] as $file) {
            $english = flatWords(require $file);
            $theirs = flatWords(require "{$root}/{$language->value}/".basename($file));
            expect(array_keys($theirs))->toBe(array_keys($english), basename($file));
            foreach ($english as $key => $words) {
                expect(places($theirs[$key]))->toBe(places($words), basename($file).' '.$key)
                    ->and(trim($theirs[$key]))->not->toBe('', basename($file).' '.$key);
            }
        }
        // Two more that English does not need: the core’s names, and what the framework says of a field.
        $wanted = [...array_map(basename(...), glob("{$root}/en/*.php") ?: []), 'names.php', 'validation.php'];
        sort($wanted);
        expect(array_map(basename(...), glob("{$root}/{$language->value}/*.php") ?: []))->toBe($wanted);
    }
});

it('says in every language whatever the application says, and holds nothing that nobody says', function () {
    $plain = plainWords();
    expect(count($plain))->toBeGreaterThan(100);
    foreach (furtherLanguages() as $language) {
        $theirs = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2)."/lang/{$language->value}.json"),
            true,
            4,
            JSON_THROW_ON_ERROR,
        );
        expect(array_values(array_diff($plain, array_keys($theirs))))->toBe([], 'missing')
            ->and(array_values(array_diff(array_keys($theirs), $plain)))->toBe([], 'said by nobody');
        foreach ($theirs as $english => $words) {
            expect(places($words))->toBe(places($english), $english);
        }
    }
});

it('has a name in every language for what the core names: tones, levels, regions, techniques, tests, house rules', function () {
    $named = [
        'no tone',
        'no level',
        'all over',
        'no developer',
        ...array_column(ToneFamily::cases(), 'value'),
        ...array_column(ExpectedTone::cases(), 'value'),
    ];
    $root = dirname(__DIR__, 2);
    // Every enum of the core that words itself.
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator("{$root}/core", FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        $class = 'Core'.str_replace([$root.'/core', '/', '.php'], ['', '\\', ''], (string) $file);
        foreach (enum_exists($class) ? $class::cases() : [] as $case) {
            foreach (['words', 'label'] as $says) {
                if (method_exists($case, $says) && is_string($case->$says())) {
                    $named[] = $case->$says();
                }
            }
        }
    }
    expect($named)->toContain(RuleGroup::Safety->words(), TestReaders::Licensed->words());
    for ($level = 1; $level <= 10; $level++) {
        $named[] = Undertone::at(Fraction::of($level))->name;
    }
    array_push($named, ...array_column(Ladder::rungs(), 'words'));
    foreach (Schools::texts(HouseRules::standard()) as $rule) {
        array_push(
            $named,
            $rule->label,
            $rule->reason,
            $rule->unit,
            ...array_map(static fn ($option): string => $option->words, $rule->options),
        );
    }
    array_push($named, ...array_map(static fn (Lesson $lesson): string => $lesson->words(), Lesson::cases()));
    // What is only a number and a unit is read alike.
    $named = array_values(
        array_filter(
            array_unique($named),
            static fn (string $name): bool => preg_match('/^[\d. ]*(min|g|vol|%|)$/', $name) !== 1,
        ),
    );
    expect(count($named))->toBeGreaterThan(180);
    foreach (furtherLanguages() as $language) {
        $names = require "{$root}/lang/{$language->value}/names.php";
        expect(
            array_values(
                array_filter($named, static fn (string $name): bool => trim((string) ($names[$name] ?? '')) === ''),
            ),
        )->toBe([]);
    }
});

it('reads what is put together from names, and leaves what a person wrote and what is a code', function () {
    $catalogue = Catalogue::of('en')->speak('pt', true);
    expect($catalogue->name('crown and back, root to mids'))->toBe('coroa e trás, raiz a meios')
        ->and($catalogue->name('75 % gold, 25 % copper'))->toBe('75 % dourado, 25 % cobre')
        // The longest name that is there.
        ->and($catalogue->name('dark red-brown'))->toBe('vermelho-castanho escuro')
        ->and($catalogue->name('Rosalind’s goldfish'))->toBe('Rosalind’s goldfish');
    // A decimal has a comma where it carries a unit; a shade’s code has none.
    expect($catalogue->words(Fact::of('refusals.invalid-amount.not-on-step', text: '7.3', step: '0.1 g')))
        ->toContain('“7.3”')
        ->toContain('0,1 g')
        ->and(
            Catalogue::of('en')->words(Fact::of('refusals.invalid-amount.not-on-step', text: '7.3', step: '0.1 g')),
        )->toContain('0.1 g');
});

it('says in English what a language has no words for, rather than nothing', function () {
    expect(
        Catalogue::of('en')->speak('xx', false)->words(Fact::of('times.mend-hands')),
    )->toBe('A further pair of hands');
});

it('says no sentence of the application’s own but by the catalogues', function () {
    $root = dirname(__DIR__, 2);
    $parser = (new ParserFactory)->createForNewestSupportedVersion();
    $loose = [];
    $looked = 0;
    foreach (
        [
            'Accounts',
            'Actions',
            'Calendar',
            'Exceptions',
            'Http',
            'Messages',
            'Photos',
            'Policies',
            'Rules',
            'Scales',
        ] as $folder
    ) {
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("{$root}/app/{$folder}", FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            $looked++;
            $tree = $parser->parse((string) file_get_contents((string) $file)) ?? [];
            $finder = new NodeFinder;
            // What is said by a catalogue, kept in a log, or meant for who wrote the code.
            $said = [];
            foreach ($finder->find($tree, static fn (Node $node): bool => (
                $node instanceof Node\Expr\StaticCall
                && $node->class instanceof Node\Name
                && in_array($node->class->getLast(), ['Say', 'Fact'], true)
            )
                || (
                    $node instanceof Node\Expr\New_
                    && $node->class instanceof Node\Name
                    && preg_match('/(Logic|Runtime|InvalidArgument)Exception$/', $node->class->toString()) === 1
                )
                || (
                    $node instanceof Node\Expr\MethodCall
                    && $node->name instanceof Node\Identifier
                    && in_array($node->name->name, ['log', 'warning', 'error', 'info'], true)
                )) as $call) {
                foreach ($finder->findInstanceOf([$call], Node\Scalar\String_::class) as $inside) {
                    $said[spl_object_id($inside)] = true;
                }
            }
            foreach ($finder->findInstanceOf($tree, Node\Scalar\String_::class) as $string) {
                if (
                    ! isset($said[spl_object_id($string)])
                    && preg_match('/^[A-Z][^<>=]*\p{Ll} \p{Ll}[^<>=]*[.?]$/u', $string->value) === 1
                ) {
                    $loose[] = substr((string) $file, strlen($root) + 1).': '.$string->value;
                }
            }
        }
    }
    // The workbench’s answers are said by the names of the core.
    foreach (furtherLanguages() as $language) {
        $names = require "{$root}/lang/{$language->value}/names.php";
        expect(
            array_values(
                array_filter($loose, static fn (string $each): bool => ! isset($names[explode('.php: ', $each, 2)[1]])),
            ),
        )->toBe([]);
    }
    expect($looked)->toBeGreaterThan(150);
});
