<?php

declare(strict_types=1);

namespace Ops\Map;

/** The core's folders in their rows, with the arrows that no longer way says already; every arrow is listed beside them. */
final class Drawing
{
    private const WIDTH = 1300;

    private const ROW = 74;

    private const BOX = [128, 40];

    public static function of(Arrows $arrows): string
    {
        $places = self::places();
        $height = count(Rows::CORE) * self::ROW + 40;
        $lines = $boxes = $list = [];
        foreach ($arrows->counts as $from => $imported) {
            $list[] = "{$from} → ".($imported === [] ? 'nothing' : implode(', ', array_keys($imported)));
            foreach (array_keys($imported) as $to) {
                if (! $arrows->isImplied($from, $to) && isset($places[$from], $places[$to])) {
                    $lines[] = self::arrow($places[$from], $places[$to]);
                }
            }
        }
        foreach ($places as $folder => [$x, $y]) {
            $files = $arrows->files[$folder] ?? 0;
            [$width, $tall] = self::BOX;
            $left = $x - intdiv($width, 2);
            $top = $y - intdiv($tall, 2);
            $boxes[] = "<rect x=\"{$left}\" y=\"{$top}\" width=\"{$width}\" height=\"{$tall}\" rx=\"8\" fill=\"#fbf7f2\" stroke=\"#5b4a42\"/>"
                ."<text x=\"{$x}\" y=\"".($y + 1)."\" text-anchor=\"middle\" font-weight=\"600\">{$folder}</text>"
                ."<text x=\"{$x}\" y=\"".($y + 14)."\" text-anchor=\"middle\" font-size=\"10\" fill=\"#7a6a60\">{$files} files</text>";
        }
        $words = [];
        foreach ($list as $at => $line) {
            $words[] = '<text x="890" y="'.(40 + 22 * $at).'" font-size="11" fill="#5b4a42">'.$line.'</text>';
        }

        return implode("\n", [
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '.self::WIDTH." {$height}\" font-family=\"system-ui, sans-serif\" font-size=\"14\">",
            '<title>The core: who imports whom</title>',
            '<defs><marker id="tip" markerWidth="8" markerHeight="8" refX="7" refY="4" orient="auto"><path d="M0 0L8 4L0 8z" fill="#9a7b66"/></marker></defs>',
            ...$lines, ...$boxes, ...$words,
            '</svg>', '',
        ]);
    }

    /** @return array<string, array{int, int}> middle of each folder's box */
    private static function places(): array
    {
        $places = [];
        foreach (Rows::CORE as $row => $folders) {
            $count = count($folders);
            foreach ($folders as $at => $folder) {
                $places[$folder] = [440 + (int) (($at - ($count - 1) / 2) * 142), 40 + $row * self::ROW];
            }
        }

        return $places;
    }

    /**
     * @param  array{int, int}  $from
     * @param  array{int, int}  $to
     */
    private static function arrow(array $from, array $to): string
    {
        $half = intdiv(self::BOX[1], 2);
        [$x1, $y1, $x2, $y2] = [$from[0], $from[1] + $half, $to[0], $to[1] - $half - 2];
        // Past the boxes between, an arrow bends to the side.
        $bend = ($y2 - $y1) > self::ROW && $x1 === $x2 ? 90 : 0;
        $middle = intdiv($y1 + $y2, 2);

        return "<path d=\"M{$x1} {$y1}C".($x1 + $bend)." {$middle} ".($x2 + $bend)." {$middle} {$x2} {$y2}\" fill=\"none\" stroke=\"#9a7b66\" marker-end=\"url(#tip)\"/>";
    }
}
