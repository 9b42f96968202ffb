<?php
require 'src/LogFile.php';

$log = new LogFile();
$log->write('open');
$log->write('close');
foreach ($log as $number => $line) {
    echo $number, ' ', $line, PHP_EOL;
}
foreach ($log->newestFirst() as $line) {
    echo $line, PHP_EOL;
}
