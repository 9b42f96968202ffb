<?php
require 'vendor/autoload.php';

use Gate\PathCheck;
use Gate\Request;
use Gate\TokenCheck;

$gate = new TokenCheck(new PathCheck());
echo $gate->pass(new Request('/berths', 'abc')) ?? 'welcome';
