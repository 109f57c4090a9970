<?php

declare(strict_types=1);

namespace App\Logging;

use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use PDOException;
use Psr\Log\LoggerInterface;
use Throwable;

/**
 * What goes wrong is logged by its kind and its place, never by its words: the message of a failed query holds what was
 * being saved (health notes, names, session ids), and so do the arguments on a stack.
 */
final readonly class SafeReport
{
    private const FRAMES = 12;

    public function __construct(private LoggerInterface $log)
    {
    }

    public function write(Throwable $failure, ?Request $request): void
    {
        $chain = [];
        for ($each = $failure; $each !== null; $each = $each->getPrevious()) {
            $chain[] = $each::class.' at '.self::place($each->getFile(), $each->getLine()).self::code($each);
        }
        $this->log->error(implode(' from ', $chain), [
            'door' => $request === null ? '' : "{$request->method()} ".($request->route()?->uri() ?? 'no route'),
            'through' => array_map(
                static fn (array $frame): string => self::place(
                    $frame['file'] ?? '',
                    $frame['line'] ?? 0,
                ).' '.$frame['function'],
                array_slice($failure->getTrace(), 0, self::FRAMES),
            ),
        ]);
    }

    private static function code(Throwable $failure): string
    {
        $info = $failure instanceof QueryException || $failure instanceof PDOException ? $failure->errorInfo : null;

        return is_array($info) ? ' (SQLSTATE '.($info[0] ?? '').', '.($info[1] ?? '').')' : '';
    }

    private static function place(string $file, int $line): string
    {
        return ltrim(str_replace(dirname(__DIR__, 2), '', $file), '/').":{$line}";
    }
}
