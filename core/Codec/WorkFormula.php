<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use stdClass;

/**
 * Works a whole formula document (docs/format): what each bowl comes to, in the order of the bowls, and from version 2
 * on what they come to together. The document itself is never rewritten, so that nothing in it can be lost; inWords()
 * has what is said put into words, into() adds the results.
 */
final readonly class WorkFormula
{
    public const VERSIONS = [1, 2];

    /**
     * @param  non-empty-list<array<string, mixed>>  $bowls  one result a bowl
     * @param  ?array<string, mixed>  $whole  what follows from all together; null in version 1
     */
    private function __construct(public array $bowls, public ?array $whole)
    {
    }

    /**
     * @param  mixed  $json  decoded, objects as arrays
     *
     * @throws UnreadableDocument with every problem and where it is
     */
    public static function of(mixed $json): self
    {
        $problems = new ProblemList;
        $root = new JsonNode($json, '', $problems);
        if (! is_array($json)) {
            $root->problem(Fact::of('documents.not-formula-document'));
            $problems->throwIfAny();
        }
        $version = self::version($root->at('tinta'));
        $problems->throwIfAny();
        $root->at('title')->text();
        $rules = self::rules($root->at('rules'));
        $shelf = ReadShelf::from($root, $rules);
        $visit = $version < 2 ? null : ReadVisit::from($root);
        $working = new WorkBowls($shelf, $rules, $version, $visit->training ?? false);
        $worked = array_map($working->bowl(...), $root->at('bowls')->records(PHP_INT_MAX));
        $problems->throwIfAny();
        if ($worked === []) {
            throw UnreadableDocument::because([new Problem('/bowls', Fact::of('documents.no-bowl-work'))]);
        }

        return new self(
            $worked,
            $visit === null ? null : (new WriteDocument($visit, $working->known(), $shelf, $rules))->whole(
                $working->sheets(),
                $working->placed($visit->rounds),
                $working->stamps(),
            ),
        );
    }

    /**
     * Only what each bowl comes to.
     *
     * @param  mixed  $json  decoded, objects as arrays
     * @return non-empty-list<array<string, mixed>>
     *
     * @throws UnreadableDocument with every problem and where it is
     */
    public static function work(mixed $json): array
    {
        return self::of($json)->bowls;
    }

    /**
     * The same with everything that is said put into words.
     *
     * @param  callable(Fact): string  $words
     */
    public function inWords(callable $words): self
    {
        $said = static function (mixed $value) use (&$said, $words): mixed {
            return match (true) {
                $value instanceof Fact => $words($value),
                is_array($value) => array_map($said, $value),
                default => $value,
            };
        };
        $bowls = [];
        foreach ($this->bowls as $bowl) {
            $bowls[] = array_map($said, $bowl);
        }

        return new self($bowls, $this->whole === null ? null : array_map($said, $this->whole));
    }

    /**
     * The document with every result under its bowl's “worked”, and of all together under its own; all else as it was.
     */
    public function into(stdClass $document): stdClass
    {
        $bowls = (array) ($document->bowls ?? []);
        $filled = [];
        foreach (array_values($bowls) as $index => $bowl) {
            $copy = $bowl instanceof stdClass ? clone $bowl : new stdClass;
            $copy->worked = $this->bowls[$index] ?? null;
            $filled[] = $copy;
        }
        $whole = clone $document;
        $whole->bowls = $filled;
        if ($this->whole !== null) {
            $whole->worked = $this->whole;
        }

        return $whole;
    }

    private static function version(JsonNode $node): int
    {
        $version = $node->value();
        if (is_int($version) && in_array($version, self::VERSIONS, true)) {
            return $version;
        }
        $node->problem(Fact::of('documents.version-format-not-known'));

        return 1;
    }

    private static function rules(JsonNode $node): HouseRules
    {
        $rules = HouseRules::standard();
        foreach ($node->members() as $key => $member) {
            try {
                $rules = Schools::set($rules, (string) $key, $member->text());
            } catch (CoreException $refusal) {
                $member->problem($refusal->fact());
            }
        }

        return $rules;
    }
}
