<?php

require __DIR__ . '/Mooring.php';
require __DIR__ . '/Fees.php';

use Aldera\Fees\FeeTable;
use Aldera\Fees\FlatFee;
use Aldera\Moorings\{Kind, Line, Mooring, Notices};

function openMooring(callable $after): Mooring
{
    $mooring = new Mooring(Kind::Buoy, Kind::Buoy->fee(), new class implements Notices {
        public function send(Mooring $mooring): void
        {
            echo "tied\n";
        }
    });
    $after($mooring);
    return $mooring;
}

FeeTable::table()->add('night', new FlatFee(7));
$mooring = openMooring(fn (Mooring $m) => $m->tie(new Line('blue')));
