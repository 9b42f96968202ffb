<?php

require 'vendor/autoload.php';

use Aldera\Report\QuayDesk;
use Aldera\Report\WebDesk;

$rows = [['name' => 'Ana'], ['name' => 'Luz']];
foreach ([new WebDesk(), new QuayDesk()] as $desk) {
    echo $desk->publish($rows, '/ships'), "\n";
}
