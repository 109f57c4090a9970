<?php

declare(strict_types=1);

use Ops\Map\Arrows;
use Ops\Map\Drawing;
use Ops\Map\Numbers;

require __DIR__.'/../vendor/autoload.php';

$drawing = Drawing::of(Arrows::of(dirname(__DIR__).'/core'));
file_put_contents(dirname(__DIR__).'/docs/map.svg', $drawing);
file_put_contents(dirname(__DIR__).'/docs/numbers.md', Numbers::table(dirname(__DIR__).'/core'));
echo "docs/map.svg is drawn, docs/numbers.md is written.\n";
