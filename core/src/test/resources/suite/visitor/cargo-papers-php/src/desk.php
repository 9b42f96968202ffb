<?php
declare(strict_types=1);

use Papers\{DutySum, ExpiryCheck, Folder, Invoice, Permit};

$folder = new Folder();
$folder->put(new Invoice('A-17', 120000));
$folder->put(new Permit('fireworks', new \DateTimeImmutable('2026-01-01')));
$duty = new DutySum();
$folder->show($duty);
$check = new ExpiryCheck(new \DateTimeImmutable());
$folder->show($check);
echo $duty->cents(), implode(',', $check->expired());
