<?php

declare(strict_types=1);

namespace Ops\Mutate;

use Closure;

/** Work cut in pieces, each done in a fork of this process, so many of them at a time as there are processors. */
final readonly class Forks
{
    /**
     * @template Piece
     *
     * @param  list<Piece>  $pieces
     * @param  Closure(Piece): mixed  $do  its answer is serialised: scalars and arrays of them
     * @param  Closure(mixed, Piece): void  $with  in this process, as each piece ends; null of a piece whose process died
     */
    public static function each(array $pieces, int $atOnce, Closure $do, Closure $with): void
    {
        $running = [];
        while ($pieces !== [] || $running !== []) {
            while ($pieces !== [] && count($running) < $atOnce) {
                $piece = array_shift($pieces);
                $answer = (string) tempnam(sys_get_temp_dir(), 'mutate');
                $child = pcntl_fork();
                if ($child === 0) {
                    ob_start(static fn (): string => '');
                    file_put_contents($answer, serialize($do($piece)));
                    exit(0);
                }
                $running[$child] = [$answer, $piece];
            }
            $ended = pcntl_wait($status);
            [$answer, $piece] = $running[$ended];
            $said = (string) file_get_contents($answer);
            unlink($answer);
            unset($running[$ended]);
            $with($said === '' ? null : unserialize($said, ['allowed_classes' => false]), $piece);
        }
    }
}
