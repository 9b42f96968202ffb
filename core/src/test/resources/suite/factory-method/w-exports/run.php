<?php

use Reports\CsvExport;
use Reports\HtmlExport;

foreach ([new CsvExport('sales'), new HtmlExport('sales')] as $i => $export) {
    echo $export->write([['a', 1], ['b', 2]], "out$i"), PHP_EOL;
}
