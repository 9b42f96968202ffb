<?php
require 'manifest.php';

$hold = new Manifest\Hold();
$hold->put(new Manifest\Crate(12));
$hold->put(new Manifest\Barrel(200));
$reader = new Manifest\WeightReader();
$hold->accept($reader);
echo $reader->total();
