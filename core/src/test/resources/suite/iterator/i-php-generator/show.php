<?php
$log = new Aldera\Log();
$log->write('fog');
foreach ($log as $line) {
    echo $line;
}
