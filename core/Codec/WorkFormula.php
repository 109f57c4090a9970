<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use stdClass;

/**
 * Works a whole formula document (docs/format): what each bowl comes to, in the order of the bowls, and from version 2 on what
 * they come to together. The document itself is never rewritten, so that nothing in it can be lost; into() adds the results.
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
            $root->problem('This is not a formula document.', 'It is a JSON object with “tinta”, “lines” and “bowls”.');
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
            throw UnreadableDocument::because([new Problem('/bowls', 'There is no bowl to work.', 'Write at least one bowl.')]);
        }

        return new self($worked, $visit === null ? null : (new WriteDocument($visit, $working->known(), $shelf, $rules))->whole($working->sheets(), $working->placed($visit->rounds)));
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

    /** The document with every result under its bowl's “worked”, and of all together under its own; all else as it was. */
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
        $node->problem('This version of the format is not known.', 'Write "tinta": 2, or 1 for the older one.');

        return 1;
    }

    private static function rules(JsonNode $node): HouseRules
    {
        $rules = HouseRules::standard();
        foreach ($node->members() as $key => $member) {
            try {
                $rules = Schools::set($rules, (string) $key, $member->text());
            } catch (CoreException $refusal) {
                $member->problem($refusal->getMessage(), $refusal->mend());
            }
        }

        return $rules;
    }
}
