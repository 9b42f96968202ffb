<?php
declare(strict_types=1);

require __DIR__ . '/Pipeline.php';

$pipeline = (new Pipeline())->through(new RequireName())->through(new RequireBerth());
echo $pipeline->run(['name' => 'Oria']);
