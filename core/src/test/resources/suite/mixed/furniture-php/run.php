<?php

use Aldera\Wheelhouse\Fitting;
use Aldera\Wheelhouse\OakYard;
use Aldera\Wheelhouse\SteelYard;

foreach ([new OakYard(), new SteelYard()] as $yard) {
    print_r((new Fitting($yard))->fit(12));
}
