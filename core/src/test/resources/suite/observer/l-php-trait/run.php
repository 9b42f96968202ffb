<?php
$lock = new Aldera\Canal\Lock();
$lock->watch(new Aldera\Canal\Panel());
$lock->watch(new Aldera\Canal\Bell());
$lock->fill(3);
