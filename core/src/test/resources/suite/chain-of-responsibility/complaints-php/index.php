<?php

use Aldera\Complaints\{NoiseDesk, SmellDesk};

$first = new NoiseDesk();
$first->sendsTo(new SmellDesk());
echo $first->hear($_GET['text'] ?? '');
