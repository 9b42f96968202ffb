<?php
declare(strict_types=1);

require 'Lock.php';

$lock = new CanalLock();
$lock->attach(new LevelLog());
$lock->attach(new Siren());
$lock->fill(4);
$lock->drain();
