<?php
use Aldera\Depot\{Depot, Needles, NeedleLabel, PaperLabel, SealCheck, WeightCheck};

$checks = new WeightCheck(800);
$checks->then(new SealCheck());
$depot = new Depot($checks, new NeedleLabel(new Needles()));
$depot->take(['kilos' => 90, 'sealed' => true]);
(new Depot($checks))->take(['kilos' => 900, 'sealed' => true]);
(new Depot($checks, new PaperLabel()))->take(['kilos' => 900, 'sealed' => false]);
