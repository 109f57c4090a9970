<?php

declare(strict_types=1);

use Ops\Map\Arrows;
use Ops\Map\Drawing;

require __DIR__.'/../vendor/autoload.php';

$drawing = Drawing::of(Arrows::of(dirname(__DIR__).'/core'));
file_put_contents(dirname(__DIR__).'/docs/map.svg', $drawing);
echo "docs/map.svg is drawn.\n";
