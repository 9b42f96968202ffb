<?php
require 'vendor/autoload.php';

use Office\Complaint;
use Office\Drawer;
use Office\Permit;

$drawer = new Drawer();
$drawer->lay('permit', new Permit('Calle Mayor'));
$drawer->lay('noise', Complaint::urgent('noise at night'));
$drawer->lay('dog', Complaint::plain('a dog'));
echo $drawer->take('permit')->title();
